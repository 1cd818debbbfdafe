package dev.schachtel.core.engineering;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.Set;

import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Leaf;
import dev.schachtel.core.build.SlabId;
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
        Set<SlabId> inside = new LinkedHashSet<>();
        Deque<SlabId> next = new ArrayDeque<>();
        next.add(over);
        while (!next.isEmpty()) {
            SlabId at = next.poll();
            if (!at.equals(leaf) && inside.add(at)) {
                draft.joints().stream()
                        .filter(j -> j.lower().equals(at) && j.hold() == Joint.Hold.RESTS)
                        .forEach(j -> next.add(j.upper()));
            }
        }
        for (SlabId slab : inside) {
            draft.joint(new Joint(leaf, slab, Joint.Hold.MEETS, card, Length.ZERO));
        }
    }
}
