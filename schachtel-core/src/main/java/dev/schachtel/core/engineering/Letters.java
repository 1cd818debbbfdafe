package dev.schachtel.core.engineering;

import java.util.Arrays;
import java.util.Optional;

import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.letters.TextLine;
import dev.schachtel.core.letters.Typeface;
import dev.schachtel.core.measure.Length;

/** Whether a typeface has all letters of some words. */
final class Letters {
    private static final Length ANY = Length.ofMillimetres(1);

    private Letters() {}

    static void judge(TextLine line, Source letters, String text, BuildDraft draft) {
        if (line.missing().isEmpty()) {
            return;
        }
        Optional<Remedy> other = Arrays.stream(Typeface.values())
                .filter(face -> TextLine.of(text, face, ANY).missing().isEmpty())
                .findFirst()
                .flatMap(face -> draft.lever(letters).map(l -> l.to(face)));
        draft.fault(Fault.mend(RuleId.LETTERS_MISSING, letters, line.missing()).remedy(other));
    }
}
