package dev.schachtel.core.check;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.build.Bond;
import dev.schachtel.core.build.Bonds;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Leaf;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

/**
 * What holds a layer up is of one height, as far as foam gives (0.35 mm: one film and its tape), and nothing sticks the
 * two leaves together.
 */
final class LevelCheck implements Check {

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        for (Level level : build.levels()) {
            supports(build, workshop, level, report);
        }
        gluedShut(build, report);
    }

    private static void supports(Build build, Workshop workshop, Level level, Report report) {
        SlabId id = level.slab().id();
        List<Joint> under = build.joints().stream()
                .filter(j -> j.upper().equals(id) && j.hold() == Joint.Hold.RESTS)
                .filter(j -> !standsOnFoam(build, id) || !isMeant(j))
                .toList();
        Length lowest = under.stream()
                .map(j -> build.level(j.lower())
                        .map(l -> l.top().plus(j.thickness()))
                        .orElse(level.bottom()))
                .min(Comparator.naturalOrder())
                .orElse(level.bottom());
        Length lifted = level.bottom().minus(lowest);
        if (lifted.isPositive()) {
            boolean raised = under.stream()
                    .anyMatch(j -> j.by() instanceof Foam && j.thickness().isPositive());
            Report.Draft draft = report.on(RuleId.LEVEL, level.slab().part().owner())
                    .parts(level.slab().part())
                    .names(level.slab().name(), raised ? "foam" : "flat")
                    .thick(lifted, Foam.GIVES)
                    .at(level.slab().bounds().centre());
            if (lifted.isAbove(Foam.GIVES)) {
                draft.remedy(raise(build, workshop, level, under));
                draft.mend();
            } else {
                draft.watch();
            }
        }
    }

    /** What stands on foam is as high as the foam makes it; the joint to its ground only says how high that was meant to be. */
    private static boolean standsOnFoam(Build build, SlabId id) {
        return build.joints().stream()
                .filter(j -> j.upper().equals(id) && j.hold() == Joint.Hold.RESTS)
                .anyMatch(j -> build.partAt(j.lower())
                        .filter(p -> p.material() instanceof Foam)
                        .isPresent());
    }

    private static boolean isMeant(Joint joint) {
        return joint.by() instanceof Foam && joint.thickness().isPositive();
    }

    /** A panel that something lifts is held by the foam tape whose height comes nearest. */
    private static Optional<Remedy> raise(Build build, Workshop workshop, Level level, List<Joint> under) {
        Id owner = level.slab().part().owner();
        Optional<Length> ground = under.stream()
                .filter(j -> j.thickness().isPositive())
                .flatMap(j -> build.level(j.lower()).stream())
                .map(Level::top)
                .min(Comparator.naturalOrder());
        return ground.map(level.bottom()::minus)
                .flatMap(height -> workshop.all(Foam.class).stream()
                        .filter(f -> f.form() == Foam.Form.TAPE)
                        .filter(f -> !f.thickness().minus(height).abs().isAbove(Foam.GIVES))
                        .min(Comparator.comparing(
                                f -> f.thickness().minus(height).abs())))
                .flatMap(foam -> Remedies.raiseOn(build, foam, owner));
    }

    /** No chain of glue or foam runs from what a leaf closes over to the leaf: there would be no freedom left between both. */
    private static void gluedShut(Build build, Report report) {
        List<Bond> bonds = build.mechanics().leaves().isEmpty() ? List.of() : Bonds.of(build);
        for (Leaf leaf : build.mechanics().leaves()) {
            Set<SlabId> stuck = Bonds.fixedTo(leaf.over(), bonds);
            if (stuck.contains(leaf.slab())) {
                Id culprit = build.joints().stream()
                        .filter(j -> j.upper().equals(leaf.slab())
                                && j.hold() == Joint.Hold.RESTS
                                && stuck.contains(j.lower()))
                        .findFirst()
                        .flatMap(j -> build.level(j.lower()))
                        .map(l -> l.slab().part().owner())
                        .orElse(Id.BASE);
                report.on(RuleId.GLUED_SHUT, culprit)
                        .at(build.face().bounds().centre())
                        .mend();
            }
        }
    }
}
