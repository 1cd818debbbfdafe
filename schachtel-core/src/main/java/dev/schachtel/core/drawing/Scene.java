package dev.schachtel.core.drawing;

import java.util.List;

import dev.schachtel.core.shape.Box;

/**
 * A view, ready to be written.
 *
 * @param extent what must be seen of it, labels and dimensions aside
 * @param room points of canvas to leave free for labels: left, top, right, bottom
 * @param true to scale: same millimetres both ways, and a scale bar makes sense
 */
public record Scene(String title, Box extent, Room room, boolean toScale, List<Mark> marks) {
    public Scene {
        marks = List.copyOf(marks);
    }

    /** The same without a scale bar, for pictures that stand side by side at one scale of their own. */
    public Scene plain() {
        return new Scene(title, extent, room, false, marks);
    }

    /** Points of canvas kept free on each side. */
    public record Room(int left, int top, int right, int bottom) {
        public static final Room NONE = new Room(0, 0, 0, 0);
    }
}
