package dev.schachtel.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.patience.Patience;
import dev.schachtel.core.scene.Layouts.Layout;
import dev.schachtel.core.scene.Layouts.Wish;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/** Moves one piece at a time and keeps what costs less, or a little more in the beginning; costs in millimetres. */
final class LayoutSearch {
    private static final double HARD = 1_000;
    private static final double WARM = 12;
    /** Pieces whose sides differ by a smaller share look like a pair. */
    private static final double ALIKE = 0.15;

    private final Wish wish;
    private final Random random;
    private final Ground ground;
    private final Box face;
    private final LayoutPieces pieces;
    private final List<Placed> moving;
    private final Point[] shift;
    private final Box[] now;

    LayoutSearch(LayoutPieces pieces, Wish wish, long seed) {
        this.pieces = pieces;
        this.wish = wish;
        this.random = new Random(seed * 31 + wish.ordinal());
        this.ground = pieces.ground();
        this.face = pieces.face();
        this.moving = pieces.moving();
        shift = new Point[moving.size()];
        now = new Box[moving.size()];
    }

    /** The best it found; empty if nothing may move, or nothing it found keeps what must be kept. */
    Optional<Layout> run(int rounds) {
        if (moving.isEmpty()) {
            return Optional.empty();
        }
        for (int i = 0; i < shift.length; i++) {
            place(i, somewhere(i));
        }
        double total = total();
        Point[] best = shift.clone();
        double least = total;
        for (int round = 0; round < rounds; round++) {
            Patience.take(1);
            int i = random.nextInt(shift.length);
            Point old = shift[i];
            double before = own(i) + wished();
            place(i, random.nextInt(3) == 0 ? somewhere(i) : near(i, round, rounds));
            double change = own(i) + wished() - before;
            double warmth = WARM * (1 - (double) round / rounds) + 0.01;
            if (change > 0 && random.nextDouble() >= Math.exp(-change / warmth)) {
                place(i, old);
                continue;
            }
            total += change;
            if (total < least - 1e-9) {
                least = total;
                best = shift.clone();
            }
        }
        for (int i = 0; i < best.length; i++) {
            place(i, best[i]);
        }
        return keeps() ? Optional.of(layout(total())) : Optional.empty();
    }

    /** What a layout costs in which each piece is moved by so much. */
    double cost(List<Point> moves) {
        for (int i = 0; i < shift.length; i++) {
            place(i, moves.get(i));
        }
        return total();
    }

    private Layout layout(double cost) {
        List<Id> ids = moving.stream().map(Placed::id).toList();
        List<Point> middles = new ArrayList<>();
        for (int i = 0; i < shift.length; i++) {
            Placed p = moving.get(i);
            Point own = new Point(Mm.of(p.piece().across()), Mm.of(p.piece().up()));
            middles.add(own.plus(shift[i].x(), shift[i].y()));
        }
        return new Layout(wish, ids, middles, cost);
    }

    private void place(int i, Point by) {
        shift[i] = by;
        Box box = moving.get(i).outline().bounds();
        now[i] = new Box(box.left() + by.x(), box.bottom() + by.y(), box.right() + by.x(), box.top() + by.y());
    }

    private Point somewhere(int i) {
        Box box = moving.get(i).outline().bounds();
        double x = face.left() + random.nextDouble() * Math.max(0, face.width() - box.width());
        double y = face.bottom() + random.nextDouble() * Math.max(0, face.height() - box.height());
        return settled(i, new Point(x - box.left(), y - box.bottom()));
    }

    private Point near(int i, int round, int rounds) {
        double reach = 2 + 0.25 * face.width() * (1 - (double) round / rounds);
        return settled(i, shift[i].plus((random.nextDouble() * 2 - 1) * reach, (random.nextDouble() * 2 - 1) * reach));
    }

    /** What stands on the ground comes down to it; what stands elsewhere keeps its height. */
    private Point settled(int i, Point by) {
        Placed p = moving.get(i);
        if (!p.stands()) {
            return by;
        }
        if (!pieces.onGround().get(i)) {
            Box box = p.outline().bounds();
            double up = Math.max(0, face.bottom() + 1 - box.bottom());
            return new Point(by.x(), Math.min(up, face.top() - 1 - box.top()));
        }
        Point foot = p.foot().plus(by.x(), by.y());
        OptionalDouble over = ground.below(foot);
        if (over.isPresent()) {
            return by.plus(0, -over.getAsDouble());
        }
        OptionalDouble surface = ground.surface(foot.x());
        return surface.isPresent() ? by.plus(0, surface.getAsDouble() - foot.y()) : by;
    }

