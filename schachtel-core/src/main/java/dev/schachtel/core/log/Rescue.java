package dev.schachtel.core.log;

import java.util.List;

import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.work.Trait;
import dev.schachtel.core.work.WorkKind;

/** What may help when something went wrong, by the kind of work at which it did. Handbook chapter 12. */
public enum Rescue {
    /** Cover the spot with a leaf or a gem. */
    COVER,
    /** Touch it up with a white pen. */
    WHITE_PEN,
    /** Lift it with a blender, or a damp brush. */
    LIFT,
    /** Rub it out. */
    ERASE,
    /** Trim all round to an even border. */
    TRIM_EVEN,
    /** Turn the piece over. */
    TURN_OVER,
    /** Take a spare. */
    SPARE,
    /** Make a smaller card of what is left. */
    SMALLER;

    /** As words call it. */
    public String word() {
        return Scalars.kebab(name());
    }

    /** What to try first comes first; for work that nobody knows, what helps anything. */
    public static List<Rescue> of(String work) {
        return WorkKind.all().stream()
                .filter(k -> k.id().equals(work))
                .findFirst()
                .map(Rescue::of)
                .orElse(List.of(COVER, SPARE));
    }

    private static List<Rescue> of(WorkKind kind) {
        if (kind.has(Trait.SURFACE)) {
            return List.of(LIFT, WHITE_PEN, TURN_OVER, COVER);
        }
        if (kind.cuts()) {
            return List.of(SPARE, TRIM_EVEN, SMALLER);
        }
        if (kind.has(Trait.STICKS) || kind.attaches()) {
            return List.of(ERASE, COVER, TRIM_EVEN);
        }
        return List.of(TURN_OVER, SPARE, COVER);
    }
}
