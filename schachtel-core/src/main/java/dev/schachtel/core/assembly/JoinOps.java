package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Thread;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.work.WorkKind;

/** Operations that fix parts: each part of the card by exactly one, those aside that an engineer asks work for. */
final class JoinOps {
    private final Build build;
    private final Fixings fixings;
    private final TuckOps tucks;
    private final int cards;
    private final List<Op> ops = new ArrayList<>();

    JoinOps(Build build, Fixings fixings) {
        this.build = build;
        this.fixings = fixings;
        this.tucks = new TuckOps(build, fixings);
        this.cards = build.spec().brief().cards();
    }

    List<Op> all() {
        for (Part part : build.parts()) {
            if (!fixings.isAskedFor(part.id()) && !(part.material() instanceof Thread)) {
                sheets(part);
                fix(part);
            }
        }
        ops.addAll(tucks.edges(cards));
        motionsTried();
        hinge();
        threads();
        return ops;
    }

    private void fix(Part part) {
        PartId id = part.id();
        boolean base = build.levels().stream()
                        .filter(l -> l.slab().part().equals(id))
                        .noneMatch(l -> l.slab().id().equals(SlabId.of(id)))
                && id.owner().equals(Id.BASE);
        if (base) {
            return;
        }
        if (!fixings.rests(id).isEmpty() && !(fixings.isFoam(id) && goesWithWhatItCarries(id))) {
            rest(part);
        } else if (fixings.rests(id).isEmpty()) {
            hang(part);
            round(part);
        }
    }

    /** Foam is laid on the back of what stands on it, and goes down with that. */
    private boolean goesWithWhatItCarries(PartId foam) {
        return fixings.carries(foam) && !fixings.runs(foam);
    }

    private void rest(Part part) {
        PartId id = part.id();
        Optional<SlabId> ground = fixings.ground(id);
        if (ground.isEmpty()) {
            return;
        }
        List<Part> foam = fixings.foamUnder(id);
        if (!foam.isEmpty()) {
            int pieces = foam.stream().mapToInt(Part::perCard).sum();
            List<PartId> strips = foam.stream().map(Part::id).toList();
            Op lay = Op.joining(
                    WorkKind.LAY_FOAM,
                    Joining.behind(
                            strips, SlabId.of(id), Optional.of(foam.get(0).material())),
                    id,
                    pieces * cards);
            ops.add(lay);
        }
        Joint by = fixings.by(id);
        PartId lower = fixings.partOf(ground.get());
        WorkKind kind = kind(part, ground.get(), by.by() instanceof Foam);
        Op op = kind.is(WorkKind.ATTACH)
                ? tucks.laid(part, ground.get(), by.by(), cards)
                : Op.joining(kind, Joining.on(id, ground.get(), by.by()), lower, cards);
        ops.add(op.resting(Fixings.drying(by)));
    }

    private WorkKind kind(Part part, SlabId ground, boolean onFoam) {
        if (part.material() instanceof Embellishment) {
            return WorkKind.STICK_ON;
        }
        boolean guides = build.mechanics().motions().stream()
                .anyMatch(m -> m.keeping().guides().contains(SlabId.of(part.id())));
        if (!fixings.before(part.id()).isEmpty() || guides || onFoam && closes(part, ground)) {
            return WorkKind.CLOSE;
        }
        if (fixings.isFoam(part.id())) {
            return WorkKind.STICK_FOAM;
        }
        return onFoam ? WorkKind.RAISE : lines(part, ground) ? WorkKind.LINE : WorkKind.ATTACH;
    }

    /** Covers half of what it lies on, or something that lies between; a piece of a scene closes nothing. */
    private boolean closes(Part part, SlabId ground) {
        Optional<Level> own = build.level(SlabId.of(part.id()));
        Optional<Level> under = build.level(ground);
        boolean scene = build.spec().find(part.owner(), Element.class).isPresent();
        if (scene || own.isEmpty() || under.isEmpty()) {
            return false;
        }
        Outline sheet = own.get().slab().footprints().get(0).filled();
        double share = under.get().slab().footprints().stream()
                .mapToDouble(f -> f.shared(sheet).shareOf(f.filled().area()))
                .max()
                .orElse(0);
        return share >= 0.5
                || build.levels().stream()
                        .filter(l -> !l.slab().part().owner().equals(part.owner()))
                        .filter(l -> l.bottom().compareTo(under.get().top()) >= 0
                                && l.top().compareTo(own.get().bottom()) <= 0)
                        .flatMap(l -> l.slab().footprints().stream())
                        .anyMatch(sheet::overlaps);
    }

    /** A sheet that covers half of the face that is written on. */
    private boolean lines(Part part, SlabId lower) {
        return build.zones(Zone.Use.WRITING).stream()
                .filter(z -> z.on().equals(lower))
                .anyMatch(z -> part.outline().area().shareOf(z.outline().area()) >= 0.5);
    }

    /** What hangs behind something: glued there, or put in so that it can move. */
    private void hang(Part part) {
        fixings.hangs(part.id()).ifPresent(joint -> {
            boolean glued = joint.by() instanceof Adhesive;
            Optional<Material> by = glued ? Optional.of(joint.by()) : Optional.empty();
            Joining behind = Joining.behind(List.of(part.id()), joint.upper(), by);
            WorkKind stuck = isFolded(joint.upper()) ? WorkKind.STICK_FLAT : WorkKind.GLUE_BEHIND;
            ops.add(Op.joining(glued ? stuck : WorkKind.INSERT, behind, fixings.partOf(joint.upper()), cards)
                    .resting(Fixings.drying(joint)));
        });
    }

