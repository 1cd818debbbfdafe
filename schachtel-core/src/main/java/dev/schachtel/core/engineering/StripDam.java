package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.DamPolygon;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/** n straight strips round a circular window, ends square or mitred. Formulas: {@link DamPolygon}. */
final class StripDam implements Dam.Maker {
    private final boolean mitred;

    StripDam(boolean mitred) {
        this.mitred = mitred;
    }

    @Override
    public Dam make(Dam.Request request) {
        Length clear = request.clearWidth();
        Length w = request.shaker().foamWidth();
        int n = request.shaker().strips();
        DamPolygon polygon = new DamPolygon(clear.half(), w, n);
        Length length = mitred ? polygon.mitredOuterLength() : polygon.innerLength();
        Length outside = mitred ? polygon.mitredOutsideRadius() : polygon.squareOutsideRadius();
        Outline strip = mitred ? trapezoid(polygon, w) : Outline.rectangle(polygon.innerLength(), w);
        List<Placement> at = new ArrayList<>();
        List<Point> joints = new ArrayList<>();
        double middleRadius = Mm.of(clear.half()) + Mm.of(w) / 2;
        double cornerRadius = Mm.of(clear.half()) / Math.cos(Math.PI / n);
        for (int k = 0; k < n; k++) {
            at.add(onCircle(request, middleRadius, Angle.ofTurn(k, n)));
            double corner = Angle.ofTurn(k, n).radians() + Math.PI / n - Math.PI / 2;
            joints.add(
                    request.middle().origin().plus(cornerRadius * Math.cos(corner), cornerRadius * Math.sin(corner)));
        }
        Form form = mitred ? Form.of(Form.Sort.MITRED, length, w) : Form.rectangle(length, w);
        List<Outline> footprints = at.stream().map(strip::placed).toList();
        return new Dam(
                corners(request, cornerRadius, n),
                Outline.circle(outside.times(2)).placed(request.middle()),
                List.of(new Dam.Wall("dam", "Dam strip", new Dam.Cut(form, strip, Dam.END_CUT), at, footprints)),
                joints,
                derive(request, polygon));
    }

    /** The strip's middle at radius below the centre, turned with it: strip 0 lies at the foot. */
    private static Placement onCircle(Dam.Request request, double radius, Angle turn) {
        double angle = turn.radians() - Math.PI / 2;
        return request.middle()
                .moved(Mm.length(radius * Math.cos(angle)), Mm.length(radius * Math.sin(angle)))
                .turned(turn);
    }

    private static Outline trapezoid(DamPolygon polygon, Length width) {
        double in = Mm.of(polygon.innerLength()) / 2;
        double out = Mm.of(polygon.mitredOuterLength()) / 2;
        double y = Mm.of(width) / 2;
        return Outline.ofCorners(List.of(new Point(-out, -y), new Point(out, -y), new Point(in, y), new Point(-in, y)));
    }

    private static Outline corners(Dam.Request request, double radius, int n) {
        return Outline.ofCorners(IntStream.range(0, n)
                .mapToObj(k -> 2 * Math.PI * (k + 0.5) / n - Math.PI / 2)
                .map(a -> request.middle().origin().plus(radius * Math.cos(a), radius * Math.sin(a)))
                .toList());
    }

    private List<Derivation> derive(Dam.Request r, DamPolygon polygon) {
        List<Derivation> all = new ArrayList<>();
        all.add(r.clearDerivation());
        Derivation.Term clear =
                Dam.Request.term(1, "inside", r.clearWidth(), r.setback(1).source());
        all.add(r.derive(
                "Strip, inner edge",
                Amount.of(polygon.innerLength()),
                "{0} × tan(180° ÷ {1})",
                List.of(clear, r.strips())));
        if (mitred) {
            all.add(r.derive(
                    "Strip, outer edge",
                    Amount.of(polygon.mitredOuterLength()),
                    "({0} + 2 × {1}) × tan(180° ÷ {2})",
                    List.of(clear, r.foam(1), r.strips())));
        } else {
            all.add(r.derive(
                    "Ends gape outside by",
                    Amount.of(polygon.wedge()),
                    "2 × {0} × sin(180° ÷ {1})",
                    List.of(r.foam(1), r.strips())));
        }
        all.addAll(totals(r, polygon, clear));
        return all;
    }

    private List<Derivation> totals(Dam.Request r, DamPolygon polygon, Derivation.Term clear) {
        List<Derivation> all = new ArrayList<>();
        Length length = mitred ? polygon.mitredOuterLength() : polygon.innerLength();
        all.add(r.derive(
                "Foam in all",
                Amount.of(length.times(r.shaker().strips()).times(r.shaker().layers())),
                "",
                List.of(Dam.Request.term(
                        r.shaker().strips() * r.shaker().layers(),
                        "strip",
                        length,
                        r.strips().source()))));
        Length outside = mitred ? polygon.mitredOutsideRadius() : polygon.squareOutsideRadius();
        all.add(r.derive(
                "Dam, outside",
                Amount.of(outside.times(2)),
                mitred ? "({0} + 2 × {1}) ÷ cos(180° ÷ {2})" : "2 × √((½ {0} + {1})² + (½ {0} × tan(180° ÷ {2}))²)",
                List.of(clear, r.foam(1), r.strips())));
        return all;
    }
}