    /** What a piece costs by itself and against all others. */
    private double own(int i) {
        double cost = alone(i);
        for (int k = 0; k < now.length; k++) {
            cost += k == i ? 0 : together(Math.min(i, k), Math.max(i, k));
        }
        return cost;
    }

    private double together(int i, int k) {
        return crowded(pieces.wide().get(i).shared(x(i), y(i), pieces.own().get(k), x(k), y(k)));
    }

    private double alone(int i) {
        double cost = 0;
        Box box = now[i];
        cost += HARD
                * (Math.max(0, face.left() + 1 - box.left())
                        + Math.max(0, box.right() - face.right() + 1)
                        + Math.max(0, face.bottom() + 1 - box.bottom())
                        + Math.max(0, box.top() - face.top() + 1))
                / 10;
        for (Mask other : pieces.kept()) {
            cost += crowded(pieces.wide().get(i).shared(x(i), y(i), other, 0, 0));
        }
        Placed p = moving.get(i);
        if (pieces.onGround().get(i) && ground.below(foot(i)).isEmpty()) {
            cost += HARD;
        }
        if (!p.stands() && ground.isThere()) {
            OptionalDouble over = ground.below(new Point(box.centre().x(), box.bottom()));
            cost += over.isPresent() ? 4 * Math.max(0, 8 - over.getAsDouble()) : 0;
        }
        return cost;
    }

    private Point foot(int i) {
        return moving.get(i).foot().plus(shift[i].x(), shift[i].y());
    }

    private int x(int i) {
        return (int) Math.round(shift[i].x());
    }

    private int y(int i) {
        return (int) Math.round(shift[i].y());
    }

    private static double crowded(int cells) {
        return cells == 0 ? 0 : HARD / 20 + cells;
    }

    private double total() {
        double sum = wished();
        for (int i = 0; i < now.length; i++) {
            sum += alone(i);
            for (int k = i + 1; k < now.length; k++) {
                sum += together(i, k);
            }
        }
        return sum;
    }

    /** What the wish costs: about a millimetre for each that a piece would have to go. */
    private double wished() {
        double sum = 0;
        double balance = 0;
        double middle = face.centre().x();
        for (Box piece : now) {
            double beside = piece.centre().x() - middle;
            balance += beside * piece.width() * piece.height();
            sum += switch (wish) {
                case SCATTERED -> crowd(piece);
                case TWO_GROUPS -> Math.abs(Math.abs(beside) - face.width() * 0.3);
                case SKY_OPEN -> 0.5 * Math.max(0, piece.top() - face.bottom() - 0.55 * face.height());
                case GATHERED -> 0.6 * Math.abs(beside);
                case SYMMETRICAL -> unpaired(piece);
                case EVEN -> 0;
            };
        }
        double all = face.width() * face.height();
        return sum + Math.abs(balance) / all * (wish == Wish.EVEN ? 60 : 20);
    }

    /** How far it is from the middle, or its likeness on the other side from where a mirror would show it. */
    private double unpaired(Box piece) {
        Point mirrored = new Point(
                2 * face.centre().x() - piece.centre().x(), piece.centre().y());
        double least = Math.abs(piece.centre().x() - face.centre().x());
        for (Box other : now) {
            boolean alike = other != piece
                    && Math.abs(other.width() - piece.width()) < ALIKE * piece.width()
                    && Math.abs(other.height() - piece.height()) < ALIKE * piece.height();
            least = alike ? Math.min(least, other.centre().distanceTo(mirrored)) : least;
        }
        return least;
    }

    /** The nearer the next, the more. */
    private double crowd(Box piece) {
        double least = face.width() / 3;
        for (Box other : now) {
            if (other != piece) {
                least = Math.min(least, Math.max(0, Room.apart(piece, other)));
            }
        }
        return face.width() / 3 - least;
    }

    /** Measured on the true outlines: nothing lies on what must stay free, over the edge, or nearly on another. */
    private boolean keeps() {
        List<Outline> there = new ArrayList<>();
        for (int i = 0; i < now.length; i++) {
            Outline piece = moving.get(i).outline().moved(shift[i]);
            boolean free = pieces.fixed().stream().noneMatch(piece::overlaps)
                    && there.stream().allMatch(o -> clear(piece, o))
                    && face.holds(piece.bounds());
            if (!free) {
                return false;
            }
            there.add(piece);
        }
        return true;
    }

    private static boolean clear(Outline a, Outline b) {
        return !a.bounds().grown(Sitting.NEAR).touches(b.bounds()) || Measured.apart(a, b) >= Sitting.NEAR;
    }
}
