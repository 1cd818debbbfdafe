package dev.schachtel.core.drawing;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.PartId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/** One thing drawn. Places in millimetres of the scene, y up. */
public sealed interface Mark {
    <R> R tell(Cases<R> cases);

    /** An area with its edge; of names the piece that it selects. */
    record Area(Outline outline, Fill fill, Meaning edge, Optional<Id> of) implements Mark {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.area(this);
        }
    }

    /** The line that a die presses inside the edge of what it cuts. */
    static Area stitches(Outline line) {
        return new Area(line, new Fill.Empty(), Meaning.STITCH, Optional.empty());
    }

    /** An open line. */
    record Line(List<Point> points, Meaning meaning) implements Mark {
        public Line {
            points = List.copyOf(points);
        }

        @Override
        public <R> R tell(Cases<R> c) {
            return c.line(this);
        }
    }

    /** A dimension between two places, its line so many lanes outside the drawing on one side. */
    record Dimension(Point from, Point to, Side side, int lane, Words words) implements Mark {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.dimension(this);
        }
    }

    /** A label; its anchor is shifted by points on the canvas, right and down, with a lead line if that is far. */
    record Label(Point at, Shift shift, Words words, Style style, Optional<Id> of) implements Mark {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.label(this);
        }
    }

    /** Areas that move together: which movement of which piece. */
    record Moving(Id owner, int movement, List<Mark> marks) implements Mark {
        public Moving {
            marks = List.copyOf(marks);
        }

        @Override
        public <R> R tell(Cases<R> c) {
            return c.moving(this);
        }
    }

    /** A piece of card seen from its edge, one of the lines of a movement seen from the side. */
    record Limb(int index, String name, List<Point> points) implements Mark {
        public Limb {
            points = List.copyOf(points);
        }

        @Override
        public <R> R tell(Cases<R> c) {
            return c.limb(this);
        }
    }

    /** Words on a piece, as large as they fit into its width and height in millimetres. */
    record Caption(Point at, double width, double height, Words words, Id of) implements Mark {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.caption(this);
        }
    }

    /** A part's letter in its circle. */
    record Letter(Point at, Shift shift, String letter, PartId part) implements Mark {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.letter(this);
        }
    }

    /** Where a dimension line runs. */
    enum Side {
        LEFT,
        RIGHT,
        TOP,
        BOTTOM
    }

    /** How a label is set. */
    enum Style {
        NAME,
        NOTE,
        SIZE,
        UPRIGHT
    }

    /** Points on the canvas, right and down, and whether the text starts, centres or ends there. */
    record Shift(double right, double down, Anchor anchor) {
        public static final Shift NONE = new Shift(0, 0, Anchor.MIDDLE);
    }

    /** Which part of a text lies at its place. */
    enum Anchor {
        START,
        MIDDLE,
        END
    }

    /** One answer for each kind of mark. */
    interface Cases<R> {
        R area(Area area);

        R line(Line line);

        R dimension(Dimension dimension);

        R label(Label label);

        R letter(Letter letter);

        R moving(Moving moving);

        R caption(Caption caption);

        R limb(Limb limb);
    }
}
