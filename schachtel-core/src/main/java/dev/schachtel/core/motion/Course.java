package dev.schachtel.core.motion;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * One movement played through.
 *
 * @param moving the slabs that move, with all that is stuck on them
 * @param sweeps what each of them passes over
 * @param samples the free gap at even shares of the way; {@link #FAR} where nothing is nearer; for what turns round itself
 *     or swings the smallest gap throughout
 * @param tightest the smallest gap of all, if anything is near
 * @param behind the free height behind it, if that was asked for and something is behind
 * @param blockers what lies over a flap and is not stuck on it
 * @param pastEdge how far it reaches past the card's edge at rest; zero or less: it stays inside
 */
public record Course(
        Motion motion,
        List<SlabId> moving,
        List<Swept> sweeps,
        List<Sample> samples,
        Optional<Tightest> tightest,
        Optional<Length> behind,
        List<SlabId> blockers,
        Length pastEdge) {
    /** Gaps beyond this are not told apart: 15 mm. */
    public static final Length FAR = Length.ofMillimetres(15);

    public Course {
        moving = List.copyOf(moving);
        sweeps = List.copyOf(sweeps);
        samples = List.copyOf(samples);
        blockers = List.copyOf(blockers);
    }

    /** What a slab passes over. */
    public record Swept(SlabId slab, Outline area) {}

    /** The free gap at a share of the way. */
    public record Sample(double share, Length gap) {}

    /** The smallest gap: how much, which moving slab, against what (empty: the card's edge), where, and at which share. */
    public record Tightest(
            Length gap, SlabId moving, Optional<SlabId> against, Point here, Point there, double share) {}
}
