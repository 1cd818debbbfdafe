package dev.schachtel.app.planning;

import dev.schachtel.core.learning.Pace;

/** How fast a maker works, by all that was timed; whoever keeps what was timed answers it. */
public interface MakersPace {
    /** Of a maker, or by the book where nothing is known of one; under an empty name of the one who timed most. */
    Pace of(String maker);
}
