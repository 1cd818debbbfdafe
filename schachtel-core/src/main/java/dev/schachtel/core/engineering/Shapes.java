package dev.schachtel.core.engineering;

import dev.schachtel.core.build.Form;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;

/** An opening's outline, centred on the origin, and the name of its shape. */
record Shapes(Outline outline, Form form) {
    static Shapes of(Opening opening) {
        return grown(opening, Length.ZERO);
    }

    /** The same shape with a border of by all round; corners grow with it. */
    static Shapes grown(Opening opening, Length by) {
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
        return new Shapes(Outline.rectangle(w, h), Form.rectangle(w, h));
    }
}
