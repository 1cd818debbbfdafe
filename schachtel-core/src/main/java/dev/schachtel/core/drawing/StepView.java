package dev.schachtel.core.drawing;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.assembly.Joining;
import dev.schachtel.core.assembly.Op;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.work.Trait;
import dev.schachtel.core.work.WorkKind;

/**
 * What a step looks like: where a piece is laid, with all that lies there by then; where foam goes behind one; what is cut;
 * else what is handled, taken apart.
 */
public final class StepView {
    private static final int MOST = 6;

    private StepView() {}

    /**
     * The view of an operation.
     *
     * @param before what was done before it
     */
    public static Scene of(Build build, Op op, Collection<Op> before) {
        if (op.kind().cuts()) {
            return new PartsView(build).scene(op.parts());
        }
        Optional<Scene> printed = op.kind().has(Trait.FOLLOWS_EDGES)
                ? op.parts().stream().findFirst().flatMap(p -> FaceView.alone(build, p))
                : Optional.empty();
        return printed.or(() -> placed(build, op, before)).orElseGet(() -> apart(build, op));
    }

    private static Optional<Scene> placed(Build build, Op op, Collection<Op> before) {
        if (op.is(WorkKind.LAY_FOAM)) {
            List<PartId> foam = op.joins().map(Joining::laid).orElse(List.of());
            return UndersideView.of(build, op.parts().get(op.parts().size() - 1), foam);
        }
        return op.kind().has(Trait.PLACES) ? PlaceView.of(build, op, before) : Optional.empty();
    }

    private static Scene apart(Build build, Op op) {
        Set<PartId> parts = new LinkedHashSet<>();
        op.parts().stream().limit(MOST).forEach(parts::add);
        return new ApartView(build, parts, op.parts().stream().findFirst()).scene();
    }
}
