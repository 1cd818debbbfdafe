package dev.schachtel.core.tolerance;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

import org.apache.commons.statistics.distribution.NormalDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.house.HouseRules.Placing;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Measured;
import dev.schachtel.core.material.Method;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** Builds with dice against closed formulas, against other dice, and against what must be so. */
class SimulationTest {
    private static final Workshop BY_EYE = TestCards.WORKSHOP;
    private static final int MANY = 40_000;
    private static final String GATE = "{\"kind\": \"gate\", \"width\": \"105 mm\", \"height\": \"148.5 mm\"}";

    private static Workshop placed(Placing how) {
        return BY_EYE.with(BY_EYE.techniques(), BY_EYE.house().with(how));
    }

    private static double share(Build build, Workshop workshop, Fit.Sort sort) {
        return odds(build, workshop, sort, MANY).share();
    }

    private static Odds odds(Build build, Workshop workshop, Fit.Sort sort, int builds) {
        return Simulation.of(build, workshop, builds, 7).fits().stream()
                .filter(r -> r.fit().sort() == sort)
                .findFirst()
                .orElseThrow()
                .odds();
    }

    /** Pieces of 100 mm that came out so, spread evenly about a mean: what a maker with this bias and spread measures. */
    private static Workshop measured(Method way, double bias, double spread, int pieces) {
        List<Measured> all = new ArrayList<>();
        for (int i = 0; i < pieces; i++) {
            double z = NormalDistribution.of(0, 1).inverseCumulativeProbability((i + 0.5) / pieces);
            all.add(new Measured(
                    way,
                    Length.ofMillimetres(100),
                    Length.ofMicrometres(100_000 + Math.round(1000 * (bias + spread * z)))));
        }
        return BY_EYE.measuring(all);
    }

    /** Three standard errors of a share. */
    private static org.assertj.core.data.Offset<Double> near(double share) {
        return within(3 * Math.sqrt(share * (1 - share) / MANY) + 1e-9);
    }

    /** A hole punched with a sigma of 0.5, so far from the edge that one sigma, or two, or three, are left: the tables of the normal distribution. */
    @ParameterizedTest
    @CsvSource({"5.0 mm, 0.8413", "5.5 mm, 0.9772", "6.0 mm, 0.9987"})
    void oneNormalIsThatOfTheTables(String down, double table) {
        Build tag = TestCards.empty("{\"kind\": \"tag\", \"width\": \"50 mm\", \"height\": \"90 mm\"}")
                .set("base", "hole", "5 mm")
                .set("base", "holeDown", down)
                .build();
        assertThat(share(tag, BY_EYE, Fit.Sort.HOLE_HOLDS)).isCloseTo(table, near(table));
    }

    /** Gap 0.8; 2 score - 2 score - blank, each 0.3: sigma 0.9. */
    @Test
    void severalThatAreOffAddUp() {
        double closed = NormalDistribution.of(0.8, 0.9).survivalProbability(0);
        assertThat(share(TestCards.empty(GATE).build(), BY_EYE, Fit.Sort.FLAPS_CLEAR))
                .isCloseTo(closed, near(closed));
    }

    /** Both bounds count: play 1.6 in all, from 0.4 to 4; a slot with two edges of 0.5, a die of 0.1. */
    @Test
    void aRiderIsNeitherStiffNorWobbling() {
        Build build = TestCards.of("upper-station.json")
                .set("card", "units", "mm")
                .set("car", "play", "0.8 mm")
                .build();
        NormalDistribution play = NormalDistribution.of(1.6, Math.hypot(0.5 * Math.sqrt(2), 0.1));
        double closed = play.probability(0.4, 4);
        assertThat(share(build, BY_EYE, Fit.Sort.RUNS)).isCloseTo(closed, near(closed));
    }

