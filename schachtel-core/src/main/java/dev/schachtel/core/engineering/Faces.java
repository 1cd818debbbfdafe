package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.build.Face;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;

/** What pieces can lie on, by its name. */
final class Faces {
    private final Map<Id, Ground> grounds = new LinkedHashMap<>();
    private final Map<Id, Reverse> reverses = new LinkedHashMap<>();

    void add(Id name, Ground ground) {
        grounds.put(name, ground);
    }

    void add(Id name, Reverse side) {
        reverses.put(name, side);
    }

    @Nullable
    Ground ground(Id name) {
        return grounds.get(name);
    }

    Optional<Ground> of(SlabId slab) {
        return grounds.values().stream().filter(g -> g.slab().equals(slab)).findFirst();
    }

    /** Whether this is the name of a ground that is this slab. */
    boolean isOf(Id name, SlabId slab) {
        Ground ground = grounds.get(name);
        return ground != null && ground.slab().equals(slab);
    }

    Optional<Reverse> reverse(Id name) {
        return Optional.ofNullable(reverses.get(name));
    }

    List<Face> all() {
        List<Face> all = new ArrayList<>();
        grounds.forEach((name, g) -> all.add(new Face(name, g.slab(), g.outline(), Optional.empty())));
        reverses.forEach((name, u) -> all.add(new Face(name, u.slab(), u.outline(), Optional.of(u.over()))));
        return all;
    }
}
