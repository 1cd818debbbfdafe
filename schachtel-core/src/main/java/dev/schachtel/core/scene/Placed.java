package dev.schachtel.core.scene;

import java.util.Optional;

import dev.schachtel.core.card.Depicted;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * A picture where it lies.
 *
 * @param scale of its own size
 * @param above how far its top stands out from its face, in mm
 * @param face the box round the coloured area called "face", in shares of its own box; empty for a picture without one
 */
public record Placed(
        Depicted piece,
        Picture picture,
        Outline outline,
        double scale,
        double above,
        Colour colour,
        Picture.Looks looks,
        Optional<Box> face) {
    public Id id() {
        return piece.id();
    }

    /** Where it touches the ground it stands on. */
    public Point foot() {
        Box box = outline.bounds();
        return new Point(box.centre().x(), box.bottom() + Mm.of(picture.foot()) * scale);
    }

    /** Its face where it is now, as an oval. */
    Optional<Outline> faceNow() {
        Box box = outline.bounds();
        return face.map(f -> {
            Outline oval = Outline.circle(Length.ofMillimetres(10))
                    .stretched(Mm.length(f.width() * box.width()), Mm.length(f.height() * box.height()));
            Point middle = oval.bounds().centre();
            return oval.moved(new Point(
                    box.left() + f.centre().x() * box.width() - middle.x(),
                    box.bottom() + f.centre().y() * box.height() - middle.y()));
        });
    }

    /** A box within another, in shares of it. */
    static Box shares(Box part, Box of) {
        return new Box(
                (part.left() - of.left()) / of.width(),
                (part.bottom() - of.bottom()) / of.height(),
                (part.right() - of.left()) / of.width(),
                (part.top() - of.bottom()) / of.height());
    }

    public boolean isGround() {
        return picture.role() == Picture.Role.GROUND;
    }

    public boolean stands() {
        return !isGround() && picture.stance() != Picture.Stance.FLIES;
    }

    Placed with(Outline other) {
        return new Placed(piece, picture, other, scale, above, colour, looks, face);
    }

    Placed standingOut(double height) {
        return new Placed(piece, picture, outline, scale, height, colour, looks, face);
    }

    Placed coloured(Colour other) {
        return new Placed(piece, picture, outline, scale, above, other, looks, face);
    }

    Placed moved(double dx, double dy) {
        return with(outline.moved(new Point(dx, dy)));
    }

    Placed mirrored() {
        Outline other = outline.mirrored(outline.bounds().centre().x());
        Optional<Box> turned = face.map(f -> new Box(1 - f.right(), f.bottom(), 1 - f.left(), f.top()));
        return new Placed(piece, picture, other, scale, above, colour, looks.mirrored(), turned);
    }

    /** So many times as large, its foot where it was. */
    Placed larger(double times) {
        Box box = outline.bounds();
        Outline other = outline.stretched(Mm.length(box.width() * times), Mm.length(box.height() * times));
        Box now = other.bounds();
        Point by = new Point(box.centre().x() - now.centre().x(), box.bottom() - now.bottom());
        return new Placed(piece, picture, other.moved(by), scale * times, above, colour, looks, face);
    }
}
