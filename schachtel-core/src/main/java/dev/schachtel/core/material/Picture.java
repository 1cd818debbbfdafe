package dev.schachtel.core.material;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.measure.Length;

/**
 * What a maker owns as stamp, die, printed sheet or drawing, in its real size. Paths are SVG path data in millimetres, y
 * down, from the upper left corner of the picture; each may have several closed lines, those inside others are holes.
 *
 * @param foot how far above its lowest edge it stands on the ground
 * @param owned how many there are of it; 0: as many as wanted
 * @param outline all that is cut out
 * @param regions coloured areas from the back to the front
 */
public record Picture(
        MaterialId id,
        String name,
        Role role,
        Looks looks,
        CutMethod method,
        Length width,
        Length height,
        Length foot,
        Stance stance,
        int owned,
        PathData outline,
        List<Region> regions) {
    public Picture {
        regions = List.copyOf(regions);
    }

    /** What it does in a scene. */
    public enum Role {
        /** What the card is about. */
        HERO,
        /** Stands with it. */
        COMPANION,
        /** One of several alike. */
        SCATTER,
        /** What others stand on. */
        GROUND,
        /** Goes round others, or hangs above them. */
        FRAME
    }

    /** How it stands. */
    public enum Stance {
        /** On the ground, upright on a slope too, as people and trees do. */
        UPRIGHT,
        /** On the ground, turned with its slope, as wheels are. */
        LEANS,
        /** In the air, or hung up. */
        FLIES
    }

    /** Which way it looks. */
    public enum Looks {
        LEFT,
        RIGHT,
        NEITHER;

        public Looks mirrored() {
            return this == LEFT ? RIGHT : this == RIGHT ? LEFT : NEITHER;
        }
    }

    /** An area of one colour with a name, such as roof or scarf. */
    public record Region(String name, Colour colour, PathData path) {}

    /** The same picture with these areas. */
    public Picture coloured(List<Region> other) {
        return new Picture(id, name, role, looks, method, width, height, foot, stance, owned, outline, other);
    }

    /** The same picture in another real size. */
    public Picture sized(Length otherHeight) {
        double factor = (double) otherHeight.nanometres() / height.nanometres();
        return new Picture(
                id,
                name,
                role,
                looks,
                method,
                width.scaled(otherHeight, height),
                otherHeight,
                foot.scaled(otherHeight, height),
                stance,
                owned,
                outline.times(factor),
                regions.stream()
                        .map(r -> new Region(r.name, r.colour, r.path.times(factor)))
                        .toList());
    }

    /** Whether it can be made in any size: not what a die or a stamp gives. */
    public boolean isFree() {
        return method == CutMethod.ELECTRONIC || method == CutMethod.SCISSORS;
    }

    /** The region that must not be covered, if one is called a face. */
    public Optional<Region> face() {
        return regions.stream().filter(r -> r.name().equals("face")).findFirst();
    }
}
