package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Stretch;

/**
 * A foam field behind a raised panel: strips round its edge, set in 3 mm, and cross strips so that no span is over 40 mm;
 * kept off dams, windows and whatever moves (KEEP_OFF zones). Pieces shorter than 10 mm are left out; lengths are cut down
 * to whole half millimetres. Ready squares lie in the same rows, no further apart than the span.
 */
final class FoamRim {
    /** How wide foam is cut and how far it is set in from the edge. */
    private record Strip(Length width, Length inset) {
        static Strip of(long width, long inset) {
            return new Strip(Length.ofMillimetres(width), Length.ofMillimetres(inset));
        }
    }

    /** The usual strip first; narrower ones where windows leave no room. */
    private static final List<Strip> STRIPS =
            List.of(Strip.of(6, 3), Strip.of(5, 3), Strip.of(4, 2), Strip.of(3, 2), Strip.of(2, 1));

    /** So much of the edge should stand on foam before a narrower one is tried. */
    private static final double ENOUGH = 0.6;

    /** Card sags between supports further apart: handbook chapter 2. */
    static final Length LONGEST_SPAN = Length.ofMillimetres(40);

    /** Between squares: the corners of four of them are then no more than the longest span apart, 28 x root 2 = 39.6. */
    private static final Length BETWEEN_SQUARES = Length.ofMillimetres(28);

    private static final Length SHORTEST = Length.ofMillimetres(10);
    private static final Length STEP = Length.ofMicrometres(500);

    private final BuildDraft draft;
    private final Ground panel;
    private final Foam foam;
    private final Length width;
    private final Length inset;

    private FoamRim(BuildDraft draft, Ground panel, Foam foam, Strip strip) {
        this.draft = draft;
        this.panel = panel;
        this.foam = foam;
        this.width = strip.width();
        this.inset = strip.inset();
    }

    /** Lays the widest foam that carries enough of the panel's edge, else that which carries most of it. */
    static void lay(BuildDraft draft, Ground panel, Foam foam) {
        List<Strip> widths = foam.form() == Foam.Form.SQUARES ? STRIPS.subList(0, 1) : STRIPS;
        FoamRim best = new FoamRim(draft, panel, foam, widths.get(0));
        for (int i = 1; i < widths.size() && best.carries() < ENOUGH; i++) {
            FoamRim narrower = new FoamRim(draft, panel, foam, widths.get(i));
            best = narrower.carries() > best.carries() ? narrower : best;
        }
        best.lay();
    }

    /** The share of the panel's edge that the rim carries. */
    private double carries() {
        Map<Length, List<Placement>> strips = new LinkedHashMap<>();
        rim(strips);
        double length = strips.entrySet().stream()
                .mapToDouble(e -> Mm.of(e.getKey()) * e.getValue().size())
                .sum();
        return length / (2 * Mm.of(panel.width()) + 2 * Mm.of(panel.height()));
    }

    private void lay() {
        Map<Length, List<Placement>> strips = new LinkedHashMap<>();
        rim(strips);
        cross(strips, panel.width().minus(inset.times(2)), inner());
        Length total = Length.ZERO;
        for (Map.Entry<Length, List<Placement>> group : strips.entrySet()) {
            total = total.plus(group.getKey().times(group.getValue().size()));
            add(group.getKey(), group.getValue());
        }
        if (!total.isZero()) {
            derive(total, strips);
        }
    }

    private Length inner() {
        return panel.height().minus(inset.times(2)).minus(width.times(2));
    }

    private void rim(Map<Length, List<Placement>> strips) {
        Length across = panel.width().minus(inset.times(2));
        row(strips, inset, inset, across, true);
        row(strips, inset, panel.height().minus(inset).minus(width), across, true);
        row(strips, inset, inset.plus(width), inner(), false);
        row(strips, panel.width().minus(inset).minus(width), inset.plus(width), inner(), false);
    }

    /** Strips across the longer side, spread evenly, as few as keep each span at most 40. */
    private void cross(Map<Length, List<Placement>> strips, Length across, Length up) {
        boolean tall = !across.isAbove(up);
        Length along = (tall ? up : across.minus(width.times(2)));
        int spans = 1;
        while (spans < 40 && along.minus(width.times(spans - 1L)).isAbove(span().times(spans))) {
            spans++;
        }
        Length gap = along.minus(width.times(spans - 1L)).splitInto(spans).get(0);
        Length at = inset.plus(width);
        for (int i = 1; i < spans; i++) {
            at = at.plus(gap);
            if (tall) {
                row(strips, inset.plus(width), at, across.minus(width.times(2)), true);
            } else {
                row(strips, at, inset.plus(width), up, false);
            }
            at = at.plus(width);
        }
    }

