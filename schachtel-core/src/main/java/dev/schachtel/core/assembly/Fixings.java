package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Material;

/** How each part is held, read from the joints: on what, behind what, on which foam, and what goes through a slot. */
final class Fixings {
    private final Build build;
    private final Map<SlabId, PartId> parts = new HashMap<>();
    /** What goes to a slot from behind and whatever is stuck on it. */
    private final Set<PartId> runners = new LinkedHashSet<>();
    /** By the part above, the joints by which it rests on others; by the part below, whether something rests on it. */
    private final Map<PartId, List<Joint>> resting = new HashMap<>();

    private final Set<PartId> carrying = new HashSet<>();
    /** What the work that engineers ask for fixes. */
    private final Set<PartId> asked = new HashSet<>();

    Fixings(Build build) {
        this.build = build;
        build.levels().forEach(l -> parts.put(l.slab().id(), l.slab().part()));
        for (Joint joint : build.joints()) {
            PartId upper = partOf(joint.upper());
            PartId lower = partOf(joint.lower());
            if (joint.hold() == Joint.Hold.RESTS && !upper.equals(lower)) {
                resting.computeIfAbsent(upper, p -> new ArrayList<>()).add(joint);
                carrying.add(lower);
            }
        }
        build.works().stream().flatMap(w -> w.lays().stream()).forEach(l -> asked.addAll(l.parts()));
        build.joints().stream()
                .filter(j -> j.hold() == Joint.Hold.HANGS && !(j.by() instanceof Adhesive))
                .forEach(j -> runners.add(partOf(j.lower())));
        boolean more = true;
        while (more) {
            more = runners.addAll(carried(runners));
        }
    }

    private List<PartId> carried(Set<PartId> under) {
        return build.joints().stream()
                .filter(j -> j.hold() == Joint.Hold.RESTS && under.contains(partOf(j.lower())))
                .map(j -> partOf(j.upper()))
                .toList();
    }

    PartId partOf(SlabId slab) {
        return parts.getOrDefault(slab, new PartId(dev.schachtel.core.card.Id.BASE, ""));
    }

    boolean isAskedFor(PartId part) {
        return asked.contains(part);
    }

    boolean runs(PartId part) {
        return runners.contains(part);
    }

    boolean isFoam(PartId part) {
        return build.part(part).filter(p -> p.material() instanceof Foam).isPresent();
    }

    private boolean isDamFilm(PartId part) {
        return build.chambers().stream().anyMatch(c -> c.isDam() && c.film().equals(part));
    }

    /** The joints by which a part rests on others. */
    List<Joint> rests(PartId part) {
        return resting.getOrDefault(part, List.of());
    }

    /** The joint by which a part hangs behind another. */
    Optional<Joint> hangs(PartId part) {
        return build.joints().stream()
                .filter(j -> j.hold() == Joint.Hold.HANGS && partOf(j.lower()).equals(part))
                .findFirst();
    }

    /** Foam of its own that a part stands on, in several layers too: all that carries only this part. */
    List<Part> foamUnder(PartId part) {
        List<Part> foam = new ArrayList<>();
        foamUnder(part, foam);
        return foam;
    }

    private void foamUnder(PartId part, List<Part> foam) {
        for (Joint joint : rests(part)) {
            build.part(partOf(joint.lower()))
                    .filter(p -> p.material() instanceof Foam && !isAskedFor(p.id()) && !runs(p.id()))
                    .filter(p -> !foam.contains(p))
                    .ifPresent(p -> {
                        foam.add(p);
                        foamUnder(p.id(), foam);
                    });
        }
    }

    /** Whether something rests on it. */
    boolean carries(PartId part) {
        return carrying.contains(part);
    }

    /**
     * Where a part lies at last: what its joints lead to through foam and the film of dams, which go down with it. Empty
     * for what rests on nothing.
     */
    Optional<SlabId> ground(PartId part) {
        return ground(part, new HashSet<>());
    }

    private Optional<SlabId> ground(PartId part, Set<PartId> seen) {
        if (!seen.add(part)) {
            return Optional.empty();
        }
        List<Joint> under = rests(part);
        Optional<SlabId> plain = under.stream()
                .map(Joint::lower)
                .filter(l -> !goesAlong(partOf(l)))
                .findFirst();
        return plain.or(() -> under.stream()
                .flatMap(j -> ground(partOf(j.lower()), seen).stream())
                .findFirst());
    }

    private boolean goesAlong(PartId lower) {
        return isDamFilm(lower) || isFoam(lower) && !runs(lower);
    }

    /** What holds a part on its ground: what its joint says, else the foam on which it stands. */
    Joint by(PartId part) {
        List<Joint> under = rests(part);
        return under.stream()
                .filter(j -> !goesAlong(partOf(j.lower())))
                .findFirst()
                .orElseGet(() -> under.get(0));
    }

    static Duration drying(Joint joint) {
        return drying(joint.by());
    }

    static Duration drying(Material by) {
        return by instanceof Adhesive a ? Duration.ofMinutes(a.dryMinutes()) : Duration.ZERO;
    }

    /** Whether it is stuck on the whole back, before that is cut. */
    static boolean coversAll(Material by) {
        return by instanceof Adhesive a && a.whole();
    }

    /** The chambers whose windows are cut in a part. */
    List<Chamber> before(PartId part) {
        return build.chambers().stream()
                .filter(c -> build.part(part).stream()
                        .flatMap(p -> p.cutouts().stream())
                        .anyMatch(a -> c.behind(a.owner())))
                .toList();
    }
}
