package dev.schachtel.core.engineering;

import java.util.List;
import java.util.Optional;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.VFold;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.work.WorkKind;

/**
 * Two mirrored halves, glued to the pages in lines at an angle a to the fold, their common crease at an angle b to those lines. All four lines run through one point
 * of the fold, so the angles alone decide (a spherical linkage): opened by p, the crease leaves the fold by
 * d = e + arccos(cos b / r), e the angle whose tangent is tan a cos(p/2), r = sqrt(cos² a + sin² a cos²(p/2)). Shut, d = a + b. Where b is below a it
 * is taut before 180 degrees, at cos²(p/2) = (cos² b - cos² a) / sin² a.
 */
@AutoService(Engineer.class)
public final class VFoldEngineer implements Engineer<VFold> {
    private static final double FLAT = 180;
    /** Less is rounding, mm. */
    private static final double TOUCH = 0.001;
    /** A half that is off by so much at its foot looks crooked: tangent of three degrees, our own estimate. */
    private static final double LEAN = 0.052;

    @Override
    public Class<VFold> engineers() {
        return VFold.class;
    }

    @Override
    public void engineer(VFold v, BuildDraft draft) {
        draft.workings().popUps().fold(v.in(), new Source(v.id(), "in"), draft).ifPresent(valley -> {
            Halves halves = new Halves(v, valley, draft);
            halves.lay();
            stands(v, valley, draft);
            limits(v, valley, halves.lies(), draft);
            derive(v, draft);
        });
    }

    /** Degrees of opening at which it is taut. */
    static double taut(VFold v) {
        double a = Math.toRadians(v.slant());
        double b = Math.toRadians(v.crease());
        double square = (Math.pow(Math.cos(b), 2) - Math.pow(Math.cos(a), 2)) / Math.pow(Math.sin(a), 2);
        return square <= 0 ? FLAT : Math.toDegrees(2 * Math.acos(Math.sqrt(square)));
    }

    /** The sheet in the shut card: both halves lie on each other. */
    private static final class Halves {
        private final VFold v;
        private final Valley valley;
        private final BuildDraft draft;
        private final Tabbed sheet;
        private final SlabId right;
        private final SlabId left;
        private final Point tip;
        private final Point foot;
        private final Point crease;
        private final Outline half;

        Halves(VFold v, Valley valley, BuildDraft draft) {
            this.v = v;
            this.valley = valley;
            this.draft = draft;
            Cardstock card = new Materials(draft).card(v.card(), new Source(v.id(), "card"));
            this.sheet = Tabbed.of(draft, valley, v.id(), card);
            this.right = sheet.named("right");
            this.left = sheet.named("left");
            double a = Math.toRadians(v.slant());
            double shut = a + Math.toRadians(v.crease());
            this.tip = at(0, 0);
            this.foot = at(Mm.of(v.wide()) * Math.cos(a), Mm.of(v.wide()) * Math.sin(a));
            this.crease = at(Mm.of(v.high()) * Math.cos(shut), Mm.of(v.high()) * Math.sin(shut));
            this.half = Outline.ofCorners(List.of(tip, foot, plus(foot, crease, 1), crease));
        }

        /** From the tip: along the fold where the V opens, and out from it. */
        private Point at(double along, double out) {
            double sign = v.tip() == VFold.Tip.BACKWARDS ? -1 : 1;
            double from = Mm.of(valley.along()) / 2 + Mm.of(v.off());
            return valley.at(from + sign * along, out);
        }

        private Point plus(Point p, Point to, double share) {
            return p.plus((to.x() - tip.x()) * share, (to.y() - tip.y()) * share);
        }

        Outline lies() {
            return half;
        }