    private void row(Map<Length, List<Placement>> strips, Length x, Length y, Length length, boolean lying) {
        Placement corner = panel.at().moved(x, y);
        if (length.isBelow(SHORTEST)) {
            return;
        }
        Outline band = (lying ? Outline.sheet(length, width) : Outline.sheet(width, length)).placed(corner);
        for (Stretch free : free(band, lying)) {
            if (foam.form() == Foam.Form.SQUARES) {
                squares(strips, corner, free, lying);
            } else {
                strip(strips, corner, free, lying);
            }
        }
    }

    private void strip(Map<Length, List<Placement>> strips, Placement corner, Stretch free, boolean lying) {
        Length cut = STEP.times(free.length().wholeTimes(STEP));
        if (!cut.isBelow(SHORTEST)) {
            Placement at = lying
                    ? Placement.at(free.from(), corner.up())
                    : Placement.at(corner.across().plus(width), free.from()).turned(Angle.ofDegrees(90));
            strips.computeIfAbsent(cut, k -> new ArrayList<>()).add(at);
        }
    }

    /** Ready squares at both ends and between, as few as leave no longer span; beside the rows across, a span further in. */
    private static void squares(Map<Length, List<Placement>> strips, Placement corner, Stretch free, boolean lying) {
        if (free.length().isBelow(Foam.SQUARE)) {
            return;
        }
        Length from = lying ? free.from() : free.from().plus(BETWEEN_SQUARES.half());
        Length left = lying ? free.length() : free.length().minus(BETWEEN_SQUARES);
        if (left.isBelow(Foam.SQUARE)) {
            from = free.from().plus(free.length().minus(Foam.SQUARE).half());
            left = Foam.SQUARE;
        }
        Length room = left.minus(Foam.SQUARE);
        Length pitch = Foam.SQUARE.plus(BETWEEN_SQUARES);
        int gaps = room.wholeTimes(pitch) + (room.isMultipleOf(pitch) ? 0 : 1);
        List<Length> steps = gaps == 0 ? List.of() : room.splitInto(gaps);
        List<Placement> own = strips.computeIfAbsent(Foam.SQUARE, k -> new ArrayList<>());
        for (int i = 0; i <= gaps; i++) {
            own.add(lying ? Placement.at(from, corner.up()) : Placement.at(corner.across(), from));
            from = i < gaps ? from.plus(steps.get(i)) : from;
        }
    }

    /** What is left of the band along its length beside the zones to keep off on the slab it stands on. */
    private List<Stretch> free(Outline band, boolean lying) {
        Box box = band.bounds();
        List<Stretch> taken = new ArrayList<>();
        for (Zone zone : draft.zones()) {
            if (zone.use() == Zone.Use.KEEP_OFF && zone.on().equals(panel.under())) {
                zone.outline()
                        .within(box)
                        .ifPresent(b ->
                                taken.add(lying ? Stretch.of(b.left(), b.right()) : Stretch.of(b.bottom(), b.top())));
            }
        }
        panel.shape().ifPresent(shape -> band.less(List.of(shape.grown(inset.negated())))
                .forEach(out -> {
                    Box b = out.bounds();
                    taken.add(lying ? Stretch.of(b.left(), b.right()) : Stretch.of(b.bottom(), b.top()));
                }));
        Stretch all = lying ? Stretch.of(box.left(), box.right()) : Stretch.of(box.bottom(), box.top());
        return all.less(taken);
    }

    private Length span() {
        return foam.form() == Foam.Form.SQUARES ? BETWEEN_SQUARES : LONGEST_SPAN;
    }

    private void add(Length length, List<Placement> at) {
        PartId id = new PartId(panel.owner(), "foam-" + Math.round(Mm.of(length) * 10));
        String name = foam.form() == Foam.Form.SQUARES ? "Foam square" : "Foam strip";
        Part strip = Part.of(id, name, foam, Form.rectangle(length, width), Outline.sheet(length, width))
                .at(at)
                .cutBy(CutMethod.SCISSORS);
        draft.part(strip);
        draft.joint(new Joint(SlabId.of(id), panel.under(), Joint.Hold.RESTS, foam, Length.ZERO));
        draft.joint(new Joint(panel.slab(), SlabId.of(id), Joint.Hold.RESTS, foam, Length.ZERO));
    }

    private String kind() {
        return foam.form() == Foam.Form.SQUARES ? "square" : "strip";
    }

    private void derive(Length total, Map<Length, List<Placement>> strips) {
        List<Derivation.Term> terms = new ArrayList<>();
        strips.forEach((length, at) -> terms.add(
                new Derivation.Term(at.size(), kind(), Amount.of(length), new Source(panel.owner(), "fixing"))));
        draft.derive(new Derivation(
                panel.owner(),
                foam.form() == Foam.Form.SQUARES ? "Foam squares" : "Foam tape",
                Amount.of(total),
                "",
                terms));
    }
}
