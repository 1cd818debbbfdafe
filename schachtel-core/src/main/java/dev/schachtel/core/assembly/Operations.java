package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Layer;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Film;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.HouseRules;
import dev.schachtel.core.material.Thread;
import dev.schachtel.core.shape.Outline;

/** Finds the operations in parts, folds, joints and chambers. */
final class Operations {
    private final Build build;
    private final HouseRules house;
    private final int cards;
    private final List<Op> ops = new ArrayList<>();
    private final Map<SlabId, PartId> parts = new HashMap<>();

    Operations(Build build, HouseRules house) {
        this.build = build;
        this.house = house;
        this.cards = build.spec().brief().cards();
        build.levels().forEach(l -> parts.put(l.slab().id(), l.slab().part()));
    }

    List<Op> all() {
        ops.addAll(new CutOps(build).all());
        ops.addAll(new SurfaceOps(build).all());
        folding();
        build.chambers().forEach(this::chamber);
        stacks();
        joints();
        movements();
        threads();
        bands();
        Id whole = Id.BASE;
        List<PartId> glued = ops.stream()
                .filter(o -> o.kind().sticks())
                .flatMap(o -> o.parts().stream().limit(1))
                .distinct()
                .toList();
        if (!glued.isEmpty()) {
            ops.add(Op.of(OpKind.LAYOUT, whole, cardParts(), layouts()));
        }
        int laid = (int) ops.stream().filter(o -> o.kind().places()).count();
        if (house.placing() == HouseRules.Placing.MEASURED && laid > 0) {
            ops.add(Op.of(OpKind.MARK, whole, cardParts(), laid * cards));
        }
        if (!build.chambers().isEmpty()) {
            ops.add(Op.of(OpKind.TRY, whole, List.of(), cards));
        }
        ops.add(Op.of(OpKind.ENVELOPE, whole, List.of(), cards));
        return ops;
    }

    /**
     * One layout is photographed for all cards, each is lifted on its film, a printed sheet takes its printing too; keeping
     * the pieces of each card in a row takes a quarter of a layout.
     */
    private int layouts() {
        return switch (house.layout()) {
            case PHOTO -> 1;
            case LIFTING_FILM -> cards;
            case STAMPING_ORDER -> 1 + (cards + 3) / 4;
            case PLACEMENT_SHEET -> 2;
        };
    }

    private List<PartId> cardParts() {
        return build.parts().stream()
                .filter(p -> p.material() instanceof Cardstock)
                .map(Part::id)
                .toList();
    }

    private void folding() {
        Set<PartId> folded = new LinkedHashSet<>();
        build.folds().forEach(f -> folded.add(f.part()));
        for (PartId part : folded) {
            ops.add(Op.of(OpKind.SCORE, part.owner(), List.of(part), cards));
            ops.add(Op.of(OpKind.FOLD, part.owner(), List.of(part), cards));
        }
    }

    private void chamber(Chamber chamber) {
        if (chamber.isDam()) {
            dam(chamber);
        } else {
            pouch(chamber);
        }
    }

    private void dam(Chamber chamber) {
        Id owner = chamber.owner();
        PartId under = partOf(chamber.behind());
        PartId panel = build.parts().stream()
                .filter(p -> p.cutouts().stream().anyMatch(c -> chamber.behind(c.owner())))
                .map(Part::id)
                .findFirst()
                .orElse(under);
        boolean traced =
                build.zones(Zone.Use.TRACE).stream().anyMatch(z -> z.owner().equals(owner));
        if (traced) {
            ops.add(Op.of(OpKind.TRACE, owner, List.of(under, panel), cards));
        }
        ops.add(Op.of(OpKind.FIX_FILM, owner, List.of(chamber.film(), panel), cards)
                .resting(cure(chamber.film(), panel)));
        int walls = chamber.walls().stream()
                .flatMap(w -> build.part(w).stream())
                .mapToInt(Part::perCard)
                .sum();
        ops.add(Op.of(OpKind.LAY_DAM, owner, with(chamber.walls(), panel), walls * cards));
        ops.add(Op.of(OpKind.ANTI_STATIC, owner, List.of(chamber.film()), cards).with(Caution.DUST));
        ops.add(Op.of(OpKind.FILL, owner, List.of(under), cards).with(Caution.SMALL_PARTS));
    }

