package dev.schachtel.core.engineering;

import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.assembly.Rehearsal;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Lettering;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Showing;
import dev.schachtel.core.card.Wheel;
import dev.schachtel.core.letters.Typeface;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.motion.Poses;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.work.WorkKind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Pictures on what moves stand in the window when their turn has come; those behind openings lie in their middle. */
class ShowingsTest {
    private static Outline window(Build build) {
        return build.parts().stream()
                .flatMap(p -> p.cutouts().stream())
                .filter(c -> c.sort() == Cutout.Sort.WINDOW)
                .map(Cutout::onFace)
                .findFirst()
                .orElseThrow();
    }

    /** The picture of that number, whose areas all have the same name in the box, as it lies when the piece is posed. */
    private static Box shown(Build build, PartId id, Motion motion, double share, Outline window) {
        Part part = build.part(id).orElseThrow();
        Art art = build.art(id).orElseThrow();
        return art.tints().stream()
                .flatMap(t -> t.areas().stream())
                .map(a -> Poses.at(a.placed(part.at().get(0)), motion, share))
                .filter(window::overlaps)
                .map(Outline::bounds)
                .reduce(Box::union)
                .orElseThrow();
    }

    private static Motion motion(Build build, String owner) {
        return build.mechanics().motions().stream()
                .filter(m -> m.owner().value().equals(owner))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aWheelTurnsItsPicturesIntoTheWindowUpright() {
        Build build = TestCards.of("turntable.json")
                .set("wheel", "pictures", "5")
                .set("wheel", "shows", "two")
                .set("wheel", "shows.first", "conductor")
                .set("wheel", "shows.second", "tall-tree")
                .build();
        Outline window = window(build);
        PartId wheel = new PartId(new Id("wheel"), "wheel");
        assertThat(build.colour(wheel).orElseThrow().lightness())
                .as("a white wheel with small pictures is nearly white")
                .isGreaterThan(80);
        for (int i = 0; i < 5; i++) {
            Box box = shown(build, new PartId(new Id("wheel"), "wheel"), motion(build, "wheel"), i / 5.0, window);
            assertThat(window.bounds().holds(box)).isTrue();
            assertThat(box.centre().distanceTo(window.bounds().centre())).isLessThan(0.6);
            assertThat(box.height()).as("both pictures are upright").isGreaterThan(1.8 * box.width());
        }
    }

    /** Pictures are drawn when the part is cut and before it is where hands can't reach it. */
    @ParameterizedTest
    @CsvSource({"turntable.json,wheel,wheel,5", "cable-drum.json,cable,strip,2"})
    void whatIsShownOnAMovingPartIsDrawnBeforeItGoesIn(String file, String owner, String which, int things) {
        Plan plan = TestCards.whole(file)
                .set(owner, "shows", "two")
                .set(owner, "shows.first", "conductor")
                .set(owner, "shows.second", "tall-tree")
                .set("brief", "cards", "3")
                .plan();
        PartId part = new PartId(new Id(owner), which);
        List<Step> steps = plan.assembly().steps();
        Step drawn = only(steps, s -> s.op().is(WorkKind.DRAW) && s.op().parts().contains(part));
        Step cut = only(steps, s -> s.op().effect().makes().contains(part));
        Step laid = only(steps, s -> s.op().effect().laid().contains(part));
        assertThat(drawn.number()).isBetween(cut.number() + 1, laid.number() - 1);
        assertThat(drawn.op().things()).isEqualTo(3 * pictures(plan, owner, things));
    }

    private static int pictures(Plan plan, String owner, int otherwise) {
        return plan.spec().find(new Id(owner), Wheel.class).map(Wheel::pictures).orElse(otherwise);
    }

    private static Step only(List<Step> steps, Predicate<Step> which) {
        List<Step> found = steps.stream().filter(which).toList();
        assertThat(found).hasSize(1);
        return found.get(0);
    }

    @ParameterizedTest
    @ValueSource(strings = {"right", "left", "up", "down"})
    void aStripIsPulledFromItsFirstPictureToItsLast(String side) {
        Build build = TestCards.of("cable-drum.json")
                .set("cable", "side", side)
                .set("cable", "shows", "two")
                .set("cable", "shows.first", "conductor")
                .set("cable", "shows.second", "moon")
                .build();
        Outline window = window(build);
        PartId strip = new PartId(new Id("cable"), "strip");
        Motion motion = motion(build, "cable");
        Box first = shown(build, strip, motion, 0, window);
        assertThat(first.centre().distanceTo(window.bounds().centre())).isLessThan(0.6);
        assertThat(first.height()).isGreaterThan(1.8 * first.width());
        Box last = shown(build, strip, motion, 1, window);
        assertThat(last.centre().distanceTo(window.bounds().centre())).isLessThan(0.6);
        assertThat(last.height()).isEqualTo(last.width(), within(0.3));
    }

    /** By hand: six letters on six panes; two words on four; eight letters on three; three letters on five. */
    @ParameterizedTest
    @CsvSource({
        "Hurrah,6,H|u|r|r|a|h",
        "up down,4,up|down|up|down",
        "Good luck,3,Go|odl|uck",
        "Bon,5,B|o|n||",
        "'  ',2,|"
    })
    void wordsAreSplitOverPlaces(String text, int places, String split) {
        assertThat(String.join("|", new Showing.Words(text, Typeface.PLAIN, new Colour(0)).over(places)))
                .isEqualTo(split);
    }

    /** One letter behind each pane, all in one size, whole and 2 mm inside, read from the upper left; stamped, then glued. */
    @Test
    void wordsLieBehindTheirPanes() {
        TestCards cards = TestCards.raised()
                .add("window-grid")
                .set("window-grid", "columns", "3")
                .set("window-grid", "rows", "2")
                .set("window-grid", "shows", "words")
                .set("window-grid", "shows.text", "Hurrah")
                .set("window-grid", "shows.letters", "round");
        Build build = cards.build();
        List<Outline> panes = build.parts().stream()
                .flatMap(p -> p.cutouts().stream())
                .filter(c -> c.owner().value().equals("window-grid"))
                .map(Cutout::onFace)
                .sorted(Comparator.comparingDouble(
                        o -> o.bounds().left() - 1000 * Math.round(o.bounds().bottom())))
                .toList();
        List<Lettering> words = build.letterings().stream()
                .filter(l -> l.owner().value().equals("window-grid"))
                .toList();
        assertThat(panes).hasSize(6);
        assertThat(words).extracting(Lettering::text).containsExactly("H", "u", "r", "r", "a", "h");
        assertThat(words)
                .extracting(Lettering::xHeight)
                .containsOnly(words.get(0).xHeight());
        double widest = 0;
        for (int i = 0; i < 6; i++) {
            Box pane = panes.get(i).bounds().grown(-2 + 0.01);
            Box box = words.get(i).extent().orElseThrow();
            assertThat(pane.holds(box)).isTrue();
            widest = Math.max(widest, Math.max(box.width() / pane.width(), box.height() / pane.height()));
        }
        assertThat(widest).as("as large as fits").isGreaterThan(0.98);
        Plan plan = cards.plan();
        assertThat(Rehearsal.of(plan.build(), plan.assembly())).isEmpty();
        assertThat(plan.assembly().steps())
                .filteredOn(s -> s.op().is(WorkKind.LETTER))
                .hasSize(6);
        Build strange = cards.set("window-grid", "shows.text", "漢").build();
        assertThat(strange.faults()).anyMatch(f -> f.rule() == RuleId.LETTERS_MISSING);
    }

    /** What a wheel says comes into the window word by word. */
    @Test
    void aWheelTurnsItsWordsIntoTheWindow() {
        Build build = TestCards.of("turntable.json")
                .set("wheel", "pictures", "4")
                .set("wheel", "shows", "words")
                .set("wheel", "shows.text", "up down")
                .build();
        Outline window = window(build);
        for (int i = 0; i < 4; i++) {
            Box box = shown(build, new PartId(new Id("wheel"), "wheel"), motion(build, "wheel"), i / 4.0, window);
            assertThat(window.bounds().holds(box)).isTrue();
            assertThat(box.width()).as("upright").isGreaterThan(box.height());
        }
    }

    /** Cut, laid on what is behind the panel, in turn from the upper left, and nothing else about the card fails. */
    @Test
    void picturesLieBehindEachWindowOfAGrid() {
        TestCards cards = TestCards.raised()
                .add("window-grid")
                .set("window-grid", "columns", "3")
                .set("window-grid", "rows", "2")
                .set("window-grid", "shows", "three");
        Build build = cards.build();
        List<Part> parts = build.parts().stream()
                .filter(p -> p.owner().value().equals("window-grid"))
                .toList();
        assertThat(parts).extracting(Part::name).containsExactly("Car", "Goat", "Kestrel");
        List<Box> windows = build.parts().stream()
                .flatMap(p -> p.cutouts().stream())
                .filter(c -> c.owner().value().equals("window-grid"))
                .map(c -> c.onFace().bounds())
                .toList();
        assertThat(windows).hasSize(6);
        for (Part part : parts) {
            assertThat(part.at()).hasSize(2);
            for (Outline copy : part.footprints()) {
                assertThat(windows)
                        .anyMatch(w -> w.grown(-1.9).holds(copy.bounds())
                                && w.centre().distanceTo(copy.bounds().centre()) < 0.6);
            }
            Level level = build.levels().stream()
                    .filter(l -> l.slab().part().equals(part.id()))
                    .findFirst()
                    .orElseThrow();
            Level panel = build.levels().stream()
                    .filter(l -> l.slab().part().owner().value().equals("panel") && build.isCard(l))
                    .findFirst()
                    .orElseThrow();
            assertThat(level.top().isAbove(panel.bottom())).isFalse();
        }
        assertThat(cards.findings().of(RuleId.PART_FIXED).isEmpty()).isTrue();
        assertThat(Rehearsal.of(build, cards.plan().assembly())).isEmpty();
    }

    /** Contrast by WCAG 2: black on white 21, white on white 1; what is written doesn't darken its own ground. */
    @ParameterizedTest
    @CsvSource({"#000000,2100,WORKS", "#ffffff,100,WATCH"})
    void wordsOnAWheelAreJudgedOnItsCard(String ink, int contrast, Severity severity) {
        TestCards card = TestCards.of("turntable.json")
                .set("wheel", "card", "white-300")
                .set("wheel", "shows", "words")
                .set("wheel", "shows.ink", ink);
        assertThat(card.findings().of(RuleId.TEXT_CONTRAST).all())
                .filteredOn(f -> f.owner().equals(new Id("wheel")))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.severity()).isEqualTo(severity);
                    assertThat(((Amount.Times) f.measured()).hundredths()).isCloseTo(contrast, within(200));
                    assertThat(f.names().get(0)).isNotBlank();
                });
    }

    @Test
    void aPictureNeedsSomethingBehindTheDoor() {
        TestCards card = TestCards.raised().add("door").set("door", "shows", "one");
        assertThat(card.build().part(new PartId(new Id("door"), "picture"))).isPresent();
        TestCards none = TestCards.of("luggage-label.json")
                .add("door")
                .set("door", "on", "front")
                .set("door", "shows", "one");
        assertThat(none.findings().of(RuleId.PICTURES_NOWHERE).all()).hasSize(1);
    }
}
