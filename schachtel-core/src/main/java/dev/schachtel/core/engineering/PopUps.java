package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.measure.Length;

/** What stands up in the fold of the base: its panels and hinges, which follow from how the pages open. */
final class PopUps {
    private @Nullable Valley valley;
    private final List<Panel> panels = new ArrayList<>();
    private final List<Hinge> hinges = new ArrayList<>();
    private final List<SlabId> between = new ArrayList<>();
    private final List<SlabId> tabs = new ArrayList<>();
    private final List<SlabId> fronts = new ArrayList<>();

    /** Said by a base that has a fold. */
    void fold(Valley fold) {
        valley = fold;
    }

    /** The fold for something to stand in; a fault at the input that asks for it where the base has none. */
    Optional<Valley> fold(Source asker, BuildDraft draft) {
        if (valley == null) {
            draft.fault(RuleId.POP_UP_FOLD, asker, "");
        }
        return Optional.ofNullable(valley);
    }

    /**
     * One panel more.
     *
     * @return its number, for hinges
     */
    int panel(Valley fold, Panel panel) {
        panels.add(panel);
        return fold.lying().panels().size() + panels.size() - 1;
    }

    void hinge(Hinge hinge) {
        hinges.add(hinge.inFold());
    }

    /** A panel that lies between the pages. */
    void between(SlabId slab) {
        between.add(slab);
    }

    List<SlabId> between() {
        return between;
    }

    /** A tab stuck to the leaf: as thick as the panel that it goes over into, beside that. */
    void tab(SlabId slab) {
        tabs.add(slab);
    }

    boolean isTab(SlabId slab) {
        return tabs.contains(slab);
    }

    /** A panel that lies face down on the page while the card is shut, with what is stuck to its face. */
    void faceDown(SlabId slab) {
        fronts.add(slab);
    }

    /** How far the thickest of what is stuck to such panels keeps them off the page; panels lie beside each other. */
    Length between(List<Joint> joints, BuildDraft draft) {
        return joints.stream()
                .filter(j -> j.hold() == Joint.Hold.HANGS && fronts.contains(j.upper()) && j.by() instanceof Adhesive)
                .map(j -> j.thickness().plus(draft.thickness(j.lower())))
                .reduce(Length.ZERO, Length::max);
    }

    /** How the base opens with them: lying on its back. */
    Unfolding with(Unfolding base) {
        if (valley == null || panels.isEmpty()) {
            return base;
        }
        Unfolding lying = valley.lying();
        List<Panel> all = new ArrayList<>(lying.panels());
        all.addAll(panels);
        List<Hinge> turning = new ArrayList<>(lying.hinges());
        turning.addAll(hinges);
        return new Unfolding(lying.standing(), all, turning, lying.rests(), lying.shown());
    }
}
