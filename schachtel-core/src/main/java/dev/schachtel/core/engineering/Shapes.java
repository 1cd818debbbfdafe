package dev.schachtel.core.engineering;

import dev.schachtel.core.build.Form;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Silhouettes;

/** An opening's outline, centred on the origin, and the name of its shape. */
public record Shapes(Outline outline, Form form) {
    /** How a piece of that shape is cut: a picture as the box says, all else with a die. */
    static CutMethod method(Opening opening, Workshop stock) {
        return opening instanceof Opening.Pictured p
                ? stock.picture(p.picture()).map(Picture::method).orElse(CutMethod.DIE)
                : CutMethod.DIE;
    }

    /** As it is given. */
    public static Shapes of(Opening opening, Workshop stock) {
        return grown(opening, Length.ZERO, stock);
    }

    /** The outline of the same kind of shape in another size. */
    static Outline like(Opening opening, Length w, Length h, Workshop stock) {
        if (opening instanceof Opening.Circle || opening instanceof Opening.Oval) {
            return Outline.oval(w, h);
        }
        if (opening instanceof Opening.RoundedRectangle r) {
            return Outline.roundedRectangle(w, h, r.corner());
        }
        if (opening instanceof Opening.Arch) {
            return of(new Opening.Arch(w, h), stock).outline();
        }
        if (opening instanceof Opening.Pictured p) {
            return of(new Opening.Pictured(p.picture(), w, h), stock).outline();
        }
        return opening instanceof Opening.Own own
                ? of(new Opening.Own(w, h, own.path()), stock).outline()
                : Outline.rectangle(w, h);
    }

    /** The same shape with a border of by all round; corners grow with it. */
    static Shapes grown(Opening opening, Length by, Workshop stock) {
        Length w = opening.width().plus(by.times(2));
        Length h = opening.height().plus(by.times(2));
        if (opening instanceof Opening.Circle) {
            return new Shapes(Outline.circle(w), Form.of(Form.Sort.ROUND, w, h));
        }
        if (opening instanceof Opening.Oval) {
            return new Shapes(Outline.oval(w, h), Form.of(Form.Sort.OVAL, w, h));
        }
        if (opening instanceof Opening.RoundedRectangle r) {
            return new Shapes(Outline.roundedRectangle(w, h, r.corner().plus(by)), Form.of(Form.Sort.ROUNDED, w, h));
        }
        if (opening instanceof Opening.Arch) {
            return new Shapes(centred(Silhouettes.arch(w, h), w, h), Form.of(Form.Sort.ARCH, w, h));
        }
        if (opening instanceof Opening.Pictured p) {
            Outline plain = stock.picture(p.picture())
                    .map(found -> PictureShape.of(found, p.width(), p.height()).outline())
                    .orElseGet(() -> Outline.rectangle(p.width(), p.height()));
            Outline out = by.isZero() ? plain : plain.grown(by);
            return new Shapes(
                    out,
                    Form.of(Form.Sort.SHAPE, out.bounds().wide(), out.bounds().high()));
        }
        if (opening instanceof Opening.Own own) {
            Outline plain = OwnOutline.scaled(own.path(), own.width(), own.height());
            Outline grown = centred(plain, own.width(), own.height()).grown(by);
            return new Shapes(grown, Form.of(Form.Sort.SHAPE, w, h));
        }
        return new Shapes(Outline.rectangle(w, h), Form.rectangle(w, h));
    }

    private static Outline centred(Outline fromCorner, Length w, Length h) {
        return fromCorner.placed(Placement.at(w.half().negated(), h.half().negated()));
    }
}
