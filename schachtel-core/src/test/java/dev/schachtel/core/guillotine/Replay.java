package dev.schachtel.core.guillotine;

import java.util.Arrays;

import static org.assertj.core.api.Assertions.assertThat;

/** Plays a packing with the boards in hand: every cut from edge to edge, every piece whole, nothing twice. */
final class Replay {
    private final Job job;
    private final int[] got;

    private Replay(Job job) {
        this.job = job;
        this.got = new int[job.wants().size()];
    }

    static void check(Packing packing) {
        Replay replay = new Replay(packing.job());
        for (Packing.Sheet sheet : packing.sheets()) {
            Board board = packing.job().boards().get(sheet.board());
            replay.play(sheet.root(), board.width(), board.height(), board);
        }
        int[] all = new int[replay.got.length];
        Arrays.setAll(all, i -> replay.got[i] + packing.missing()[i]);
        assertThat(all)
                .isEqualTo(packing.job().wants().stream().mapToInt(Want::count).toArray());
        for (int i = 0; i < packing.job().boards().size(); i++) {
            int board = i;
            if (!packing.job().boards().get(i).sold()) {
                assertThat(packing.sheets().stream()
                                .filter(s -> s.board() == board)
                                .count())
                        .isLessThanOrEqualTo(packing.job().boards().get(i).count());
            }
        }
    }

    private void play(Node node, long width, long height, Board board) {
        assertThat(node.width()).isEqualTo(width);
        assertThat(node.height()).isEqualTo(height);
        if (node.isPiece()) {
            Want want = job.wants().get(node.want());
            assertThat(width).isEqualTo(node.turned() ? want.height() : want.width());
            assertThat(height).isEqualTo(node.turned() ? want.width() : want.height());
            boolean[] may = node.turned() ? want.turns() : want.stays();
            assertThat(may[Math.min(board.grain(), may.length - 1)]).isTrue();
            got[node.want()]++;
        }
        long left = node.upright() ? width : height;
        for (Node strip : node.strips()) {
            long along = node.upright() ? strip.width() : strip.height();
            assertThat(along).isPositive();
            play(strip, node.upright() ? along : width, node.upright() ? height : along, board);
            left -= along;
        }
        assertThat(node.isCut() ? left : 0).isZero();
    }
}
