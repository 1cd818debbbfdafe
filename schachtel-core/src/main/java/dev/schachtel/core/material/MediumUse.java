package dev.schachtel.core.material;

/**
 * How this maker works with a medium.
 *
 * @param darkFirst whether dark tones go down first, to be blended out with lighter ones
 * @param covers square centimetres that a full one colours once, 1 or more
 */
public record MediumUse(Medium medium, boolean darkFirst, int covers) {
    public MediumUse {
        if (covers < 1) {
            throw new IllegalArgumentException(
                    "what a full " + medium.title() + " covers (" + covers + " cm2) must be 1 or more");
        }
    }

    /** As is usual for it. */
    public static MediumUse usual(Medium medium) {
        return new MediumUse(medium, medium.isDarkFirst(), medium.covers());
    }
}
