package dev.schachtel.core.check;

import java.awt.geom.Area;
import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.Plain;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;

import static java.lang.Math.min;

/** Shakers and pouches, by the formulas of the handbook. */
final class PlainShakers {
    private final Build build;
    private final Verdicts verdicts;

    PlainShakers(Build build, Verdicts verdicts) {
        this.build = build;
        this.verdicts = verdicts;
    }

    void judge() {
        List<Chamber> dams = build.chambers().stream().filter(Chamber::isDam).toList();
        for (Chamber c : build.chambers()) {
            double d = Verdicts.mm(c.filling().diameter());
            double t = Verdicts.mm(c.filling().thickness());
            if (!c.isDam()) {
                verdicts.below(RuleId.FLAT_PIECES, c.owner(), Verdicts.mm(c.depth()), t);
                continue;
            }
            verdicts.below(RuleId.DEPTH, c.owner(), Verdicts.mm(c.depth()), min(d, t) + 0.5);
            double joint = c.seams().stream()
                    .mapToDouble(s -> Verdicts.mm(s.nominal()) + 2 * Verdicts.mm(s.sigma()))
                    .max()
                    .orElse(-1);
            double grain = d > Verdicts.mm(c.depth()) ? d : min(d, t);
            if (joint >= 0 && (joint >= grain || d < 0.5)) {
                verdicts.mend(RuleId.DAM_CLOSED, c.owner());
            }
            Area film = Plain.area(build.part(c.film()).orElseThrow().footprints());
            c.apertures()
                    .forEach(a -> verdicts.below(
                            RuleId.FILM_OVERLAP, c.owner(), Flat.inside(film, Plain.area(a.onFace())), 3));
        }
        for (int i = 0; i < dams.size(); i++) {
            for (int k = i + 1; k < dams.size(); k++) {
                over(dams.get(i), dams.get(k));
            }
        }
    }

    private void over(Chamber a, Chamber b) {
        for (Level x : members(a)) {
            for (Level y : members(b)) {
                Area shared = Plain.shared(
                        Plain.area(x.slab().footprints()), Plain.area(y.slab().footprints()));
                double size = Plain.size(shared);
                if (Verdicts.shareHeight(x, y) > 0 && size > 1) {
                    verdicts.mend(RuleId.DAMS_OVERLAP, b.owner());
                } else if (size > 0) {
                    verdicts.doubt(RuleId.DAMS_OVERLAP, b.owner());
                }
            }
        }
    }

    private List<Level> members(Chamber c) {
        List<Level> all = new ArrayList<>();
        build.level(SlabId.of(c.film())).ifPresent(all::add);
        c.walls().forEach(w -> build.level(SlabId.of(w)).ifPresent(all::add));
        return all;
    }
}
