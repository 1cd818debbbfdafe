package dev.schachtel.core.check;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Spacers;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.motion.Links;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

/**
 * Card raised on foam has no span over 40 mm, and no piece lies half on something and half over a recess without a
 * spacer, unless it can bend over the step. Handbook chapter 2; spacers within 0.15 mm do.
 */
final class SupportCheck implements Check {
    private static final Length ASKED = Length.ofMillimetres(40);
    /** What is asked, and what strips cut to whole half millimetres may lack. */
    private static final Length LONGEST = Length.ofMillimetres(41);

    private static final double SOME = 0.1;
    /** What is narrower needs no spacer. */
    private static final Length NARROW = Length.ofMillimetres(4);
    /** In mm. */
    private static final double ALONG = 10;

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        Set<SlabId> moving = new HashSet<>();
        build.mechanics().motions().forEach(m -> moving.addAll(m.moving()));
        for (Level level : build.levels()) {
            List<Joint> under = build.joints().stream()
                    .filter(j -> j.upper().equals(level.slab().id()) && j.hold() == Joint.Hold.RESTS)
                    .toList();
            span(build, level, under, report);
            under.stream()
                    .filter(j -> !moving.contains(j.lower()) && !moving.contains(j.upper()))
                    .findFirst()
                    .ifPresent(j -> tilts(build, workshop, level, j, report));
        }
    }

    private static void span(Build build, Level level, List<Joint> under, Report report) {
        List<Outline> supports = under.stream()
                .flatMap(j -> build.level(j.lower()).stream())
                .filter(l -> build.part(l.slab().part()).orElseThrow().material() instanceof Foam)
                .flatMap(l -> l.slab().footprints().stream())
                .toList();
        if (supports.isEmpty() || !build.isCard(level)) {
            return;
        }
        Outline sheet = level.slab().footprints().get(0);
        if (!sheet.mayHoldFree(LONGEST, supports)) {
            return;
        }
        Outline.Gap free = sheet.widestFree(supports);
        Report.Draft draft = report.on(RuleId.SPAN, level.slab().part().owner())
                .parts(level.slab().part())
                .names(level.slab().name())
                .measured(free.length(), ASKED)
                .at(free.here());
        if (free.length().isAbove(LONGEST)) {
            draft.watch();
        }
    }

    private static void tilts(Build build, Workshop workshop, Level level, Joint joint, Report report) {
        Level lower = build.level(joint.lower()).orElseThrow();
        if (!build.isCard(lower) || !build.isCard(level)) {
            return;
        }
        Outline piece = level.slab().footprints().get(0).filled();
        double on = lower.slab().footprints().stream()
                .mapToDouble(f -> f.shared(piece).shareOf(piece.area()))
                .sum();
        if (on < SOME || on > 1 - SOME) {
            return;
        }
        piece.less(lower.slab().footprints()).stream()
                .max(Comparator.comparing(Outline::area))
                .ifPresent(over -> spacer(build, workshop, level, over, report));
    }

    /** What goes with it when the card opens: a panel that stands up leaves what it lay over, and so does what stands out of it. */
    private static Predicate<Level> besideIt(Build build, Level level) {
        Links links = new Links(build);
        Unfolding unfolding = build.mechanics().unfolding();
        return unfolding.hinges().stream()
                .filter(Hinge::follows)
                .map(h -> links.carriedBy(
                        List.of(unfolding.panels().get(h.turns()).slab())))
                .filter(carried -> carried.contains(level.slab().id()))
                .findFirst()
                .<Predicate<Level>>map(carried -> l -> carried.contains(l.slab().id()))
                .orElse(l -> true);
    }

    private static void spacer(Build build, Workshop workshop, Level level, Outline over, Report report) {
        boolean seen = build.zones(Zone.Use.SEEN_THROUGH).stream()
                .anyMatch(z -> z.outline().overlaps(over));
        Predicate<Level> beside = besideIt(build, level);
        Optional<Length> there = build.levels().stream()
                .filter(l -> !l.top().isAbove(level.bottom()))
                .filter(beside)
                .filter(l -> l.slab().footprints().stream().anyMatch(over::overlaps))
                .map(Level::top)
                .max(Comparator.naturalOrder());
        if (seen || there.isEmpty() || over.isNarrower(NARROW)) {
            return;
        }
        Length needed = level.bottom().minus(there.get());
        if (needed.isAbove(Spacers.WITHIN) && !bends(over, needed)) {
            List<Length> spacers = Spacers.fewest(needed, stock(workshop));
            String words = spacers.stream().map(s -> Units.thickness(s) + " mm").collect(Collectors.joining(" and "));
            report.on(RuleId.TILTS, level.slab().part().owner())
                    .parts(level.slab().part())
                    .names(level.slab().name(), words.isEmpty() ? "nothing in stock" : words)
                    .thick(needed, Spacers.WITHIN)
                    .at(over.bounds().centre())
                    .watch();
        }
    }

    /** Card gives way over a step of one caliper along 10 mm. */
    private static boolean bends(Outline over, Length step) {
        Box box = over.bounds();
        return !step.isAbove(Spacers.BENDS) && Math.max(box.width(), box.height()) >= ALONG;
    }

    private static List<Length> stock(Workshop workshop) {
        return workshop.materials().stream()
                .filter(m -> m instanceof Foam || m instanceof Cardstock)
                .map(Material::thickness)
                .distinct()
                .sorted()
                .toList();
    }
}
