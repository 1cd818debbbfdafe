package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.ToIntFunction;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Thread;

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
        cut(OpKind.TRIM, CutOps::trimmed);
        cut(OpKind.DIE_CUT, p -> own(p, CutMethod.DIE) + openings(p, CutMethod.DIE));
        cut(OpKind.ELECTRONIC_CUT, p -> own(p, CutMethod.ELECTRONIC) + openings(p, CutMethod.ELECTRONIC));
        cut(OpKind.KNIFE_CUT, p -> knifed(p) + (middle(p) ? 1 : 0));
        cut(OpKind.PUNCH, p -> openings(p, CutMethod.PUNCH));
        cut(OpKind.SNIP_FOAM, p -> isSnipped(p) ? p.perCard() : 0);
        return ops;
    }

    private static boolean isSnipped(Part part) {
        return part.material() instanceof Foam foam
                && foam.form() != Foam.Form.SQUARES
                && part.method() != CutMethod.DIE;
    }

    /** Parts cut with the knife are trimmed to their rectangle first. */
    private static int trimmed(Part part) {
        boolean knife = part.method() == CutMethod.KNIFE && !(part.material() instanceof Foam);
        return knife ? part.perCard() : own(part, CutMethod.TRIMMER);
    }

    private static int knifed(Part part) {
        int own = part.material() instanceof Foam ? 0 : own(part, CutMethod.KNIFE);
        int slits = own > 0 ? 0 : part.slits().size();
        return own + slits + openings(part, CutMethod.KNIFE);
    }

    private boolean middle(Part part) {
        return build.spec().cut(part.id().toString()).filter(CutChoice::middle).isPresent();
    }

    private static int own(Part part, CutMethod method) {
        return part.method() == method && !(part.material() instanceof Thread) ? part.perCard() : 0;
    }

    private static int openings(Part part, CutMethod method) {
        return (int) part.cutouts().stream()
                .filter(c -> c.sort() != Cutout.Sort.PATTERN && c.method() == method)
                .count();
    }

    private void cut(OpKind kind, ToIntFunction<Part> strokes) {
        List<Part> parts =
                build.parts().stream().filter(p -> strokes.applyAsInt(p) > 0).toList();
        if (!parts.isEmpty()) {
            int each = parts.stream().mapToInt(strokes).sum();
            Op op = Op.of(kind, Id.BASE, parts.stream().map(Part::id).toList(), each * cards);
            String id = kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
            ops.add(new Op(
                    id, kind, op.owner(), op.parts(), op.things(), Duration.ZERO, op.cautions(), Optional.empty()));
        }
    }
}