    /** A border of 3 mm by other dice: four sides, largest at most 1.5 times the smallest. */
    @ParameterizedTest
    @ValueSource(doubles = {2, 3, 6})
    void otherDiceSeeAsManyEvenBorders(double border) {
        Build build = TestCards.raised()
                .set("panel", "reveal", border + " mm")
                .set("panel", "fixing", "tape")
                .build();
        Random dice = new Random(3);
        int even = 0;
        for (int i = 0; i < MANY; i++) {
            double[] sides = new double[4];
            for (int axis = 0; axis < 2; axis++) {
                double off = 1.2 * dice.nextGaussian();
                double larger = (0.3 * dice.nextGaussian() + 0.3 * dice.nextGaussian()) / 2;
                sides[2 * axis] = border + off + larger;
                sides[2 * axis + 1] = border - off + larger;
            }
            double most = java.util.Arrays.stream(sides).max().orElseThrow();
            double least = java.util.Arrays.stream(sides).min().orElseThrow();
            even += least >= border / 2 && most <= 1.5 * least ? 1 : 0;
        }
        double brute = even / (double) MANY;
        assertThat(share(build, BY_EYE, Fit.Sort.EVEN)).isCloseTo(brute, within(0.015));
    }

    @Test
    void equalSeedsGiveEqualAnswers() {
        Build build = TestCards.of("upper-station.json").build();
        Simulation first = Simulation.of(build, BY_EYE);
        assertThat(Simulation.of(build, BY_EYE)).isEqualTo(first);
        assertThat(Simulation.of(build, BY_EYE, Simulation.BUILDS, 1)).isNotEqualTo(first);
    }

    /** What one pass of nested dies cuts fits itself; an inlay cut with a knife may not. */
    @Test
    void whatOneDieCutsIsOffAlike() {
        TestCards card = TestCards.raised().add("frame").set("frame", "inlay", "inlaid");
        assertThat(share(card.build(), BY_EYE, Fit.Sort.DROPS_IN)).isEqualTo(1);
        CutChoice knife = new CutChoice(
                "frame/inlay", java.util.Optional.of(CutMethod.KNIFE), java.util.Optional.empty(), false, 0);
        Build cut = new TestCards(CardEdit.of(card.spec()).cut(knife)).build();
        assertThat(share(cut, BY_EYE, Fit.Sort.DROPS_IN)).isLessThan(0.7);
    }

    /** A steadier way never spoils more: the same dice fall smaller. */
    @Test
    void aSteadierWayIsNeverWorse() {
        for (String file : TestCards.files()) {
            Build build = TestCards.whole(file).build();
            double last = -1;
            for (Placing how : List.of(Placing.BY_EYE, Placing.MEASURED, Placing.SPACED)) {
                Simulation now = Simulation.of(build, placed(how));
                assertThat(now.looks().share()).as(file + " " + how).isGreaterThanOrEqualTo(last);
                last = now.looks().share();
            }
        }
    }

    /** A card works at most as often as its worst fit, and looks right at most as often as it works. */
    @Test
    void theWholeIsNoBetterThanItsWorst() {
        for (String file : TestCards.files()) {
            Simulation s = Simulation.of(TestCards.whole(file).build(), BY_EYE);
            List<Double> working = new ArrayList<>(List.of(1.0));
            s.fits().stream()
                    .filter(r -> r.fit().sort().works())
                    .forEach(r -> working.add(r.odds().share()));
            double product = working.stream().reduce(1.0, (a, b) -> a * b);
            assertThat(s.works().share())
                    .isLessThanOrEqualTo(Collections.min(working))
                    .isGreaterThanOrEqualTo(product - 0.03);
            assertThat(s.looks().share()).isLessThanOrEqualTo(s.works().share());
            assertThat(s.works().low()).isLessThan(s.works().share());
            assertThat(s.works().high()).isGreaterThan(s.works().share() - 1e-9);
        }
    }

