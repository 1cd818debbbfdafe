package dev.schachtel.core.edit;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.RandomCards;
import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** Where pieces say that they lie, and what becomes of a card when one is moved. */
class PositionsTest {
    private static final Id CAR = new Id("car");

    private static Length mm(double millimetres) {
        return Length.ofMicrometres(Math.round(millimetres * 1000));
    }

    /** A rider's path is inside it: both its coordinates are found there. */
    @Test
    void placesInsideAPieceAreItsOwn() {
        CardSpec spec = TestCards.of("upper-station.json").spec();
        List<Positions.Spot> spots = Positions.of(spec.piece(CAR).orElseThrow());
        assertThat(spots).extracting(Positions.Spot::component).containsExactly("path.across", "path.up");
        assertThat(spots).extracting(Positions.Spot::upright).containsExactly(false, true);
    }

    @Test
    void whatHasNoPlaceIsNotMoved() {
        CardSpec spec = TestCards.of("upper-station.json").spec();
        assertThatThrownBy(() -> Positions.moved(spec, new Id("panel"), mm(1), mm(1)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("no place of its own");
        assertThatThrownBy(() -> Positions.moved(spec, new Id("nobody"), mm(1), mm(1)))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> Positions.moved(spec, CAR, mm(4000), mm(0))).isInstanceOf(RefusedException.class);
    }

    static List<String> kinds() {
        return RandomCards.KINDS;
    }

    /** Whatever can be moved lies 2 mm to the right and 1 mm down afterwards, with all that belongs to it. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("kinds")
    void aMovedPieceLiesElsewhere(String kind) {
        CardSpec before = TestCards.raised().add("window").spec();
        CardSpec with = CardEdit.of(before).add(kind);
        Piece piece = with.pieces()
                .filter(p -> before.piece(p.id()).isEmpty())
                .findFirst()
                .orElseThrow();
        if (Positions.of(piece).size() < 2) {
            return;
        }
        CardSpec moved = Positions.moved(with, piece.id(), mm(2), mm(-1));
        assertThat(Positions.moved(moved, piece.id(), mm(-2), mm(1))).isEqualTo(with);
        Box from = box(with, piece.id());
        Box to = box(moved, piece.id());
        assertThat(to.left() - from.left()).as(kind).isCloseTo(goesAcross(kind) ? 0 : 2, within(0.01));
        assertThat(to.bottom() - from.bottom()).as(kind).isCloseTo(fillsItsWay(kind) ? 0 : -1, within(0.01));
        assertThat(to.width()).isCloseTo(from.width(), within(0.01));
    }

    /** A row that runs up fills the whole way up, wherever its middle is said to be. */
    private static boolean fillsItsWay(String kind) {
        return kind.equals("window-row");
    }

    /** A ribbon goes from edge to edge; only its bow, which it starts without, is moved along it. */
    private static boolean goesAcross(String kind) {
        return kind.equals("ribbon");
    }

    /** All that a piece lays down or cuts out, foam aside, which is fitted anew. */
    private static Box box(CardSpec spec, Id id) {
        Build build = Engineering.engineer(spec, TestCards.WORKSHOP);
        return build.levels().stream()
                .filter(l -> l.slab().part().owner().equals(id) && build.isCard(l))
                .map(l -> l.slab().bounds())
                .reduce(Box::union)
                .or(() -> build.parts().stream()
                        .flatMap(p -> p.cutouts().stream())
                        .filter(c -> c.owner().equals(id))
                        .map(c -> c.onFace().bounds())
                        .reduce(Box::union))
                .or(() -> build.levels().stream()
                        .filter(l -> l.slab().part().owner().equals(id)
                                || l.slab().id().value().startsWith(id.value() + "/"))
                        .map(l -> l.slab().bounds())
                        .reduce(Box::union))
                .or(() -> build.letterings().stream()
                        .filter(w -> w.owner().equals(id))
                        .flatMap(w -> w.extent().stream())
                        .reduce(Box::union))
                .or(() -> build.parts().stream()
                        .filter(p -> p.owner().equals(id))
                        .flatMap(p -> p.footprints().stream())
                        .map(Outline::bounds)
                        .reduce(Box::union))
                .orElseThrow();
    }

    // ------------------------------------------------------------ boards and weights

    @ParameterizedTest
    @CsvSource({"boards, 1", "boards, 200", "weights, 7", "weights, ' 12 '"})
    void boardsAndWeightsAreCounted(String what, String typed) {
        HouseRules rules = HouseEdit.set(HouseRules.USUAL, what, typed);
        int number = Integer.parseInt(typed.strip());
        assertThat(what.equals("boards") ? rules.boards() : rules.weights()).isEqualTo(number);
    }

    @ParameterizedTest
    @CsvSource({"boards, 0", "boards, 201", "weights, -1", "weights, 1.5", "weights, none", "weights, ''", "tables, 3"})
    void nonsenseIsRefused(String what, String typed) {
        assertThatThrownBy(() -> HouseEdit.set(HouseRules.USUAL, what, typed)).isInstanceOf(RefusedException.class);
    }
}
