package dev.schachtel.core.check;

import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.Plain;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.shape.Outline;

import static dev.schachtel.core.check.Verdicts.mm;
import static java.lang.Math.max;
import static java.lang.Math.min;

/** What is seen of sheets, and whether they come from the drawer and go into the envelope: by points and areas. */
final class PlainSheets {
    private static final double GRID = 3;
    private final Build build;
    private final Verdicts verdicts;

    PlainSheets(Build build, Verdicts verdicts) {
        this.build = build;
        this.verdicts = verdicts;
    }

    void judge(Workshop workshop) {
        build.zones(Zone.Use.WRITING).forEach(this::writing);
        build.chambers().stream().filter(Chamber::isDam).forEach(this::film);
        build.zones(Zone.Use.SEEN_THROUGH).forEach(this::foam);
        build.levels().forEach(this::frame);
        envelope(workshop);
        build.parts().forEach(p -> drawer(p, workshop));
    }

    private static Area filled(List<Outline> outlines) {
        return Plain.area(
                outlines.stream().map(o -> new Outline(o.outer(), List.of())).toList());
    }

    private Part part(Level level) {
        return build.part(level.slab().part()).orElseThrow();
    }

    /** Whatever stands on a sheet, and on that, and so on. */
    private Set<SlabId> over(SlabId low) {
        Set<SlabId> all = new HashSet<>();
        List<SlabId> next = List.of(low);
        while (!next.isEmpty()) {
            List<SlabId> more = new ArrayList<>();
            for (SlabId id : next) {
                build.joints().stream()
                        .filter(j -> j.hold() == Joint.Hold.RESTS && j.lower().equals(id) && all.add(j.upper()))
                        .forEach(j -> more.add(j.upper()));
            }
            next = more;
        }
        return all;
    }

    /** One writes on the sheet that is on top at half of the points, else on the base itself. */
    private void writing(Zone zone) {
        Area place = Plain.area(zone.outline());
        List<Level> over = over(zone.on()).stream()
                .flatMap(id -> build.level(id).stream())
                .sorted(Comparator.comparing(Level::top).reversed())
                .toList();
        Map<Level, Area> areas = new HashMap<>();
        over.forEach(l -> areas.put(l, Plain.area(l.slab().footprints())));
        Map<Level, Integer> seen = new HashMap<>();
        int points = 0;
        Rectangle2D box = place.getBounds2D();
        for (double x = box.getX() + GRID / 2; x < box.getMaxX(); x += GRID) {
            for (double y = box.getY() + GRID / 2; y < box.getMaxY(); y += GRID) {
                if (place.contains(x, y)) {
                    points++;
                    double px = x;
                    double py = y;
                    over.stream()
                            .filter(l -> areas.get(l).contains(px, py))
                            .findFirst()
                            .ifPresent(l -> seen.merge(l, 1, Integer::sum));
                }
            }
        }
        double all = points;
        if (seen.values().stream().anyMatch(n -> Math.abs(n / all - 0.5) < 0.08)) {
            build.parts().forEach(p -> verdicts.doubt(RuleId.WRITING, p.owner()));
            return;
        }
        Optional<Level> sheet = over.stream()
                .filter(l -> seen.getOrDefault(l, 0) > all / 2)
                .findFirst()
                .or(() -> build.level(zone.on()));
        sheet.map(this::part).filter(p -> p.material() instanceof Cardstock).ifPresent(p -> {
            double light = build.ground(p.id(), zone.outline())
                    .orElse(((Cardstock) p.material()).colour())
                    .lightness();
            verdicts.below(RuleId.WRITING, p.owner(), light, 45);
        });
    }

    /** No film past the panel whose window it closes. */
    private void film(Chamber chamber) {
        Area film =
                Plain.area(build.part(chamber.film()).orElseThrow().footprints().get(0));
        build.levels().stream()
                .filter(l -> part(l).cutouts().stream()
                        .anyMatch(c -> chamber.apertures().contains(c)))
                .forEach(l -> {
                    double in = Flat.inside(filled(l.slab().footprints()), film);
                    if (Math.abs(in) < Verdicts.NEAR) {
                        verdicts.doubt(RuleId.FILM_HIDDEN, chamber.owner());
                    } else if (in < 0) {
                        verdicts.mend(RuleId.FILM_HIDDEN, chamber.owner());
                    }
                });
    }

