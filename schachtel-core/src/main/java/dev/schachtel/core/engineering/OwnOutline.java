package dev.schachtel.core.engineering;

import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.OutlineText;

/** An outline of the maker's own, stretched to a size; a rectangle of that size stands in for one that can't be read. */
final class OwnOutline {
    private OwnOutline() {}

    static Outline scaled(String path, Length width, Length height) {
        return OutlineText.read(path).tell(new OutlineText.Cases<>() {
            @Override
            public Outline read(OutlineText.Answer.Read read) {
                return read.outline().stretched(width, height);
            }

            @Override
            public Outline refused(OutlineText.Answer.Refused refused) {
                return Outline.sheet(width, height);
            }
        });
    }

    /** Notes what is wrong with a text, or that it was simplified. */
    static void judge(String path, Source source, BuildDraft draft) {
        OutlineText.read(path).tell(new OutlineText.Cases<Boolean>() {
            @Override
            public Boolean read(OutlineText.Answer.Read read) {
                if (read.simplified()) {
                    draft.fault(Fault.mend(RuleId.OUTLINE_SIMPLIFIED, source, Integer.toString(read.corners()))
                            .watch());
                }
                return true;
            }

            @Override
            public Boolean refused(OutlineText.Answer.Refused refused) {
                RuleId sort =
                        switch (refused.fault()) {
                            case OPEN -> RuleId.OUTLINE_OPEN;
                            case CROSSING -> RuleId.OUTLINE_CROSSES;
                            default -> RuleId.OUTLINE_UNREADABLE;
                        };
                draft.fault(sort, source, Integer.toString(refused.position() + 1));
                return false;
            }
        });
    }
}