        void lay() {
            double share = Mm.of(v.tab()) / Mm.of(v.high()) / Math.sin(Math.toRadians(v.crease()));
            Outline tab = Outline.ofCorners(List.of(tip, foot, plus(foot, crease, share), plus(tip, crease, share)));
            cut();
            String called = Tabbed.called(v.id(), "V-fold");
            sheet.slab(sheet.tab(), called + " tab", tab);
            sheet.slab(sheet.upperTab(), called + " upper tab", tab);
            sheet.slab(left, called + " left half", half);
            sheet.slab(right, called + " right half", half);
            sheet.glue(WorkKind.SET_SLANTED);
            draft.joint(new Joint(right, sheet.tab(), Joint.Hold.MEETS, sheet.card(), Length.ZERO));
            sheet.closes(left);
            sheet.liesOver(right, valley.page().slab(), Length.ZERO);
            sheet.liesOver(left, right, Length.ZERO);
            stand();
            sheet.looksToFront(v.right(), right, half);
            sheet.looksAway(v.left(), left, half);
            Length most = Mm.length(Mm.of(v.wide()) * LEAN);
            draft.workings()
                    .fit(Fit.of(
                            Fit.Sort.STANDS_SQUARE,
                            sheet.part(),
                            Fit.Gauge.within(
                                    Length.ZERO, most.negated(), most, Share.of(1, new Off.Marked(v.id(), 0)))));
        }

        /** Opened out, the crease runs up from the tip, the halves beside it, the tabs below. */
        private void cut() {
            double b = Math.toRadians(v.crease());
            double h = Mm.of(v.high());
            Point out = new Point(Mm.of(v.wide()) * Math.sin(b), Mm.of(v.wide()) * Math.cos(b));
            double t = Mm.of(v.tab()) / Math.sin(b);
            Outline flat = Outline.ofCorners(List.of(
                    Point.ORIGIN,
                    new Point(0, -t).plus(out.x() * 0.1, out.y() * 0.1),
                    new Point(out.x() * 0.9, out.y() * 0.9 - t),
                    out,
                    out.plus(0, h),
                    new Point(0, h),
                    new Point(-out.x(), out.y() + h),
                    new Point(-out.x(), out.y()),
                    new Point(-out.x() * 0.9, out.y() * 0.9 - t),
                    new Point(-out.x() * 0.1, out.y() * 0.1 - t)));
            Box box = flat.bounds();
            Point to = new Point(-box.left(), -box.bottom());
            Point head = new Point(0, h);
            draft.folded(Part.of(
                            sheet.part(),
                            Tabbed.called(v.id(), "V-fold"),
                            sheet.card(),
                            Form.of(Form.Sort.SHAPE, box.wide(), box.high()),
                            flat.moved(to))
                    .at(Tabbed.corner(half))
                    .cutBy(CutMethod.KNIFE));
            fold(to, head.plus(to.x(), to.y()), Fold.Crease.VALLEY);
            fold(to, out.plus(to.x(), to.y()), Fold.Crease.MOUNTAIN);
            fold(to, new Point(to.x() - out.x(), to.y() + out.y()), Fold.Crease.MOUNTAIN);
        }

        private void fold(Point from, Point end, Fold.Crease way) {
            draft.fold(new Fold(sheet.part(), from, end, way));
        }

        private void stand() {
            PopUps all = draft.workings().popUps();
            int one = all.panel(new Panel(v.id() + " right", right, half));
            int other = all.panel(new Panel(v.id() + " left", left, half));
            String name = v.id().value();
            all.hinge(lifting(name, valley.page().panel(), one, foot));
            all.hinge(lifting(name, one, other, crease));
            all.hinge(lifting(name, other, valley.leaf().panel(), foot));
        }

        /** About a line from the tip; whatever of the halves lies beside it is lifted. */
        private Hinge lifting(String name, int on, int turns, Point end) {
            Point middle = half.bounds().centre();
            double side = (end.x() - tip.x()) * (middle.y() - tip.y()) - (end.y() - tip.y()) * (middle.x() - tip.x());
            return Hinge.following(name, on, turns, new Hinge.Line(tip, end), Math.signum(side));
        }
    }

