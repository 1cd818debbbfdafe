package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/**
 * Four strips round a rectangle, each butting against the next: two of a + w, two of b + w, where a x b is clear.
 * Example: window 60 x 40, set back 1.5, w 6: clear 63 x 43, strips 69, 49, 69, 49, in all 236, outside 75 x 55.
 */
final class PinwheelDam implements Dam.Maker {
    @Override
    public Dam make(Dam.Request request) {
        Length a = request.clearWidth();
        Length b = request.clearHeight();
        Length w = request.shaker().foamWidth();
        Length x = a.half();
        Length y = b.half();
        Placement m = request.middle();
        Angle quarter = Angle.ofDegrees(90);
        List<Placement> lying = List.of(
                m.moved(x.negated(), y.plus(w).negated()), m.moved(x.plus(w).negated(), y));
        List<Placement> standing = List.of(
                m.moved(x.plus(w), y.negated()).turned(quarter),
                m.moved(x.negated(), y.plus(w).negated()).turned(quarter));
        List<Dam.Wall> walls = new ArrayList<>();
        walls.add(strip(a.equals(b) ? "dam" : "dam-long", a.plus(w), w, lying));
        Dam.Wall second = strip(a.equals(b) ? "dam" : "dam-short", b.plus(w), w, standing);
        if (a.equals(b)) {
            walls.set(
                    0,
                    strip("dam", a.plus(w), w, List.of(lying.get(0), lying.get(1), standing.get(0), standing.get(1))));
        } else {
            walls.add(second);
        }
        Point c = m.origin();
        double dx = request.clearWidth().nanometres() / 2e6;
        double dy = request.clearHeight().nanometres() / 2e6;
        return new Dam(
                Outline.rectangle(a, b).placed(m),
                Outline.rectangle(a.plus(w.times(2)), b.plus(w.times(2))).placed(m),
                walls,
                List.of(c.plus(dx, -dy), c.plus(dx, dy), c.plus(-dx, dy), c.plus(-dx, -dy)),
                derive(request));
    }

    private static Dam.Wall strip(String which, Length length, Length width, List<Placement> at) {
        Outline flat = Outline.sheet(length, width);
        return new Dam.Wall(
                which,
                "Dam strip",
                new Dam.Cut(Form.rectangle(length, width), flat, Dam.END_CUT),
                at,
                at.stream().map(flat::placed).toList());
    }

    private static List<Derivation> derive(Dam.Request r) {
        Length w = r.shaker().foamWidth();
        Length across = r.clearWidth().plus(w);
        Length up = r.clearHeight().plus(w);
        int layers = r.shaker().layers();
        return List.of(
                r.clearDerivation(),
                r.derive("Strips across", Amount.of(across), "", List.of(r.window(), r.setback(2), r.foam(1))),
                r.derive("Strips up", Amount.of(up), "", List.of(r.windowHeight(), r.setback(2), r.foam(1))),
                r.derive(
                        "Foam in all",
                        Amount.of(across.plus(up).times(2L * layers)),
                        "",
                        List.of(
                                Dam.Request.term(
                                        2 * layers, "across", across, r.foam(1).source()),
                                Dam.Request.term(2 * layers, "up", up, r.foam(1).source()))),
                r.derive(
                        "Dam, outside",
                        Amount.of(
                                r.clearWidth().plus(w.times(2)), r.clearHeight().plus(w.times(2))),
                        "",
                        List.of(
                                new Derivation.Term(
                                        1,
                                        "inside",
                                        Amount.of(r.clearWidth(), r.clearHeight()),
                                        r.setback(1).source()),
                                r.foam(2))));
    }
}
