package dev.schachtel.core.material;

import java.util.List;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.work.Trait;
import dev.schachtel.core.work.WorkKind;

/**
 * One way of working on a surface, as the maker's technique book has it. Times are a practised maker's estimates.
 *
 * @param setUp seconds to get ready, once for each colour
 * @param each seconds for one piece
 * @param dryMinutes until it may be touched
 * @param washWithin minutes after which what it was done with can't be cleaned any more, 0 for no matter
 * @param medium what its colour is laid with
 * @param raises how much higher what is worked on becomes
 * @param hazard what it can do to somebody; always that of its kind, where that has one
 */
public record Technique(
        MaterialId id,
        String name,
        Surfacing kind,
        String tool,
        int setUp,
        int each,
        int dryMinutes,
        int washWithin,
        Hazard hazard,
        Medium medium,
        Length raises) {
    public Technique {
        if (setUp < 0 || each < 0 || dryMinutes < 0 || washWithin < 0) {
            throw new IllegalArgumentException("times of '" + name + "' (" + setUp + " s, " + each + " s, " + dryMinutes
                    + " min, " + washWithin + " min) must be 0 or more");
        }
        hazard = kind.hazard() == Hazard.NONE ? hazard : kind.hazard();
    }

    /** The work that it takes, in its order. Washing is left out where nothing spoils. */
    public List<WorkKind> works() {
        return kind.works().stream()
                .filter(w -> washWithin > 0 || !w.has(Trait.WASHES))
                .toList();
    }
}
