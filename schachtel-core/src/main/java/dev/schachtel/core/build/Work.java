package dev.schachtel.core.build;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.work.Caution;
import dev.schachtel.core.work.WorkKind;

/**
 * Work that an engineer asks for. What follows from parts, folds, joints and motions alone is found there and not asked
 * for: cutting, folding, laying, putting in, trying.
 *
 * @param at what is handled, the main slab first, what it is worked into or laid on last
 * @param things how often the hands do it for one card
 * @param aside parts that it takes and that don't stay on the card
 * @param lays what it fixes, if anything; the joints of these parts ask for no work of their own then
 */
public record Work(
        WorkKind kind,
        Id owner,
        List<SlabId> at,
        int things,
        Optional<Laying> lays,
        Optional<Caution> caution,
        List<PartId> aside) {
    /**
     * Parts fixed behind or round what is handled last.
     *
     * @param by what holds them
     * @param behind whether hands reach there from the back of the closed card
     * @param dries whether it must be left alone as long as what holds it dries
     */
    public record Laying(List<PartId> parts, Material by, boolean behind, boolean dries) {
        public Laying {
            parts = List.copyOf(parts);
        }
    }

    public Work {
        at = List.copyOf(at);
        aside = List.copyOf(aside);
    }

    public static Work of(WorkKind kind, Id owner, SlabId... at) {
        return new Work(kind, owner, List.of(at), 1, Optional.empty(), Optional.empty(), List.of());
    }

    /** Work that fixes parts. */
    public static Work laying(WorkKind kind, Id owner, Laying laying, SlabId onto) {
        return new Work(kind, owner, List.of(onto), 1, Optional.of(laying), Optional.empty(), List.of());
    }

    public Work with(Caution danger) {
        return new Work(kind, owner, at, things, lays, Optional.of(danger), aside);
    }

    public Work times(int often) {
        return new Work(kind, owner, at, often, lays, caution, aside);
    }

    /** Taking a part that doesn't stay on the card. */
    public Work with(PartId part) {
        return new Work(kind, owner, at, things, lays, caution, List.of(part));
    }
}
