package dev.schachtel.core.tolerance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Gauge;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;

/** What stands on supports of different make lies level as far as foam gives: materials come a little thicker or thinner. */
final class Supports {

    private static final double SAME = 0.005;

    private final Build build;

    private Supports(Build build) {
        this.build = build;
    }

    static List<Fit> of(Build build) {
        Supports supports = new Supports(build);
        List<Fit> found = new ArrayList<>();
        build.levels().forEach(l -> supports.level(l).ifPresent(found::add));
        return found;
    }

    private List<Joint> under(SlabId slab) {
        return build.joints().stream()
                .filter(j -> j.upper().equals(slab) && j.hold() == Joint.Hold.RESTS)
                .filter(j -> build.level(j.lower()).isPresent())
                .toList();
    }

    private Length top(Joint joint) {
        return build.level(joint.lower()).orElseThrow().top().plus(joint.thickness());
    }

    private Optional<Fit> level(Level level) {
        List<Joint> on = under(level.slab().id()).stream()
                .filter(j -> !(j.by() instanceof Foam) || j.thickness().isZero())
                .toList();
        Optional<Joint> high = on.stream().max(Comparator.comparing(this::top));
        Optional<Joint> low = on.stream().min(Comparator.comparing(this::top));
        if (high.isEmpty() || high.equals(low)) {
            return Optional.empty();
        }
        Map<MaterialId, Double> apart = heap(high.get());
        heap(low.get()).forEach((m, mm) -> apart.merge(m, -mm, Double::sum));
        List<Share> shares = apart.entrySet().stream()
                .filter(e -> Math.abs(e.getValue()) > SAME)
                .sorted(Comparator.comparing(e -> e.getKey().value()))
                .map(e -> Share.of(e.getValue(), new Off.Thick(e.getKey())))
                .toList();
        Length lifted = top(high.get()).minus(top(low.get()));
        return shares.isEmpty()
                ? Optional.empty()
                : Optional.of(Fit.of(
                        Fit.Sort.LEVEL,
                        level.slab().part(),
                        List.of(new Gauge(lifted, Foam.GIVES.negated(), Foam.GIVES, shares))));
    }

    /** Millimetres of each material from the back of the card up to what lies on this joint. */
    private Map<MaterialId, Double> heap(Joint joint) {
        Map<MaterialId, Double> all = new HashMap<>();
        Optional<Joint> at = Optional.of(joint);
        while (at.isPresent()) {
            Joint now = at.get();
            add(all, now.by(), now.thickness());
            Level lower = build.level(now.lower()).orElseThrow();
            build.part(lower.slab().part())
                    .map(Part::material)
                    .ifPresent(m -> add(all, m, lower.slab().thickness()));
            at = under(now.lower()).stream().max(Comparator.comparing(this::top));
        }
        return all;
    }

    private static void add(Map<MaterialId, Double> all, Material material, Length thick) {
        all.merge(material.id(), Mm.of(thick), Double::sum);
    }
}
