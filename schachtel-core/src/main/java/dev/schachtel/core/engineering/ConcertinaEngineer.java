package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

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
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.build.Work;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Concertina;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.work.WorkKind;

/**
 * A panel W x H, and a strip t + n d long, scored at t and then every d, its tab glued to the back of the panel. Folded, the strip lies behind the middle of the panel,
 * from (W - d) / 2 to (W + d) / 2, the tab beside it. Opened, its first part leaves the panel by half the angle between the others.
 */
@AutoService(Engineer.class)
public final class ConcertinaEngineer implements Engineer<Concertina> {
    /** Degrees between the strip's neighbours when it is open: our own estimate of what stands well. */
    private static final double OPENS = 110;

    private static final PartId PANEL = new PartId(Id.BASE, "");
    private static final PartId STRIP = new PartId(Id.BASE, "strip");
    private static final SlabId FRONT = SlabId.of(PANEL);
    private static final SlabId TAB = SlabId.of(new PartId(Id.BASE, "tab"));
    /** The last fold may be off by so much before the foot looks crooked: our own estimate. */
    private static final Length NOT_SEEN = Length.ofMicrometres(1500);

    @Override
    public Class<Concertina> engineers() {
        return Concertina.class;
    }

    @Override
    public void engineer(Concertina base, BuildDraft draft) {
        new Made(base, draft, new Materials(draft).card(base.card(), new Source(Id.BASE, "card"))).lay();
    }

    private record Made(Concertina base, BuildDraft draft, Cardstock card) {
        void lay() {
            Outline panel = Outline.sheet(base.width(), base.height());
            draft.face(panel);
            fitsBehind();
            draft.folded(Part.of(PANEL, "Panel", card, Form.rectangle(base.width(), base.height()), panel)
                    .grain(Grain.UP));
            draft.folded(Part.of(STRIP, "Stand", card, Form.rectangle(long_(), base.high()), strip(long_()))
                    .at(Placement.at(from().minus(base.tab()), Length.ZERO))
                    .grain(Grain.UP));
            draft.slab(new Slab(FRONT, PANEL, "Panel", card.thickness(), List.of(panel)));
            draft.slab(
                    new Slab(TAB, STRIP, "Tab of the stand", card.thickness(), List.of(placed(base.tab(), tabFrom()))));
            for (int i = 1; i <= base.folds(); i++) {
                draft.slab(new Slab(
                        leaf(i), STRIP, "Stand, leaf " + i, card.thickness(), List.of(placed(base.deep(), from()))));
            }
            folds();
            glue();
            Outline.Size size = new Outline.Size(base.width(), base.height());
            draft.ground(Id.FRONT, Ground.of(PANEL, FRONT, Placement.ORIGIN, size, Ground.Edge.NONE));
            draft.faces().add(Id.OUTSIDE_BACK, Reverse.of(PANEL, FRONT, size, true));
            draft.zone(new Zone(Zone.Use.WRITING, Id.BASE, leaf(base.folds()), placed(base.deep(), from())));
            draft.workings().unfolds(unfolds(panel));
            draft.workings().fit(flush());
            derive();
            draft.afterwards(this::shut);
        }

        private static SlabId leaf(int number) {
            return SlabId.of(new PartId(Id.BASE, "leaf-" + number));
        }

        private Length long_() {
            return base.tab().plus(base.deep().times(base.folds()));
        }

        /** Where the strip is hinged on the panel, from its left. */
        private Length from() {
            return base.width().minus(base.deep()).half();
        }

        private Length tabFrom() {
            return from().minus(base.tab());
        }

        private Outline strip(Length wide) {
            return Outline.sheet(wide, base.high());
        }

        private Outline placed(Length wide, Length from) {
            return strip(wide).placed(Placement.at(from, Length.ZERO));
        }

        /** Folded, tab and strip lie behind the panel. */
        private void fitsBehind() {
            shows("deep", base.deep(), base.width().minus(base.tab().times(2)));
            shows("high", base.high(), base.height());
        }

        private void shows(String component, Length is, Length room) {
            if (is.isAbove(room)) {
                Source source = new Source(Id.BASE, component);
                draft.fault(Fault.mend(RuleId.STAND_BEHIND, source, is, room)
                        .remedy(draft.lever(source)
                                .filter(l -> room.isPositive())
                                .map(l -> l.to(room))));
            }
        }

