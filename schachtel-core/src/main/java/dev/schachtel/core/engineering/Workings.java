package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.build.Cord;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Flat;
import dev.schachtel.core.build.Leaf;
import dev.schachtel.core.build.Mechanics;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Stretch;
import dev.schachtel.core.build.Unfolding;

/** Gathers how the card moves and lies, and what must suit for it. */
final class Workings {
    private final List<Motion> motions = new ArrayList<>();
    private final List<Leaf> leaves = new ArrayList<>();
    private @Nullable Unfolding unfolding;
    private final PopUps popUps = new PopUps();
    private String shut = "closed";
    private @Nullable String open;
    private final List<Stretch> stretches = new ArrayList<>();
    private final List<Fit> fits = new ArrayList<>();
    private final List<Cord> cords = new ArrayList<>();

    void motion(Motion motion) {
        motions.add(motion);
    }

    void leaf(Leaf leaf) {
        leaves.add(leaf);
    }

    void unfolds(Unfolding how) {
        unfolding = how;
    }

    /** What stands up in the fold. */
    PopUps popUps() {
        return popUps;
    }

    /** What it is called when it lies flat and shut. */
    void shut(String name) {
        shut = name;
    }

    /** It lies flat as it is drawn, too, and what that is called. */
    void open(String name) {
        open = name;
    }

    void stretch(Stretch stretch) {
        stretches.add(stretch);
    }

    void cord(Cord cord) {
        cords.add(cord);
    }

    void fit(Fit fit) {
        fits.add(fit);
    }

    Mechanics mechanics() {
        Unfolding base = Objects.requireNonNull(unfolding, "each base says how it unfolds");
        List<Flat> flats = new ArrayList<>(List.of(FlatLay.shut(base).named(shut)));
        if (open != null) {
            flats.add(FlatLay.drawn(base).named(open));
        }
        return new Mechanics(motions, leaves, popUps.with(base), flats, stretches, fits, cords);
    }
}
