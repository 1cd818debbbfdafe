package dev.schachtel.core.check;

import java.util.List;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Leaf;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.motion.Links;
import dev.schachtel.core.shape.Outline;

/**
 * The card closes: what lies inside is no thicker than its spine takes, flaps that meet have their gap, and nothing on one
 * flap runs into the other.
 */
final class FoldCheck implements Check {
    /** A single score takes this much inside: handbook chapter 2. */
    private static final Length WITHOUT_GUSSET = Length.ofMicrometres(1500);

    private static final Length FLAP_GAP = Length.ofMicrometres(800);
    private static final Length HALF_MM = Length.ofMicrometres(500);

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        List<Leaf> leaves = build.mechanics().leaves();
        for (Leaf leaf : leaves) {
            gusset(build, leaf, report);
        }
        for (int i = 0; i < leaves.size(); i++) {
            for (int k = i + 1; k < leaves.size(); k++) {
                pair(build, leaves.get(i), leaves.get(k), report);
            }
        }
    }

    private static void gusset(Build build, Leaf leaf, Report report) {
        Level front = build.level(leaf.slab()).orElseThrow();
        Level back = build.level(leaf.over()).orElseThrow();
        Length inside = (isFoldedInto(build, leaf) ? front.bottom() : content(build, leaf)).minus(back.top());
        Optional<Lever> gusset = Lever.of(build.spec(), Id.BASE, Pull.GUSSET);
        Length takes = gusset.flatMap(Lever::length).orElse(Length.ZERO);
        Length limit = Length.max(takes, WITHOUT_GUSSET);
        if (inside.isAbove(limit)) {
            Report.Draft draft = report.on(RuleId.GUSSET, Id.BASE)
                    .names(front.slab().name())
                    .thick(inside, limit)
                    .at(build.face().bounds().centre());
            int halves = inside.wholeTimes(HALF_MM);
            Length up = HALF_MM.times(HALF_MM.times(halves).equals(inside) ? halves : halves + 1);
            draft.remedy(gusset.map(l -> l.to(up)));
            draft.mend();
        } else if (takes.isPositive()) {
            report.on(RuleId.GUSSET, Id.BASE)
                    .names(front.slab().name())
                    .thick(inside, limit)
                    .works();
        }
    }

    /** Whether something folded lies between the leaves, stuck to both: all up to the leaf is its room. */
    private static boolean isFoldedInto(Build build, Leaf leaf) {
        return build.joints().stream()
                .filter(j -> j.hold() == Joint.Hold.MEETS && j.upper().equals(leaf.slab()))
                .flatMap(j -> build.partAt(j.lower()).stream())
                .filter(p -> !p.owner().equals(Id.BASE))
                .anyMatch(p -> build.folds().stream().anyMatch(f -> f.part().equals(p.id())));
    }

    /** How high what is stuck inside reaches; parts of the base itself, such as a stop bar, lie off the hinge. */
    private static Length content(Build build, Leaf leaf) {
        return levels(build, new Links(build).carriedBy(List.of(leaf.over()))).stream()
                .filter(l -> !l.slab().part().owner().equals(Id.BASE)
                        || l.slab().id().equals(leaf.over()))
                .map(Level::top)
                .reduce(Length.ZERO, Length::max);
    }

    private static void pair(Build build, Leaf a, Leaf b, Report report) {
        Level one = build.level(a.slab()).orElseThrow();
        Level other = build.level(b.slab()).orElseThrow();
        if (a.slab().equals(b.slab()) || hinged(build, a.slab(), b.slab())) {
            return;
        }
        if (beside(one, other)) {
            Outline.Gap gap = one.slab()
                    .footprints()
                    .get(0)
                    .gapTo(other.slab().footprints().get(0));
            Report.Draft draft = report.on(RuleId.FLAP_GAP, Id.BASE)
                    .names(one.slab().name(), other.slab().name())
                    .thick(gap.length(), FLAP_GAP)
                    .at(gap.here().midway(gap.there()));
            if (gap.length().isBelow(FLAP_GAP)) {
                draft.remedy(Lever.of(build.spec(), Id.BASE, Pull.FLAP_GAP).map(l -> l.to(FLAP_GAP)));
                draft.mend();
            } else {
                draft.works();
            }
        }
        collide(build, a, b, report);
    }

    /** Two leaves with a hinge between them bend there; they need no gap. */
    private static boolean hinged(Build build, SlabId one, SlabId other) {
        Unfolding unfolding = build.mechanics().unfolding();
        return unfolding.hinges().stream().filter(h -> h.on() != Hinge.BOARD).anyMatch(h -> {
            SlabId on = unfolding.panels().get(h.on()).slab();
            SlabId turns = unfolding.panels().get(h.turns()).slab();
            return on.equals(one) && turns.equals(other) || on.equals(other) && turns.equals(one);
        });
    }

    private static boolean beside(Level a, Level b) {
        return a.bottom().isBelow(b.top()) && b.bottom().isBelow(a.top());
    }

    /** Something carried by one leaf lies at the height and in the place of the other leaf or what that carries. */
    private static void collide(Build build, Leaf a, Leaf b, Report report) {
        Links links = new Links(build);
        List<Level> first = levels(build, links.carriedBy(List.of(a.slab())));
        List<Level> second = levels(build, links.carriedBy(List.of(b.slab())));
        for (Level one : first) {
            for (Level other : second) {
                boolean plain =
                        one.slab().id().equals(a.slab()) && other.slab().id().equals(b.slab());
                if (!plain && beside(one, other) && meet(one, other)) {
                    Level culprit = one.slab().id().equals(a.slab()) ? other : one;
                    report.on(RuleId.FLAPS_COLLIDE, culprit.slab().part().owner())
                            .parts(culprit.slab().part())
                            .names(one.slab().name(), other.slab().name())
                            .at(culprit.slab().bounds().centre())
                            .mend();
                    return;
                }
            }
        }
    }

    private static boolean meet(Level one, Level other) {
        return one.slab().footprints().stream()
                .anyMatch(f -> other.slab().footprints().stream().anyMatch(f::overlaps));
    }

    private static List<Level> levels(Build build, Set<SlabId> ids) {
        return ids.stream().flatMap(id -> build.level(id).stream()).toList();
    }
}
