package dev.schachtel.app.frame;

import java.util.List;
import java.util.stream.Collectors;

import org.springframework.web.util.HtmlUtils;

import dev.schachtel.core.assembly.Op;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.drawing.AfterStep;
import dev.schachtel.core.drawing.Scene;
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
     * @param plays where how it goes in is had, as {@link #playing} makes it
     */
    public static String of(Build build, Op op, List<Op> before, String plays) {
        boolean comes = !op.owner().equals(Id.BASE);
        return AfterStep.of(build, op, before)
                .map(scene -> "<figcaption>After this step" + (comes ? button("Show me", plays) : "") + "</figcaption>"
                        + drawn(scene, build, op))
                .orElse("");
    }

    /** One picture after the other, which the page shows in turn; empty for a step in which nothing is brought to the card. */
    public static String playing(Build build, Op op, List<Op> before, String plays) {
        List<Scene> all = AfterStep.goingIn(build, op, before);
        String frames = all.stream().map(s -> drawn(s, build, op)).collect(Collectors.joining());
        return all.isEmpty()
                ? ""
                : "<figcaption>How it goes in" + button("Show me again", plays) + "</figcaption><div class=\"frames\">"
                        + frames + "</div>";
    }

    private static String drawn(Scene scene, Build build, Op op) {
        return SvgWriter.write(scene, Look.chosen(WIDE, HIGH, build.spec().units(), op.owner(), ""));
    }

    /** The same in both, so that the focus stays on it. */
    private static String button(String words, String plays) {
        return " <button id=\"show-me\" type=\"button\" class=\"button quiet-b\" hx-get=\""
                + HtmlUtils.htmlEscape(plays) + "\" hx-target=\"closest figure\" hx-swap=\"innerHTML\">" + words
                + "</button>";
    }
}
