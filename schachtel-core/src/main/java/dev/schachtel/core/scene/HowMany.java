package dev.schachtel.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Depicted;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.edit.PieceEdit;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.material.Workshop;

/**
 * How many of one picture a layout may have.
 *
 * @param least 0 to 20
 * @param most no less than that, to 20
 */
public record HowMany(MaterialId picture, int least, int most) {
    private static final int BOUND = 20;

    public HowMany {
        least = Math.max(0, Math.min(least, BOUND));
        most = Math.max(least, Math.min(most, BOUND));
    }

    /** Odd numbers first: they read as a group. */
    private List<Integer> numbers() {
        return IntStream.rangeClosed(least, most)
                .boxed()
                .sorted((a, b) -> b % 2 - a % 2)
                .toList();
    }

    /**
     * Cards with other numbers of pieces, few of the many that there may be; those that are pinned or locked are not taken
     * away, and what is not on the face at all does not come to it.
     */
    static List<CardSpec> cards(CardSpec spec, Workshop workshop, Id on, List<HowMany> asked, int atMost) {
        List<HowMany> wished =
                asked.stream().map(w -> w.owned(spec, workshop, on)).toList();
        int ways = wished.stream().mapToInt(w -> w.numbers().size()).max().orElse(1);
        List<CardSpec> all = new ArrayList<>();
        for (int way = 0; way < Math.min(ways, atMost); way++) {
            CardSpec now = spec;
            for (HowMany one : wished) {
                now = one.of(now, on, one.numbers().get(way % one.numbers().size()));
            }
            if (!all.contains(now)) {
                all.add(now);
            }
        }
        return all;
    }

    /** No more than are left for this face, once every other has its own on each card; what lies there already may stay. */
    public HowMany owned(CardSpec spec, Workshop workshop, Id on) {
        int owned = workshop.picture(picture).map(Picture::owned).orElse(0);
        if (owned == 0) {
            return this;
        }
        int here = there(spec, on).size();
        int left = Math.max(here, owned / spec.brief().cards() - (all(spec).size() - here));
        return new HowMany(picture, Math.min(least, left), Math.min(most, left));
    }

    private CardSpec of(CardSpec spec, Id on, int number) {
        CardSpec now = spec;
        List<Depicted> there = there(now, on);
        while (there.size() < number && !there.isEmpty()) {
            now = PieceAct.COPY.apply(now, there.get(there.size() - 1).id());
            there = there(now, on);
            Id copy = there.get(there.size() - 1).id();
            now = PieceEdit.of(now, copy).pinned(false).card();
        }
        List<Depicted> loose =
                there.stream().filter(d -> !d.pinned() && !d.locked()).toList();
        int away = Math.min(loose.size(), Math.max(0, there.size() - number));
        for (Depicted piece : loose.subList(loose.size() - away, loose.size())) {
            now = PieceAct.REMOVE.apply(now, piece.id());
        }
        return now;
    }

    private List<Depicted> there(CardSpec spec, Id on) {
        return all(spec).stream().filter(d -> d.on().equals(on)).toList();
    }

    private List<Depicted> all(CardSpec spec) {
        return spec.elements().stream()
                .filter(Depicted.class::isInstance)
                .map(Depicted.class::cast)
                .filter(d ->
                        d.shape() instanceof Opening.Pictured p && p.picture().equals(picture))
                .toList();
    }
}
