package dev.schachtel.core.learning;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;

/** What is learned of a maker's pace, against closed forms and makers whose pace is known. */
class PaceTest {
    private static List<Timing> alike(String work, double factor, int times) {
        return IntStream.range(0, times)
                .mapToObj(i -> new Timing(work, 100, 100 * factor))
                .toList();
    }

    /** With nothing timed the book holds: factor 1, spread 1.6, and the doubt of the hand and of four timings. */
    @Test
    void theBookHoldsUntilSomethingIsTimed() {
        Pace.Known known = Pace.of(List.of()).of("trim");
        assertThat(known.median()).isEqualTo(1);
        assertThat(known.spread()).isCloseTo(Math.log(1.6), within(1e-12));
        double doubt = Math.hypot(Math.log(1.5), Math.log(1.6) / 2);
        assertThat(known.doubt()).isCloseTo(doubt, within(1e-12));
        assertThat(known.low() * known.high()).isCloseTo(1, within(1e-9));
    }

    /** One kind alone: hand and kind together lie between the book and what was timed, the nearer to it the more was timed. */
    @Property(tries = 200)
    void betweenBookAndTimings(
            @ForAll @DoubleRange(min = 0.4, max = 2.5) double factor, @ForAll @IntRange(min = 1, max = 40) int times) {
        double median = Pace.of(alike("trim", factor, times)).of("trim").median();
        double more = Pace.of(alike("trim", factor, times + 10)).of("trim").median();
        assertThat(Math.signum(Math.log(median)) * Math.signum(Math.log(factor)))
                .isGreaterThanOrEqualTo(0);
        assertThat(Math.abs(Math.log(median))).isLessThanOrEqualTo(Math.abs(Math.log(factor)) + 1e-9);
        assertThat(Math.abs(Math.log(more / factor))).isLessThanOrEqualTo(Math.abs(Math.log(median / factor)) + 1e-9);
    }

