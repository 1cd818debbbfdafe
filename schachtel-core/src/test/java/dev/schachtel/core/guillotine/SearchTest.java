package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

class SearchTest {
    private static final Board SHEET = new Board(300, 200, 0, 1000, true);

    private static Search search(List<Board> boards, Want... wants) {
        return Search.of(new Job(List.of(wants), boards), 1);
    }

    /** Four pieces of 150 x 100 fill a sheet of 300 x 200; a fifth takes another. */
    @Test
    void fillsASheetAndProvesIt() {
        Search four = search(List.of(SHEET), Want.free(150, 100, 4));
        Search five = search(List.of(SHEET), Want.free(150, 100, 5));
        assertThat(four.best().taken()).isEqualTo(1);
        assertThat(five.best().taken()).isEqualTo(2);
        assertThat(four.proved() && five.proved()).isTrue();
    }

    /** Three of 160 x 160 have the area of less than two sheets, and no two of them lie on one. */
    @Test
    void knowsThatLargePiecesDontShareASheet() {
        Search three = search(List.of(SHEET), Want.free(160, 160, 3));
        assertThat(three.bound()).isEqualTo(new Bound(3, Bound.How.DUAL_FEASIBLE));
        assertThat(three.best().taken()).isEqualTo(3);
    }

    /** The five rectangles of a pinwheel fill a square, but not by cuts from edge to edge. */
    @Test
    void aPinwheelTakesASecondSheetAndThatIsProvedByGoingThroughAll() {
        Board square = new Board(300, 300, 0, 1, true);
        Search five = search(List.of(square), Want.free(190, 110, 4), Want.free(80, 80, 1));
        five.run(1000);
        assertThat(five.best().taken()).isEqualTo(2);
        assertThat(five.bound()).isEqualTo(new Bound(2, Bound.How.EXHAUSTED));
    }

    @Test
    void grainForbidsTurning() {
        Want along = new Want(280, 90, 2, new boolean[] {true, false}, new boolean[] {false, true});
        Board up = new Board(200, 300, 1, 10, true);
        Search turned = search(List.of(up), along);
        Replay.check(turned.best());
        assertThat(turned.best().taken()).isEqualTo(1);
        Search none = search(List.of(new Board(200, 300, 0, 10, true)), along);
        assertThat(none.best().lacking()).isEqualTo(2);
    }

    @Test
    void offcutsComeFirstAndAreNotCounted() {
        Board offcut = new Board(160, 110, 0, 1, false);
        Search five = search(List.of(SHEET, offcut), Want.free(150, 100, 5));
        assertThat(five.best().taken()).isEqualTo(1);
        assertThat(five.best().sheets()).extracting(Packing.Sheet::board).containsExactlyInAnyOrder(0, 1);
        assertThat(five.proved()).isTrue();
    }

    @Test
    void whatFitsNowhereIsMissing() {
        Search big = search(List.of(SHEET), Want.free(400, 10, 2), Want.free(20, 20, 3));
        big.run(100);
        assertThat(big.best().missing()).containsExactly(2, 0);
        assertThat(big.best().taken()).isEqualTo(1);
    }

    /** Seven strips of two pieces and a rest each: two columns of seven, and one rest. */
    @Test
    void stripsDividedAlikeAreDividedTogether() {
        Node strip = Node.cut(true, Node.piece(0, false, 40, 10), Node.piece(0, false, 40, 10), Node.free(20, 10));
        Node sheet = Node.row(false, java.util.Collections.nCopies(7, strip));
        assertThat(sheet.gathered()).hasToString("((0/0/0/0/0/0/0)|(0/0/0/0/0/0/0)|.)");
    }

    /** 4 pieces of 100 x 40 on 300 x 200: two turned columns of two leave 220 x 200, at stops of 40 and 100. */
    @Test
    void tidyingLeavesTheLargestRestThenSavesStrokes() {
        Job job = new Job(List.of(Want.free(100, 40, 4)), List.of(SHEET));
        Node piece = Node.piece(0, false, 100, 40);
        Node row = Node.cut(true, piece, piece, piece);
        Node above = Node.cut(true, piece, Node.free(200, 40));
        Node clumsy = Node.cut(false, row, above, Node.free(300, 120));
        Packing tidy = Tidy.tidied(Packing.of(job, List.of(new Packing.Sheet(0, clumsy))));
        Replay.check(tidy);
        assertThat(tidy.largestRest()).isEqualTo(220 * 200);
        assertThat(Tidy.strokes(tidy.sheets().get(0).root())).isEqualTo(4);
        assertThat(Tidy.settings(tidy.sheets().get(0).root())).isEqualTo(2);
    }

    @Property(tries = 100)
    void tidyingNeverCostsABoardARestOrAStroke(@ForAll long seed) {
        Packing before = Search.of(job(new Random(seed)), seed).best();
        Packing after = Tidy.tidied(before);
        Replay.check(after);
        assertThat(after.missing()).isEqualTo(before.missing());
        assertThat(after.sheets()).hasSameSizeAs(before.sheets());
        for (int i = 0; i < before.sheets().size(); i++) {
            Node old = before.sheets().get(i).root().gathered();
            Node now = after.sheets().get(i).root();
            assertThat(now.largestFree()).isGreaterThanOrEqualTo(old.largestFree());
            if (now.largestFree() == old.largestFree()) {
                assertThat(Tidy.settings(now)).isLessThanOrEqualTo(Tidy.settings(old));
            }
        }
    }

    /** Whatever is asked for: all cuts go from edge to edge, the bound is kept, and rounds never make it worse. */
    @Property(tries = 150)
    void anyJobIsCutTruly(@ForAll long seed) {
        Job job = job(new Random(seed));
        Search search = Search.of(job, seed);
        Packing first = search.best();
        Replay.check(first);
        search.run(150);
        Replay.check(search.best());
        assertThat(Packing.BETTER.compare(search.best(), first)).isLessThanOrEqualTo(0);
        assertThat(search.best().taken()).isGreaterThanOrEqualTo(search.bound().boards());
        Replay.check(Packing.of(
                job,
                search.best().sheets().stream()
                        .map(s -> new Packing.Sheet(s.board(), s.root().gathered()))
                        .toList()));
        Search again = Search.of(job, seed);
        again.run(150);
        assertThat(again.best().sheets().toString())
                .isEqualTo(search.best().sheets().toString());
    }

    static Job job(Random random) {
        List<Want> wants = new ArrayList<>();
        int sizes = 1 + random.nextInt(8);
        for (int i = 0; i < sizes; i++) {
            boolean free = random.nextBoolean();
            int copies = 1 + random.nextInt(random.nextBoolean() ? 3 : 25);
            boolean[] any = {true, true};
            wants.add(new Want(
                    20 + random.nextInt(150),
                    20 + random.nextInt(150),
                    copies,
                    free ? any : new boolean[] {true, false},
                    free ? any : new boolean[] {false, true}));
        }
        List<Board> boards = new ArrayList<>(List.of(new Board(305, 305, 0, 3, true)));
        if (random.nextBoolean()) {
            boards.add(new Board(210, 297, random.nextInt(2), 5, true));
        }
        if (random.nextBoolean()) {
            boards.add(new Board(60 + random.nextInt(150), 60 + random.nextInt(150), 0, 2, false));
        }
        return new Job(wants, boards);
    }
}
