package dev.schachtel.app.structure;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

import dev.schachtel.core.drawing.Side;
import dev.schachtel.core.drawing.Views;

/** A view as an address names it; of the one in the round with the side it is looked at from: "front", "in-the-round.above". */
record Shown(Views view, Side side) {
    private static final String FROM = ".";
    private static final List<Side> OFFERED = List.of(Side.FRONT, Side.CORNER, Side.ABOVE, Side.BEHIND);

    static Shown of(Views view) {
        return new Shown(view, Side.CORNER);
    }

    /** What isn't known is the front. */
    static Shown named(String name) {
        return Arrays.stream(Views.values())
                .flatMap(v -> Arrays.stream(Side.values()).map(s -> new Shown(v, s)))
                .filter(s -> s.name().equals(name))
                .findFirst()
                .orElse(of(Views.FRONT));
    }

    String name() {
        return side == Side.CORNER ? word(view) : word(view) + FROM + word(side);
    }

    /** The sides that may be chosen. */
    List<StructureView.From> sides() {
        return OFFERED.stream()
                .map(s -> new StructureView.From(word(s), new Shown(view, s).name(), s == side))
                .toList();
    }

    static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
