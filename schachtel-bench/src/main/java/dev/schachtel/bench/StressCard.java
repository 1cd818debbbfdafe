package dev.schachtel.bench;

import dev.schachtel.core.card.Brief;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;

/** A card with far more on it than anybody makes: 6 windows, 3 shakers, 3 riders, 2 wheels, 12 hanging pieces, 40 elements. */
final class StressCard {
    private CardSpec spec;

    private StressCard() {
        Format square = Format.USUAL.get(Format.USUAL.size() - 1);
        spec = CardSpec.of("Stress", square.units(), Brief.PLAIN, CardEdit.base("flat-fold", square));
        add("mat");
        set("panel", "fixing", "foam-tape-2");
    }

    static CardSpec make() {
        StressCard card = new StressCard();
        for (int i = 0; i < 6; i++) {
            String window = card.add("window");
            card.set(window, "shape.diameter", "30 mm");
            card.place(window, 28 + 48 * (i % 3), 170 - 60 * (i / 3));
        }
        for (int i = 0; i < 3; i++) {
            String shaker = card.add("shaker");
            card.set(shaker, "window", i == 0 ? "window" : "window-" + (i + 1));
            String rider = card.add("rider");
            card.set(rider, "path.across", 25 + 45 * i + " mm");
            card.set(rider, "path.up", 40 + 4 * i + " mm");
            card.set(rider, "path.run", "22 mm");
            card.set(rider, "path.rise", "18 mm");
        }
        for (int i = 0; i < 2; i++) {
            String wheel = card.add("wheel");
            card.set(wheel, "window", "window-" + (4 + i));
            card.set(wheel, "radius", "26 mm");
            card.place(wheel, 30 + 50 * i, 90);
        }
        String bridge = card.add("bridge");
        card.set(bridge, "opening", "150 mm");
        card.set(bridge, "pieces", "12");
        card.set(bridge, "pieceWidth", "5 mm");
        card.set(bridge, "pieceHeight", "7 mm");
        card.set(bridge, "drop", "5 mm");
        card.place(bridge, 101, 30);
        for (int i = 0; i < 40; i++) {
            String motif = card.add("motif");
            card.set(motif, "shape.diameter", "8 mm");
            card.place(motif, 8 + 10 * (i % 20), 6 + 190 * (i / 20));
        }
        return card.spec;
    }

    private String add(String kind) {
        Id id = CardEdit.of(spec).nextId(kind);
        spec = CardEdit.of(spec).add(kind);
        return id.value();
    }

    private void set(String piece, String component, String value) {
        spec = CardEdit.of(spec).set(new Id(piece), component, value);
    }

    private void place(String piece, int across, int up) {
        set(piece, "across", across + " mm");
        set(piece, "up", up + " mm");
    }
}
