package dev.schachtel.core.assembly;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Leaf;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.material.Pairing;
import dev.schachtel.core.material.Ribbon;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.motion.Links;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.work.Trait;
import dev.schachtel.core.work.WorkKind;

/** What rules look at: the engineered card, the maker's own ways, and what lies where. */
public final class Shop {
    private final Build build;
    private final HouseRules house;
    private final List<Pairing> pairings;
    private final Set<PartId> trimmed;
    private final Set<SlabId> inside;
    /** Rules ask both of every pair of operations. */
    private final Set<String> insideOps = new HashSet<>();

    private final Set<String> leafOps = new HashSet<>();
    private final Links links;
    /** Which of the pieces laid on a scene comes when. */
    private final Map<Id, Integer> places = new HashMap<>();

    /** Where surface work stands in the maker's list; looked up by what it is, since rules ask for every pair of operations. */
    private final Map<Surface, Integer> listed = new IdentityHashMap<>();

    private final Map<SlabId, PartId> parts = new HashMap<>();
    /** By the operation that lays it, what lies under a part on the same ground. */
    private final Map<String, Set<PartId>> under = new HashMap<>();

    private Shop(Build build, Workshop workshop, List<Op> ops) {
        this.build = build;
        this.house = workshop.house();
        this.pairings = workshop.pairings();
        this.trimmed = ops.stream()
                .filter(o -> o.is(WorkKind.TRIM_OVERHANG))
                .map(Op::onto)
                .collect(Collectors.toSet());
        build.levels().forEach(l -> parts.put(l.slab().id(), l.slab().part()));
        this.links = new Links(build);
        build.spec().elements().forEach(e -> places.put(e.id(), places.size()));
        this.inside = links.carriedBy(
                build.mechanics().leaves().stream().map(Leaf::over).toList());
        ops.stream().filter(this::goesInside).forEach(o -> insideOps.add(o.id()));
        ops.stream().filter(this::goesOnLeaf).forEach(o -> leafOps.add(o.id()));
        Fixings fixings = new Fixings(build);
        Map<SlabId, Set<SlabId>> carried = new HashMap<>();
        for (Op op : ops) {
            op.joins()
                    .filter(j -> !j.isBehind() && j.laid().stream().noneMatch(fixings::runs))
                    .ifPresent(j -> {
                        Set<SlabId> beside = carried.computeIfAbsent(j.onto(), s -> links.carriedBy(List.of(s)));
                        j.laid().forEach(over -> under.computeIfAbsent(op.id(), id -> new HashSet<>())
                                .addAll(covered(over, j.onto(), beside)));
                    });
        }
    }

    static Shop of(Build build, Workshop workshop) {
        return of(build, workshop, new Operations(build, workshop).all());
    }

    static Shop of(Build build, Workshop workshop, List<Op> ops) {
        return new Shop(build, workshop, ops);
    }

    Build build() {
        return build;
    }

    /** Where some work stands in the maker's list; what is no surface work comes last. */
    int listed(Optional<Surface> work) {
        List<Surface> all = build.surfaces();
        return work.map(w -> listed.computeIfAbsent(w, all::indexOf)).orElse(all.size());
    }

    /** What goes on what. */
    List<Pairing> pairings() {
        return pairings;
    }

    HouseRules house() {
        return house;
    }

    /** Parts whose overhang is trimmed before their panel goes on. */
    Set<PartId> trimmed() {
        return trimmed;
    }

    PartId partOf(SlabId slab) {
        return parts.getOrDefault(slab, new PartId(Id.BASE, ""));
    }

