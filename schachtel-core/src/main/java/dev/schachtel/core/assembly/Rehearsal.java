package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.shape.Outline;

/**
 * Plays a build plan through as hands would, with what is cut, fixed and still within reach at each step. A plan that
 * can't be carried out gives faults; a sound one gives none. O(steps x parts).
 */
public final class Rehearsal {
    /** What goes wrong. */
    public enum Fault {
        /** It is used before it is cut, or never cut. */
        NOT_MADE,
        /** Two steps cut it. */
        MADE_TWICE,
        /** No step fixes it. */
        NOT_FIXED,
        /** Two steps fix it. */
        FIXED_TWICE,
        /** It should lie on foam, and there is none behind it. */
        HELD_BY_NOTHING,
        /** It belongs where something lies already that bars the way. */
        OUT_OF_REACH,
        /** It has to go through an opening that is too small for it. */
        DOES_NOT_PASS
    }

    /**
     * One fault.
     *
     * @param step the number of the step, 0 where the fault is that there is none
     * @param other what it is about besides the part: what bars the way, or has the opening
     */
    public record Found(Fault fault, int step, PartId part, Optional<PartId> other) {}

    private final Build build;
    private final Map<PartId, Duration> made = new HashMap<>();
    private final Map<PartId, Step> fixed = new LinkedHashMap<>();
    private final Map<PartId, Set<PartId>> onBack = new HashMap<>();
    private final List<Found> found = new ArrayList<>();

    private Rehearsal(Build build) {
        this.build = build;
    }

    /** The faults of a plan, each once, for the first card in which it shows. */
    public static List<Found> of(Build build, BuildPlan plan) {
        List<Integer> firsts = plan.steps().stream()
                .map(s -> s.lot().first())
                .distinct()
                .sorted()
                .toList();
        for (int card : firsts) {
            Rehearsal rehearsal = new Rehearsal(build);
            plan.steps().stream()
                    .filter(s -> s.lot().first() <= card && card <= s.lot().last())
                    .forEach(rehearsal::play);
            rehearsal.finish();
            if (!rehearsal.found.isEmpty()) {
                return rehearsal.found;
            }
        }
        return List.of();
    }

    private void play(Step step) {
        for (PartId part : step.op().effect().makes()) {
            if (made.put(part, step.end()) != null && step.round() == 0) {
                found.add(new Found(Fault.MADE_TWICE, step.number(), part, Optional.empty()));
            }
        }
        step.op().joins().filter(j -> step.round() == 0).ifPresent(joining -> join(step, joining));
    }

    private void join(Step step, Joining joining) {
        for (PartId part : joining.laid()) {
            if (fixed.containsKey(part)) {
                found.add(new Found(Fault.FIXED_TWICE, step.number(), part, Optional.empty()));
            }
            boolean ready =
                    build.part(part).filter(p -> CutOps.maker(p).isEmpty()).isPresent();
            Duration cut = made.get(part);
            if (!ready && (cut == null || cut.compareTo(step.start()) > 0)) {
                found.add(new Found(Fault.NOT_MADE, step.number(), part, Optional.empty()));
            }
            if (joining.isBehind()) {
                behind(step, joining, part);
            } else {
                before(step, joining, part);
            }
        }
        joining.laid().forEach(part -> fixed.put(part, step));
    }

    /** On the back of a sheet, which must not lie yet; what sticks to it already goes through its opening. */
    private void behind(Step step, Joining joining, PartId part) {
        PartId sheet = partOf(joining.onto());
        onBack.computeIfAbsent(sheet, k -> new HashSet<>()).add(part);
        Step down = fixed.get(sheet);
        if (down != null && !down.op().joins().orElseThrow().isBehind()) {
            found.add(new Found(Fault.OUT_OF_REACH, step.number(), part, Optional.of(sheet)));
        }
        if (joining.by().isEmpty()) {
            through(step, part, joining.onto());
        }
    }

    private void through(Step step, PartId part, SlabId sheet) {
        PartId holed = partOf(sheet);
        List<Outline> openings = build.part(holed).stream()
                .flatMap(p -> p.cutouts().stream())
                .filter(c -> c.sort() == Cutout.Sort.SLOT && c.owner().equals(part.owner()))
                .map(Cutout::onFace)
                .toList();
        Level plane = build.level(sheet).orElseThrow();
        for (PartId rider : stuckOn(part)) {
            Optional<Level> level = build.level(SlabId.of(rider));
            boolean passes = level.filter(l -> l.top().isAbove(plane.bottom())).stream()
                    .flatMap(l -> l.slab().footprints().stream())
                    .allMatch(f -> openings.stream().anyMatch(o -> o.holds(f)));
            if (!passes) {
                found.add(new Found(Fault.DOES_NOT_PASS, step.number(), rider, Optional.of(holed)));
            }
        }
    }

    /** All that was fixed on a part so far, and on that. */
    private Set<PartId> stuckOn(PartId part) {
        Set<PartId> all = new HashSet<>();
        List<PartId> next = new ArrayList<>(List.of(part));
        while (!next.isEmpty()) {
            PartId at = next.remove(0);
            fixed.forEach((upper, step) -> {
                boolean on = partOf(step.op().joins().orElseThrow().onto()).equals(at);
                if (on && all.add(upper)) {
                    next.add(upper);
                }
            });
        }
        return all;
    }

    /** On the front of something, where nothing may lie yet that will be above it. */
    private void before(Step step, Joining joining, PartId part) {
        boolean foam = joining.by().filter(Foam.class::isInstance).isPresent();
        boolean held =
                build.part(part).filter(p -> p.material() instanceof Foam).isPresent()
                        || build.part(partOf(joining.onto()))
                                .filter(p -> p.material() instanceof Foam)
                                .isPresent();
        boolean stands = onBack.getOrDefault(part, Set.of()).stream()
                .anyMatch(p ->
                        build.part(p).filter(x -> x.material() instanceof Foam).isPresent());
        if (foam && !held && !stands) {
            found.add(new Found(Fault.HELD_BY_NOTHING, step.number(), part, Optional.empty()));
        }
        Optional<Level> own = build.level(SlabId.of(part));
        own.ifPresent(level -> fixed.forEach((other, down) -> {
            Joining its = down.op().joins().orElseThrow();
            boolean sameGround = its.onto().equals(joining.onto()) && !its.isBehind();
            if (sameGround && liesOver(other, level)) {
                found.add(new Found(Fault.OUT_OF_REACH, step.number(), part, Optional.of(other)));
            }
        }));
    }

    private boolean liesOver(PartId over, Level lower) {
        return build.level(SlabId.of(over)).filter(l -> !l.bottom().isBelow(lower.top())).stream()
                .flatMap(l -> l.slab().footprints().stream())
                .anyMatch(o -> lower.slab().footprints().stream().anyMatch(o::overlaps));
    }

    private void finish() {
        for (Part part : build.parts()) {
            boolean root = part.id().equals(new PartId(Id.BASE, ""));
            boolean ready = CutOps.maker(part).isEmpty();
            if (!root && !build.isAside(part.id()) && !fixed.containsKey(part.id())) {
                found.add(new Found(Fault.NOT_FIXED, 0, part.id(), Optional.empty()));
            }
            if (!ready && !made.containsKey(part.id())) {
                found.add(new Found(Fault.NOT_MADE, 0, part.id(), Optional.empty()));
            }
        }
    }

    private PartId partOf(SlabId slab) {
        return build.level(slab).map(l -> l.slab().part()).orElse(new PartId(Id.BASE, ""));
    }
}
