package dev.schachtel.core.guillotine;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** A search goes on from what it wrote down, and from nothing else. */
class FoundTest {
    private static final Job TWO = new Job(List.of(Want.free(100, 40, 4)), List.of(new Board(300, 200, 0, 9, true)));

    @Test
    void cutsAreWrittenInOneLine() {
        Node piece = Node.piece(0, false, 100, 40);
        Node turned = Node.piece(0, true, 40, 100);
        Node left = Node.cut(false, turned, Node.free(40, 100));
        assertThat(NodeText.write(Node.cut(true, left, left))).isEqualTo("((0'/.40x100)|(0'/.40x100))");
        assertThat(NodeText.write(piece)).isEqualTo("0");
    }

    @Property(tries = 120)
    void aSearchGoesOnWhereItWas(@ForAll long seed) {
        Job job = SearchTest.job(new Random(seed));
        Search first = Search.of(job, seed);
        first.run(120);
        Search second = Search.of(job, seed, first.found());
        Replay.check(second.best());
        assertThat(second.best().sheets().toString())
                .isEqualTo(first.best().sheets().toString());
        assertThat(second.bound()).isEqualTo(first.bound());
        assertThat(second.rounds()).isEqualTo(first.rounds());
        assertThat(second.done()).isEqualTo(first.done());
        second.run(50);
        assertThat(Packing.BETTER.compare(second.best(), first.best())).isLessThanOrEqualTo(0);
    }

    @Test
    void anotherJobsFindIsRefused() {
        Job other = new Job(List.of(Want.free(100, 40, 5)), TWO.boards());
        Found found = Search.of(TWO, 1).found();
        assertThatThrownBy(() -> Search.of(other, 1, found)).hasMessageContaining("another job");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "0",
                ".300x200x",
                ".300x199",
                ".0x200",
                "((0|0|0)/.300x160",
                "((0|0|0)/.300x160))",
                "((0|0'|0)/.300x160)",
                "((1|0|0)/.300x160)",
                "((0|0|0))",
                "((0|0|0|0)/.400x160)",
                ".99999999999999999999x1",
                "(.100x200|.100x200|.100x199)"
            })
    void nonsenseIsRefused(String cuts) {
        Found nonsense =
                new Found(TWO.fingerprint(), List.of(new Found.Cut(0, cuts)), new Bound(1, Bound.How.AREA), 1, false);
        assertThatThrownBy(() -> Search.of(TWO, 1, nonsense)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void moreThanIsWantedOrThereIsRefused() {
        String six = "((0|0|0)/(0|0|0)/.300x120)";
        Found twice =
                new Found(TWO.fingerprint(), List.of(new Found.Cut(0, six)), new Bound(1, Bound.How.AREA), 1, false);
        assertThatThrownBy(() -> Search.of(TWO, 1, twice)).hasMessageContaining("more is cut");
        Found nowhere =
                new Found(TWO.fingerprint(), List.of(new Found.Cut(1, six)), new Bound(1, Bound.How.AREA), 1, false);
        assertThatThrownBy(() -> Search.of(TWO, 1, nowhere)).hasMessageContaining("no board 1");
    }

    @Test
    void cutsNestedWithoutEndAreRefused() {
        String deep = "(".repeat(5_000);
        Found found =
                new Found(TWO.fingerprint(), List.of(new Found.Cut(0, deep)), new Bound(1, Bound.How.AREA), 1, false);
        assertThatThrownBy(() -> Search.of(TWO, 1, found)).hasMessageContaining("within each other");
    }
}
