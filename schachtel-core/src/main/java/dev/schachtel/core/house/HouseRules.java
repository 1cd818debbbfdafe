package dev.schachtel.core.house;

import dev.schachtel.core.measure.Length;

/**
 * Where makers differ, and which way this one goes. Each changes the order or the steps of every build plan.
 *
 * @param boards on which a lot can lie to dry
 * @param weights under which a lot can be pressed
 */
public record HouseRules(
        InkOrCut edges,
        Shades shades,
        Outlines outlines,
        Ground ground,
        Layout layout,
        Overhang overhang,
        Placing placing,
        Inside inside,
        int boards,
        int weights) {
    public HouseRules {
        if (boards < 1 || weights < 1) {
            throw new IllegalArgumentException(
                    "boards (" + boards + ") and weights (" + weights + ") must be 1 or more");
        }
    }

    /** The ways taken until the maker says otherwise. */
    public static final HouseRules USUAL = new HouseRules(
            InkOrCut.INK_FIRST,
            Shades.LIGHT_TO_DARK,
            Outlines.BEFORE_COLOUR,
            Ground.BACKGROUND_FIRST,
            Layout.PHOTO,
            Overhang.LEAVE,
            Placing.BY_EYE,
            Inside.BEFORE_FRONT,
            8,
            4);

    /** Whether a surface is inked before its die cutting or after. */
    public enum InkOrCut {
        INK_FIRST,
        CUT_FIRST
    }

    /** The order of colours on one part. */
    public enum Shades {
        LIGHT_TO_DARK,
        DARK_TO_LIGHT
    }

    /** Whether the outline is stamped before the colour goes in, or after. */
    public enum Outlines {
        BEFORE_COLOUR,
        AFTER_COLOUR
    }

    /** Whether the ground or the pieces on it are worked on first. */
    public enum Ground {
        BACKGROUND_FIRST,
        IMAGES_FIRST
    }

    /** How a dry layout is remembered. */
    public enum Layout {
        /** A picture is taken. */
        PHOTO,
        /** All pieces are lifted at once on low-tack film. */
        LIFTING_FILM,
        /** Pieces stay in the order in which they were stamped. */
        STAMPING_ORDER,
        /** A sheet with all places is printed and laid under. */
        PLACEMENT_SHEET,
        /** Not at all: piece by piece, each where it looks right. */
        PIECE_BY_PIECE
    }

    /** When what lies inside the card is stuck in. */
    public enum Inside {
        /** While the base lies flat. */
        BEFORE_FRONT,
        /** When the front is finished; the card waits until that is dry. */
        LAST
    }

    /** What is done with what stands over the edge of its panel. */
    public enum Overhang {
        LEAVE,
        TRIM
    }

    /** How pieces come to lie where they should; the spread of it is one sigma. By eye: handbook chapter 2. */
    public enum Placing {
        BY_EYE(1200),
        /** Marked with ruler and pencil first; a hole punch is set as exactly. */
        MEASURED(500),
        /** Laid against strips as wide as the border; the spread is our own estimate. */
        SPACED(250);

        private final Length sigma;

        Placing(long micrometres) {
            this.sigma = Length.ofMicrometres(micrometres);
        }

        public Length sigma() {
            return sigma;
        }
    }

    /** The same rules with one of them answered otherwise: the one of the answer's kind. */
    public HouseRules with(Enum<?> answer) {
        return new HouseRules(
                either(answer, edges),
                either(answer, shades),
                either(answer, outlines),
                either(answer, ground),
                either(answer, layout),
                either(answer, overhang),
                either(answer, placing),
                either(answer, inside),
                boards,
                weights);
    }

    private static <E extends Enum<E>> E either(Enum<?> answer, E now) {
        Class<E> kind = now.getDeclaringClass();
        return kind.isInstance(answer) ? kind.cast(answer) : now;
    }
}
