package dev.schachtel.core.scene;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

/**
 * What all searches for other layouts of a scene share: what may move, what must stay free, and both as masks.
 *
 * @param own what each piece takes
 * @param wide the same with what is kept free round it
 * @param onGround whether it stands on the ground as it lies now
 */
record LayoutPieces(
        Box face,
        Ground ground,
        List<Placed> moving,
        List<Outline> fixed,
        List<Mask> kept,
        List<Mask> own,
        List<Mask> wide,
        List<Boolean> onGround) {
    /** Cells kept free round a piece: the gap asked for, and what a mask's cells may lack. */
    private static final int AROUND = (int) Sitting.NEAR + 1;

    static LayoutPieces of(Scenery scenery) {
        Ground ground = new Ground(scenery);
        List<Placed> moving = scenery.pieces().stream()
                .filter(p -> !p.isGround() && !stays(scenery, p))
                .toList();
        List<Outline> fixed = new ArrayList<>(scenery.pieces().stream()
                .filter(p -> !p.isGround() && stays(scenery, p))
                .map(Placed::outline)
                .toList());
        fixed.addAll(scenery.obstacles());
        List<Mask> own = moving.stream().map(p -> Mask.of(p.outline().filled())).toList();
        return new LayoutPieces(
                scenery.face().bounds(),
                ground,
                moving,
                fixed,
                fixed.stream().map(Mask::of).toList(),
                own,
                own.stream().map(m -> m.grown(AROUND)).toList(),
                moving.stream()
                        .map(p -> p.stands()
                                && Math.abs(ground.below(p.foot()).orElse(Double.MAX_VALUE)) <= Sitting.ON_GROUND)
                        .toList());
    }

    /** What is pinned, and what was fitted to where it lies: cut off at the edge, or tucked in. */
    private static boolean stays(Scenery scenery, Placed p) {
        return p.piece().pinned()
                || p.piece().locked()
                || p.piece().trimmed()
                || scenery.tucked().contains(p.id());
    }
}