    private Duration cure(PartId film, PartId panel) {
        return build.joints().stream()
                .filter(j -> partOf(j.lower()).equals(film) && partOf(j.upper()).equals(panel))
                .map(Operations::drying)
                .findFirst()
                .orElse(Duration.ZERO);
    }

    private void pouch(Chamber chamber) {
        Id owner = chamber.owner();
        PartId panel = partOf(chamber.behind());
        ops.add(Op.of(OpKind.WRAP, owner, List.of(chamber.film(), panel), cards));
        ops.add(Op.of(OpKind.ANTI_STATIC, owner, List.of(chamber.film()), cards).with(Caution.DUST));
        ops.add(Op.of(OpKind.FILL, owner, List.of(panel), cards).with(Caution.SMALL_PARTS));
        ops.add(Op.of(OpKind.SEAL, owner, List.of(chamber.film(), panel), cards));
    }

    private static List<PartId> with(List<PartId> first, PartId last) {
        List<PartId> all = new ArrayList<>(first);
        all.add(last);
        return all;
    }

    /** Sheets that are glued into one, unless a thread runs between them or they are put together where they move. */
    private void stacks() {
        for (Part part : build.parts()) {
            boolean hangs = build.parts().stream()
                    .anyMatch(p -> p.material() instanceof Thread && p.owner().equals(part.owner()));
            boolean moves =
                    build.mechanics().motions().stream().anyMatch(m -> m.owner().equals(part.owner()));
            if (part.stacked() > 1 && part.material() instanceof Cardstock && !hangs && !moves) {
                int sheets = (part.stacked() - 1) * part.at().size();
                ops.add(Op.of(OpKind.STACK, part.owner(), List.of(part.id()), sheets * cards)
                        .resting(gluing(part)));
            }
        }
    }

    /** Sheets are held together by what holds the part; one on foam by glue, whose ten minutes are those of the stock. */
    private Duration gluing(Part part) {
        return build.joints().stream()
                .filter(j -> partOf(j.upper()).equals(part.id()) && j.by() instanceof Adhesive)
                .map(Operations::drying)
                .findFirst()
                .orElse(Duration.ofMinutes(10));
    }

    /** One operation for each part that is stuck on another, foam and film aside. */
    private void joints() {
        Set<PartId> done = new LinkedHashSet<>();
        for (Joint joint : build.joints()) {
            PartId upper = partOf(joint.upper());
            if (joint.hold() == Joint.Hold.RESTS && isCard(upper)) {
                PartId lower = beneathFoam(joint);
                if (isCard(lower) && !upper.equals(lower) && done.add(upper)) {
                    attach(joint, upper, lower);
                }
            }
        }
    }

    /** What lies under the foam that a part rests on; the part itself if it does not rest on foam. */
    private PartId beneathFoam(Joint joint) {
        PartId lower = partOf(joint.lower());
        boolean foam =
                build.part(lower).filter(p -> p.material() instanceof Foam).isPresent();
        return !foam
                ? lower
                : build.joints().stream()
                        .filter(j -> j.upper().equals(joint.lower()) && j.hold() == Joint.Hold.RESTS)
                        .map(j -> partOf(j.lower()))
                        .findFirst()
                        .orElse(lower);
    }

    private void attach(Joint joint, PartId upper, PartId lower) {
        boolean raised = joint.by() instanceof Foam && joint.thickness().isPositive();
        boolean covers = build.chambers().stream().anyMatch(c -> build.part(upper).stream()
                .flatMap(p -> p.cutouts().stream())
                .anyMatch(a -> c.behind(a.owner())));
        boolean guides = build.mechanics().motions().stream()
                .anyMatch(m -> m.keeping().guides().contains(SlabId.of(upper)));
        if (raised) {
            foam(upper, lower);
        }
        OpKind kind =
                raised || covers || guides ? OpKind.CLOSE : lines(upper, joint.lower()) ? OpKind.LINE : OpKind.ATTACH;
        ops.add(Op.of(kind, upper.owner(), List.of(upper, lower), cards).resting(drying(joint)));
        if (kind == OpKind.ATTACH && house.overhang() == HouseRules.Overhang.TRIM && overhangs(joint)) {
            ops.add(Op.of(OpKind.TRIM_OVERHANG, upper.owner(), List.of(lower, upper), cards));
        }
    }

