package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Circles;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/**
 * A dam without corners: cut in one piece from foam sheet, or one narrow strip bent round with a single joint. The
 * strip's length is the way round along its middle: pi (2 r + w) for a circle, 2 (a + b) + 4 w round corners.
 */
final class RingDam implements Dam.Maker {
    private final boolean bent;

    RingDam(boolean bent) {
        this.bent = bent;
    }

    @Override
    public Dam make(Dam.Request request) {
        Length w = request.shaker().foamWidth();
        Opening opening = request.opening();
        Shapes inner = Shapes.grown(opening, request.shaker().setback(), request.stock());
        Shapes outer = Shapes.grown(opening, request.shaker().setback().plus(w), request.stock());
        Outline ring = outer.outline().without(inner.outline());
        List<Placement> at = List.of(request.middle());
        Form.Sort sort = request.round() ? Form.Sort.RING : Form.Sort.FRAME;
        Outline clear = inner.outline().placed(request.middle());
        Length round = wayRound(request);
        Dam.Cut cut = bent
                ? new Dam.Cut(Form.rectangle(round, w), Outline.sheet(round, w), Dam.END_CUT)
                : new Dam.Cut(Form.of(sort, outer.form().width(), outer.form().height()), ring, CutMethod.DIE);
        return new Dam(
                clear,
                outer.outline().placed(request.middle()),
                List.of(new Dam.Wall(
                        "dam", bent ? "Dam strip, bent" : "Dam ring", cut, at, List.of(ring.placed(request.middle())))),
                bent ? List.of(clear.outer().start()) : List.of(),
                derive(request, outer.form(), round));
    }

    private static Length wayRound(Dam.Request r) {
        Length w = r.shaker().foamWidth();
        if (r.round()) {
            return Circles.circumference(r.clearWidth().plus(w));
        }
        if (r.oval()) {
            return Circles.circumference(r.clearWidth().plus(w), r.clearHeight().plus(w));
        }
        return r.clearWidth().plus(r.clearHeight()).times(2).plus(w.times(4));
    }

    private List<Derivation> derive(Dam.Request r, Form outside, Length round) {
        List<Derivation> all = new ArrayList<>();
        all.add(r.clearDerivation());
        Amount inside = r.round() ? Amount.of(r.clearWidth()) : Amount.of(r.clearWidth(), r.clearHeight());
        Amount out = r.round() ? Amount.of(outside.width()) : Amount.of(outside.width(), outside.height());
        Derivation.Term clear =
                new Derivation.Term(1, "inside", inside, r.setback(1).source());
        all.add(r.derive("Dam, outside", out, "", List.of(clear, r.foam(2))));
        if (bent) {
            String formula = r.round() ? "π × ({0} + {1})" : "once round the middle of the foam: {0}, {1}";
            all.add(r.derive("Strip to bend", Amount.of(round), formula, List.of(clear, r.foam(1))));
        }
        return all;
    }
}