    /** Of what is carried by the same ground: the parts that a part will lie over, those it carries itself left out. */
    private Set<PartId> covered(PartId over, SlabId onto, Collection<SlabId> beside) {
        Set<PartId> covered = new HashSet<>();
        Level own = build.level(SlabId.of(over)).orElse(null);
        if (own == null) {
            return covered;
        }
        Set<SlabId> carries = links.carriedBy(List.of(own.slab().id()));
        Outline sheet = own.slab().footprints().get(0);
        for (SlabId id : beside) {
            Level level = build.level(id).orElseThrow();
            boolean below =
                    !carries.contains(id) && (level.top().compareTo(own.bottom()) <= 0 || isEarlier(level, own));
            boolean other = !level.slab().part().equals(over) && !id.equals(onto);
            if (below && other && level.slab().footprints().stream().anyMatch(sheet::overlaps)) {
                covered.add(level.slab().part());
            }
        }
        return covered;
    }

    /** Of two flat pieces whose edges overlap, the one that was added first goes down first. */
    private boolean isEarlier(Level first, Level then) {
        Id one = first.slab().part().owner();
        Id other = then.slab().part().owner();
        return first.bottom().isBelow(then.top())
                && then.bottom().isBelow(first.top())
                && build.isCard(first)
                && !build.spec().isTucked(other, one)
                && places.getOrDefault(one, -1) >= 0
                && places.get(one) < places.getOrDefault(other, -1);
    }

    /** Whether a ribbon is longer than what is seen of it: its ends go behind its sheet. */
    boolean isTurnedBehind(PartId part) {
        return build.part(part)
                .filter(p -> p.material() instanceof Ribbon)
                .filter(p -> build.level(SlabId.of(part)).stream()
                        .map(l -> l.slab().bounds())
                        .anyMatch(seen -> seen.width() < p.outline().bounds().width() - 1
                                && p.id().which().isEmpty()))
                .isPresent();
    }

    /** The panel round which a film is wrapped; of all else, itself. */
    PartId wrapped(PartId film) {
        return build.chambers().stream()
                .filter(c -> !c.isDam() && c.film().equals(film))
                .map(c -> partOf(c.behind()))
                .findFirst()
                .orElse(film);
    }

    /** Whether a part lies over another one when the card is shut, without being stuck to it. */
    boolean meets(PartId upper, PartId lower) {
        return build.joints().stream()
                .anyMatch(j -> j.hold() == Joint.Hold.MEETS
                        && partOf(j.upper()).equals(upper)
                        && partOf(j.lower()).equals(lower));
    }

    /** Whether a part lies on a sheet, or on what does. */
    boolean liesOn(PartId part, PartId sheet) {
        Set<PartId> under = new LinkedHashSet<>(Set.of(part));
        boolean more = true;
        while (more) {
            more = false;
            for (Joint joint : build.joints()) {
                boolean rests = joint.hold() == Joint.Hold.RESTS && under.contains(partOf(joint.upper()));
                more |= rests && under.add(partOf(joint.lower()));
            }
        }
        return !part.equals(sheet) && under.contains(sheet);
    }

    /** Whether what one operation lays lies over what another lays on the same ground. */
    boolean covers(Op over, Op lower) {
        Set<PartId> covered = under.get(over.id());
        if (covered == null) {
            return false;
        }
        for (PartId part : lower.effect().laid()) {
            if (covered.contains(part)) {
                return true;
            }
        }
        return false;
    }

    /** Whether it is done inside a card that closes. */
    boolean isInside(Op op) {
        return insideOps.contains(op.id());
    }

    private boolean goesInside(Op op) {
        if (op.kind().has(Trait.FILLS)) {
            return build.chambers().stream()
                    .filter(c -> c.owner().equals(op.owner()))
                    .anyMatch(c -> inside.contains(c.behind()));
        }
        return op.joins().filter(j -> inside.contains(j.onto())).isPresent();
    }

    /** Whether it lays something on the outside of a leaf that closes. */
    boolean isOnLeaf(Op op) {
        return leafOps.contains(op.id());
    }

    private boolean goesOnLeaf(Op op) {
        return op.joins().stream().filter(j -> !j.isBehind()).anyMatch(j -> build.mechanics().leaves().stream()
                .anyMatch(l -> l.slab().equals(j.onto())));
    }
}
