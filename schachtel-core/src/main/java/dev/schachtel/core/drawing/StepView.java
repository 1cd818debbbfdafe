package dev.schachtel.core.drawing;

import java.util.LinkedHashSet;
import java.util.Set;

import dev.schachtel.core.assembly.Op;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.PartId;

/** What is handled at a step, taken apart. */
public final class StepView {
    private static final int MOST = 6;

    private StepView() {}

    public static Scene of(Build build, Op op) {
        if (op.kind().cuts()) {
            return new PartsView(build).scene(op.parts());
        }
        Set<PartId> parts = new LinkedHashSet<>();
        op.parts().stream().limit(MOST).forEach(parts::add);
        return new ApartView(build, parts, op.parts().stream().findFirst()).scene();
    }
}