    /** Any foam between an opening and what is seen through it that no card in between hides; and any on a hole, from behind. */
    private void foam(Zone seen) {
        Level ground = build.level(seen.on()).orElseThrow();
        double low = mm(ground.top()) - 0.001;
        double high = build.levels().stream()
                .filter(l -> part(l).cutouts().stream()
                        .anyMatch(c ->
                                c.owner().equals(seen.owner()) && c.onFace().equals(seen.outline())))
                .mapToDouble(l -> mm(l.bottom()) + 0.001)
                .filter(h -> h > low)
                .min()
                .orElse(Double.MAX_VALUE);
        boolean behind = high == Double.MAX_VALUE;
        Set<SlabId> standing = over(seen.on());
        for (Level foam : build.levels()) {
            boolean there = behind ? standing.contains(foam.slab().id()) : mm(foam.top()) < high;
            if (part(foam).material() instanceof Foam && mm(foam.bottom()) > low && there) {
                Area shows = Plain.shared(
                        Plain.area(seen.outline()), Plain.area(foam.slab().footprints()));
                build.levels().stream()
                        .filter(l -> part(l).material() instanceof Cardstock)
                        .filter(l -> behind
                                ? mm(l.bottom()) > low && mm(l.top()) < mm(foam.bottom()) + 0.001
                                : mm(l.bottom()) > mm(foam.top()) - 0.001 && mm(l.top()) < high)
                        .forEach(l -> shows.subtract(Plain.area(l.slab().footprints())));
                double size = Plain.size(shows);
                if (size > 0.5) {
                    verdicts.mend(RuleId.FOAM_HIDDEN, foam.slab().part().owner());
                } else if (size > 0) {
                    verdicts.doubt(RuleId.FOAM_HIDDEN, foam.slab().part().owner());
                }
            }
        }
    }

    /** In a ring of card that has no window of its own, the sheet that fills it reaches under it all round. */
    private void frame(Level frame) {
        Part ring = part(frame);
        if (!(ring.material() instanceof Cardstock) || !ring.cutouts().isEmpty()) {
            return;
        }
        for (Outline f : frame.slab().footprints()) {
            if (f.holes().size() == 1) {
                Area hole = Plain.area(new Outline(f.holes().get(0), List.of()));
                build.levels().stream()
                        .filter(l -> part(l).material() instanceof Cardstock
                                && !l.slab().part().equals(ring.id())
                                && l.top().compareTo(frame.top()) <= 0
                                && l.slab().footprints().stream().anyMatch(o -> share(o, hole) >= 0.6))
                        .max(Comparator.comparing(Level::top))
                        .ifPresent(l -> l.slab().footprints().forEach(o -> fills(l, o, hole)));
            }
        }
    }

    private static double share(Outline sheet, Area hole) {
        return Plain.size(Plain.shared(filled(List.of(sheet)), hole)) / Plain.size(hole);
    }

    private void fills(Level level, Outline sheet, Area hole) {
        double share = share(sheet, hole);
        double in = Flat.inside(filled(List.of(sheet)), hole);
        boolean unsure = Math.abs(share - 0.6) < 0.02
                || Math.abs(in) < Verdicts.NEAR
                || share > 0.98 && Math.abs(Math.abs(in) - 0.2) < Verdicts.NEAR;
        if (unsure) {
            verdicts.doubt(RuleId.OPENING_BACKED, level.slab().part().owner());
        } else if (share > 0.6 && in < 0 && !(share > 0.99 && in > -0.2)) {
            verdicts.mend(RuleId.OPENING_BACKED, level.slab().part().owner());
        }
    }

    /** An eighth of an inch of room each way, in any way in which the card lies flat. */
    private void envelope(Workshop workshop) {
        workshop.envelope(build.spec().brief().envelope())
                .filter(e -> build.spec().brief().posted())
                .ifPresent(e -> {
                    double worst = build.mechanics().flats().stream()
                            .mapToDouble(f -> max(
                                    lacks(min(mm(f.width()), mm(f.height())) + mm(build.thickness(f)), mm(e.width())),
                                    lacks(max(mm(f.width()), mm(f.height())), mm(e.height()))))
                            .min()
                            .orElse(0);
                    verdicts.below(RuleId.ENVELOPE_SIZE, "base", -worst, 0);
                });
    }

    private static double lacks(double size, double room) {
        return size + 25.4 / 8 - room;
    }

    /** Upright or turned it comes out of some sheet of its card. */
    private void drawer(Part part, Workshop workshop) {
        boolean cut = !part.material().fromRoll()
                && part.material().isStock()
                && !part.material().isCounted();
        var sheets = workshop.sheetsOf(part.material().id());
        if (!cut || sheets.isEmpty()) {
            return;
        }
        double wide = mm(part.form().width());
        double high = mm(part.form().height());
        double worst = sheets.stream()
                .mapToDouble(s -> min(
                        max(wide - mm(s.width()), high - mm(s.height())),
                        max(high - mm(s.width()), wide - mm(s.height()))))
                .min()
                .orElseThrow();
        verdicts.below(RuleId.SHEET_SIZE, part.owner(), -worst, 0);
    }
}
