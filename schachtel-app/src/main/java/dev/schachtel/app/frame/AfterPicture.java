package dev.schachtel.app.frame;

import java.util.List;

import dev.schachtel.core.assembly.Op;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.drawing.AfterStep;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.SvgWriter;

/** What is in the hands after a step, with what it fixed in marigold. */
public final class AfterPicture {
    private static final int WIDE = 500;
    private static final int HIGH = 230;

    private AfterPicture() {}

    /**
     * Empty for a step that fixes nothing.
     *
     * @param before what was done before it
     */
    public static String of(Build build, Op op, List<Op> before) {
        Look look = Look.chosen(WIDE, HIGH, build.spec().units(), op.owner(), "");
        return AfterStep.of(build, op, before)
                .map(scene -> "<figcaption>After this step</figcaption>" + SvgWriter.write(scene, look))
                .orElse("");
    }
}
