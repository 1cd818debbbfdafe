package dev.schachtel.app.scene;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.scene.HowMany;
import dev.schachtel.core.scene.Layouts;

/**
 * What other layouts are asked for: how many tries, for which wish, which of them is taken, and how many of each picture there
 * may be.
 */
record LayoutsAsked(
        @Nullable Integer rounds,
        @Nullable String wanted,
        @Nullable Integer number,
        @Nullable List<String> of,
        @Nullable List<Integer> least,
        @Nullable List<Integer> most) {
    LayoutsAsked {
        rounds = rounds == null ? SceneDesk.ROUNDS : Math.max(1, Math.min(rounds, SceneDesk.MOST_ROUNDS));
        wanted = wanted == null ? "" : wanted;
        number = number == null ? Integer.valueOf(-1) : number;
        of = of == null ? List.of() : of;
        least = least == null ? List.of() : least;
        most = most == null ? List.of() : most;
    }

    int tries() {
        return rounds == null ? SceneDesk.ROUNDS : rounds;
    }

    /** Empty for any. */
    Optional<Layouts.Wish> wish() {
        return Arrays.stream(Layouts.Wish.values())
                .filter(w -> Scalars.kebab(w.name()).equals(wanted))
                .findFirst();
    }

    String word() {
        return wish().map(w -> Scalars.kebab(w.name())).orElse("");
    }

    /** What has no proper name or number is left out. */
    List<HowMany> numbers() {
        List<HowMany> all = new ArrayList<>();
        for (int i = 0; of != null && least != null && most != null && i < of.size(); i++) {
            String name = of.get(i);
            Integer from = i < least.size() ? least.get(i) : null;
            Integer to = i < most.size() ? most.get(i) : null;
            if (name != null && name.matches(Id.PATTERN) && from != null && to != null) {
                all.add(new HowMany(new MaterialId(name), from, to));
            }
        }
        return all;
    }

    Layouts.Ask ask() {
        return new Layouts.Ask(wish(), tries(), numbers());
    }
}
