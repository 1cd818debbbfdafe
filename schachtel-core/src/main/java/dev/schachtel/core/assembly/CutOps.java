package dev.schachtel.core.assembly;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Thread;
import dev.schachtel.core.work.WorkKind;

/** Operations that cut, one for each tool: everything that tool cuts, for the whole batch. */
final class CutOps {
    private final Build build;
    private final int cards;
    private final List<Op> ops = new ArrayList<>();

    CutOps(Build build) {
        this.build = build;
        this.cards = build.spec().brief().cards();
    }

    List<Op> all() {
        cut(WorkKind.TRIM, CutOps::trimmed);
        cut(WorkKind.DIE_CUT, p -> own(p, WorkKind.DIE_CUT) + openings(p, CutMethod.DIE));
        cut(WorkKind.ELECTRONIC_CUT, p -> own(p, WorkKind.ELECTRONIC_CUT) + openings(p, CutMethod.ELECTRONIC));
        cut(WorkKind.KNIFE_CUT, p -> knifed(p) + (middle(p) ? 1 : 0));
        cut(WorkKind.PUNCH, p -> openings(p, CutMethod.PUNCH));
        cut(WorkKind.SNIP_FOAM, p -> own(p, WorkKind.SNIP_FOAM));
        return ops;
    }

    /** The operation that cuts a part's outline; empty for what is ready, and for thread, which is cut when it is fixed. */
    static Optional<WorkKind> maker(Part part) {
        if (part.material() instanceof Thread || part.material().isReady()) {
            return Optional.empty();
        }
        boolean foam = part.material() instanceof Foam;
        return Optional.of(
                switch (part.method()) {
                    case DIE -> WorkKind.DIE_CUT;
                    case ELECTRONIC -> WorkKind.ELECTRONIC_CUT;
                    case TRIMMER -> foam ? WorkKind.SNIP_FOAM : WorkKind.TRIM;
                    default -> foam ? WorkKind.SNIP_FOAM : WorkKind.KNIFE_CUT;
                });
    }

    private static boolean madeBy(Part part, WorkKind kind) {
        return maker(part).filter(kind::is).isPresent();
    }

    private static int own(Part part, WorkKind kind) {
        return madeBy(part, kind) ? part.perCard() : 0;
    }

    /** Parts cut with the knife are trimmed to their rectangle first. */
    private static int trimmed(Part part) {
        return own(part, WorkKind.TRIM) + own(part, WorkKind.KNIFE_CUT);
    }

    private static int knifed(Part part) {
        int own = own(part, WorkKind.KNIFE_CUT);
        int slits = own > 0 ? 0 : part.slits().size();
        return own + slits + openings(part, CutMethod.KNIFE) + openings(part, CutMethod.SCISSORS);
    }

    private boolean middle(Part part) {
        return build.spec().cut(part.id().toString()).filter(CutChoice::middle).isPresent();
    }

    private static int openings(Part part, CutMethod method) {
        return (int) part.cutouts().stream()
                .filter(c -> c.sort() != Cutout.Sort.PATTERN && c.method() == method)
                .count();
    }

    private void cut(WorkKind kind, ToIntFunction<Part> strokes) {
        List<Part> parts =
                build.parts().stream().filter(p -> strokes.applyAsInt(p) > 0).toList();
        if (!parts.isEmpty()) {
            int each = parts.stream().mapToInt(strokes).sum();
            List<PartId> made =
                    parts.stream().filter(p -> madeBy(p, kind)).map(Part::id).toList();
            ops.add(Op.of(kind, Id.BASE, parts.stream().map(Part::id).toList(), each * cards)
                    .named(kind.id())
                    .with(Effect.making(made)));
        }
    }
}
