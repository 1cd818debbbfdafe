package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.build.Work;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Layer;
import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.work.Trait;
import dev.schachtel.core.work.WorkKind;

/** Finds the operations in parts, folds, joints and surfaces, with the work that engineers ask for. */
final class Operations {
    private final Build build;
    private final Workshop workshop;
    private final HouseRules house;
    private final int cards;
    private final Fixings fixings;
    private final List<Op> ops = new ArrayList<>();

    Operations(Build build, Workshop workshop) {
        this.build = build;
        this.workshop = workshop;
        this.house = workshop.house();
        this.cards = build.spec().brief().cards();
        this.fixings = new Fixings(build);
    }

    List<Op> all() {
        ops.addAll(new CutOps(build).all());
        ops.addAll(new SurfaceOps(build).all());
        folding();
        build.works().stream().filter(w -> !isPrinted(w)).forEach(this::asked);
        List<Op> joined = new JoinOps(build, fixings).all();
        ops.addAll(joined);
        joined.forEach(this::backed);
        joined.forEach(this::overhang);
        layout();
        if (!build.chambers().isEmpty()) {
            ops.add(Op.of(WorkKind.TRY, Id.BASE, List.of(), cards));
        }
        ops.add(Op.of(WorkKind.ENVELOPE, Id.BASE, List.of(), cards));
        ops.replaceAll(op -> op.timed(workshop.times()));
        return ops;
    }

    /** Whether surface work on the sheet prints the words that would be stamped or written on it. */
    private boolean isPrinted(Work work) {
        return work.kind().is(WorkKind.LETTER)
                && build.surfaces().stream()
                        .filter(s -> s.slab().equals(work.at().get(0)))
                        .anyMatch(s -> s.technique().kind().prints());
    }

    /** What an engineer asks for. */
    private void asked(Work work) {
        List<PartId> parts = Stream.concat(
                        work.aside().stream(), work.at().stream().map(fixings::partOf))
                .toList();
        int things = work.things() * cards;
        Op op = work.lays()
                .map(laying -> laying(work, laying, things))
                .orElseGet(() -> Op.of(work.kind(), work.owner(), parts, things));
        ops.add(work.caution().map(op::with).orElse(op));
    }

    private Op laying(Work work, Work.Laying laying, int things) {
        SlabId onto = work.at().get(work.at().size() - 1);
        Joining.Side side = laying.behind() ? Joining.Side.BACK : Joining.Side.FRONT;
        Joining joining = new Joining(laying.parts(), onto, side, Optional.of(laying.by()));
        return Op.joining(work.kind(), joining, fixings.partOf(onto), things)
                .resting(laying.dries() ? Fixings.drying(laying.by()) : Duration.ZERO);
    }

    private void layout() {
        boolean kept = house.layout() != HouseRules.Layout.PIECE_BY_PIECE;
        if (kept && ops.stream().anyMatch(o -> o.kind().has(Trait.STICKS))) {
            ops.add(Op.of(WorkKind.LAYOUT, Id.BASE, cardParts(), layouts()));
        }
        if (build.surfaces().stream().anyMatch(Surface::laidOut)) {
            ops.add(Op.of(WorkKind.PLAN_LAYOUT, Id.BASE, cardParts(), 1));
        }
        int laid = (int) ops.stream().filter(o -> o.kind().has(Trait.PLACES)).count();
        if (house.placing() == HouseRules.Placing.MEASURED && laid > 0) {
            ops.add(Op.of(WorkKind.MARK, Id.BASE, cardParts(), laid * cards));
        }
        if (house.placing() == HouseRules.Placing.SPACED && laid > 0) {
            ops.add(Op.of(WorkKind.CUT_SPACERS, Id.BASE, cardParts(), 1));
        }
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
            case PIECE_BY_PIECE -> 0;
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
            ops.add(Op.of(WorkKind.SCORE, part.owner(), List.of(part), cards));
            ops.add(Op.of(WorkKind.FOLD, part.owner(), List.of(part), cards));
        }
    }

    /** A card that adhesive sheet holds gets that before it is cut. */
    private void backed(Op op) {
        boolean whole = op.effect()
                .joins()
                .flatMap(Joining::by)
                .filter(Fixings::coversAll)
                .isPresent();
        if (whole && op.kind().has(Trait.STICKS)) {
            op.effect().laid().stream()
                    .flatMap(id -> build.part(id).stream())
                    .filter(p -> CutOps.maker(p).isPresent() && !(p.material() instanceof Foam))
                    .forEach(p -> ops.add(Op.of(WorkKind.BACK, p.id().owner(), List.of(p.id()), p.perCard() * cards)));
        }
    }

    private void overhang(Op op) {
        if (house.overhang() == HouseRules.Overhang.TRIM && op.kind().attaches()) {
            PartId upper = op.parts().get(0);
            PartId lower = op.parts().get(op.parts().size() - 1);
            boolean over = fixings.rests(upper).stream().anyMatch(this::overhangs);
            if (over) {
                ops.add(Op.of(WorkKind.TRIM_OVERHANG, upper.owner(), List.of(lower, upper), cards));
            }
        }
    }

    /** Whether the upper sheet stands over the edge of the panel on which it lies. */
    private boolean overhangs(Joint joint) {
        boolean panel = build.spec()
                .find(fixings.partOf(joint.lower()).owner(), Layer.class)
                .isPresent();
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
}
