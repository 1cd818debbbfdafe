package dev.schachtel.core.build;

import java.util.List;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.shape.Point;

/**
 * A movement seen from the side: poses from shut to open, each the same lines with the same number of points; x forward,
 * y up from the table, in millimetres.
 */
public record SideView(Id owner, String name, List<String> lines, List<Pose> poses) {
    public SideView {
        lines = List.copyOf(lines);
        poses = List.copyOf(poses);
    }

    /** Where each line runs at one moment. */
    public record Pose(List<List<Point>> lines) {
        public Pose {
            lines = lines.stream().map(List::copyOf).toList();
        }
    }
}
