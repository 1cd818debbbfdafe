package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/**
 * A piece whose size was known beforehand and was measured afterwards.
 *
 * @param way by which it was cut or laid
 * @param asked above 0
 * @param got above 0
 */
public record Measured(Method way, Length asked, Length got) {
    public Measured {
        if (!asked.isPositive() || !got.isPositive()) {
            throw new IllegalArgumentException("a piece of " + asked + " that measures " + got + " can't be");
        }
    }

    /** How much too large it is. */
    public Length off() {
        return got.minus(asked);
    }
}
