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
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.TurnedOver;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.build.Work;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Accordion;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.work.WorkKind;

/**
 * Strips of two panels W x H. The first is 2 W long, scored at W; each further one has a tab t before its panels, scored at t and at
 * t + W. The tab goes over the back of the panel before it, inside the card. Odd panels lie as they are cut, even ones turned over.
 */
@AutoService(Engineer.class)
public final class AccordionEngineer implements Engineer<Accordion> {
    /** Degrees between neighbours when it is open: it stands by itself, and all panels are seen. */
    private static final double OPENS = 130;
    /** Degrees by which the first panel turns aside, so that all lean as much when it is open. */
    private static final double ASIDE = (180 - OPENS) / 2;

    private static final int SHOWN = 85;
    /** Edges that are apart by less look as one: our own estimate. */
    private static final Length NOT_SEEN = Length.ofMicrometres(1500);

    @Override
    public Class<Accordion> engineers() {
        return Accordion.class;
    }

    @Override
    public void engineer(Accordion base, BuildDraft draft) {
        Length w = base.width();
        Cardstock card = new Materials(draft).card(base.card(), new Source(Id.BASE, "card"));
        Outline panel = Outline.sheet(w, base.height());
        Length tab = tab(base, draft);
        draft.face(panel);
        List<Blank> strips = strips(base, tab);
        strips.forEach(s -> s.cut(draft, card));
        for (int i = 1; i <= base.panels(); i++) {
            panel(base, draft, strips.get((i - 1) / 2).id(), i, card);
        }
        strips.stream().skip(1).forEach(s -> join(s, draft, card));
        strips.forEach(s -> s.lines().forEach(draft::fold));
        strips.forEach(s -> draft.workings().fit(s.flush()));
        draft.zone(new Zone(Zone.Use.WRITING, Id.BASE, slab(base.panels()), panel));
        derive(base, draft, strips, tab);
        draft.workings().unfolds(unfolds(base, panel));
        draft.afterwards(() ->
                IntStream.range(1, base.panels()).forEach(i -> new Closing(draft, slab(i), slab(i + 1), card).meet()));
    }

    private static SlabId slab(int panel) {
        return SlabId.of(new PartId(Id.BASE, Accordion.panel(panel).value()));
    }

    /** No wider than the panel that it goes on. */
    private static Length tab(Accordion base, BuildDraft draft) {
        Length over = base.tab().minus(base.width());
        if (over.isPositive()) {
            Source source = new Source(Id.BASE, "tab");
            draft.fault(Fault.mend(RuleId.TAB_ROOM, source, base.tab(), base.width())
                    .remedy(draft.lever(source).flatMap(l -> l.by(over.negated()))));
        }
        return Length.min(base.tab(), base.width());
    }

    private static List<Blank> strips(Accordion base, Length tab) {
        List<Blank> strips = new ArrayList<>();
        for (int first = 1; first <= base.panels(); first += 2) {
            int panels = Math.min(2, base.panels() - first + 1);
            strips.add(new Blank(first, panels, first == 1 ? Length.ZERO : tab, base.width(), base.height()));
        }
        return strips;
    }

    /**
     * One sheet of it, its outside up as its first panel lies in front.
     *
     * @param first the number of its first panel
     * @param tab how much goes over the panel before it, 0 for the first strip
     */
    private record Blank(int first, int panels, Length tab, Length width, Length height) {
        int number() {
            return (first + 1) / 2;
        }

        PartId id() {
            return new PartId(Id.BASE, first == 1 ? "" : "strip-" + number());
        }

        SlabId tabSlab() {
            return SlabId.of(new PartId(Id.BASE, "tab-" + number()));
        }

        Length whole() {
            return tab.plus(width.times(panels));
        }

        String name() {
            return first == 1 ? "Card base" : "Strip " + number();
        }

        void cut(BuildDraft draft, Cardstock card) {
            draft.folded(Part.of(id(), name(), card, Form.rectangle(whole(), height), Outline.sheet(whole(), height))
                    .at(Placement.at(tab.negated(), Length.ZERO))
                    .grain(Grain.UP));
        }

        /** Between its panels it is folded back, at its tab the other way. */
        List<Fold> lines() {
            List<Fold> lines = new ArrayList<>();
            if (first > 1) {
                lines.add(line(tab, Fold.Crease.VALLEY));
            }
            if (panels > 1) {
                lines.add(line(tab.plus(width), Fold.Crease.MOUNTAIN));
            }
            return lines;
        }