        /** From the tab to the first leaf and from the first to the second it is folded back, then to and fro. */
        private void folds() {
            for (int i = 0; i < base.folds(); i++) {
                Length at = base.tab().plus(base.deep().times(i));
                Fold.Crease crease = i % 2 == 1 || i == 0 ? Fold.Crease.MOUNTAIN : Fold.Crease.VALLEY;
                draft.fold(new Fold(STRIP, Point.of(at, Length.ZERO), Point.of(at, base.high()), crease));
            }
        }

        private void glue() {
            Material glue = new Materials(draft).glue(new Source(Id.BASE, "tab"));
            draft.workings().popUps().tab(TAB);
            draft.joint(new Joint(FRONT, TAB, Joint.Hold.HANGS, glue, glue.thickness()));
            draft.work(Work.laying(
                    WorkKind.JOIN_STRIP, Id.BASE, new Work.Laying(List.of(STRIP), glue, false, true), FRONT));
        }

        private void shut() {
            new Closing(draft, FRONT, leaf(1), card).meet();
            IntStream.range(1, base.folds()).forEach(i -> new Closing(draft, leaf(i), leaf(i + 1), card).meet());
        }

        private Unfolding unfolds(Outline panel) {
            double left = Mm.of(from());
            double right = left + Mm.of(base.deep());
            double high = Mm.of(base.high());
            List<Panel> panels = new ArrayList<>(List.of(new Panel("panel", FRONT, panel)));
            List<Hinge> hinges = new ArrayList<>(
                    List.of(Hinge.fixed(Hinge.BOARD, 0, new Hinge.Line(Point.ORIGIN, new Point(1, 0)))));
            for (int i = 1; i <= base.folds(); i++) {
                double at = i % 2 == 1 ? left : right;
                double opens = i == 1 ? OPENS / 2 : i % 2 == 1 ? OPENS : -OPENS;
                hinges.add(Hinge.of(i - 1, i, new Hinge.Line(new Point(at, 0), new Point(at, high)), 0, opens));
                panels.add(new Panel("leaf " + i, leaf(i), placed(base.deep(), from())));
            }
            return new Unfolding(Unfolding.Standing.STANDS, "stands up", panels, hinges, List.of(), 100);
        }

        /** Folded, each fold that is off moves what follows by twice as much, to and fro. */
        private Fit flush() {
            List<Share> off = new ArrayList<>();
            for (int i = 1; i < base.folds(); i++) {
                off.add(Share.of(i % 2 == 1 ? 2 : -2, new Off.Scored(STRIP, i)));
            }
            off.add(Share.of(1, new Off.Size(STRIP, Off.Axis.ACROSS)));
            return Fit.of(
                    Fit.Sort.FLUSH, STRIP, List.of(new Fit.Gauge(Length.ZERO, NOT_SEEN.negated(), NOT_SEEN, off)));
        }

        private void derive() {
            Ledger ledger = new Ledger(draft, Id.BASE);
            ledger.formula(
                    "Stand, long",
                    Amount.of(long_()),
                    "{0} + " + base.folds() + " × {1}",
                    ledger.term("tab", base.tab(), "tab"),
                    ledger.term("from fold to fold", base.deep(), "deep"));
            ledger.formula(
                    "Tab, from the left edge of the panel",
                    Amount.of(tabFrom()),
                    "({0} − {1}) ÷ 2 − {2}: folded, the strip lies behind the middle",
                    ledger.term("width", base.width(), "width"),
                    ledger.term("from fold to fold", base.deep(), "deep"),
                    ledger.term("tab", base.tab(), "tab"));
            double deep = base.folds() * Mm.of(base.deep()) * Math.sin(Math.toRadians(OPENS / 2));
            ledger.formula(
                    "Stands deep",
                    Amount.of(Mm.length(deep)),
                    base.folds() + " × {0} × sin {1}",
                    ledger.term("from fold to fold", base.deep(), "deep"),
                    ledger.degrees("half of what it opens", OPENS / 2, "folds"));
        }
    }
}
