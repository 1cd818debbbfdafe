package dev.schachtel.core.check;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.Plain;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.motion.Space;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Point;

/** Whether a card that stands may be tipped: pushed to every side in turn, a degree and a half after the other. */
final class PlainStand {
    private static final int WAYS = 240;
    private final Build build;
    private final Verdicts verdicts;

    PlainStand(Build build, Verdicts verdicts) {
        this.build = build;
        this.verdicts = verdicts;
    }

    void judge() {
        Unfolding unfolding = build.mechanics().unfolding();
        boolean falls = build.faults().stream().anyMatch(f -> f.rule() == RuleId.STANDS);
        if (!unfolding.standsByItself() || falls) {
            return;
        }
        Space space = new Space(build);
        List<Rigid> panels = space.at(unfolding.shownShare()).panels();
        double[] mass = new double[4];
        List<Vec> corners = new ArrayList<>();
        for (Space.Body body : space.bodies()) {
            Part part = build.part(body.level().slab().part()).orElseThrow();
            double low = Verdicts.mm(body.level().bottom()) - space.over(body.panel());
            double high = Verdicts.mm(body.level().top()) - space.over(body.panel());
            double sheets = Verdicts.mm(body.level().slab().thickness())
                    / Math.max(0.001, Verdicts.mm(part.material().thickness()));
            double grams = Plain.size(Plain.area(body.outline()))
                    / 1e6
                    * part.material().grammage()
                    * sheets;
            Point middle = body.outline().centroid();
            Vec at = panels.get(body.panel()).at(new Vec(middle.x(), middle.y(), (low + high) / 2));
            mass[0] += grams * at.x();
            mass[1] += grams * at.y();
            mass[2] += grams * at.z();
            mass[3] += grams;
            for (Point p : body.outline().outer().flattened()) {
                corners.add(panels.get(body.panel()).at(new Vec(p.x(), p.y(), low)));
                corners.add(panels.get(body.panel()).at(new Vec(p.x(), p.y(), high)));
            }
        }
        double board = corners.stream().mapToDouble(Vec::y).min().orElse(0);
        double high = mass[1] / mass[3] - board;
        double least = 90;
        for (int i = 0; i < WAYS; i++) {
            double dx = Math.cos(2 * Math.PI * i / WAYS);
            double dz = Math.sin(2 * Math.PI * i / WAYS);
            double edge = corners.stream()
                    .filter(c -> c.y() < board + 0.5)
                    .mapToDouble(c -> c.x() * dx + c.z() * dz)
                    .max()
                    .orElse(0);
            double arm = edge - (mass[0] * dx + mass[2] * dz) / mass[3];
            least = Math.min(least, Math.toDegrees(Math.atan2(arm, high)));
        }
        if (Math.abs(least - 10) < 0.3) {
            verdicts.doubt(RuleId.TIPS, "base");
        } else {
            verdicts.below(RuleId.TIPS, "base", least, 10);
        }
    }
}
