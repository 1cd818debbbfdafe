package dev.schachtel.app.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import dev.schachtel.app.words.Html;
import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.motion.Course;
import dev.schachtel.core.motion.SideView;
import dev.schachtel.core.render.MotionJson;
import dev.schachtel.core.render.RibbonSvg;

/** What the motion bar shows: the selected piece's movement, else the first that the card has. */
public final class MotionPlayer {
    /** The movement that stands for all of the selected piece's: the tightest. */
    static Optional<Course> course(Checked card, Id select) {
        return card.movements().of(select).stream()
                .min(Comparator.comparing(
                        c -> c.tightest().map(Course.Tightest::gap).orElse(Course.FAR)));
    }

    public Optional<StructureView.Player> of(Checked card, Id select, Views shown) {
        Build build = card.build();
        List<Course> all = card.movements().courses();
        Optional<SideView> side = Views.side(build, select);
        boolean own = !card.movements().of(select).isEmpty();
        boolean based = select.equals(Id.BASE) && side.isPresent();
        Id owner = own || based || all.isEmpty() ? select : all.get(0).motion().owner();
        List<Course> courses = card.movements().of(owner);
        Optional<SideView> seen = Views.side(build, owner);
        boolean drawn = shown == Views.FROM_THE_SIDE
                || shown == Views.IN_THE_ROUND && seen.isPresent()
                || seen.filter(v -> StructureDrawings.besideFront(v, select, build))
                        .isPresent();
        if (courses.isEmpty() && !drawn) {
            return Optional.empty();
        }
        Units units = card.build().spec().units();
        Id mover = courses.isEmpty() ? seen.map(SideView::owner).orElse(owner) : owner;
        String name = courses.isEmpty()
                ? seen.map(SideView::name).orElse("")
                : courses.get(0).motion().name();
        Optional<Course> tightest = course(card, owner);
        boolean flat =
                tightest.filter(c -> c.motion().move() instanceof Move.Fold).isPresent();
        String ribbon = tightest.filter(c -> !flat).map(RibbonSvg::write).orElse("");
        List<String> ends = ends(courses);
        return Optional.of(new StructureView.Player(
                mover.value(),
                FieldForms.name(mover) + " " + name,
                ribbon,
                reads(card, mover, tightest, units),
                MotionJson.write(
                        build, mover, courses, seen.filter(v -> v.owner().equals(mover))),
                ends.get(0),
                ends.get(1)));
    }

    private static List<String> ends(List<Course> courses) {
        if (courses.isEmpty() || courses.get(0).motion().move() instanceof Move.Fold) {
            return List.of("shut", "open");
        }
        boolean endless = courses.get(0).motion().keeping().ends() == Motion.Ends.ENDLESS;
        return endless ? List.of("one way", "the other") : List.of("first stop", "second stop");
    }

    private static List<StructureView.Read> reads(Checked card, Id owner, Optional<Course> course, Units units) {
        List<StructureView.Read> reads = new ArrayList<>();
        course.ifPresent(c -> {
            MotionJson.travel(c.motion())
                    .ifPresent(t -> reads.add(new StructureView.Read(
                            "Travel", Html.measured(Amount.of(t.roundedTo(units.step())), units), "")));
            c.tightest().ifPresent(t -> reads.add(gap(c, t)));
            c.motion()
                    .keeping()
                    .lock()
                    .ifPresent(l -> reads.add(new StructureView.Read(
                            "Will not jam",
                            Html.of(new Amount.Times((int) Math.floor(l.margin() * 100)), units),
                            l.margin() < Motion.Lock.LEAST ? "mend" : "works")));
            if (c.motion().move() instanceof Move.Roll roll) {
                reads.add(new StructureView.Read(
                        "Turns", Html.of(new Amount.Times((int) Math.round(roll.turns() * 100)), units), ""));
            }
        });
        if (owner.equals(Id.BASE)) {
            card.movements().stands().ifPresent(t -> {
                int least = (int) Math.floor(t.degrees());
                reads.add(new StructureView.Read("Tips at", least + "°", least < 10 ? "mend" : "works"));
            });
        }
        return reads;
    }

    private static StructureView.Read gap(Course course, Course.Tightest tight) {
        boolean wrong = tight.gap().isBelow(course.motion().keeping().clear());
        return new StructureView.Read(
                "Smallest gap", Units.tenths(tight.gap()) + " <small>mm</small>", wrong ? "mend" : "works");
    }
}
