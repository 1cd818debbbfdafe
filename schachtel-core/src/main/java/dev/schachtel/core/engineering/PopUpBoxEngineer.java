package dev.schachtel.core.engineering;

import java.util.List;

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
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.PopUpBox;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.work.WorkKind;

/**
 * A parallel fold: fold, page up to the front, front, top and leaf are a parallelogram at every opening, with sides deep and high. So it lies flat shut and at 180
 * degrees, stands square at 90, and pulls at nothing between. Strip = tab + high + deep + tab, its creases all mountains seen from outside; shut,
 * its middle crease lies deep + high from the fold.
 */
@AutoService(Engineer.class)
public final class PopUpBoxEngineer implements Engineer<PopUpBox> {
    /** A front that leans by more than three degrees looks crooked: their tangent, our own estimate. */
    private static final double LEAN = 0.052;
    /** Nearer to the fold a tab would stop it: our own estimate. */
    private static final Length FOLD_FREE = Length.ofMillimetres(1);

    @Override
    public Class<PopUpBox> engineers() {
        return PopUpBox.class;
    }

    @Override
    public void engineer(PopUpBox box, BuildDraft draft) {
        draft.workings().popUps().fold(new Source(box.id(), "deep"), draft).ifPresent(valley -> {
            new Strip(box, valley, draft).lay();
            limits(box, valley, draft);
            derive(box, draft);
        });
    }

    /** The strip in the shut card. */
    private static final class Strip {
        private final PopUpBox box;
        private final Valley valley;
        private final BuildDraft draft;
        private final Tabbed sheet;
        private final SlabId front;
        private final SlabId top;
        private final Length from;
        private final Length to;

        Strip(PopUpBox box, Valley valley, BuildDraft draft) {
            this.box = box;
            this.valley = valley;
            this.draft = draft;
            Cardstock card = new Materials(draft).card(box.card(), new Source(box.id(), "card"));
            this.sheet = Tabbed.of(draft, valley, box.id(), card);
            this.front = sheet.named("front");
            this.top = sheet.named("top");
            this.from = valley.along().half().plus(box.off()).minus(box.wide().half());
            this.to = from.plus(box.wide());
        }

        void lay() {
            cut();
            Length far = box.deep().plus(box.high());
            sheet.slab(sheet.tab(), "Tab of a pop-up box", lies(box.deep().minus(box.tab()), box.deep()));
            sheet.slab(
                    sheet.upperTab(),
                    "Upper tab of a pop-up box",
                    lies(box.high().minus(box.tab()), box.high()));
            sheet.slab(front, "Front of a pop-up box", lies(box.deep(), far));
            sheet.slab(top, "Top of a pop-up box", lies(box.high(), far));
            stick();
            stand(far);
            sheet.looksToFront(box.top(), top, lies(box.high(), far));
            sheet.looksAway(box.front(), front, lies(box.deep(), far));
        }

        private Outline lies(Length near, Length end) {
            return valley.sheet(from, to, near, end);
        }

        private void cut() {
            Length t = box.tab();
            Length length = t.times(2).plus(box.high()).plus(box.deep());
            boolean up = valley.upright();
            Length w = up ? length : box.wide();
            Length h = up ? box.wide() : length;
            Length near = box.deep().minus(t);
            draft.folded(Part.of(sheet.part(), "Pop-up box", sheet.card(), Form.rectangle(w, h), Outline.sheet(w, h))
                    .at(Tabbed.corner(lies(near, near.plus(length)))));
            for (Length crease : List.of(t, t.plus(box.high()), length.minus(t))) {
                Length line = up ? crease : length.minus(crease);
                Point one = up ? Point.of(line, Length.ZERO) : Point.of(Length.ZERO, line);
                Point other = up ? Point.of(line, h) : Point.of(w, line);
                draft.fold(new Fold(sheet.part(), one, other, Fold.Crease.MOUNTAIN));
            }
        }

