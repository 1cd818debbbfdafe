package dev.schachtel.core.check;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Levers;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Seam;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;

/** A chamber keeps its filling in: joints tighter than the grain, walls behind the panel, no ridge under a wall. */
final class SealCheck implements Check {
    /** A wall counts as on the film, or off it, while no more than this share of it is not: the corners of strips. */
    private static final double CORNERS = 0.1;

    /** So much further than the dam reaches an overlap that takes all of it. */
    private static final Length CLEAR_OF_WALL = Length.ofMicrometres(100);

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        for (Chamber chamber : build.chambers().stream().filter(Chamber::isDam).toList()) {
            closed(build, workshop, chamber, report);
            fits(build, chamber, report);
            ridge(build, chamber, report);
            foamForm(build, workshop, chamber, report);
        }
    }

    private static void closed(Build build, Workshop workshop, Chamber chamber, Report report) {
        Length grain = chamber.filling().grain(chamber.depth());
        Optional<Seam> worst = chamber.seams().stream().max(Comparator.comparing(Seam::widest));
        Report.Draft draft = report.on(RuleId.DAM_CLOSED, chamber.owner())
                .names(chamber.filling().name())
                .measured(new Amount.Thick(worst.map(Seam::widest).orElse(Length.ZERO)), new Amount.Thick(grain));
        chamber.walls().forEach(draft::parts);
        worst.map(Seam::at).ifPresent(draft::at);
        boolean leaks = worst.isPresent() && !worst.get().widest().isBelow(grain);
        boolean fine = worst.isPresent() && chamber.filling().isFine();
        if (leaks || fine) {
            draft.remedy(Levers.onePiece(build.spec(), workshop, chamber.owner()));
            draft.mend();
        } else {
            draft.works();
        }
    }

    private static void fits(Build build, Chamber chamber, Report report) {
        build.part(chamber.walls().get(0))
                .flatMap(wall -> panelOver(build, chamber))
                .ifPresent(panel -> {
                    Outline.Gap gap = panel.marginOf(chamber.outside());
                    Report.Draft draft = report.on(RuleId.DAM_FITS, chamber.owner())
                            .measured(gap.length(), Length.ZERO)
                            .at(gap.there());
                    chamber.walls().forEach(draft::parts);
                    if (gap.length().isNegative()) {
                        draft.mend();
                    }
                });
    }

    private static Optional<Outline> panelOver(Build build, Chamber chamber) {
        return build.parts().stream()
                .filter(p -> p.cutouts().stream().anyMatch(c -> chamber.behind(c.owner())))
                .findFirst()
                .flatMap(p -> build.levels().stream()
                        .filter(l -> l.slab().part().equals(p.id()))
                        .reduce((a, b) -> b))
                .map(l -> l.slab().footprints().get(0).filled());
    }

    /** A wall half on the film lifts one side by the film's thickness; fine fillings creep under it. */
    private static void ridge(Build build, Chamber chamber, Report report) {
        Part film = build.part(chamber.film()).orElseThrow();
        Outline sheet = film.footprints().get(0);
        for (var id : chamber.walls()) {
            Optional<Level> wall = build.level(SlabId.of(id));
            boolean half = wall.stream()
                    .flatMap(l -> some(l.slab().footprints()).stream())
                    .mapToDouble(f -> f.shared(sheet).shareOf(f.area()))
                    .anyMatch(share -> share > CORNERS && share < 1 - CORNERS);
            if (half) {
                Length over = Length.max(
                                Length.ZERO,
                                sheet.marginOf(chamber.outside()).length().negated())
                        .plus(CLEAR_OF_WALL);
                Report.Draft draft = report.on(RuleId.DAM_RIDGE, chamber.owner())
                        .parts(film.id(), id)
                        .thick(film.material().thickness(), Length.ZERO)
                        .at(sheet.bounds().centre().plus(0, sheet.bounds().height() / 2));
                draft.remedy(
                        Lever.of(build.spec(), chamber.owner(), Pull.OVERLAP).flatMap(l -> l.by(over)));
                draft.watch();
                return;
            }
        }
    }

    /** Up to two of the copies, spread evenly: the copies of a wall lie alike round their window. */
    private static List<Outline> some(List<Outline> copies) {
        int step = Math.max(1, copies.size() / 2);
        return IntStream.range(0, copies.size())
                .filter(i -> i % step == 0)
                .limit(2)
                .mapToObj(copies::get)
                .toList();
    }

    private static void foamForm(Build build, Workshop workshop, Chamber chamber, Report report) {
        for (var id : chamber.walls()) {
            build.part(id)
                    .filter(p -> p.form().sort() == Form.Sort.RING || p.form().sort() == Form.Sort.FRAME)
                    .filter(p -> p.material() instanceof Foam f && f.form() == Foam.Form.TAPE)
                    .ifPresent(p -> report.on(RuleId.FOAM_FORM, chamber.owner())
                            .parts(id)
                            .names(p.material().name())
                            .remedy(Levers.foamSheet(build.spec(), workshop, chamber.owner()))
                            .mend());
        }
    }
}