    /** A strip that is folded later lies any way up in the hand: what is its back when the card is shut is worked on like a front. */
    private boolean isFolded(SlabId slab) {
        PartId part = fixings.partOf(slab);
        return !part.owner().equals(Id.BASE)
                && build.folds().stream().anyMatch(f -> f.part().equals(part));
    }

    /** A part that only lies round everything. */
    private void round(Part part) {
        SlabId slab = SlabId.of(part.id());
        List<Joint> own =
                build.joints().stream().filter(j -> j.upper().equals(slab)).toList();
        boolean moves =
                build.mechanics().motions().stream().anyMatch(m -> m.moving().contains(slab));
        if (!own.isEmpty() && !moves && own.stream().allMatch(j -> j.hold() == Joint.Hold.MEETS)) {
            Joining round = new Joining(
                    List.of(part.id()), own.get(own.size() - 1).lower(), Joining.Side.FRONT, Optional.empty());
            ops.add(Op.of(WorkKind.SLIP_ON, part.owner(), List.of(part.id()), cards)
                    .with(Effect.joining(round)));
        }
    }

    /** Sheets that are glued into one, unless a thread runs between them or they are put together where they move. */
    private void sheets(Part part) {
        boolean tied = build.joints().stream()
                .anyMatch(j ->
                        j.hold() == Joint.Hold.TIED && fixings.partOf(j.lower()).equals(part.id()));
        if (part.stacked() > 1 && part.material() instanceof Cardstock && !tied && !fixings.runs(part.id())) {
            int sheets = (part.stacked() - 1) * part.at().size();
            ops.add(Op.of(WorkKind.STACK, part.owner(), List.of(part.id()), sheets * cards)
                    .resting(gluing(part)));
        }
    }

    /** Sheets are held together by what holds the part; one on foam by glue, whose ten minutes are those of the stock. */
    private Duration gluing(Part part) {
        return fixings.rests(part.id()).stream()
                .filter(j -> j.by() instanceof Adhesive)
                .map(Fixings::drying)
                .findFirst()
                .orElse(Duration.ofMinutes(10));
    }

    private void motionsTried() {
        List<Id> tried = new ArrayList<>();
        for (Motion motion : build.mechanics().motions()) {
            boolean inserted = ops.stream()
                    .anyMatch(o -> o.is(WorkKind.INSERT) && o.owner().equals(motion.owner()));
            if (inserted && !tried.contains(motion.owner())) {
                tried.add(motion.owner());
                PartId first =
                        fixings.partOf(motion.moving().get(motion.moving().size() - 1));
                ops.add(Op.of(WorkKind.TRY_MOTION, motion.owner(), List.of(first), cards));
            }
        }
    }

    /** A leaf that is a part of its own opens with a strip that is glued to it. */
    private void hinge() {
        for (Joint joint : build.joints()) {
            if (joint.hold() == Joint.Hold.HINGES) {
                PartId leaf = fixings.partOf(joint.upper());
                PartId strip = fixings.partOf(joint.lower());
                ops.add(Op.joining(
                                WorkKind.HINGE,
                                new Joining(List.of(leaf), joint.lower(), Joining.Side.FRONT, Optional.of(joint.by())),
                                strip,
                                cards)
                        .resting(Fixings.drying(joint)));
            }
        }
    }

    /** Threads, with what hangs from them. */
    private void threads() {
        Map<Id, List<Part>> byOwner = new LinkedHashMap<>();
        build.parts().stream().filter(p -> p.material() instanceof Thread).forEach(p -> byOwner.computeIfAbsent(
                        p.owner(), k -> new ArrayList<>())
                .add(p));
        byOwner.forEach(this::thread);
    }

    private void thread(Id owner, List<Part> threads) {
        List<Joint> tied = build.joints().stream()
                .filter(j -> j.hold() == Joint.Hold.TIED)
                .filter(j -> fixings.partOf(j.lower()).owner().equals(owner))
                .toList();
        int each = threads.stream().mapToInt(p -> p.at().size()).sum();
        List<SlabId> holed = holed(owner);
        Optional<SlabId> onto = tied.isEmpty()
                ? holed.stream().reduce((lower, upper) -> upper)
                : Optional.of(tied.get(0).upper());
        List<PartId> laid = new ArrayList<>();
        tied.forEach(j -> laid.add(fixings.partOf(j.lower())));
        threads.forEach(t -> laid.add(t.id()));
        onto.ifPresent(slab -> {
            Op op = tied.isEmpty()
                    ? Op.of(WorkKind.THREAD, owner, with(laid, holed), each * cards)
                            .with(Effect.joining(new Joining(laid, slab, Joining.Side.FRONT, Optional.empty())))
                    : Op.joining(
                                    WorkKind.HANG,
                                    Joining.behind(
                                            laid, slab, Optional.of(tied.get(0).by())),
                                    fixings.partOf(slab),
                                    each * cards)
                            .resting(Fixings.drying(tied.get(0)));
            ops.add(op.with(new Effect(threads.stream().map(Part::id).toList(), op.joins())));
        });
    }

    /** Threads, and the sheets that they go through: those are in hand, too. */
    private List<PartId> with(List<PartId> threads, List<SlabId> holed) {
        return Stream.concat(threads.stream(), holed.stream().map(fixings::partOf))
                .distinct()
                .toList();
    }

    /** The slabs in which this piece's thread has its holes, from below. */
    private List<SlabId> holed(Id owner) {
        return build.levels().stream()
                .filter(l -> build.part(l.slab().part()).stream()
                        .flatMap(p -> p.cutouts().stream())
                        .anyMatch(c -> c.sort() == Cutout.Sort.HOLE && c.owner().equals(owner)))
                .map(l -> l.slab().id())
                .toList();
    }
}
