package dev.schachtel.core.design;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.design.Holding.Option;
import dev.schachtel.core.design.Holding.Reason;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What a piece may be stuck with, and where it goes. */
class HoldingTest {
    private static Holding held(TestCards card, String piece) {
        return Holding.of(card.build(), TestCards.WORKSHOP, new Id(piece)).orElseThrow();
    }

    private static Option by(Holding holding, String adhesive) {
        return holding.options().stream()
                .filter(o -> o.by().id().equals(new MaterialId(adhesive)))
                .findFirst()
                .orElseThrow();
    }

    /** A panel with a border is pushed until it sits: wet glue lets it, tape and dots don't. */
    @Test
    void aPanelIsPushedIntoPlace() {
        Holding panel = held(TestCards.raised().set("panel", "fixing", "tape"), "panel");
        assertThat(panel.now().id()).isEqualTo(new MaterialId("tape"));
        assertThat(by(panel, "glue").reasons()).contains(Reason.SLIDES, Reason.DRIES);
        assertThat(by(panel, "tape").reasons()).containsExactly(Reason.NO_SLIDING, Reason.AT_ONCE);
        assertThat(by(panel, "dots").reasons()).contains(Reason.ONLY_POINTS);
        assertThat(panel.options().get(0).by().isPoured()).isTrue();
    }

    /** Posted cards bulge over dots; paper cockles under wet glue; film fogs. */
    @Test
    void whatItIsMadeOfAndHowItTravelsCounts() {
        TestCards card = TestCards.raised().set("panel", "fixing", "tape");
        assertThat(by(held(card, "panel"), "dots").reasons()).doesNotContain(Reason.BULGES);
        assertThat(by(held(card.set("brief", "posted", "true"), "panel"), "dots")
                        .reasons())
                .contains(Reason.BULGES);
        TestCards paper = card.set("panel", "card", "ivory-120");
        assertThat(by(held(paper, "panel"), "glue").reasons()).contains(Reason.COCKLES);
        assertThat(by(held(paper, "panel"), "gel").reasons()).doesNotContain(Reason.COCKLES);
        Holding pouch = held(TestCards.whole("carriage-windows.json"), "pouch");
        assertThat(by(pouch, "glue").holds()).isFalse();
        assertThat(by(pouch, "glue").reasons()).contains(Reason.FOGS_FILM);
        assertThat(by(pouch, "tape").holds()).isTrue();
    }

    /** A band of 2 mm takes no tape; glue in a fine line holds it. */
    @Test
    void aSlimBandTakesAFineLine() {
        TestCards card = TestCards.raised()
                .set("panel", "fixing", "tape")
                .add("frame")
                .set("frame", "outer.width", "44 mm")
                .set("frame", "outer.height", "69 mm");
        Holding strip = held(card, "frame");
        assertThat(by(strip, "tape").reasons()).contains(Reason.TOO_NARROW);
        assertThat(by(strip, "tape").marks()).isEmpty();
        assertThat(by(strip, "glue").reasons()).contains(Reason.FINE_LINE);
        assertThat(strip.options().get(0).by().isPoured()).isTrue();
    }

    /** Six sheets of 300 g in one, 105 by 148.5 less 3 mm all round: 25 g are too much for nine dots, not for a line of glue. */
    @Test
    void whatIsHeavyNeedsMoreThanDots() {
        TestCards stacked = TestCards.raised().set("panel", "fixing", "tape").set("panel", "sheets", "6");
        assertThat(by(held(stacked, "panel"), "dots").reasons()).contains(Reason.TOO_HEAVY);
        assertThat(by(held(stacked, "panel"), "glue").reasons()).doesNotContain(Reason.TOO_HEAVY);
        assertThat(by(held(stacked.set("panel", "sheets", "1"), "panel"), "dots")
                        .reasons())
                .doesNotContain(Reason.TOO_HEAVY);
    }

    /** Tape costs by its length: as much of the roll's price as of its length; glue has no price in the drawer. */
    @Test
    void tapeCostsByItsLength() {
        Option tape = by(held(TestCards.raised().set("panel", "fixing", "tape"), "panel"), "tape");
        double area = tape.marks().stream()
                .mapToDouble(m -> m.area().squareMillimetres())
                .sum();
        Roll roll = TestCards.WORKSHOP.rollsOf(tape.by().id()).get(0);
        double metres = area / 6 / 1000;
        assertThat(tape.cost() / 10.0)
                .isCloseTo(roll.price() * metres / (roll.full().nanometres() / 1e9), within(0.06));
        assertThat(by(held(TestCards.raised().set("panel", "fixing", "tape"), "panel"), "glue")
                        .cost())
                .isZero();
    }

    /** A lattice is held best by adhesive that is cut with it; where something must stay free, that would stick it. */
    @Test
    void aLatticeTakesAdhesiveSheet() {
        TestCards card = TestCards.raised().set("panel", "fixing", "tape").add("cover-plate");
        Holding plate = held(card, "cover-plate");
        Option sheet = by(plate, "sheet-adhesive");
        assertThat(sheet.reasons()).contains(Reason.UP_TO_EDGES, Reason.AT_ONCE);
        assertThat(plate.options().get(0)).isEqualTo(sheet);
        assertThat(sheet.marks()).isEqualTo(plate.land());
        Option panel = by(held(card, "panel"), "sheet-adhesive");
        assertThat(panel.reasons()).contains(Reason.WASTES);
        TestCards door = TestCards.of("bad/door-glued-shut.json").set("panel", "fixing", "glue");
        assertThat(by(held(door, "panel"), "sheet-adhesive").reasons()).contains(Reason.HOLDS_ALL);
    }

