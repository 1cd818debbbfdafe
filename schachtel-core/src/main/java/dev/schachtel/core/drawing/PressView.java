package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.cutting.PressPlan;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/** The stamping press from above with its stamps, each as the outline of what it prints, in its ink. */
public final class PressView {
    private static final double RIM = 2;
    private static final Colour PRESS = new Colour(0xeef3ee);

    private PressView() {}

    /** One lay in a press of this size, mm. */
    public static Scene of(PressPlan.Lay lay, double width, double height) {
        List<Mark> marks = new ArrayList<>();
        Outline press = Outline.of(new Box(0, 0, width, height));
        marks.add(new Mark.Area(press, new Fill.Plain(PRESS), Meaning.CUT, Optional.empty()));
        for (PressPlan.Placed placed : lay.stamps()) {
            marks.add(
                    new Mark.Area(lies(placed), new Fill.Plain(placed.stamp().ink()), Meaning.EDGE, Optional.empty()));
        }
        return new Scene("Press", press.bounds().grown(RIM), Scene.Room.NONE, false, marks);
    }

    private static Outline lies(PressPlan.Placed placed) {
        Outline own = placed.stamp().outline();
        Outline turned = placed.turned() ? own.turned(Point.ORIGIN, Angle.ofDegrees(90)) : own;
        Box box = turned.bounds();
        return turned.moved(
                new Point(placed.at().left() - box.left(), placed.at().bottom() - box.bottom()));
    }
}
