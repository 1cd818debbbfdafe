package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/**
 * Where the pieces of a filling lie in the drawing: to scale, the lower ones first, the same every time. A picture, not
 * a simulation; fine fillings are drawn with at most {@value #MOST} pieces.
 */
final class FillingPile {
    private static final int MOST = 90;
    private static final int ROWS = 48;
    private final Chamber chamber;
    private final Outline window;
    private final int count;
    private long seed = 20_270_531;

    /** The share of a chamber's filling that lies behind one of its windows. */
    FillingPile(Chamber chamber, Outline window) {
        this.chamber = chamber;
        this.window = window;
        double share = Math.min(1, window.area().shareOf(chamber.clear().area()));
        this.count = chamber.isDam() ? chamber.pieces() : (int) Math.round(chamber.pieces() * share);
    }

    List<Outline> pieces() {
        Box box = window.bounds();
        Length d = Length.max(chamber.filling().diameter(), Length.ofMicrometres(600));
        Outline piece = Outline.circle(d);
        double r = Mm.of(d) / 2;
        double share = count * Math.PI * r * r / Math.max(1, window.area().squareMillimetres());
        double level = box.height() * Math.min(0.8, Math.max(0.12, share * 0.75));
        List<Outline> pieces = new ArrayList<>();
        Map<Integer, List<Outline.Span>> rows = new HashMap<>();
        double least = Math.min(box.width(), box.height()) / 2;
        for (int tries = 0; tries < 4 * MOST && pieces.size() < Math.min(MOST, count); tries++) {
            double x = box.left() + r + random() * (box.width() - 2 * r);
            double up = random();
            int row = (int) (up * up * 1.35 * level / box.height() * ROWS);
            double y = box.bottom() + r + row * box.height() / ROWS;
            boolean inside = least > r
                    && rows.computeIfAbsent(row, k -> window.across(y)).stream()
                            .anyMatch(s -> s.from() < x - r && s.to() > x + r);
            if (inside) {
                pieces.add(piece.placed(Placement.at(Mm.length(x), Mm.length(y))));
            }
        }
        return pieces;
    }

    /** A plain congruential sequence (Knuth's MMIX constants): the same picture on every machine. */
    private double random() {
        seed = seed * 6_364_136_223_846_793_005L + 1_442_695_040_888_963_407L;
        return (seed >>> 11) / (double) (1L << 53);
    }
}
