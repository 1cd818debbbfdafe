package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Face;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.motion.Course;
import dev.schachtel.core.motion.SideView;
import dev.schachtel.core.motion.SideViews;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Point;

/** The views of a card. */
public enum Views {
    FRONT,
    IN_THE_ROUND,
    OPENED_FLAT,
    TAKEN_APART,
    SECTION,
    FROM_THE_SIDE;

    /** This view of a card; the selected piece gets its own dimensions, and the section runs through it. */
    public Scene of(Build build, Id selected) {
        return switch (this) {
            case FRONT -> new FrontView(build, selected).scene();
            case IN_THE_ROUND -> RoundView.of(SpaceView.of(build), Eye.CORNER);
            case OPENED_FLAT -> new FlatView(build).scene();
            case TAKEN_APART -> new ApartView(build).scene();
            case SECTION -> new SectionView(build, Optional.of(selected), 0.8).scene();
            case FROM_THE_SIDE ->
                side(build, selected)
                        .map(v -> SideScene.of(build, v))
                        .orElseGet(() -> new SectionView(build, Optional.of(selected), 0.8).scene());
        };
    }

    /** The front as the eye sees it: nothing of what lies behind card, no dimensions. */
    public static Scene face(Build build) {
        List<Mark> seen = new FrontLayers(build, Optional.empty())
                .marks().stream()
                        .filter(m -> !(m instanceof Mark.Area a && a.edge() == Meaning.HIDDEN))
                        .toList();
        return new Scene("Front", build.face().bounds(), new Scene.Room(10, 10, 10, 10), true, seen);
    }

    /** The card in space, as it is given. */
    public static Scene inTheRound(SpaceView view, Eye eye) {
        return RoundView.of(view, eye);
    }

    /** The pieces that are seen in a drawing, the one of which most is seen first. */
    public static List<Id> seen(Scene scene) {
        return InSight.owners(scene);
    }

    /** A face as the eye sees it: the front, or for what lies inside that sheet alone with what is on it. */
    public static Scene face(Build build, Id on) {
        Optional<Face> under = build.face(on).filter(Face::isUnder);
        if (under.isPresent()) {
            return FaceView.under(build, under.get());
        }
        Optional<Level> sheet = isSeen(build, on) ? Optional.empty() : FaceView.carrier(build, on);
        return sheet.map(s -> FaceView.of(build, on, s)).orElseGet(() -> face(build));
    }

    /** The same with level lines across a face, such as those that feet stand on. */
    public static Scene face(Build build, Id on, List<Double> lines) {
        Scene plain = face(build, on);
        Box box = build.face(on).map(f -> f.outline().bounds()).orElse(plain.extent());
        List<Mark> marks = new ArrayList<>(plain.marks());
        lines.forEach(y ->
                marks.add(new Mark.Line(List.of(new Point(box.left(), y), new Point(box.right(), y)), Meaning.CENTRE)));
        return new Scene(plain.title(), plain.extent(), plain.room(), plain.toScale(), marks);
    }

    /** Whether a face, or some card of a piece, is seen from the front. */
    public static boolean isSeen(Build build, Id on) {
        boolean under = build.face(on).filter(Face::isUnder).isPresent();
        return on.equals(Id.FRONT)
                || !under
                        && FaceView.carrier(build, on)
                                .filter(l -> isSeen(build, l))
                                .isPresent();
    }

    /** Whether something lies at or before the leaf that closes over the card. */
    public static boolean isSeen(Build build, Level level) {
        return FrontLayers.before(build, level);
    }

    /** What is seen to move from the side: the selected piece's own, else the base's. */
    public static Optional<SideView> side(Build build, Id selected) {
        List<SideView> all = SideViews.of(build);
        return all.stream().filter(v -> v.owner().equals(selected)).findFirst().or(() -> all.stream()
                .filter(v -> v.owner().equals(Id.BASE))
                .findFirst());
    }

    /** The section as it stands beside the front view: narrow, names only. */
    public static Scene besideFront(Build build, Id selected, boolean lying) {
        return new SectionView(build, Optional.of(selected), lying ? 0.3 : 2.4).scene();
    }

    /** The tightest place of a movement, four times as large as it is. */
    public static Scene detail(Build build, Course course, Course.Tightest tight) {
        return DetailView.of(build, course, tight);
    }

    /** A short section across a moving piece at rest. */
    public static Scene across(Build build, Course course) {
        return SectionView.across(build, course);
    }
}
