package dev.schachtel.core.engineering;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.patience.Patience;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * Pieces on one ground that overlap lie on each other, the one that was added later on top. A flat piece rests on the
 * highest thing that holds {@value #SOME} of its area or lies under its middle; it bends over what holds less. What hangs
 * from a thread lies on flat things under it when the card is shut. Handbook chapter 10, true stacking.
 */
final class Stacking {
    private static final double SOME = 0.1;
    /** One caliper of card: what hangs swings in front of things that stand out no further. */
    private static final Length FLAT = Length.ofMicrometres(400);

    private final Map<SlabId, Slab> slabs;
    private final Map<SlabId, Box> boxes = new HashMap<>();
    private final Map<PartId, Part> parts;
    private final List<Joint> joints;
    /** As long as no joint is added. */
    private final Map<SlabId, Level> levels = new HashMap<>();

    /** By what they hold from below. */
    private final Map<SlabId, List<Joint>> joined = new HashMap<>();

    private final Map<SlabId, List<SlabId>> lowers = new HashMap<>();
    private final Set<SlabId> moving = new HashSet<>();
    private final Set<PartId> walls = new HashSet<>();
    /** Panels in a pouch: what lies on one lies on its film. */
    private final Map<SlabId, SlabId> wrapped = new HashMap<>();

    private final Set<PartId> propped;
    private final CardSpec spec;

    /**
     * All that lies, and how.
     *
     * @param propped small pieces; what is between one on foam and its ground is taken by its foam
     */
    Stacking(Map<SlabId, Slab> slabs, Map<PartId, Part> parts, List<Joint> joints, Set<PartId> propped, CardSpec spec) {
        this.propped = propped;
        this.spec = spec;
        this.slabs = slabs;
        slabs.forEach((id, slab) -> boxes.put(id, slab.bounds()));
        this.parts = parts;
        this.joints = new ArrayList<>();
        joints.forEach(this::add);
    }

    /** All joints, with those by which pieces lie on each other. */
    List<Joint> solve(List<Motion> motions, List<Chamber> chambers) {
        motions.forEach(m -> moving.addAll(m.moving()));
        chambers.forEach(c -> {
            walls.add(c.film());
            walls.addAll(c.walls());
            if (!c.isDam()) {
                wrapped.put(c.behind(), SlabId.of(c.film()));
            }
        });
        List<SlabId> order = List.copyOf(slabs.keySet());
        for (int i = 1; i < order.size(); i++) {
            Patience.take(1);
            SlabId id = order.get(i);
            Joint lies = liesOn(id);
            if (lies != null && isLoose(id)) {
                onTop(id, lies, order.subList(0, i));
            }
        }
        joints.stream().filter(j -> j.hold() == Joint.Hold.TIED).toList().forEach(this::hanging);
        return joints;
    }

    /** The joint by which it lies on its ground; nothing for what is held in another way. */
    private @org.jspecify.annotations.Nullable Joint liesOn(SlabId id) {
        Joint lies = null;
        for (Joint joint : joined.getOrDefault(id, List.of())) {
            if (joint.hold() == Joint.Hold.RESTS && !sameOwner(id, joint.lower())) {
                lies = lies == null ? joint : lies;
            }
        }
        return lies;
    }

    /** A piece of card, or the foam under one, that does not move and closes no chamber. */
    private boolean isLoose(SlabId id) {
        Slab slab = slabs.get(id);
        Part part = parts.get(slab.part());
        boolean solid = part != null && (part.material() instanceof Cardstock || part.material() instanceof Foam);
        return solid && !moving.contains(id) && !walls.contains(slab.part());
    }

    private boolean sameOwner(SlabId a, SlabId b) {
        Slab one = slabs.get(a);
        Slab other = slabs.get(b);
        return one != null
                && other != null
                && one.part().owner().equals(other.part().owner());
    }

    /** Of two of which one is tucked in, neither lies on the other: an edge bends over. */
    private boolean tucked(SlabId a, SlabId b) {
        Id one = slabs.get(a).part().owner();
        Id other = slabs.get(b).part().owner();
        return spec.isTucked(one, other) || spec.isTucked(other, one);
    }

    /** It lies on the highest of what it is laid over, which is looked for from above; what it meets then, it lies on. */
    private void onTop(SlabId id, Joint lies, List<SlabId> earlier) {
        List<SlabId> candidates = new ArrayList<>(earlier.stream()
                .filter(other -> !other.equals(lies.lower())
                        && boxes.get(id).touches(boxes.get(other))
                        && !moving.contains(other)
                        && !sameOwner(id, other)
                        && !tucked(id, other)
                        && restsOn(other, lies.lower())
                        && !restsOn(other, id)
                        && !joined(id, other))
                .toList());
        if (candidates.isEmpty()) {
            return;
        }
        Joint now = lies;
        Map<SlabId, Level> lying = Map.copyOf(levels());
        Level piece = lying.get(id);
        Optional<SlabId> under = highestUnder(piece, candidates, lying);
        while (under.isPresent()) {
            candidates.remove(under.get());
            remove(now);
            SlabId on = wrapped.getOrDefault(under.get(), under.get());
            now = new Joint(id, on, Joint.Hold.RESTS, lies.by(), lies.thickness());
            add(now);
            piece = lifted(piece, lying);
            under = highestUnder(piece, candidates, lying);
        }
    }

    /** A piece at its new height: those it may lie on don't rest on it, so that they are where they were. */
    private Level lifted(Level piece, Map<SlabId, Level> lying) {
        Slab slab = piece.slab();
        Length bottom = joined.getOrDefault(slab.id(), List.of()).stream()
                .filter(j -> j.hold() != Joint.Hold.TIED && j.hold() != Joint.Hold.HANGS)
                .map(j -> lying.get(j.lower()).top().plus(j.thickness()))
                .reduce(piece.bottom(), Length::max);
        return new Level(slab, bottom, bottom.plus(slab.thickness()));
    }

    private Optional<SlabId> highestUnder(Level piece, List<SlabId> candidates, Map<SlabId, Level> lying) {
        SlabId id = piece.slab().id();
        return candidates.stream()
                .filter(other -> isOver(lying.get(other), piece))
                .sorted(Comparator.comparing((SlabId other) -> lying.get(other).top())
                        .reversed())
                .filter(other -> overlap(slabs.get(id), slabs.get(other)))
                .findFirst();
    }

    private boolean joined(SlabId a, SlabId b) {
        return Stream.concat(joined.getOrDefault(a, List.of()).stream(), joined.getOrDefault(b, List.of()).stream())
                .anyMatch(j -> j.upper().equals(a) && j.lower().equals(b)
                        || j.upper().equals(b) && j.lower().equals(a));
    }

    private Map<SlabId, Level> levels() {
        if (levels.isEmpty()) {
            new Heights(slabs, joints).solve().forEach(l -> levels.put(l.slab().id(), l));
        }
        return levels;
    }

    /** Reaches higher than a piece's foot; of two pieces of a scene the later never slips under the earlier. */
    private boolean isOver(Level other, Level piece) {
        boolean scene = propped.contains(piece.slab().part())
                && propped.contains(other.slab().part());
        return foot(piece).isBelow(other.top()) && (scene || foot(other).isBelow(piece.top()));
    }

    /** Where it begins, with the foam on which it stands. */
    private Length foot(Level level) {
        if (!propped.contains(level.slab().part())) {
            return level.bottom();
        }
        return joined.getOrDefault(level.slab().id(), List.of()).stream()
                .filter(j -> j.by() instanceof Foam)
                .map(Joint::thickness)
                .reduce(level.bottom(), Length::minus);
    }

    /** Holds enough of it, or lies under its middle. */
    private boolean overlap(Slab upper, Slab lower) {
        for (Outline piece : upper.footprints()) {
            Point middle = piece.centroid();
            List<Outline> near = lower.footprints().stream()
                    .filter(f -> f.bounds().touches(piece.bounds()))
                    .toList();
            if (near.stream().anyMatch(f -> f.holds(middle)) || holdsSome(piece, near)) {
                return true;
            }
        }
        return false;
    }

    /** Copies of one thing don't overlap each other: what two of them hold adds up. */
    private static boolean holdsSome(Outline piece, List<Outline> near) {
        if (near.size() == 1) {
            return piece.isSharedBy(near.get(0), SOME);
        }
        return near.stream()
                        .mapToDouble(f -> f.shared(piece).shareOf(piece.area()))
                        .sum()
                >= SOME;
    }

    /** Whether something rests on a slab, or on what does. */
    private boolean restsOn(SlabId upper, SlabId root) {
        Set<SlabId> seen = new HashSet<>();
        Deque<SlabId> next = new ArrayDeque<>(List.of(upper));
        while (!next.isEmpty()) {
            SlabId at = next.poll();
            if (at.equals(root)) {
                return true;
            }
            if (seen.add(at)) {
                Patience.take(1);
                next.addAll(lowers.getOrDefault(at, List.of()));
            }
        }
        return false;
    }

    private void remove(Joint joint) {
        levels.clear();
        joints.remove(joint);
        joined.get(joint.upper()).remove(joint);
        lowers.get(joint.upper()).remove(joint.lower());
    }

    private void add(Joint joint) {
        levels.clear();
        joints.add(joint);
        joined.computeIfAbsent(joint.upper(), k -> new ArrayList<>()).add(joint);
        if (joint.hold() == Joint.Hold.RESTS) {
            lowers.computeIfAbsent(joint.upper(), k -> new ArrayList<>()).add(joint.lower());
        }
    }

    private void hanging(Joint tied) {
        SlabId id = tied.lower();
        Map<SlabId, Level> lying = levels();
        Length top = lying.get(tied.upper()).top();
        Length bottom = lying.get(id).bottom();
        for (Level under : List.copyOf(lying.values())) {
            SlabId other = under.slab().id();
            boolean flat = !under.top().isAbove(top.plus(FLAT)) && under.top().isAbove(bottom);
            boolean another =
                    !other.equals(id) && !other.equals(tied.upper()) && !moving.contains(other) && isLoose(other);
            if (flat && another && overlap(slabs.get(id), under.slab())) {
                add(new Joint(id, other, Joint.Hold.MEETS, tied.by(), Length.ZERO));
            }
        }
    }
}
