package dev.schachtel.core.engineering;

import java.util.List;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Seam;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.card.Shaker;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Method;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/** A foam dam worked out: its walls on the face, the space they leave clear, and where they meet. */
record Dam(Outline clear, Outline outside, List<Wall> walls, List<Point> joints, List<Derivation> derivations) {
    /** Ends of foam are cut with a knife. */
    static final CutMethod END_CUT = CutMethod.KNIFE;

    /** One kind of strip or ring: flat outline, where it lies, and what it covers there. */
    record Wall(String which, String name, Cut cut, List<Placement> at, List<Outline> footprints) {}

    /** How a wall is cut. */
    record Cut(Form form, Outline flat, CutMethod method) {}

    /** What a dam is asked for: the shaker's wishes round a window in the middle of the face. */
    record Request(Shaker shaker, Opening opening, Placement middle, Workshop stock) {
        Length clearWidth() {
            return opening.width().plus(shaker.setback().times(2));
        }

        Length clearHeight() {
            return opening.height().plus(shaker.setback().times(2));
        }

        boolean round() {
            return opening instanceof Opening.Circle;
        }

        boolean oval() {
            return opening instanceof Opening.Oval;
        }

        Derivation.Term window() {
            String name = round() ? "window" : "window width";
            return term(1, name, opening.width(), new Source(shaker.window(), sizeComponent()));
        }

        private String sizeComponent() {
            return round() ? "shape.diameter" : "shape.width";
        }

        Derivation.Term windowHeight() {
            return term(1, "window height", opening.height(), new Source(shaker.window(), "shape.height"));
        }

        Derivation.Term setback(int times) {
            return term(times, "set back", shaker.setback(), new Source(shaker.id(), "setback"));
        }

        Derivation.Term foam(int times) {
            return term(times, "foam", shaker.foamWidth(), new Source(shaker.id(), "foamWidth"));
        }

        Derivation.Term strips() {
            return new Derivation.Term(
                    1, "strips", new Amount.Count(shaker.strips()), new Source(shaker.id(), "strips"));
        }

        static Derivation.Term term(int times, String name, Length length, Source source) {
            return new Derivation.Term(times, name, Amount.of(length), source);
        }

        Derivation derive(String name, Amount result, String formula, List<Derivation.Term> terms) {
            return new Derivation(shaker.id(), name, result, formula, terms);
        }

        Derivation clearDerivation() {
            return round()
                    ? derive("Dam, inside", Amount.of(clearWidth()), "", List.of(window(), setback(2)))
                    : derive(
                            "Dam, inside",
                            Amount.of(clearWidth(), clearHeight()),
                            "",
                            List.of(
                                    new Derivation.Term(
                                            1,
                                            "window",
                                            Amount.of(opening.width(), opening.height()),
                                            new Source(shaker.window(), "*")),
                                    setback(2)));
        }
    }

    /** One way of making a dam. */
    interface Maker {
        Dam make(Request request);
    }

    /** Where walls meet, with the spread of a knife through foam. */
    List<Seam> seams(Workshop workshop) {
        Length sigma = Mm.length(workshop.accuracy(Method.FOAM_KNIFE).spread());
        return joints.stream().map(at -> new Seam(Length.ZERO, sigma, at)).toList();
    }
}
