package dev.schachtel.core.scene;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Depicted;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.PieceEdit;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/** Finds room for one more picture: the place of most clearance that keeps its feet on the ground and what must be free free. */
public final class Room {
    /** The kind of piece that lies on a face wherever one likes. */
    private static final String KIND = RecordType.kinds(Piece.class).stream()
            .filter(Depicted.class::isAssignableFrom)
            .map(RecordType::word)
            .findFirst()
            .orElseThrow();

    /** Grams a square metre from which paper is card. */
    private static final int CARD = 200;

    private static final int COLUMNS = 24;
    private static final int ROWS = 24;

    private Room() {}

    /** The middle of the place where a picture has most room; the middle of the face if it fits nowhere. */
    public static Point of(Scenery scenery, Picture picture, double scale) {
        Box face = scenery.face().bounds();
        double wide = Mm.of(picture.width()) * scale;
        double high = Mm.of(picture.height()) * scale;
        Ground ground = new Ground(scenery);
        List<Box> taken = new ArrayList<>();
        scenery.pieces().stream()
                .filter(p -> !p.isGround())
                .forEach(p -> taken.add(p.outline().bounds()));
        scenery.words().forEach(w -> taken.add(w.outline().bounds()));
        List<Outline> keep = Stream.concat(scenery.others().stream(), scenery.free().stream())
                .toList();
        Point best = face.centre();
        double most = -Double.MAX_VALUE;
        for (int c = 0; c <= COLUMNS; c++) {
            for (int r = 0; r <= ROWS; r++) {
                double x = face.left() + wide / 2 + (face.width() - wide) * c / COLUMNS;
                double y = face.bottom() + high / 2 + (face.height() - high) * r / ROWS;
                double foot = y - high / 2 + Mm.of(picture.foot()) * scale;
                double fit = fit(ground, picture, new Point(x, foot));
                Box box = new Box(x - wide / 2, y - high / 2, x + wide / 2, y + high / 2);
                double clear = clearance(box, face, taken, keep);
                if (fit + clear > most) {
                    most = fit + clear;
                    best = new Point(x, y);
                }
            }
        }
        return settled(ground, picture, scale, best);
    }

    /** Lets down what stands, so that its feet are on the ground. */
    private static Point settled(Ground ground, Picture picture, double scale, Point at) {
        double below = Mm.of(picture.height()) * scale / 2 - Mm.of(picture.foot()) * scale;
        OptionalDouble over = picture.stance() == Picture.Stance.FLIES
                ? OptionalDouble.empty()
                : ground.below(new Point(at.x(), at.y() - below));
        return over.isPresent() ? new Point(at.x(), at.y() - over.getAsDouble()) : at;
    }

    /** What stands likes the ground, what flies the air above it. */
    private static double fit(Ground ground, Picture picture, Point foot) {
        if (!ground.isThere()) {
            return 0;
        }
        OptionalDouble over = ground.below(foot);
        if (picture.stance() == Picture.Stance.FLIES) {
            return over.isPresent() && over.getAsDouble() < 1 ? -1_000 : 0;
        }
        return over.isPresent() ? -over.getAsDouble() * 3 : -1_000;
    }

    /** How far it is from everything, mm, but no more than 15; less than 0 where it lies on something. */
    private static double clearance(Box box, Box face, List<Box> taken, List<Outline> keep) {
        double least = 15;
        least = Math.min(least, Math.min(box.left() - face.left(), face.right() - box.right()));
        least = Math.min(least, face.top() - box.top());
        for (Box other : taken) {
            least = Math.min(least, apart(box, other));
        }
        Outline place = null;
        for (Outline free : keep) {
            if (apart(box, free.bounds()) < least) {
                place = place == null ? Outline.ofCorners(corners(box)) : place;
                least = Math.min(
                        least,
                        free.overlaps(place) ? -100 : Mm.of(free.gapTo(place).length()));
            }
        }
        return least;
    }

    private static List<Point> corners(Box b) {
        return List.of(
                new Point(b.left(), b.bottom()),
                new Point(b.right(), b.bottom()),
                new Point(b.right(), b.top()),
                new Point(b.left(), b.top()));
    }

    static double apart(Box a, Box b) {
        double dx = Math.max(a.left() - b.right(), b.left() - a.right());
        double dy = Math.max(a.bottom() - b.top(), b.bottom() - a.top());
        return dx > 0 && dy > 0 ? Math.hypot(dx, dy) : Math.max(dx, dy);
    }

    /** Where the middle of a picture comes to lie, how large it is, and from which card it is cut. */
    public record Put(Point at, double scale, MaterialId card) {}

    /** The card that colours show best on: the lightest of the stock that is no paper. */
    public static MaterialId card(Workshop workshop) {
        List<Cardstock> all = workshop.all(Cardstock.class);
        return all.stream()
                .filter(c -> c.grammage() >= CARD || all.stream().allMatch(o -> o.grammage() < CARD))
                .max(Comparator.comparingDouble(c -> c.colour().lightness()))
                .map(Cardstock::id)
                .orElseThrow(() -> new RefusedException("card", "there is none in the stock"));
    }

    /** The card with a picture on a face, its middle there. */
    public static CardSpec placed(CardSpec spec, Id on, Picture picture, Put put) {
        double scale = put.scale;
        Point at = put.at;
        Id id = CardEdit.of(spec).nextId(KIND);
        Opening.Pictured shape = new Opening.Pictured(
                picture.id(),
                Fixes.rounded(Mm.of(picture.width()) * scale),
                Fixes.rounded(Mm.of(picture.height()) * scale));
        return PieceEdit.of(CardEdit.of(spec).add(KIND), id)
                .on(on)
                .pictured(shape)
                .trimmed(picture.role() == Picture.Role.GROUND)
                .cutFrom(put.card)
                .at(Fixes.rounded(at.x()), Fixes.rounded(at.y()))
                .card();
    }
}