    /** A maker with a steady hand, shown by thirty pieces, is reckoned with as that. */
    @Test
    void whatWasMeasuredCounts() {
        Build build = TestCards.raised().set("panel", "fixing", "tape").build();
        double book = share(build, BY_EYE, Fit.Sort.EVEN);
        assertThat(share(build, measured(Method.EYE, 0, 0.4, 30), Fit.Sort.EVEN))
                .isGreaterThan(book + 0.2);
        assertThat(share(build, measured(Method.EYE, 0, 2.5, 30), Fit.Sort.EVEN))
                .isLessThan(book);
    }

    /** A trimmer that cuts 0.6 too long closes the gap of a gate; setting its stop by that opens it again. */
    @Test
    void aKnownBiasIsTakenOffAtTheStop() {
        Build gate = TestCards.empty(GATE).build();
        Workshop wrong = measured(Method.TRIMMER, 0.6, 0.3, 30);
        Workshop offset =
                wrong.with(wrong.sheets(), wrong.rolls(), wrong.tools().offset(true));
        double before = share(gate, wrong, Fit.Sort.FLAPS_CLEAR);
        assertThat(before).isLessThan(share(gate, BY_EYE, Fit.Sort.FLAPS_CLEAR) - 0.1);
        assertThat(share(gate, offset, Fit.Sort.FLAPS_CLEAR)).isGreaterThan(before + 0.1);
    }

    /** Straight strips let discs through where they gape; a ring has no joint at all. */
    @Test
    void aDamWithoutJointsNeverLeaks() {
        TestCards bad = TestCards.whole("bad/leaking-dam.json");
        assertThat(share(bad.build(), BY_EYE, Fit.Sort.DAM_CLOSED)).isLessThan(0.5);
        Build ring = bad.set("shaker", "make", "one-piece")
                .set("shaker", "foam", "foam-sheet-2")
                .build();
        assertThat(share(ring, BY_EYE, Fit.Sort.DAM_CLOSED)).isEqualTo(1);
    }

    /** The range of a share holds what many more builds say, as often as it promises. */
    @Test
    void theRangeHoldsTheTruth() {
        Build gate = TestCards.empty(GATE).build();
        double truth = NormalDistribution.of(0.8, 0.9).survivalProbability(0);
        int held = 0;
        for (int seed = 0; seed < 200; seed++) {
            Odds odds = Simulation.of(gate, BY_EYE, 300, seed).works();
            held += odds.low() <= truth && truth <= odds.high() ? 1 : 0;
        }
        assertThat(held).isBetween(182, 198);
    }

    /** The handbook's example, the edges, and dice. */
    @Test
    void spares() {
        assertThat(Enough.toMake(12, 0.92)).isEqualTo(15);
        assertThat(Enough.toMake(12, 1)).isEqualTo(12);
        assertThat(Enough.toMake(0, 0.5)).isZero();
        assertThat(Enough.good(0, 0)).isEqualTo(0.95);
        assertThat(Enough.good(80, 9)).isCloseTo(0.9, within(1e-12));
        assertThatThrownBy(() -> Enough.toMake(3, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Enough.good(3, 4)).isInstanceOf(IllegalArgumentException.class);
        Random dice = new Random(11);
        for (int needed : new int[] {1, 4, 12, 40}) {
            for (double p : new double[] {0.8, 0.95}) {
                int make = Enough.toMake(needed, p);
                assertThat(enough(dice, needed, make, p)).isGreaterThan(0.945);
                assertThat(enough(dice, needed, make - 1, p)).isLessThan(0.955);
            }
        }
    }

    private static double enough(Random dice, int needed, int made, double p) {
        int enough = 0;
        for (int i = 0; i < MANY; i++) {
            int good = 0;
            for (int k = 0; k < made; k++) {
                good += dice.nextDouble() < p ? 1 : 0;
            }
            enough += good >= needed ? 1 : 0;
        }
        return enough / (double) MANY;
    }
}