        /** Between the tabs front and top lie on each other when the card is shut. */
        private void stick() {
            Material glue = sheet.glue(WorkKind.SET_TAB);
            draft.joint(new Joint(top, front, Joint.Hold.MEETS, sheet.card(), Length.ZERO));
            PopUps all = draft.workings().popUps();
            all.between(top);
            all.tab(sheet.upperTab());
            sheet.liesOver(front, valley.page(), glue.thickness());
            draft.workings().fit(square());
        }

        /** The card closes on the second tab, which suits itself; what is off at the mark or the creases makes the front lean. */
        private Fit square() {
            Length most = Mm.length(Mm.of(box.high()) * LEAN);
            return Fit.of(
                            Fit.Sort.STANDS_SQUARE,
                            sheet.part(),
                            Fit.Gauge.within(
                                    Length.ZERO,
                                    most.negated(),
                                    most,
                                    Share.of(1, new Off.Scored(sheet.part(), 2)),
                                    Share.of(-1, new Off.Scored(sheet.part(), 1)),
                                    Share.of(-1, new Off.Marked(box.id(), 0))))
                    .easedBy(new Source(box.id(), "high"));
        }

        private void stand(Length far) {
            PopUps all = draft.workings().popUps();
            int upright = all.panel(valley, panel("front", front, box.deep(), far));
            int over = all.panel(valley, panel("top", top, box.high(), far));
            String name = box.id().value();
            all.hinge(Hinge.following(name, valley.pagePanel(), upright, valley.line(from, to, box.deep()), -1));
            all.hinge(Hinge.following(name, upright, over, valley.line(from, to, far), 1));
            all.hinge(Hinge.following(name, over, valley.leafPanel(), valley.line(from, to, box.high()), 1));
        }

        private Panel panel(String which, SlabId slab, Length near, Length end) {
            return new Panel(box.id() + " " + which, slab, valley.sheet(from, to, near, end));
        }
    }

    private static void limits(PopUpBox box, Valley valley, BuildDraft draft) {
        Length reach = box.deep().plus(box.high());
        Length room = valley.deep().minus(Tabbed.HIDDEN);
        if (reach.isAbove(room)) {
            Source high = new Source(box.id(), "high");
            draft.fault(Fault.mend(RuleId.POP_UP_HIDDEN, high, reach, room)
                    .remedy(draft.lever(high).flatMap(l -> l.by(room.minus(reach))))
                    .remedy(draft.lever(new Source(box.id(), "deep")).flatMap(l -> l.by(room.minus(reach)))));
        }
        Source tab = new Source(box.id(), "tab");
        Length free = Length.min(box.deep(), box.high()).minus(FOLD_FREE);
        if (box.tab().isAbove(free)) {
            draft.fault(Fault.mend(RuleId.POP_UP_TAB, tab, box.tab(), free)
                    .remedy(draft.lever(tab).flatMap(l -> l.by(free.minus(box.tab())))));
        }
        Length over =
                box.off().abs().plus(box.wide().half()).minus(valley.along().half());
        if (over.isPositive()) {
            Source off = new Source(box.id(), "off");
            Length back = box.off().isNegative() ? over : over.negated();
            draft.fault(Fault.mend(RuleId.POP_UP_ALONG, off, over, Length.ZERO)
                    .remedy(draft.lever(off).flatMap(l -> l.by(back))));
        }
    }

    private static void derive(PopUpBox box, BuildDraft draft) {
        Ledger ledger = new Ledger(draft, box.id());
        ledger.sum(
                "Strip, long",
                box.tab().times(2).plus(box.high()).plus(box.deep()),
                ledger.twice("tab", box.tab(), "tab"),
                ledger.term("high", box.high(), "high"),
                ledger.term("from the fold", box.deep(), "deep"));
        ledger.sum(
                "Shut, it reaches from the fold",
                box.deep().plus(box.high()),
                ledger.term("from the fold", box.deep(), "deep"),
                ledger.term("high", box.high(), "high"));
        ledger.formula(
                "Pulls taut at",
                Amount.degrees(180),
                "{0} and {1} are the sides of a parallelogram: it is flat when the pages are",
                ledger.term("from the fold", box.deep(), "deep"),
                ledger.term("high", box.high(), "high"));
    }
}
