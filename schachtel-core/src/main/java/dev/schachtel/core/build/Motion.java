package dev.schachtel.core.build;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;

/**
 * A movement as data.
 *
 * @param moving the slabs that move together; their footprints are those at rest
 * @param rest where it rests, in percent of the way
 */
public record Motion(Id owner, String name, List<SlabId> moving, Move move, Keeping keeping, int rest) {
    public Motion {
        moving = List.copyOf(moving);
    }

    /** Where it rests as a share from 0 to 1. */
    public double restShare() {
        return rest / 100.0;
    }

    /**
     * What holds it to its course.
     *
     * @param guides slabs that it may touch, since it runs in or on them
     * @param clear what must stay free between it and everything else
     * @param retainers what holds it in, in front and behind
     * @param fill what must be seen full of it; empty where nothing must
     * @param inside whether what is hidden of it also keeps clear of the card's edge
     * @param space free height asked for behind it; empty where it doesn't matter
     */
    public record Keeping(
            List<SlabId> guides,
            Length clear,
            boolean inside,
            Ends ends,
            List<Retainer> retainers,
            Optional<Lock> lock,
            Optional<Space> space,
            Optional<Fill> fill) {
        public Keeping {
            guides = List.copyOf(guides);
            retainers = List.copyOf(retainers);
        }

        /** Kept by nothing but its hinge or thread. */
        public static Keeping free(Length clear, Ends ends) {
            return new Keeping(
                    List.of(), clear, false, ends, List.of(), Optional.empty(), Optional.empty(), Optional.empty());
        }
    }

    /** What ends a movement. */
    public enum Ends {
        /** Something stops it at both ends. */
        STOPPED,
        /** Nothing stops it: it comes out. */
        OPEN,
        /** It has no end, as a wheel. */
        ENDLESS
    }

    /**
     * What keeps it in: its narrowest width across its way, the opening that it must not come through, how much more is
     * asked.
     *
     * @param grows the input that makes it wider
     * @param sides on how many sides that counts: 2 for a rim, 1 for a diameter
     */
    public record Retainer(PartId part, Length width, Length opening, Length asked, Source grows, int sides) {}

    /**
     * An opening that must be full of what moves at every moment: it stays within so far from where that turns.
     *
     * @param needed how far the opening reaches from there
     * @param reach how far the moving part does
     * @param grows the input that makes it reach further
     */
    public record Fill(Outline opening, Length needed, Length reach, Source grows) {}

    /**
     * Guided over a length and pushed beside its path: it jams when guided is not above 2 mu push. Handbook chapter 2.
     *
     * @param friction mu in percent
     * @param grows the input that makes the guided length longer
     * @param narrows the width whose half is the push, if that is what it is
     */
    public record Lock(Length guided, Length push, int friction, Source grows, Optional<Source> narrows) {
        /** The least margin: half as much again as the point where it jams. */
        public static final double LEAST = 1.5;

        /** The guided length that has the least margin. */
        public Length needed() {
            return Length.ofNanometres((long) Math.ceil(LEAST * 2 * (friction / 100.0) * push.nanometres()));
        }

        /** Twice the push that has the least margin. */
        public Length widest() {
            return Length.ofNanometres((long) Math.floor(guided.nanometres() / (LEAST * (friction / 100.0))));
        }

        /** Margin against jamming: guided over 2 mu push. Guided 60, push 20, mu 45 %: 3.33. */
        public double margin() {
            return guided.nanometres() / (2 * (friction / 100.0) * push.nanometres());
        }
    }

    /**
     * Free height asked for behind a moving slab, its own thickness not counted.
     *
     * @param opened whether only what is joined to it counts, since it moves when the card is open
     */
    public record Space(SlabId moving, Length needed, boolean opened) {}
}
