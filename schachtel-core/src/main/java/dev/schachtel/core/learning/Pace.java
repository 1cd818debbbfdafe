package dev.schachtel.core.learning;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * How fast one maker works, learned from timings. The time of a piece of work is log-normal: its logarithm over the book's is
 * h + d + e, with h the maker's hand in all work, d that in work of this kind, and e the chance of the day. The book stands for
 * h = 0, d = 0 and a spread of 1.6 as a factor, and weighs as 4 timings of each kind; h as such varies by a factor of
 * 1.5 ({@link #TIMES}). Timings weigh by Student's t with {@value #FREEDOM} degrees of freedom, so that outliers count little.
 *
 * <p>Derivation: the posterior mode is found by turns. With weights w = ({@value #FREEDOM} + 1) / ({@value #FREEDOM} + r²), r the residual over the
 * spread s of its kind: d = Σ w (y - h) / (4 + Σ w); s² = (4 ln² 1.6 + Σ w (y - h - d)²) / (4 + n); h is the mean over all kinds of
 * their mean logarithm, each with the variance s²/Σw + s²/4 that it has with d unknown, and the book's with ln² 1.5.
 * <p>Set-up is told apart by batches of different sizes: where a share c of the book's time is set-up, the logarithm has
 * ln(c eᵘ + 1 - c) more, u with the variance ln² {@value #SET_UP} about 0. Each turn makes one Gauss-Newton step in d and u together.
 *
 * <p>What is taken of materials against what was planned is learned in the same way, by another book: {@link #AMOUNTS}.
 */
public final class Pace {
    static final double FREEDOM = 4;
    /** Set-up may be slower or faster than the rest by this factor. */
    static final double SET_UP = 1.5;
    /** What the book says of any work: times vary by 1.6, hands by 1.5; it weighs as four timings. */
    public static final Book TIMES = new Book(1.6, 4, 1.5);
    /** Of what is taken of a material against what was planned: estimates, since nothing is known of it before it is counted. */
    public static final Book AMOUNTS = new Book(1.15, 2, 1.1);

    private static final int TURNS = 30;
    /** The 95th percentile of the normal distribution. */
    private static final double NINE_IN_TEN = 1.6449;

    /**
     * What is thought before anything is timed.
     *
     * @param spread of one piece of work, as a factor
     * @param weight as so many timings
     * @param hands how much makers differ in all they do, as a factor
     */
    public record Book(double spread, double weight, double hands) {
        private double variance() {
            return square(Math.log(spread));
        }
    }

    /**
     * What is known of one kind of work.
     *
     * @param median how many times as long as by the book, set-up aside
     * @param spread standard deviation of the logarithm, for one piece of work
     * @param doubt standard deviation of the logarithm of the median
     * @param count timings
     * @param setUp how many times as much longer set-up takes than the rest does
     */
    public record Known(double median, double spread, double doubt, int count, double setUp) {
        /** How long work takes in the median of which so many seconds by the book are set-up. */
        public double seconds(double book, double setUpByTheBook) {
            return median * (book - setUpByTheBook + setUp * setUpByTheBook);
        }

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
        private final List<Double> shares;
        /** Logarithm of how many times as much longer set-up takes. */
        private double setUp;

        private double own;
        private final Book book;
        private double variance;
        private double weight;
        private double mean;

        Kind(List<Timing> timings, Book book) {
            this.book = book;
            this.variance = book.variance();
            this.logs = timings.stream().map(Timing::log).toList();
            this.shares = timings.stream().map(Timing::share).toList();
        }

        /** One Gauss-Newton step in the own difference and in that of the set-up, which hang together. */
        void turn(double hand) {
            double weights = 0;
            double sum = 0;
            double squares = 0;
            double pull = 0;
            double both = 0;
            double steep = variance / square(Math.log(SET_UP));
            double push = -setUp * steep;
            for (int i = 0; i < logs.size(); i++) {
                double share = shares.get(i);
                double longer = share * Math.exp(setUp) + 1 - share;
                double y = logs.get(i) - Math.log(longer);
                double off = y - hand - own;
                double w = (FREEDOM + 1) / (FREEDOM + off * off / variance);
                double slope = share * Math.exp(setUp) / longer;
                weights += w;
                sum += w * y;
                squares += w * off * off;
                pull += w * off;
                both += w * slope;
                steep += w * slope * slope;
                push += w * slope * off;
            }
            weight = weights;
            mean = weights == 0 ? 0 : sum / weights;
            double flat = book.weight + weights;
            pull -= book.weight * own;
            double area = flat * steep - both * both;
            own += (pull * steep - push * both) / area;
            setUp += (push * flat - pull * both) / area;
            variance = (book.weight * book.variance() + squares) / (book.weight + logs.size());
        }

        /** Of its mean, with its own difference unknown. */
        double doubtOfMean() {
            return variance / weight + variance / book.weight;
        }
    }

    private final Map<String, Kind> kinds;
    private final Book book;
    private double hand;
    private double doubtOfHand;

    private Pace(Map<String, Kind> kinds, Book book) {
        this.kinds = kinds;
        this.book = book;
        this.doubtOfHand = square(Math.log(book.hands));
    }

    /** From all timings of one maker. */
    public static Pace of(List<Timing> timings) {
        return of(timings, TIMES);
    }

    /** From all that was timed or counted of one maker, against another book. */
    public static Pace of(List<Timing> timings, Book book) {
        Map<String, Kind> kinds = new LinkedHashMap<>();
        timings.stream()
                .collect(Collectors.groupingBy(Timing::work, LinkedHashMap::new, Collectors.toList()))
                .forEach((work, own) -> kinds.put(work, new Kind(own, book)));
        Pace pace = new Pace(kinds, book);
        for (int i = 0; i < TURNS; i++) {
            kinds.values().forEach(k -> k.turn(pace.hand));
            pace.weighHand();
        }
        return pace;
    }

    private void weighHand() {
        double precision = 1 / square(Math.log(book.hands));
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
            double variance = book.variance();
            return new Known(hand(), Math.sqrt(variance), Math.sqrt(doubtOfHand + variance / book.weight), 0, 1);
        }
        double share = book.weight / (book.weight + kind.weight);
        double doubt = kind.variance / (book.weight + kind.weight) + share * share * doubtOfHand;
        return new Known(
                Math.exp(hand + kind.own),
                Math.sqrt(kind.variance),
                Math.sqrt(doubt),
                kind.logs.size(),
                Math.exp(kind.setUp));
    }

    /** The kinds of work that were timed, in the order in which they first were. */
    public List<String> timed() {
        return List.copyOf(kinds.keySet());
    }
}
