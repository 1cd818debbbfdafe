package dev.schachtel.core.check;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.shape.Outline;

/** No adhesive where something has to move: behind doors, on creases, in pockets. */
final class GlueCheck implements Check {
    @Override
    public void look(Build build, Workshop workshop, Report report) {
        for (Zone zone : build.zones(Zone.Use.NO_GLUE)) {
            for (Joint joint : build.joints()) {
                if (joint.lower().equals(zone.on()) && joint.hold() == Joint.Hold.RESTS) {
                    stuck(build, workshop, zone, joint, report);
                }
            }
        }
    }

    private static void stuck(Build build, Workshop workshop, Zone zone, Joint joint, Report report) {
        Level upper = build.level(joint.upper()).orElseThrow();
        boolean own = upper.slab().part().owner().equals(zone.owner())
                && !zone.owner().equals(Id.BASE);
        boolean foamed = joint.by() instanceof Foam && joint.thickness().isPositive();
        if (own || foamed || upper.slab().footprints().stream().noneMatch(zone.outline()::overlaps)) {
            return;
        }
        boolean sheet = upper.slab().footprints().stream().map(Outline::filled).anyMatch(f -> f.covers(zone.outline()));
        Report.Draft draft = report.on(
                        RuleId.GLUE_FREE,
                        sheet ? zone.owner() : upper.slab().part().owner())
                .parts(upper.slab().part())
                .names(upper.slab().name(), zone.owner().value())
                .at(zone.outline().bounds().centre());
        boolean whole = joint.by() instanceof Adhesive a && a.whole();
        if (whole) {
            draft.remedy(Remedies.otherwise(build, workshop, upper.slab().part().owner(), by -> !by.whole()));
        }
        if (sheet && !whole && !zone.owner().equals(Id.BASE)) {
            draft.watch();
        } else {
            draft.mend();
        }
    }
}