    /** Its tabs lie on both panels. */
    private static void stands(VFold v, Valley valley, BuildDraft draft) {
        double a = Math.toRadians(v.slant());
        double b = Math.toRadians(v.crease());
        double tab = Math.max(0, Mm.of(v.tab()) * Math.sin(a + b) / Math.sin(b));
        Length out = Mm.length(Mm.of(v.wide()) * Math.sin(a) + tab);
        Length deep = Length.min(valley.page().deep(), valley.leaf().deep());
        Source wide = new Source(v.id(), "wide");
        if (out.isAbove(deep)) {
            Length by = Mm.length(Mm.of(deep.minus(out)) / Math.sin(a));
            draft.fault(Fault.mend(RuleId.POP_UP_GROUND, wide, out, deep)
                    .remedy(draft.lever(wide).flatMap(l -> l.by(by))));
        }
        double tip = Mm.of(valley.along()) / 2 + Mm.of(v.off());
        double foot = tip + (v.tip() == VFold.Tip.BACKWARDS ? -1 : 1) * Mm.of(v.wide()) * Math.cos(a);
        double before = -Math.min(tip, foot);
        double after = Math.max(tip, foot) - Mm.of(valley.along());
        boolean inside = valley.start().isPositive() || valley.along().isBelow(valley.whole());
        if (inside && Math.max(before, after) > TOUCH) {
            Source off = new Source(v.id(), "off");
            Length by = Mm.length(before > after ? before : -after);
            draft.fault(Fault.mend(RuleId.POP_UP_ALONG, off, by.abs(), Length.ZERO)
                    .remedy(draft.lever(off).flatMap(l -> l.by(by))));
        }
    }

    private static void limits(VFold v, Valley valley, Outline lies, BuildDraft draft) {
        Box card = valley.hides();
        Box own = lies.bounds();
        boolean up = valley.upright();
        double far = up ? card.right() - own.right() : own.bottom() - card.bottom();
        double near = up ? own.left() - card.left() : card.top() - own.top();
        double ends = up
                ? Math.min(own.bottom() - card.bottom(), card.top() - own.top())
                : Math.min(own.left() - card.left(), card.right() - own.right());
        double out = Math.max(Mm.of(Tabbed.HIDDEN) - Math.min(far, ends), -near);
        if (out > TOUCH) {
            Source high = new Source(v.id(), "high");
            Source off = new Source(v.id(), "off");
            Length by = Mm.length(out);
            draft.fault(
                    Fault.mend(RuleId.POP_UP_HIDDEN, high, v.high(), v.high().minus(by))
                            .remedy(draft.lever(off).flatMap(l -> l.by(by)))
                            .remedy(draft.lever(off).flatMap(l -> l.by(by.negated())))
                            .remedy(draft.lever(high).flatMap(l -> l.by(by.negated())))
                            .remedy(crease(v, (int) FLAT - v.slant(), draft)));
        }
        Source tab = new Source(v.id(), "tab");
        Length free = Mm.length(Mm.of(v.high()) * Math.sin(Math.toRadians(v.crease())));
        if (v.tab().isAbove(free)) {
            draft.fault(Fault.mend(RuleId.TAB_ROOM, tab, v.tab(), free)
                    .remedy(draft.lever(tab).flatMap(l -> l.by(free.minus(v.tab())))));
        }
        double taut = Math.floor(taut(v));
        if (taut < FLAT) {
            draft.fault(Fault.mend(
                            RuleId.OPENS,
                            new Source(v.id(), "crease"),
                            v.id().value(),
                            Amount.degrees(taut),
                            Amount.degrees(FLAT))
                    .remedy(crease(v, v.slant(), draft)));
        }
    }

    private static Optional<Remedy> crease(VFold v, int degrees, BuildDraft draft) {
        return draft.lever(new Source(v.id(), "crease")).map(l -> l.to(degrees, Amount.degrees(degrees)));
    }

    private static void derive(VFold v, BuildDraft draft) {
        Ledger ledger = new Ledger(draft, v.id());
        ledger.formula(
                "Pulls taut at",
                Amount.degrees(Math.floor(taut(v))),
                "where cos²(p/2) = (cos² {1} − cos² {0}) ÷ sin² {0}; 180° where {1} is no less than {0}",
                ledger.degrees("angle to the fold", v.slant(), "slant"),
                ledger.degrees("angle of the crease", v.crease(), "crease"));
        ledger.formula(
                "Shut, its crease leaves the fold by",
                Amount.degrees(v.slant() + v.crease()),
                "{0} + {1}; over 180° it would stand out of the fold",
                ledger.degrees("angle to the fold", v.slant(), "slant"),
                ledger.degrees("angle of the crease", v.crease(), "crease"));
    }
}
