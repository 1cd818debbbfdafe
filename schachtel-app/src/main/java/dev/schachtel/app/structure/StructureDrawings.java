package dev.schachtel.app.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.FlatFold;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.drawing.SpaceView;
import dev.schachtel.core.drawing.Stack;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.motion.Course;
import dev.schachtel.core.motion.SideView;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.Pin;
import dev.schachtel.core.render.StackSvg;
import dev.schachtel.core.render.SvgWriter;

/** The drawings of the Structure page: stack, main view, and what stands beside the front view. */
public final class StructureDrawings {
    private StructureDrawings() {}

    /** @param link what an address that selects a piece begins with */
    public static StructureView.Drawings of(Checked card, Id select, Views view, String link) {
        return of(card, select, Shown.of(view), link);
    }

    static StructureView.Drawings of(Checked card, Id select, Shown shown, String link) {
        Views view = shown.view();
        Build build = card.build();
        Units units = card.build().spec().units();
        Optional<SpaceView> space = view == Views.IN_THE_ROUND ? Optional.of(SpaceView.of(build)) : Optional.empty();
        Scene scene = space.map(s -> Views.inTheRound(s, shown.side().eye())).orElseGet(() -> view.of(build, select));
        boolean beside = view == Views.FRONT;
        boolean lying = build.face().bounds().width() > build.face().bounds().height() * 1.1;
        int width = !beside || lying ? 656 : 410;
        int height = beside && lying ? 300 : 520;
        List<Pin> pins = view == Views.FRONT ? pins(card) : List.of();
        String main = SvgWriter.write(
                scene, Look.chosen(width, height, units, select, link).pinned(pins));
        List<StructureView.Figure> besides = beside ? besides(card, select, lying, link) : List.of();
        String stack = StackSvg.write(Stack.of(build, select), select, link, 586);
        Optional<StructureView.Round> round = space.map(v -> InTheRound.of(card, v, shown, scene));
        return new StructureView.Drawings(stack, main, besides, lying, round);
    }

    /** A folded card's opening is no news; it is shown only when the card itself is selected. */
    static boolean besideFront(SideView view, Id select, Build build) {
        return view.owner().equals(select) || !(build.spec().base() instanceof FlatFold);
    }

    /** For what moves: its tightest place and a section across it, or how it looks from the side; else a section. */
    private static List<StructureView.Figure> besides(Checked card, Id select, boolean lying, String link) {
        Build build = card.build();
        Units units = card.build().spec().units();
        List<StructureView.Figure> all = new ArrayList<>();
        Optional<Course> course = MotionPlayer.course(card, select);
        boolean flat =
                course.filter(c -> c.motion().move() instanceof Move.Fold).isPresent();
        if (course.isPresent() && !flat) {
            Course c = course.get();
            c.tightest()
                    .ifPresent(t -> all.add(new StructureView.Figure(
                            "Tightest place: " + Units.tenths(t.gap()) + " mm",
                            SvgWriter.write(Views.detail(build, c, t), Look.chosen(200, 200, units, select, "")),
                            "round")));
            all.add(new StructureView.Figure(
                    "Across it, at rest",
                    SvgWriter.write(Views.across(build, c), Look.chosen(250, 190, units, select, link)),
                    "across"));
            return all;
        }
        Optional<SideView> side = Views.side(build, select).filter(v -> besideFront(v, select, build));
        if (side.isPresent()) {
            Scene scene = Views.FROM_THE_SIDE.of(build, select);
            all.add(new StructureView.Figure(
                    scene.title(), SvgWriter.write(scene.plain(), Look.still(lying ? 400 : 260, 230, units)), "side"));
        }
        if (!lying || all.isEmpty()) {
            Scene section = Views.besideFront(build, select, lying);
            int high = all.isEmpty() ? (lying ? 220 : 380) : 230;
            all.add(new StructureView.Figure(
                    section.title(),
                    SvgWriter.write(section, Look.chosen(lying ? 656 : 240, high, units, select, link)),
                    "section"));
        }
        return all;
    }

    private static List<Pin> pins(Checked card) {
        return card.findings().all().stream()
                .filter(f -> f.severity() != Severity.WORKS && f.place().isPresent())
                .map(f -> new Pin(
                        f.key(),
                        f.severity(),
                        f.owner(),
                        f.place().orElseThrow().at(),
                        figure(f, card)))
                .toList();
    }

    private static String figure(Finding f, Checked card) {
        Units units = card.build().spec().units();
        if (f.measured() instanceof Amount.Thick thick) {
            return Units.tenths(thick.length()) + " mm";
        }
        return f.measured() instanceof Amount.One one && !one.length().isZero()
                ? units.show(one.length()) + " " + units.sign()
                : "";
    }
}
