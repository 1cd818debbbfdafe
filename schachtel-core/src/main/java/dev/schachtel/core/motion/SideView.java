package dev.schachtel.core.motion;

import java.util.List;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.shape.Point;

/**
 * A movement along its folds: poses from shut to open, each the same lines with the same number of points, in millimetres.
 *
 * @param lines what each line is called
 */
public record SideView(Id owner, String name, Seen from, List<String> lines, List<Pose> poses) {
    public SideView {
        lines = List.copyOf(lines);
        poses = List.copyOf(poses);
    }

    /** When it is open by a share, or nearly. */
    public Pose at(double share) {
        return poses.get((int) Math.round(share * (poses.size() - 1)));
    }

    /** Where each line runs at one moment. */
    public record Pose(List<List<Point>> lines) {
        public Pose {
            lines = lines.stream().map(List::copyOf).toList();
        }
    }

    /** From where it is seen, so that all folds are points. */
    public enum Seen {
        /** From the right: what is behind is on the right, y is up from the board. */
        RIGHT,
        /** From above, or from below where that shows it better. */
        ABOVE,
        /** From the front: y is up from the board. */
        FRONT,
        /** Along the hinge of a door: y is out of the sheet that it is cut from. */
        HINGE
    }
}
