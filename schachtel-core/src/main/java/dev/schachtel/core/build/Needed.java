package dev.schachtel.core.build;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.measure.Area;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;

/**
 * What of surface work is seen in the end: its areas less what card covers later, which may reach {@link #SPARE} under the
 * cover's edge. What moves covers nothing for good. Handbook chapter 11.
 *
 * @param needed what must be inked
 * @param covered what may be left out
 */
public record Needed(List<Outline> needed, List<Outline> covered) {
    public static final Length SPARE = Length.ofMillimetres(2);

    public Needed {
        needed = List.copyOf(needed);
        covered = List.copyOf(covered);
    }

    public static Needed of(Build build, Surface surface) {
        List<Outline> covers = covers(build, surface.slab());
        List<Outline> needed = new ArrayList<>();
        List<Outline> covered = new ArrayList<>();
        for (Coat coat : surface.coats()) {
            for (Outline area : coat.areas()) {
                List<Outline> seen = area.less(covers);
                needed.addAll(seen);
                covered.addAll(area.less(seen));
            }
        }
        return new Needed(needed, covered);
    }

    /** Sheets that come to lie on another, or on what lies on it, each as far as it surely covers. */
    static List<Outline> covers(Build build, SlabId ground) {
        Set<SlabId> moving = new HashSet<>();
        build.mechanics().motions().forEach(m -> moving.addAll(m.moving()));
        Set<SlabId> above = new HashSet<>(build.lyingOn(ground));
        for (int before = -1; before != above.size(); ) {
            before = above.size();
            Set.copyOf(above).forEach(s -> above.addAll(build.lyingOn(s)));
        }
        return build.levels().stream()
                .filter(l -> above.contains(l.slab().id())
                        && !moving.contains(l.slab().id()))
                .filter(l -> build.part(l.slab().part())
                        .filter(p -> p.material() instanceof Cardstock)
                        .isPresent())
                .flatMap(l -> l.slab().footprints().stream())
                .filter(f -> !f.isNarrower(SPARE.times(2)))
                .map(f -> f.grown(SPARE.negated()))
                .toList();
    }

    private static Area area(List<Outline> outlines) {
        return new Area(
                outlines.stream().mapToDouble(o -> o.area().squareMillimetres()).sum());
    }

    public Area neededArea() {
        return area(needed);
    }

    public Area coveredArea() {
        return area(covered);
    }
}