    /** Who takes twice the book's time to set up, and 0.8 of it for each piece, is known by batches of 1 to 12. */
    @Test
    void setUpIsToldApartByBatches() {
        Random random = new Random(3);
        List<Timing> timings = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            int pieces = 1 + random.nextInt(12);
            double seconds = (2 * 120 + 0.8 * 30 * pieces) * Math.exp(0.1 * random.nextGaussian());
            timings.add(new Timing("trim", 120 + 30 * pieces, seconds, 120));
        }
        Pace.Known known = Pace.of(timings).of("trim");
        assertThat(known.median()).isCloseTo(0.8, within(0.08));
        assertThat(known.setUp() * known.median()).isCloseTo(2, within(0.2));
        assertThat(known.seconds(120 + 30 * 40, 120)).isCloseTo(2 * 120 + 0.8 * 30 * 40, within(80.0));
        double blind = Pace.of(timings.stream()
                                .map(t -> new Timing(t.work(), t.book(), t.seconds()))
                                .toList())
                        .of("trim")
                        .median()
                * (120 + 30 * 40);
        assertThat(Math.abs(blind - 1200)).isGreaterThan(Math.abs(known.seconds(1320, 120) - 1200));
    }

    /** Batches of one size can't tell set-up from the rest: what they take comes out right all the same. */
    @Test
    void oneSizeOfBatchForecastsItself() {
        List<Timing> same = IntStream.range(0, 30)
                .mapToObj(i -> new Timing("trim", 200, 300, 100))
                .toList();
        Pace.Known known = Pace.of(same).of("trim");
        assertThat(known.seconds(200, 100)).isCloseTo(300, within(15.0));
        assertThatThrownBy(() -> new Timing("trim", 100, 90, 101)).isInstanceOf(IllegalArgumentException.class);
    }

    /** A step that was left open for two days hardly moves what twenty others say. */
    @Test
    void anOutlierCountsLittle() {
        List<Timing> timings = new ArrayList<>(alike("glue", 1.2, 20));
        double before = Pace.of(timings).of("glue").median();
        timings.add(new Timing("glue", 100, 172_800));
        double after = Pace.of(timings).of("glue").median();
        assertThat(after / before).isBetween(1.0, 1.05);
    }

    /** Who is slow in six kinds of work is expected to be slow in the seventh. */
    @Test
    void aSlowHandIsSlowInAll() {
        List<Timing> timings = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            timings.addAll(alike("work " + i, 1.6, 6));
        }
        Pace pace = Pace.of(timings);
        assertThat(pace.of("never timed").median()).isBetween(1.35, 1.6);
        assertThat(pace.of("never timed").count()).isZero();
        assertThat(pace.timed()).hasSize(6);
        assertThatThrownBy(() -> new Timing("trim", 100, 0)).isInstanceOf(IllegalArgumentException.class);
    }

    /** In a row without chance: sums and drying; a second maker works beside the first. */
    @Test
    void theOutlookIsThePlanWhenNothingVaries() {
        List<Outlook.Stint> steps = List.of(
                new Outlook.Stint("a", 100, 0, 50, 0, List.of(), List.of()),
                new Outlook.Stint("b", 30, 0, 0, 0, List.of(), List.of()),
                new Outlook.Stint("c", 10, 0, 5, 0, List.of(), List.of(0)),
                new Outlook.Stint("d", 400, 0, 0, 1, List.of(0), List.of()));
        assertThat(Outlook.finish(steps.subList(0, 3), new double[] {100.0, 30.0, 10.0}))
                .isEqualTo(165);
        assertThat(Outlook.finish(steps, new double[] {100.0, 30.0, 10.0, 400.0}))
                .isEqualTo(500);
        Outlook sure = Outlook.of(steps, w -> new Pace.Known(2, 0, 0, 9, 1), 1);
        assertThat(sure.within(0.5)).isEqualTo(1000);
        assertThat(Outlook.usual(steps, w -> new Pace.Known(2, 0.5, 0.3, 9, 1))).isEqualTo(1000);
        assertThat(sure.chance(999)).isZero();
        assertThat(sure.chance(1000)).isEqualTo(1);
    }

    /** One step: the draws have the median and the range of the log-normal distribution, to three standard errors. */
    @Test
    void drawsFollowTheDistribution() {
        List<Outlook.Stint> one = List.of(new Outlook.Stint("a", 100, 0, 0, 0, List.of(), List.of()));
        Pace.Known known = new Pace.Known(1.5, 0.3, 0.4, 5, 1);
        Outlook outlook = Outlook.of(one, w -> known, 7);
        double off = 3 * Math.sqrt(0.25 / Outlook.DRAWS);
        assertThat(outlook.chance(150)).isCloseTo(0.5, within(off));
        assertThat(outlook.chance(100 * known.high())).isCloseTo(0.95, within(off));
        assertThat(outlook.within(0.9)).isGreaterThan(outlook.within(0.5));
        assertThat(Outlook.of(one, w -> known, 7).within(0.9)).isEqualTo(outlook.within(0.9));
    }

    /**
     * Two hundred makers with hidden paces: after five builds totals are off by 15 % at most in the mean, and the range of nine in
     * ten holds 85 to 95 % of them. Figures: docs/benchmarks.md.
     */
    @ParameterizedTest
    @CsvSource({"0, 0.16", "1, 0.14", "3, 0.13", "5, 0.12", "10, 0.10"})
    void forecastsOfSimulatedMakersHold(int builds, double most) {
        SimulatedMakers.Quality quality = SimulatedMakers.after(builds, 200, 5);
        assertThat(quality.error()).isLessThan(most);
        assertThat(quality.covered()).isBetween(0.85, 0.95);
    }

    /** Pieces that are all 0.3 too long, by the formula: ten of them leave the book six parts of sixteen. */
    @Test
    void accuracyByTheFormula() {
        Accuracy ten = Accuracy.of(0.3, List.of(0.2, 0.4, 0.2, 0.4, 0.2, 0.4, 0.2, 0.4, 0.2, 0.4));
        assertThat(ten.bias()).isCloseTo(0.3 * 10 / 16, within(1e-12));
        double beta = 3 * 0.09 + 0.05 + 6 * 10 * 0.09 / (2 * 16);
        assertThat(ten.spread()).isCloseTo(Math.sqrt(beta / 8), within(1e-12));
        assertThat(Accuracy.of(0.3, List.of())).isEqualTo(Accuracy.book(0.3));
        assertThat(ten.isDoubtful(25.4)).isTrue();
        assertThat(ten.isDoubtful(0.9)).isFalse();
    }

    /** Two hundred tools, thirty pieces each: spreads within 12 % and biases within 0.05 mm in the mean. */
    @Test
    void toolsAreKnownAfterThirtyPieces() {
        Random random = new Random(3);
        double offSpread = 0;
        double offBias = 0;
        for (int i = 0; i < 200; i++) {
            double sigma = 0.3 * Math.exp(0.3 * random.nextGaussian());
            double bias = 0.1 * random.nextGaussian();
            List<Double> off = IntStream.range(0, 30)
                    .mapToObj(k -> bias + sigma * random.nextGaussian())
                    .toList();
            Accuracy known = Accuracy.of(0.3, off);
            offSpread += Math.abs(known.spread() / sigma - 1) / 200;
            offBias += Math.abs(known.bias() - bias) / 200;
        }
        assertThat(offSpread).isLessThan(0.12);
        assertThat(offBias).isLessThan(0.05);
    }
}