        private Fold line(Length at, Fold.Crease crease) {
            return new Fold(id(), Point.of(at, Length.ZERO), Point.of(at, height), crease);
        }

        /** Shut, the free edge of its last panel lies where its first one begins: twice the score, less the strip, less the tab. */
        Fit flush() {
            List<Share> off =
                    new ArrayList<>(List.of(Share.of(panels > 1 ? -1 : 1, new Off.Size(id(), Off.Axis.ACROSS))));
            if (panels > 1) {
                off.add(Share.of(2, new Off.Scored(id(), first > 1 ? 1 : 0)));
            }
            if (first > 1) {
                off.add(Share.of(-1, new Off.Scored(id(), 0)));
                off.add(Share.of(1, new Off.Marked(Id.BASE, number())));
            }
            return Fit.of(Fit.Sort.FLUSH, id(), List.of(new Fit.Gauge(Length.ZERO, NOT_SEEN.negated(), NOT_SEEN, off)));
        }
    }

    private static void panel(Accordion base, BuildDraft draft, PartId part, int number, Cardstock card) {
        Outline.Size size = new Outline.Size(base.width(), base.height());
        Outline sheet = Outline.sheet(base.width(), base.height());
        SlabId slab = slab(number);
        draft.slab(new Slab(slab, part, "Panel " + number, card.thickness(), List.of(sheet)));
        boolean down = Accordion.isFaceDown(number);
        boolean last = number == base.panels();
        Ground.Edge folded = number == 1
                ? Ground.Edge.RIGHT
                : !last ? Ground.Edge.SIDES : down ? Ground.Edge.RIGHT : Ground.Edge.LEFT;
        Ground ground = Ground.of(part, slab, Placement.ORIGIN, size, folded);
        ground = last ? ground : ground.on(slab(number + 1));
        draft.ground(
                down ? Accordion.back(number) : Accordion.panel(number),
                down ? ground.folded(TurnedOver.aside(base.width())) : ground);
        draft.faces().add(down ? Accordion.panel(number) : Accordion.back(number), Reverse.of(part, slab, size, true));
    }

    /** Its tab is glued on the panel before it; what else lies there lies over the tab. */
    private static void join(Blank strip, BuildDraft draft, Cardstock card) {
        Outline tab = Outline.sheet(strip.tab(), strip.height());
        SlabId before = slab(strip.first() - 1);
        draft.slab(new Slab(
                strip.tabSlab(), strip.id(), "Tab of strip " + strip.number(), card.thickness(), List.of(tab)));
        Material glue = new Materials(draft).glue(new Source(Id.BASE, "tab"));
        draft.lay(strip.tabSlab(), before, glue);
        draft.work(Work.laying(
                WorkKind.JOIN_STRIP, Id.BASE, new Work.Laying(List.of(strip.id()), glue, false, true), before));
    }

    /** To and fro about upright lines, at the right of odd panels and at the left of even ones. */
    private static Unfolding unfolds(Accordion base, Outline panel) {
        double w = panel.bounds().right();
        double h = panel.bounds().top();
        List<Panel> panels = new ArrayList<>();
        List<Hinge> hinges = new ArrayList<>();
        for (int i = 0; i < base.panels(); i++) {
            double at = i % 2 == 0 ? 0 : w;
            Hinge.Line line = new Hinge.Line(new Point(at, 0), new Point(at, h));
            double opens = i == 0 ? -ASIDE : i % 2 == 0 ? OPENS : -OPENS;
            hinges.add(Hinge.of(i == 0 ? Hinge.BOARD : i - 1, i, line, 0, opens));
            panels.add(new Panel("panel " + (i + 1), slab(i + 1), panel));
        }
        return new Unfolding(Unfolding.Standing.STANDS, "unfolds", panels, hinges, List.of(), SHOWN);
    }

    private static void derive(Accordion base, BuildDraft draft, List<Blank> strips, Length tab) {
        Ledger ledger = new Ledger(draft, Id.BASE);
        ledger.formula(
                "First strip",
                Amount.of(strips.get(0).whole(), base.height()),
                "2 × {0} by {1}",
                ledger.term("width", base.width(), "width"),
                ledger.term("height", base.height(), "height"));
        for (Blank strip : strips.subList(1, strips.size())) {
            ledger.formula(
                    strip.name(),
                    Amount.of(strip.whole(), base.height()),
                    strip.panels() > 1 ? "{2} + 2 × {0} by {1}" : "{2} + {0} by {1}",
                    ledger.term("width", base.width(), "width"),
                    ledger.term("height", base.height(), "height"),
                    ledger.term("tab", tab, "tab"));
        }
    }
}
