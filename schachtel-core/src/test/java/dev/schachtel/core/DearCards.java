package dev.schachtel.core;

import java.util.List;
import java.util.Random;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.model.RefusedException;

/** Small card files that ask for much work: one kind of piece, or a few, again and again, on cards with all sorts of neighbours. */
public final class DearCards {
    private static final List<String> CARDS = List.of(
            "upper-station.json",
            "timetable.json",
            "ticket.json",
            "viaduct.json",
            "yard.json",
            "cable-drum.json",
            "winter-hill.json");

    private DearCards() {}

    public static CardSpec card(Random random) {
        CardSpec spec = TestCards.whole(CARDS.get(random.nextInt(CARDS.size()))).spec();
        List<EdgeCards.Edge> edges = EdgeCards.edges();
        int kinds = 1 + random.nextInt(3);
        List<String> chosen = random.ints(kinds, 0, RandomCards.KINDS.size())
                .mapToObj(RandomCards.KINDS::get)
                .toList();
        int many = 20 + random.nextInt(180);
        for (int i = 0; i < many; i++) {
            spec = more(spec, chosen.get(i % kinds), edges, random);
        }
        return spec;
    }

    private static CardSpec more(CardSpec spec, String kind, List<EdgeCards.Edge> edges, Random random) {
        try {
            CardSpec more = CardEdit.of(spec).add(kind);
            return random.nextInt(4) == 0
                    ? EdgeCards.with(more, edges.get(random.nextInt(edges.size())), random)
                    : more;
        } catch (RefusedException noneSuchHere) {
            return spec;
        }
    }
}
