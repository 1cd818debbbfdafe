package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Film;
import dev.schachtel.core.material.Foam;

/** Finds the operations in parts, folds, joints and chambers. */
final class Operations {
    private final Build build;
    private final int cards;
    private final List<Op> ops = new ArrayList<>();

    Operations(Build build) {
        this.build = build;
        this.cards = build.spec().brief().cards();
    }

    List<Op> all() {
        cutting();
        folding();
        build.chambers().forEach(this::chamber);
        joints();
        Id whole = Id.BASE;
        List<PartId> glued = ops.stream()
                .filter(o -> o.kind().sticks())
                .flatMap(o -> o.parts().stream().limit(1))
                .distinct()
                .toList();
        if (!glued.isEmpty()) {
            ops.add(Op.of(OpKind.LAYOUT, whole, cardParts(), 1));
        }
        if (!build.chambers().isEmpty()) {
            ops.add(Op.of(OpKind.TRY, whole, List.of(), cards));
        }
        ops.add(Op.of(OpKind.ENVELOPE, whole, List.of(), cards));
        return ops;
    }

    private List<PartId> cardParts() {
        return build.parts().stream()
                .filter(p -> p.material() instanceof Cardstock)
                .map(Part::id)
                .toList();
    }

    private void cutting() {
        cut(OpKind.TRIM, part -> part.method() == CutMethod.TRIMMER ? part.perCard() : 0);
        cut(
                OpKind.DIE_CUT,
                part -> (part.method() == CutMethod.DIE ? part.perCard() : 0)
                        + (int) part.cutouts().stream()
                                .filter(c -> c.method() == CutMethod.DIE)
                                .count());
        cut(
                OpKind.KNIFE_CUT,
                part -> part.method() == CutMethod.KNIFE && !(part.material() instanceof Foam) ? part.perCard() : 0);
        cut(
                OpKind.SNIP_FOAM,
                part -> part.material() instanceof Foam && part.method() != CutMethod.DIE ? part.perCard() : 0);
    }

    private void cut(OpKind kind, java.util.function.ToIntFunction<Part> strokes) {
        List<Part> parts =
                build.parts().stream().filter(p -> strokes.applyAsInt(p) > 0).toList();
        if (!parts.isEmpty()) {
            int each = parts.stream().mapToInt(strokes).sum();
            Op op = Op.of(kind, Id.BASE, parts.stream().map(Part::id).toList(), each * cards);
            ops.add(new Op(
                    kind.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'),
                    kind,
                    op.owner(),
                    op.parts(),
                    op.things(),
                    Duration.ZERO,
                    op.cautions()));
        }
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
        Id owner = chamber.owner();
        PartId under = partOf(chamber.behind());
        PartId panel = build.parts().stream()
                .filter(p -> p.cutouts().stream()
                        .anyMatch(c -> c.owner().equals(chamber.aperture().owner())))
                .map(Part::id)
                .findFirst()
                .orElse(under);
        boolean traced =
                build.zones(Zone.Use.TRACE).stream().anyMatch(z -> z.owner().equals(owner));
        if (traced) {
            ops.add(Op.of(OpKind.TRACE, owner, List.of(under, panel), cards));
        }
        Duration cure = build.joints().stream()
                .filter(j -> partOf(j.lower()).equals(chamber.film())
                        && partOf(j.upper()).equals(panel))
                .map(Operations::drying)
                .findFirst()
                .orElse(Duration.ZERO);
        ops.add(Op.of(OpKind.FIX_FILM, owner, List.of(chamber.film(), panel), cards)
                .resting(cure));
        int walls = chamber.walls().stream()
                .flatMap(w -> build.part(w).stream())
                .mapToInt(Part::perCard)
                .sum();
        ops.add(Op.of(OpKind.LAY_DAM, owner, with(chamber.walls(), panel), walls * cards));
        ops.add(Op.of(OpKind.ANTI_STATIC, owner, List.of(chamber.film()), cards).with(Caution.DUST));
        ops.add(Op.of(OpKind.FILL, owner, List.of(under), cards).with(Caution.SMALL_PARTS));
    }

    private static List<PartId> with(List<PartId> first, PartId last) {
        List<PartId> all = new ArrayList<>(first);
        all.add(last);
        return all;
    }

    /** One operation for each part that is stuck on another, foam and film aside. */
    private void joints() {
        Set<PartId> done = new LinkedHashSet<>();
        for (Joint joint : build.joints()) {
            PartId upper = partOf(joint.upper());
            PartId lower = partOf(joint.lower());
            boolean card = isCard(upper) && isCard(lower) && !upper.equals(lower);
            if (joint.hold() == Joint.Hold.RESTS && card && done.add(upper)) {
                attach(joint, upper, lower);
            }
        }
    }

    private void attach(Joint joint, PartId upper, PartId lower) {
        boolean raised = joint.by() instanceof Foam;
        boolean closes = raised
                || build.chambers().stream().anyMatch(c -> build.part(upper).stream()
                        .flatMap(p -> p.cutouts().stream())
                        .anyMatch(a -> a.owner().equals(c.aperture().owner())));
        boolean inside = build.zones(Zone.Use.WRITING).stream().anyMatch(z -> z.on().equals(joint.lower()));
        if (raised) {
            foam(upper, lower);
        }
        OpKind kind = closes ? OpKind.CLOSE : inside ? OpKind.LINE : OpKind.ATTACH;
        ops.add(Op.of(kind, upper.owner(), List.of(upper, lower), cards).resting(drying(joint)));
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
        Optional<Level> level = build.level(slab);
        return level.map(l -> l.slab().part()).orElse(new PartId(Id.BASE, ""));
    }
}
