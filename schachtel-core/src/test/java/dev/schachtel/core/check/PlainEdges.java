package dev.schachtel.core.check;

import java.awt.geom.Area;

import dev.schachtel.core.Plain;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Film;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Thread;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.shape.Outline;

/** What reaches past the card, what a child must not have, and what does not go between the plates. */
final class PlainEdges {
    private final Build build;
    private final Verdicts verdicts;

    PlainEdges(Build build, Verdicts verdicts) {
        this.build = build;
        this.verdicts = verdicts;
    }

    void edges() {
        Area face = Plain.area(build.face());
        for (Level level : build.levels()) {
            Part part = build.part(level.slab().part()).orElseThrow();
            boolean base = part.owner().value().equals("base");
            boolean leaf = base && !level.slab().id().equals(SlabId.of(part.id()));
            if (!base && !level.slab().id().equals(SlabId.of(part.id()))) {
                // A door that reaches past the edge is one too near to the edge of its panel: judged there.
                continue;
            }
            if (part.material() instanceof Thread) {
                // A thread hangs out of the card, or goes round what it is stretched over.
                continue;
            }
            boolean mends =
                    part.material() instanceof Foam || build.spec().brief().posted();
            if (leaf
                    || !base && !(part.material() instanceof Film) && mends
                    || part.material() instanceof Foam && !base) {
                RuleId rule = leaf ? RuleId.LEAF_PAST : RuleId.OVERHANG;
                for (Outline f : level.slab().footprints()) {
                    Area own = Plain.area(f);
                    double in = Plain.size(own) < 0.1 ? 0 : Flat.inside(face, own);
                    if (Math.abs(in) < Verdicts.NEAR) {
                        verdicts.doubt(rule, part.owner());
                    } else if (in < 0) {
                        this.verdicts.mend(rule, part.owner());
                    }
                }
            }
        }
    }

    void child() {
        if (build.spec().brief().smallChild()) {
            build.chambers().forEach(c -> verdicts.mend(RuleId.SMALL_PARTS, c.owner()));
            build.parts().stream()
                    .filter(p -> p.material().isCounted())
                    .forEach(p -> verdicts.mend(RuleId.SMALL_PARTS, p.owner()));
            build.parts().stream()
                    .filter(p -> p.material() instanceof Thread
                            && Verdicts.mm(p.form().longer()) > 220)
                    .forEach(p -> verdicts.mend(RuleId.LONG_THREAD, p.owner()));
        }
    }

    void plates(Workshop workshop) {
        double wide = Verdicts.mm(workshop.tools().plateWidth());
        for (Part part : build.parts()) {
            boolean own =
                    part.method() == CutMethod.DIE && Verdicts.mm(part.form().shorter()) > wide;
            boolean opening = part.cutouts().stream()
                    .anyMatch(c ->
                            c.method() == CutMethod.DIE && Verdicts.mm(c.form().shorter()) > wide);
            if (own || opening) {
                verdicts.mend(RuleId.PLATE, part.owner());
            }
        }
    }
}
