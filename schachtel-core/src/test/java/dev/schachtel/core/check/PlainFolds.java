package dev.schachtel.core.check;

import java.awt.geom.Area;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.Plain;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Leaf;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.FlatFold;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.shape.Outline;

/** Whether the card closes, and whether glue holds what must move: by areas. */
final class PlainFolds {
    private final Build build;
    private final Verdicts verdicts;

    PlainFolds(Build build, Verdicts verdicts) {
        this.build = build;
        this.verdicts = verdicts;
    }

    void judge() {
        List<Leaf> leaves = build.mechanics().leaves();
        leaves.forEach(this::room);
        for (int i = 0; i < leaves.size(); i++) {
            for (int k = i + 1; k < leaves.size(); k++) {
                flaps(leaves.get(i), leaves.get(k));
            }
        }
        build.zones(Zone.Use.NO_GLUE).forEach(this::glue);
    }

    private Level level(SlabId id) {
        return build.level(id).orElseThrow();
    }

    private boolean isBase(Level level) {
        return level.slab().part().owner().value().equals("base");
    }

    private Set<SlabId> along(SlabId sheet) {
        return PlainMotions.carried(build, Set.of(sheet));
    }

    /** A single score takes 1.5 mm, a gusset what it is wide; what is folded between two leaves takes all the room there is. */
    private void room(Leaf leaf) {
        Level back = level(leaf.over());
        boolean folded = build.joints().stream()
                .filter(j -> j.hold() == Joint.Hold.MEETS && j.upper().equals(leaf.slab()))
                .flatMap(j -> build.partAt(j.lower()).stream())
                .anyMatch(p -> !p.owner().value().equals("base")
                        && build.folds().stream().anyMatch(f -> f.part().equals(p.id())));
        double top = folded
                ? Verdicts.mm(level(leaf.slab()).bottom())
                : along(leaf.over()).stream()
                        .map(this::level)
                        .filter(l -> !isBase(l) || l.slab().id().equals(leaf.over()))
                        .mapToDouble(l -> Verdicts.mm(l.top()))
                        .max()
                        .orElse(0);
        double gusset = build.spec().base() instanceof FlatFold f ? Verdicts.mm(f.gusset()) : 0;
        verdicts.below(RuleId.GUSSET, "base", Math.max(1.5, gusset), top - Verdicts.mm(back.top()));
    }

    private void flaps(Leaf a, Leaf b) {
        Level one = level(a.slab());
        Level other = level(b.slab());
        if (a.slab().equals(b.slab()) || isHinged(a.slab(), b.slab())) {
            return;
        }
        if (Verdicts.shareHeight(one, other) > 0) {
            double apart = Flat.apart(
                    Plain.area(one.slab().footprints().get(0)),
                    Plain.area(other.slab().footprints().get(0)));
            verdicts.below(RuleId.FLAP_GAP, "base", apart, 0.8);
        }
        for (SlabId x : along(a.slab())) {
            for (SlabId y : along(b.slab())) {
                boolean bare = x.equals(a.slab()) && y.equals(b.slab());
                double high = Verdicts.shareHeight(level(x), level(y));
                double wide = bare || high <= 0
                        ? 0
                        : Plain.size(Plain.shared(
                                Plain.area(level(x).slab().footprints()),
                                Plain.area(level(y).slab().footprints())));
                if (wide > 0 && (high < 0.01 || wide < 1)) {
                    verdicts.doubt(RuleId.FLAPS_COLLIDE, "base");
                } else if (wide > 0) {
                    verdicts.mend(RuleId.FLAPS_COLLIDE, "base");
                }
            }
        }
    }

    private boolean isHinged(SlabId one, SlabId other) {
        var unfolding = build.mechanics().unfolding();
        return unfolding.hinges().stream()
                .filter(h -> h.on() != Hinge.BOARD)
                .map(h -> Set.of(
                        unfolding.panels().get(h.on()).slab(),
                        unfolding.panels().get(h.turns()).slab()))
                .anyMatch(Set.of(one, other)::equals);
    }

    /** Glue on a crease or behind a door: foam stands beside it, the piece it belongs to knows, a sheet over all of it stays free there. */
    private void glue(Zone zone) {
        Area free = Plain.area(zone.outline());
        for (Joint joint : build.joints()) {
            if (joint.hold() != Joint.Hold.RESTS || !joint.lower().equals(zone.on())) {
                continue;
            }
            Level upper = level(joint.upper());
            boolean own = upper.slab().part().owner().equals(zone.owner())
                    && !zone.owner().value().equals("base");
            boolean foam = joint.by() instanceof Foam && joint.thickness().isPositive();
            double stuck = Plain.size(Plain.shared(free, Plain.area(upper.slab().footprints())));
            if (own || foam || stuck == 0) {
                continue;
            }
            Optional<Double> uncovered = upper.slab().footprints().stream()
                    .map(f -> Plain.size(Plain.less(free, Plain.area(new Outline(f.outer(), List.of())))))
                    .min(Double::compare);
            double bare = uncovered.orElse(0.0);
            boolean whole = joint.by() instanceof Adhesive a && a.whole();
            Object told = bare < 0.01 ? zone.owner() : upper.slab().part().owner();
            if (stuck < 0.5 || bare > 1e-9 && bare < 0.5) {
                verdicts.doubt(RuleId.GLUE_FREE, zone.owner());
                verdicts.doubt(RuleId.GLUE_FREE, upper.slab().part().owner());
            } else if (bare > 0.01 || whole || zone.owner().value().equals("base")) {
                verdicts.mend(RuleId.GLUE_FREE, told);
            }
        }
    }
}
