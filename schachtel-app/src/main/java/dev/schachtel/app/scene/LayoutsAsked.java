package dev.schachtel.app.scene;

import java.util.Arrays;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.scene.Layouts;

/** What other layouts are asked for: how many tries, for which wish, which of them is taken. */
record LayoutsAsked(@Nullable Integer rounds, @Nullable String wanted, @Nullable Integer number) {
    LayoutsAsked {
        rounds = rounds == null ? SceneDesk.ROUNDS : Math.max(1, Math.min(rounds, SceneDesk.MOST_ROUNDS));
        wanted = wanted == null ? "" : wanted;
        number = number == null ? Integer.valueOf(-1) : number;
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
}
