package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.motion.Poses;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/** The card from the front, to scale: what is seen, what is hidden behind card, folds, movements, dimensions. */
final class FrontView {
    private final Build build;
    private final Id selected;
    private final List<Mark> marks = new ArrayList<>();

    FrontView(Build build, Id selected) {
        this.build = build;
        this.selected = selected;
    }

    Scene scene() {
        marks.addAll(new FrontLayers(build, Optional.empty()).marks());
        movements();
        folds();
        new FrontDimensions(build, selected, marks).add();
        Box face = build.face().bounds();
        Box all = build.levels().stream()
                .filter(l -> FrontLayers.before(build, l))
                .map(l -> l.slab().bounds())
                .reduce(face, Box::union);
        return new Scene("Front", all, new Scene.Room(92, 42, 104, 12), true, marks);
    }

    /** Swept edges and end positions of the selected piece. */
    private void movements() {
        for (Motion motion : build.mechanics().motions()) {
            if (motion.owner().equals(selected) && !(motion.move() instanceof Move.Fold)) {
                SlabId first = motion.moving().get(0);
                SlabId last = motion.moving().get(motion.moving().size() - 1);
                build.level(first).ifPresent(l -> swept(l, motion));
                build.level(last).ifPresent(l -> ghosts(l, motion));
            }
        }
    }

    private void swept(Level level, Motion motion) {
        Outline area = Poses.sweep(level.slab().footprints().get(0), motion);
        marks.add(new Mark.Area(area, new Fill.Empty(), Meaning.PATH, Optional.empty()));
    }

    private void ghosts(Level level, Motion motion) {
        if (motion.keeping().ends() == Motion.Ends.ENDLESS && !(motion.move() instanceof Move.Hang)) {
            return;
        }
        for (double share : new double[] {0, 1}) {
            if (share != motion.restShare()) {
                Outline there = Poses.at(level.slab().footprints().get(0), motion, share);
                marks.add(new Mark.Area(there, new Fill.Empty(), Meaning.GHOST, Optional.empty()));
            }
        }
    }

    private void folds() {
        boolean named = false;
        Box face = build.face().bounds();
        for (Fold fold : build.folds()) {
            Part part = build.part(fold.part()).orElseThrow();
            boolean seen = build.levels().stream()
                    .anyMatch(l -> l.slab().part().equals(part.id()) && FrontLayers.before(build, l));
            double dx = Mm.of(part.at().get(0).across());
            double dy = Mm.of(part.at().get(0).up());
            Point from = fold.from().plus(dx, dy);
            Point to = fold.to().plus(dx, dy);
            if (!seen
                    || part.slits().stream().anyMatch(s -> s.hingedAt(fold))
                    || covered(part, from.midway(to), face)
                    || !face.grown(0.01).holds(from)
                    || !face.grown(0.01).holds(to)) {
                continue;
            }
            marks.add(new Mark.Line(
                    List.of(from, to), fold.crease() == Fold.Crease.MOUNTAIN ? Meaning.MOUNTAIN : Meaning.VALLEY));
            if (!named && part.owner().equals(Id.BASE)) {
                named = label(from, to, face);
            }
        }
    }

    /** Something lies over the fold, away from the card's own edge. */
    private boolean covered(Part part, Point middle, Box face) {
        Length top = build.levels().stream()
                .filter(l -> l.slab().part().equals(part.id()))
                .map(Level::top)
                .reduce(Length.ZERO, Length::max);
        return face.grown(-0.01).holds(middle)
                && build.levels().stream()
                        .filter(l -> !l.bottom().isBelow(top))
                        .anyMatch(l -> l.slab().footprints().stream().anyMatch(f -> f.holds(middle)));
    }

    private boolean label(Point from, Point to, Box face) {
        boolean upright = from.x() == to.x() && from.x() <= face.left();
        boolean level = from.y() == to.y() && from.y() >= face.top();
        if (upright || level) {
            marks.add(new Mark.Label(
                    upright ? new Point(face.left(), face.centre().y()) : new Point(face.right(), face.top()),
                    upright ? new Mark.Shift(-8, 0, Mark.Anchor.MIDDLE) : new Mark.Shift(8, 4, Mark.Anchor.START),
                    Words.of("fold"),
                    upright ? Mark.Style.UPRIGHT : Mark.Style.NOTE,
                    Optional.empty()));
        }
        return upright || level;
    }
}
