package dev.schachtel.core.scene;

import java.util.Optional;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.BoxCard;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

import static dev.schachtel.core.scene.TestScenes.picture;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What is higher than the row that carries it. */
class StandsOverTest {
    private static final Picture TREE = picture("tall-tree");
    private static final Id ROW = BoxCard.row(1);

    /** How far a tree stands over an edge, its top so far over that of what carries it and its middle so far from its left. */
    private static Optional<Double> over(CardSpec card, Id on, double above, double across) {
        Box face = scenery(card, on).face().bounds();
        Point at = new Point(face.left() + across, face.top() + above - Mm.of(TREE.height()) / 2);
        CardSpec with = Room.placed(card, on, TREE, new Room.Put(at, 1, Room.card(TestCards.WORKSHOP)));
        return Sitting.of(scenery(with, on)).stream()
                .filter(f -> f.kind() == Fact.Kind.OVERHANG)
                .map(Fact::figure)
                .findFirst();
    }

    private static Scenery scenery(CardSpec card, Id on) {
        return Scenery.of(Engineering.engineer(card, TestCards.WORKSHOP), TestCards.WORKSHOP, on)
                .orElseThrow();
    }

    /** Rows end at 65 mm, the shut card at 115: fifty may stand over them, and nothing past the card or over a side. */
    @Test
    void aRowMayCarryWhatIsHigher() {
        CardSpec box = TestCards.empty("{\"kind\": \"box-card\"}").spec();
        assertThat(over(box, ROW, 20, 40)).isEmpty();
        assertThat(over(box, ROW, 49.5, 40)).isEmpty();
        assertThat(over(box, ROW, 53, 40)).hasValueSatisfying(d -> assertThat(d).isCloseTo(3, within(0.06)));
        assertThat(over(box, ROW, 20, 2)).isPresent();
    }

    @Test
    void aPanelMayNot() {
        CardSpec card = TestCards.raised().spec();
        assertThat(over(card, new Id("panel"), 2, 50))
                .hasValueSatisfying(d -> assertThat(d).isCloseTo(2, within(0.06)));
        assertThat(over(card, new Id("panel"), -2, 50)).isEmpty();
    }
}