    /** Whether the upper sheet stands over the edge of the panel on which it lies. */
    private boolean overhangs(Joint joint) {
        boolean panel =
                build.spec().find(partOf(joint.lower()).owner(), Layer.class).isPresent();
        if (!panel) {
            return false;
        }
        return build.level(joint.upper()).stream()
                .flatMap(u -> u.slab().footprints().stream())
                .anyMatch(foot -> build.level(joint.lower()).stream()
                        .flatMap(l -> l.slab().footprints().stream())
                        .map(Outline::filled)
                        .filter(foot::overlaps)
                        .anyMatch(sheet -> sheet.shared(foot).squareMillimetres()
                                < foot.area().squareMillimetres() - 1));
    }

    /** A sheet that covers half of the face that is written on. */
    private boolean lines(PartId upper, SlabId lower) {
        return build.zones(Zone.Use.WRITING).stream()
                .filter(z -> z.on().equals(lower))
                .anyMatch(z -> build.part(upper)
                        .filter(p -> p.outline().area().shareOf(z.outline().area()) >= 0.5)
                        .isPresent());
    }

    /** What hangs behind something: glued there, or put in so that it can move. */
    private void movements() {
        Set<PartId> done = new LinkedHashSet<>();
        for (Joint joint : build.joints()) {
            PartId lower = partOf(joint.lower());
            if (joint.hold() == Joint.Hold.HANGS && isCard(lower) && done.add(lower)) {
                boolean glued = joint.by() instanceof Adhesive;
                OpKind kind = glued ? OpKind.GLUE_BEHIND : OpKind.INSERT;
                ops.add(Op.of(kind, lower.owner(), List.of(lower, partOf(joint.upper())), cards)
                        .resting(drying(joint)));
            }
        }
        Set<Id> owners = new LinkedHashSet<>();
        for (Motion motion : build.mechanics().motions()) {
            boolean inserted = ops.stream()
                    .anyMatch(o -> o.kind() == OpKind.INSERT && o.owner().equals(motion.owner()));
            if (inserted && owners.add(motion.owner())) {
                PartId first = partOf(motion.moving().get(motion.moving().size() - 1));
                ops.add(Op.of(OpKind.TRY_MOTION, motion.owner(), List.of(first), cards));
            }
        }
    }

    private void threads() {
        Map<Id, List<PartId>> byOwner = new LinkedHashMap<>();
        build.parts().stream().filter(p -> p.material() instanceof Thread).forEach(p -> byOwner.computeIfAbsent(
                        p.owner(), k -> new ArrayList<>())
                .add(p.id()));
        byOwner.forEach((owner, parts) -> {
            int each = parts.stream()
                    .flatMap(p -> build.part(p).stream())
                    .mapToInt(p -> p.at().size())
                    .sum();
            ops.add(Op.of(OpKind.THREAD, owner, parts, each * cards));
        });
    }

    /** A part that only lies round everything is put on last. */
    private void bands() {
        for (Part part : build.parts()) {
            List<Joint> own = build.joints().stream()
                    .filter(j -> partOf(j.upper()).equals(part.id()))
                    .toList();
            boolean round = !part.owner().equals(Id.BASE)
                    && !own.isEmpty()
                    && own.stream().allMatch(j -> j.hold() == Joint.Hold.MEETS)
                    && build.mechanics().motions().stream()
                            .noneMatch(m -> m.moving().contains(SlabId.of(part.id())));
            if (round) {
                ops.add(Op.of(OpKind.SLIP_ON, part.owner(), List.of(part.id()), cards));
            }
        }
    }

    private void foam(PartId panel, PartId lower) {
        List<PartId> strips = build.parts().stream()
                .filter(p -> p.material() instanceof Foam && p.owner().equals(panel.owner()))
                .map(Part::id)
                .toList();
        int pieces = strips.stream()
                .flatMap(s -> build.part(s).stream())
                .mapToInt(Part::perCard)
                .sum();
        if (pieces > 0) {
            List<PartId> parts = new ArrayList<>(List.of(panel));
            parts.addAll(strips);
            ops.add(Op.of(OpKind.LAY_FOAM, panel.owner(), parts, pieces * cards));
        }
    }

    private static Duration drying(Joint joint) {
        return joint.by() instanceof Adhesive a ? Duration.ofMinutes(a.dryMinutes()) : Duration.ZERO;
    }

    private boolean isCard(PartId id) {
        return build.part(id)
                .filter(p -> !(p.material() instanceof Foam) && !(p.material() instanceof Film))
                .isPresent();
    }

    private PartId partOf(SlabId slab) {
        return parts.getOrDefault(slab, new PartId(Id.BASE, ""));
    }
}
