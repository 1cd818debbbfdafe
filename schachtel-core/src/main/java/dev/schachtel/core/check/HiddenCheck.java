package dev.schachtel.core.check;

import java.util.Comparator;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.Film;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Thread;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;

/**
 * Film and foam never show: film overlaps its window by at least 3 mm (so that it can be held) and stays behind the
 * panel, foam stays out of every window and behind the panel, nothing reaches past the card.
 */
final class HiddenCheck implements Check {
    private static final int HALF = 50;
    private static final Length USUAL_OVERLAP = Length.ofMillimetres(8);
    private static final Length LEAST_OVERLAP = Length.ofMillimetres(3);

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        build.chambers().stream().filter(Chamber::isDam).forEach(chamber -> chamber.apertures()
                .forEach(window -> film(build, chamber, window, report)));
        build.levels().stream()
                .filter(l -> l.slab().part().owner().equals(Id.BASE))
                .filter(l -> !l.slab().id().equals(SlabId.of(l.slab().part())))
                .forEach(l -> leaf(build, l, report));
        for (Part part : build.parts()) {
            if (part.material() instanceof Foam) {
                foam(build, part, report);
            }
            if (!part.owner().equals(Id.BASE) && !(part.material() instanceof Thread)) {
                overhang(build, part, report);
            }
        }
    }

    private static void film(Build build, Chamber chamber, Cutout window, Report report) {
        Part film = build.part(chamber.film()).orElseThrow();
        Outline onFace = film.footprints().get(0);
        Outline.Gap overlap = onFace.marginOf(window.onFace());
        Report.Draft draft = report.on(RuleId.FILM_OVERLAP, chamber.owner())
                .parts(film.id())
                .measured(overlap.length(), LEAST_OVERLAP)
                .at(overlap.here());
        if (overlap.length().isBelow(LEAST_OVERLAP)) {
            draft.remedy(Lever.of(build.spec(), chamber.owner(), Pull.OVERLAP).map(l -> l.to(USUAL_OVERLAP)));
            draft.mend();
        } else {
            draft.works();
        }
        panelBefore(build, chamber).ifPresent(panel -> {
            Outline.Gap margin = panel.slab().footprints().get(0).marginOf(onFace);
            if (margin.length().isNegative()) {
                report.on(RuleId.FILM_HIDDEN, chamber.owner())
                        .parts(film.id())
                        .names(panel.slab().name())
                        .measured(margin.length().negated(), Length.ZERO)
                        .at(margin.there())
                        .mend();
            }
        });
    }

    /** A leaf that is longer than what it closes over sticks out, and meets the other fold. */
    private static void leaf(Build build, Level level, Report report) {
        level.slab().footprints().stream()
                .map(build.face()::marginOf)
                .filter(gap -> gap.length().isNegative())
                .min(Comparator.comparing(Outline.Gap::length))
                .ifPresent(gap -> report.on(
                                RuleId.LEAF_PAST, level.slab().part().owner())
                        .parts(level.slab().part())
                        .names(level.slab().name())
                        .measured(gap.length().negated(), Length.ZERO)
                        .at(gap.there())
                        .remedy(Lever.of(build.spec(), level.slab().part().owner(), Pull.FLAP_SHARE)
                                .map(l -> l.to(HALF)))
                        .mend());
    }

    private static Optional<Level> panelBefore(Build build, Chamber chamber) {
        return build.levels().stream()
                .filter(l -> build.part(l.slab().part()).stream()
                        .flatMap(p -> p.cutouts().stream())
                        .anyMatch(c -> chamber.behind(c.owner())))
                .reduce((a, b) -> b);
    }

    private static void foam(Build build, Part part, Report report) {
        for (Zone seen : build.zones(Zone.Use.SEEN_THROUGH)) {
            boolean onSame = build.joints().stream()
                    .anyMatch(j ->
                            j.upper().equals(SlabId.of(part.id())) && j.lower().equals(seen.on()));
            boolean shows = onSame
                    && build.level(SlabId.of(part.id())).stream()
                            .flatMap(l -> l.slab().footprints().stream())
                            .anyMatch(seen.outline()::overlaps);
            if (shows) {
                report.on(RuleId.FOAM_HIDDEN, part.owner())
                        .parts(part.id())
                        .names(part.name(), seen.owner().value())
                        .at(seen.outline().bounds().centre())
                        .mend();
            }
        }
    }

    private static void overhang(Build build, Part part, Report report) {
        if (part.material() instanceof Film) {
            return;
        }
        build.level(SlabId.of(part.id())).ifPresent(level -> level.slab().footprints().stream()
                .map(build.face()::marginOf)
                .min(Comparator.comparing(Outline.Gap::length))
                .filter(gap -> gap.length().isNegative())
                .ifPresent(gap -> {
                    Report.Draft draft = report.on(RuleId.OVERHANG, part.owner())
                            .parts(part.id())
                            .names(part.name())
                            .measured(gap.length().negated(), Length.ZERO)
                            .at(gap.there());
                    if (part.material() instanceof Foam || build.spec().brief().posted()) {
                        draft.mend();
                    } else {
                        draft.watch();
                    }
                }));
    }
}
