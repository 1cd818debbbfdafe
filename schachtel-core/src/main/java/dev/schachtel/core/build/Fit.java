package dev.schachtel.core.build;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;

/**
 * Sizes and places that must suit each other although hands and tools have their spread: every gauge stays within its bounds
 * and, where evenness counts, the largest is at most so many times the smallest.
 *
 * @param part what is looked at
 * @param times the most that the largest gauge may be of the smallest; 0 where that doesn't matter
 * @param eases the input that gives more room, if there is one
 */
public record Fit(Sort sort, Id owner, PartId part, List<Gauge> gauges, double times, Optional<Source> eases) {
    public Fit {
        gauges = List.copyOf(gauges);
    }

    /** What must suit. */
    public enum Sort {
        /** What slides runs in its slot, free and without wobbling. */
        RUNS,
        /** What is kept in can't come out. */
        HELD,
        /** The wheel fills its window all the way round. */
        WHEEL_FILLS,
        /** No grain of the filling gets out of a joint. */
        DAM_CLOSED,
        /** Film reaches past its window on all sides. */
        FILM_COVERS,
        /** What lies behind an opening reaches past it on all sides. */
        BACKED,
        /** A border looks even. */
        EVEN(false),
        /** A piece looks square in its border. */
        SQUARE(false),
        /** Flaps or doors that meet don't overlap. */
        FLAPS_CLEAR,
        /** A flap that closes over another reaches it. */
        FLAPS_REACH,
        /** Edges lie on each other when it is folded. */
        FLUSH(false),
        /** An inlay drops into its frame. */
        DROPS_IN,
        /** What the pocket is for goes in. */
        POCKET_HOLDS,
        /** A band goes round the card and stays there. */
        BAND_HOLDS,
        /** The card goes into its envelope. */
        ENVELOPE,
        /** What stands on different things lies level. */
        LEVEL,
        /** It leans as it was meant to. */
        LEANS,
        /** Glue stays clear of a door. */
        DOOR_CLEAR,
        /** What hangs swings past its neighbours and edges. */
        SWINGS,
        /** What stands up in a fold stands square when the pages do. */
        STANDS_SQUARE(false),
        /** Enough card is left round a hole. */
        HOLE_HOLDS;

        private final boolean works;

        Sort() {
            this(true);
        }

        Sort(boolean works) {
            this.works = works;
        }

        /** Whether the card doesn't work without; else it only looks otherwise. */
        public boolean works() {
            return works;
        }
    }

    /** What is measured: nominal and so many times each thing that is off. */
    public record Gauge(Length nominal, Length least, Length most, List<Share> shares) {
        /** More than any card has. */
        public static final Length FAR = Length.ofMillimetres(100_000);

        public Gauge {
            shares = List.copyOf(shares);
        }

        public static Gauge atLeast(Length nominal, Length least, Share... shares) {
            return new Gauge(nominal, least, FAR, List.of(shares));
        }

        public static Gauge within(Length nominal, Length least, Length most, Share... shares) {
            return new Gauge(nominal, least, most, List.of(shares));
        }
    }

    /** So many times something that is off. */
    public record Share(Off off, double times) {
        public static Share of(double times, Off off) {
            return new Share(off, times);
        }
    }

    public static Fit of(Sort sort, PartId part, Gauge... gauges) {
        return new Fit(sort, part.owner(), part, List.of(gauges), 0, Optional.empty());
    }

    public static Fit of(Sort sort, PartId part, List<Gauge> gauges) {
        return new Fit(sort, part.owner(), part, gauges, 0, Optional.empty());
    }

    /** The same for another piece than that of the part. */
    public Fit of(Id piece) {
        return new Fit(sort, piece, part, gauges, times, eases);
    }

    public Fit easedBy(Source source) {
        return new Fit(sort, owner, part, gauges, times, Optional.of(source));
    }

    /** Where the largest may be so many times the smallest. */
    public Fit evenTo(double most) {
        return new Fit(sort, owner, part, gauges, most, eases);
    }
}
