package dev.schachtel.core.check;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.shape.Outline;

/** The inside can be written on (L* 45 or lighter), and nothing lies over a window. */
final class CoverCheck implements Check {
    /** A sheet counts as the writing surface when it covers half of it. */
    private static final double HALF = 0.5;

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        build.zones(Zone.Use.WRITING).forEach(zone -> writing(build, zone, report));
        for (Joint joint : build.joints()) {
            build.partAt(joint.lower())
                    .filter(p -> !p.cutouts().isEmpty())
                    .ifPresent(p -> blocks(build, joint, p, report));
        }
    }

    private static void writing(Build build, Zone zone, Report report) {
        SlabId top = zone.on();
        for (SlabId on : build.lyingOn(zone.on())) {
            double share = build.level(on).stream()
                    .flatMap(l -> l.slab().footprints().stream())
                    .mapToDouble(f -> f.area().shareOf(zone.outline().area()))
                    .sum();
            top = share >= HALF ? on : top;
        }
        build.level(top).map(l -> l.slab().part()).flatMap(build::part).ifPresent(part -> {
            if (part.material() instanceof Cardstock card) {
                double lightness = build.ground(part.id(), zone.outline())
                        .orElse(card.colour())
                        .lightness();
                Report.Draft draft = report.on(RuleId.WRITING, part.owner())
                        .parts(part.id())
                        .names(card.name())
                        .measured(new Amount.Count((int) Math.round(lightness)), new Amount.Count((int)
                                Cardstock.DARKEST_TO_WRITE_ON))
                        .at(zone.outline().bounds().centre());
                if (lightness >= Cardstock.DARKEST_TO_WRITE_ON) {
                    draft.works();
                } else {
                    draft.remedy(Lever.adding(Pull.LINER));
                    draft.mend();
                }
            }
        });
    }

    private static void blocks(Build build, Joint joint, Part cut, Report report) {
        Level level = build.level(joint.upper()).orElseThrow();
        cut.cutouts().stream()
                .filter(c -> c.sort() == Cutout.Sort.WINDOW)
                .filter(c ->
                        level.slab().footprints().stream().map(Outline::filled).anyMatch(c.onFace()::overlaps))
                .forEach(
                        c -> report.on(RuleId.COVERS_WINDOW, level.slab().part().owner())
                                .parts(level.slab().part())
                                .names(level.slab().name(), c.owner().value())
                                .at(level.slab().bounds().centre())
                                .watch());
    }
}
