package dev.schachtel.core.edit;

import java.util.Map;
import java.util.Random;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.RandomCards;
import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;

import static org.assertj.core.api.Assertions.assertThat;

class MergeTest {
    private static final CardSpec BASE = TestCards.of("upper-station.json").spec();

    private static CardSpec set(CardSpec spec, String piece, String component, String text) {
        return CardEdit.of(spec).set(new Id(piece), component, text);
    }

    @Test
    void whatDoesNotTouchIsAllTaken() {
        CardSpec mine = set(set(BASE, "window", "shape.diameter", "2 1/4"), "brief", "cards", "7");
        CardSpec theirs =
                CardEdit.of(set(BASE, "card", "name", "Lower Station")).remove(new Id("car"));
        Merge.Merged merged = Merge.of(BASE, mine, theirs, Map.of());
        assertThat(merged.clashes()).isEmpty();
        assertThat(merged.spec())
                .isEqualTo(
                        CardEdit.of(set(mine, "card", "name", "Lower Station")).remove(new Id("car")));
    }

    @Test
    void whatBothChangedIsAskedFor() {
        CardSpec mine = set(set(BASE, "window", "shape.diameter", "2 1/4"), "brief", "occasion", "a birthday");
        CardSpec theirs = set(BASE, "window", "shape.diameter", "2");
        Merge.Merged open = Merge.of(BASE, mine, theirs, Map.of());
        assertThat(open.clashes()).singleElement().satisfies(c -> {
            assertThat(c.label()).contains("“window”", "Diameter");
            assertThat(c.mine()).isEqualTo("2 1/4 in");
            assertThat(c.theirs()).isEqualTo("2 in");
        });
        String path = open.clashes().get(0).path();
        assertThat(Merge.of(BASE, mine, theirs, Map.of(path, Merge.Side.MINE)).spec())
                .isEqualTo(mine);
        assertThat(Merge.of(BASE, mine, theirs, Map.of(path, Merge.Side.THEIRS)).spec())
                .isEqualTo(set(theirs, "brief", "occasion", "a birthday"));
    }

    @Test
    void whatOneRemovedAndTheOtherChangedIsAskedFor() {
        CardSpec mine = CardEdit.of(BASE).remove(new Id("car"));
        CardSpec theirs = CardEdit.of(BASE).set(new Id("car"), "face.width", "1");
        Merge.Merged open = Merge.of(BASE, mine, theirs, Map.of());
        assertThat(open.clashes()).singleElement().satisfies(c -> assertThat(c.mine())
                .isEmpty());
        assertThat(open.spec()).isEqualTo(theirs);
        String path = open.clashes().get(0).path();
        assertThat(Merge.of(BASE, mine, theirs, Map.of(path, Merge.Side.MINE)).spec())
                .isEqualTo(mine);
    }

    /** Whatever two people do: the one who did nothing changes nothing, and all answers for one side give that side. */
    @Test
    void aSideThatIsTakenWholeIsThatSideWherePiecesStayTheSame() {
        Random random = new Random(11);
        for (int i = 0; i < 300; i++) {
            CardSpec base = RandomCards.any(random, 3);
            CardSpec mine = RandomCards.changedByHand(base, random);
            CardSpec theirs = RandomCards.changedByHand(base, random);
            assertThat(Merge.of(base, mine, base, Map.of()).spec()).isEqualTo(mine);
            assertThat(Merge.of(base, base, theirs, Map.of()).spec()).isEqualTo(theirs);
            assertThat(Merge.of(base, mine, mine, Map.of()).clashes()).isEmpty();
            Merge.Merged open = Merge.of(base, mine, theirs, Map.of());
            Map<String, Merge.Side> allMine = new java.util.HashMap<>();
            open.clashes().forEach(c -> allMine.put(c.path(), Merge.Side.MINE));
            CardSpec one = Merge.of(base, mine, theirs, allMine).spec();
            CardSpec other = Merge.of(base, theirs, mine, Map.of()).spec();
            assertThat(one.pieces().toList())
                    .containsExactlyInAnyOrderElementsOf(other.pieces().toList());
        }
    }
}
