package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

import dev.schachtel.core.build.Coat;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Where;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;

/** Where on a sheet surface work lies, and how strong: what fades is cut into steps of even strength. */
final class Coats {
    private static final int STEPS = 10;
    /** Wider than any card, mm. */
    private static final double FAR = 10_000;

    private final Slab sheet;
    private final Box box;
    private final double coverage;
    private final BuildDraft draft;

    /** On a sheet, at most so strong (0 to 1). */
    Coats(Slab sheet, double coverage, BuildDraft draft) {
        this.sheet = sheet;
        this.box = sheet.bounds();
        this.coverage = coverage;
        this.draft = draft;
    }

    List<Coat> of(Where where) {
        if (where instanceof Where.Above a) {
            double line = box.bottom() + Mm.of(a.line());
            return faded(a.fade(), (from, to) -> new Box(-FAR, line + from, FAR, line + to));
        } else if (where instanceof Where.Below b) {
            double line = box.bottom() + Mm.of(b.line());
            return faded(b.fade(), (from, to) -> new Box(-FAR, line - to, FAR, line - from));
        } else if (where instanceof Where.Left l) {
            double line = box.left() + Mm.of(l.wide());
            return faded(l.fade(), (from, to) -> new Box(line - to, -FAR, line - from, FAR));
        } else if (where instanceof Where.Right r) {
            double line = box.right() - Mm.of(r.wide());
            return faded(r.fade(), (from, to) -> new Box(line + from, -FAR, line + to, FAR));
        } else if (where instanceof Where.Edges e) {
            return edges(e.wide());
        } else if (where instanceof Where.Line l) {
            return List.of(new Coat(coverage, ring(l.inside(), l.wide())));
        } else if (where instanceof Where.Core) {
            return List.of(new Coat(coverage, ring(Length.ZERO, sheet.thickness())));
        } else if (where instanceof Where.Round r) {
            return round(r);
        } else if (where instanceof Where.Between) {
            return List.of(new Coat(coverage, less(pieces())));
        }
        return List.of(new Coat(coverage, sheet.footprints()));
    }

    /** How often a tool is set down on the sheet, along its longer side. */
    int times(Where where) {
        return where instanceof Where.Stepped s ? s.times(Mm.length(Math.max(box.width(), box.height()))) : 1;
    }

    /** A strip between two distances from the line where it is gone, mm. */
    private interface Strip {
        Box between(double from, double to);
    }

    private List<Coat> faded(Length fade, Strip strip) {
        List<Coat> coats = new ArrayList<>();
        double over = Mm.of(fade);
        for (int i = 0; over > 0 && i < STEPS; i++) {
            add(coats, (i + 0.5) / STEPS, strip.between(over * i / STEPS, over * (i + 1) / STEPS));
        }
        add(coats, 1, strip.between(over, FAR));
        return coats;
    }

    private void add(List<Coat> coats, double strength, Box strip) {
        Outline area = Outline.of(strip);
        List<Outline> areas = sheet.footprints().stream()
                .flatMap(f -> f.common(area).stream())
                .toList();
        add(coats, strength, areas);
    }

    private void add(List<Coat> coats, double strength, List<Outline> areas) {
        if (!areas.isEmpty()) {
            coats.add(new Coat(coverage * strength, areas));
        }
    }

    private List<Coat> edges(Length wide) {
        List<Coat> coats = new ArrayList<>();
        for (int i = 0; i < STEPS; i++) {
            List<Outline> ring = new ArrayList<>();
            for (Outline whole : sheet.footprints()) {
                List<Outline> inner = shrunk(whole, part(wide, i + 1));
                shrunk(whole, part(wide, i)).forEach(outer -> ring.addAll(outer.less(inner)));
            }
            add(coats, 1 - (i + 0.5) / STEPS, ring);
        }
        return coats;
    }

    /** So wide, so far inside all edges. */
    private List<Outline> ring(Length inside, Length wide) {
        List<Outline> ring = new ArrayList<>();
        for (Outline whole : sheet.footprints()) {
            List<Outline> inner = shrunk(whole, inside.plus(wide));
            shrunk(whole, inside).forEach(outer -> ring.addAll(outer.less(inner)));
        }
        return ring;
    }

    private static Length part(Length whole, int steps) {
        return Mm.length(Mm.of(whole) * steps / STEPS);
    }

    private static List<Outline> shrunk(Outline outline, Length by) {
        return by.isZero()
                ? List.of(outline)
                : outline.isNarrower(by.times(2)) ? List.of() : List.of(outline.grown(by.negated()));
    }

    private List<Coat> round(Where.Round round) {
        List<Outline> piece = Outline.union(of(round.piece()));
        List<Coat> coats = new ArrayList<>();
        List<Outline> inner = piece;
        for (int i = 1; i <= STEPS; i++) {
            Length out = part(round.out(), i);
            List<Outline> outer =
                    Outline.union(piece.stream().map(p -> p.filled().grown(out)).toList());
            List<Outline> within = inner;
            List<Outline> ring = outer.stream()
                    .flatMap(o -> o.less(within).stream())
                    .flatMap(o -> sheet.footprints().stream().flatMap(f -> f.common(o).stream()))
                    .toList();
            add(coats, 1 - (i - 0.5) / STEPS, ring);
            inner = outer;
        }
        return coats;
    }

    /** A piece's own sheets, or the opening that it cuts. */
    private List<Outline> of(Id piece) {
        List<Outline> own = footprints(s -> s.part().owner().equals(piece));
        return own.isEmpty()
                ? draft.apertures().stream()
                        .map(a -> a.cutout())
                        .filter(c -> c.owner().equals(piece))
                        .map(c -> c.onFace())
                        .toList()
                : own;
    }

    private List<Outline> pieces() {
        Set<SlabId> lying = draft.joints().stream()
                .filter(j -> j.hold() == Joint.Hold.RESTS && j.lower().equals(sheet.id()))
                .map(Joint::upper)
                .collect(Collectors.toSet());
        return footprints(s -> lying.contains(s.id()));
    }

    private List<Outline> footprints(Predicate<Slab> which) {
        return draft.slabs().stream()
                .filter(which)
                .flatMap(s -> s.footprints().stream())
                .toList();
    }

    private List<Outline> less(List<Outline> others) {
        return sheet.footprints().stream().flatMap(f -> f.less(others).stream()).toList();
    }
}