    /** A lattice of three by four openings has six crossings: a dot on each, and a line round it; all of it on card. */
    @Test
    void glueOnALatticeIsNotSeenThroughIt() {
        Outline lattice = Outline.rectangle(Length.ofMillimetres(60), Length.ofMillimetres(80));
        for (int column = 0; column < 3; column++) {
            for (int row = 0; row < 4; row++) {
                Box opening = new Box(-24 + 17 * column, -34 + 18 * row, -10 + 17 * column, -20 + 18 * row);
                lattice = lattice.without(Outline.of(opening));
            }
        }
        Adhesive glue =
                TestCards.WORKSHOP.find(new MaterialId("glue"), Adhesive.class).orElseThrow();
        List<Outline> marks = GluePattern.of(List.of(lattice), glue, Optional.empty());
        List<Outline> dots = marks.stream().filter(m -> m.bounds().width() < 3).toList();
        assertThat(dots).hasSize(6);
        assertThat(dots.stream()
                        .map(d -> Math.round(d.bounds().centre().x()) + ","
                                + Math.round(d.bounds().centre().y())))
                .contains("-8,-18", "9,18");
        for (Outline mark : marks) {
            assertThat(lattice.shared(mark).squareMillimetres())
                    .isGreaterThan(0.98 * mark.area().squareMillimetres());
        }
        assertThat(marks.size()).isGreaterThan(6);
    }

    static List<String> files() {
        return TestCards.files();
    }

    /** Wherever glue goes, both touch there and nothing must stay free of it; what is taken is what it is stuck with then. */
    @ParameterizedTest
    @MethodSource("files")
    void glueGoesWhereItHolds(String file) {
        TestCards card = TestCards.whole(file);
        Build build = Engineering.engineer(card.spec(), TestCards.WORKSHOP);
        for (Piece piece : card.spec().pieces().toList()) {
            Optional<Holding> holding = Holding.of(build, TestCards.WORKSHOP, piece.id());
            if (holding.isEmpty()) {
                continue;
            }
            assertThat(holding.get().options().stream().map(Option::by).filter(a -> !a.whole()))
                    .containsExactlyInAnyOrderElementsOf(TestCards.WORKSHOP.all(Adhesive.class).stream()
                            .filter(a -> !a.whole())
                            .toList());
            boolean before = true;
            for (Option option : holding.get().options()) {
                assertThat(!before && option.holds())
                        .as("what holds comes first")
                        .isFalse();
                before = option.holds();
                for (Outline mark : option.marks()) {
                    double on = holding.get().land().stream()
                            .mapToDouble(l -> l.shared(mark).squareMillimetres())
                            .sum();
                    assertThat(on).isGreaterThan(0.98 * mark.area().squareMillimetres());
                    assertThat(noGlue(build, piece.id(), mark))
                            .isLessThan(0.02 * mark.area().squareMillimetres());
                }
                option.take().ifPresent(remedy -> {
                    Build after = Engineering.engineer(remedy.taken(card.spec()), TestCards.WORKSHOP);
                    assertThat(Holding.of(after, TestCards.WORKSHOP, piece.id())
                                    .orElseThrow()
                                    .now())
                            .isEqualTo(option.by());
                });
            }
        }
        assertThat(build.zones(Zone.Use.NO_GLUE))
                .allSatisfy(z -> assertThat(z.outline()).isNotNull());
    }

    /** How much of a mark lies where the sheet under a piece must stay free of glue. */
    private static double noGlue(Build build, Id piece, Outline mark) {
        var lower = build.joints().stream()
                .filter(j -> j.hold() == Joint.Hold.RESTS && j.by() instanceof Adhesive)
                .filter(j -> build.partAt(j.upper())
                        .filter(p -> p.owner().equals(piece))
                        .isPresent())
                .findFirst()
                .orElseThrow()
                .lower();
        return build.zones(Zone.Use.NO_GLUE).stream()
                .filter(z -> z.on().equals(lower))
                .mapToDouble(z -> z.outline().shared(mark).squareMillimetres())
                .sum();
    }

    /** A door opened in a panel keeps glue from behind it. */
    @Test
    void behindADoorThereIsNone() {
        TestCards card = TestCards.raised()
                .set("panel", "fixing", "glue")
                .add("door")
                .set("door", "width", "90 mm")
                .set("door", "height", "30 mm");
        Holding panel = held(card, "panel");
        double all = panel.land().stream()
                .mapToDouble(l -> l.area().squareMillimetres())
                .sum();
        assertThat(all).isLessThan(99 * 142.5 - 90 * 30);
        assertThat(by(panel, "glue").reasons()).contains(Reason.CREEPS);
        assertThat(by(panel, "gel").reasons()).doesNotContain(Reason.CREEPS);
    }

    /** A piece on foam is stuck with nothing. */
    @Test
    void foamNeedsNone() {
        assertThat(Holding.of(TestCards.raised().build(), TestCards.WORKSHOP, new Id("panel")))
                .isEmpty();
    }
}
