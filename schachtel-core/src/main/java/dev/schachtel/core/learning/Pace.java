package dev.schachtel.core.learning;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * How fast one maker works, learned from timings. The time of a piece of work is log-normal: its logarithm over the book's is
 * h + d + e, with h the maker's hand in all work, d that in work of this kind, and e the chance of the day. The book stands for
 * h = 0, d = 0 and a spread of {@value #SPREAD} as a factor, and weighs as {@value #BOOK} timings of each kind; h as such varies by a factor of
 * {@value #HANDS}. Timings weigh by Student's t with {@value #FREEDOM} degrees of freedom, so that outliers count little.
 *
 * <p>Derivation: the posterior mode is found by turns. With weights w = ({@value #FREEDOM} + 1) / ({@value #FREEDOM} + r²), r the residual over the
 * spread s of its kind: d = Σ w (y - h) / (4 + Σ w); s² = (4 ln² 1.6 + Σ w (y - h - d)²) / (4 + n); h is the mean over all kinds of
 * their mean logarithm, each with the variance s²/Σw + s²/4 that it has with d unknown, and the book's with ln² 1.5.
 */
public final class Pace {
    static final double SPREAD = 1.6;
    static final double BOOK = 4;
    static final double HANDS = 1.5;
    static final double FREEDOM = 4;
    private static final int TURNS = 30;
    /** The 95th percentile of the normal distribution. */
    private static final double NINE_IN_TEN = 1.6449;

    /**
     * What is known of one kind of work.
     *
     * @param median how many times as long as by the book
     * @param spread standard deviation of the logarithm, for one piece of work
     * @param doubt standard deviation of the logarithm of the median
     * @param count timings
     */
    public record Known(double median, double spread, double doubt, int count) {
        /** Nine in ten take at least so many times as long as by the book. */
        public double low() {
            return median * Math.exp(-NINE_IN_TEN * Math.hypot(spread, doubt));
        }

        /** And at most. */
        public double high() {
            return median * Math.exp(NINE_IN_TEN * Math.hypot(spread, doubt));
        }
    }

    /** The timings of one kind of work, and what follows from them with the maker's hand as it is known. */
    private static final class Kind {
        private final List<Double> logs;
        private double own;
        private double variance = Math.log(SPREAD) * Math.log(SPREAD);
        private double weight;
        private double mean;

        Kind(List<Timing> timings) {
            this.logs = timings.stream().map(Timing::log).toList();
        }

        void turn(double hand) {
            double weights = 0;
            double sum = 0;
            double squares = 0;
            for (double y : logs) {
                double off = y - hand - own;
                double w = (FREEDOM + 1) / (FREEDOM + off * off / variance);
                weights += w;
                sum += w * y;
                squares += w * off * off;
            }
            weight = weights;
            mean = weights == 0 ? 0 : sum / weights;
            own = (sum - weights * hand) / (BOOK + weights);
            double book = Math.log(SPREAD);
            variance = (BOOK * book * book + squares) / (BOOK + logs.size());
        }

        /** Of its mean, with its own difference unknown. */
        double doubtOfMean() {
            return variance / weight + variance / BOOK;
        }
    }

    private final Map<String, Kind> kinds;
    private double hand;
    private double doubtOfHand;

    private Pace(Map<String, Kind> kinds) {
        this.kinds = kinds;
        this.doubtOfHand = square(Math.log(HANDS));
    }

    /** From all timings of one maker. */
    public static Pace of(List<Timing> timings) {
        Map<String, Kind> kinds = new LinkedHashMap<>();
        timings.stream()
                .collect(Collectors.groupingBy(Timing::work, LinkedHashMap::new, Collectors.toList()))
                .forEach((work, own) -> kinds.put(work, new Kind(own)));
        Pace pace = new Pace(kinds);
        for (int i = 0; i < TURNS; i++) {
            kinds.values().forEach(k -> k.turn(pace.hand));
            pace.weighHand();
        }
        return pace;
    }

    private void weighHand() {
        double precision = 1 / square(Math.log(HANDS));
        double sum = 0;
        for (Kind k : kinds.values()) {
            precision += 1 / k.doubtOfMean();
            sum += k.mean / k.doubtOfMean();
        }
        hand = sum / precision;
        doubtOfHand = 1 / precision;
    }

    private static double square(double x) {
        return x * x;
    }

    /** How many times as long as by the book this maker takes for anything. */
    public double hand() {
        return Math.exp(hand);
    }

    /** What is known of a kind of work; that of the book and the maker's hand where it was never timed. */
    public Known of(String work) {
        Kind kind = kinds.get(work);
        if (kind == null) {
            double book = square(Math.log(SPREAD));
            return new Known(hand(), Math.log(SPREAD), Math.sqrt(doubtOfHand + book / BOOK), 0);
        }
        double share = BOOK / (BOOK + kind.weight);
        double doubt = kind.variance / (BOOK + kind.weight) + share * share * doubtOfHand;
        return new Known(Math.exp(hand + kind.own), Math.sqrt(kind.variance), Math.sqrt(doubt), kind.logs.size());
    }

    /** The kinds of work that were timed, in the order in which they first were. */
    public List<String> timed() {
        return List.copyOf(kinds.keySet());
    }
}
