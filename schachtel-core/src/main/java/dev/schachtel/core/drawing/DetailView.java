package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.motion.Course;
import dev.schachtel.core.motion.Poses;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Point;

/** The tightest place of a movement, enlarged, with the moving part where it is tightest. */
final class DetailView {
    /** Half of what is shown, in millimetres. */
    private static final double REACH = 11;

    private DetailView() {}

    static Scene of(Build build, Course course, Course.Tightest tight) {
        Id owner = course.motion().owner();
        FrontLayers.Pose pose = new FrontLayers.Pose(owner, tight.share());
        List<Mark> marks = new ArrayList<>(new FrontLayers(build, Optional.of(pose)).marks());
        for (SlabId id : course.moving()) {
            build.level(id).ifPresent(l -> l.slab()
                    .footprints()
                    .forEach(f -> marks.add(new Mark.Area(
                            Poses.at(f, course.motion(), tight.share()),
                            new Fill.Empty(),
                            Meaning.HIDDEN,
                            Optional.of(owner)))));
        }
        Point middle = tight.here().midway(tight.there());
        marks.add(new Mark.Line(List.of(tight.here(), tight.there()), Meaning.GAP));
        Box box = new Box(middle.x() - REACH, middle.y() - REACH, middle.x() + REACH, middle.y() + REACH);
        return new Scene("Tightest place", box, Scene.Room.NONE, false, marks);
    }
}
