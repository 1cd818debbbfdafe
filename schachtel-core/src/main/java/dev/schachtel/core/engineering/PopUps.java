package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.measure.Length;

/** What stands up in the fold of the base: its panels and hinges, which follow from how the pages open. */
final class PopUps {
    private final Map<Id, Valley> valleys = new HashMap<>();
    private @Nullable Unfolding lying;
    private final List<Panel> panels = new ArrayList<>();
    private final List<Hinge> hinges = new ArrayList<>();
    private final List<SlabId> between = new ArrayList<>();
    private final List<SlabId> tabs = new ArrayList<>();
    private final List<SlabId> fronts = new ArrayList<>();

    /**
     * Said by a base that has a fold.
     *
     * @param opens how the card opens lying on its back
     */
    void fold(Valley fold, Unfolding opens) {
        valleys.put(Id.BASE, fold);
        lying = opens;
    }

    /** One more between a panel that stands up and what it stands on. */
    void fold(Id name, Valley fold) {
        valleys.put(name, fold);
    }

    Optional<Valley> fold(Id name) {
        return Optional.ofNullable(valleys.get(name));
    }

    /** The fold of this name for something to stand in; a fault at the input that asks for it if there is none. */
    Optional<Valley> fold(Id name, Source asker, BuildDraft draft) {
        draft.offered(name);
        Optional<Valley> found = fold(name);
        if (found.isEmpty()) {
            boolean flat = lying == null;
            boolean said = draft.spec().offering(name).isPresent();
            draft.fault(
                    flat ? RuleId.POP_UP_FOLD : said ? RuleId.GROUND_CIRCLE : RuleId.GROUND_MISSING,
                    asker,
                    flat ? "" : name.value());
        }
        return found;
    }

    /**
     * One panel more.
     *
     * @return its number, for hinges
     */
    int panel(Panel panel) {
        panels.add(panel);
        return Objects.requireNonNull(lying, "no fold").panels().size() + panels.size() - 1;
    }

    /** Of a panel that was given. */
    int number(SlabId slab) {
        int base = Objects.requireNonNull(lying, "no fold").panels().size();
        return base + panels.stream().map(Panel::slab).toList().indexOf(slab);
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
                .filter(j -> !isTab(j.lower()))
                .map(j -> j.thickness().plus(draft.thickness(j.lower())))
                .reduce(Length.ZERO, Length::max);
    }

    /** How the base opens with them: lying on its back. */
    Unfolding with(Unfolding base) {
        if (lying == null || panels.isEmpty()) {
            return base;
        }
        List<Panel> all = new ArrayList<>(lying.panels());
        all.addAll(panels);
        List<Hinge> turning = new ArrayList<>(lying.hinges());
        turning.addAll(hinges);
        return new Unfolding(lying.standing(), lying.moves(), all, turning, lying.rests(), lying.shown());
    }
}
