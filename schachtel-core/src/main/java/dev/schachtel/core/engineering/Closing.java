package dev.schachtel.core.engineering;

import java.util.LinkedHashSet;
import java.util.Set;

import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Leaf;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;

/** A leaf that closes over what lies inside: it meets everything that is stuck to the other leaf. */
final class Closing {
    private final BuildDraft draft;
    private final SlabId leaf;
    private final SlabId over;
    private final Material card;

    Closing(BuildDraft draft, SlabId leaf, SlabId over, Material card) {
        this.draft = draft;
        this.leaf = leaf;
        this.over = over;
        this.card = card;
    }

    void meet() {
        draft.workings().leaf(new Leaf(leaf, over));
        Set<SlabId> inside = new LinkedHashSet<>(Resting.on(draft, over));
        draft.workings().popUps().between().forEach(p -> inside.addAll(Resting.on(draft, p)));
        inside.remove(leaf);
        Length between = behind();
        for (SlabId slab : inside) {
            draft.joint(new Joint(leaf, slab, Joint.Hold.MEETS, card, between));
        }
    }

    /** How thick what is stuck to the leaf's own inside is: it lies between. */
    private Length behind() {
        return draft.joints().stream()
                .filter(j -> j.hold() == Joint.Hold.HANGS && j.upper().equals(leaf) && j.by() instanceof Adhesive)
                .filter(j -> !draft.workings().popUps().isTab(j.lower()))
                .map(j -> j.thickness().plus(draft.thickness(j.lower())))
                .reduce(Length.ZERO, Length::max);
    }
}
