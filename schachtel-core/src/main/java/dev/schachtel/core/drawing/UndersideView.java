package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

/** A piece lying face down with the foam on its back, left for right: its spacer map. */
public final class UndersideView {
    private static final double RIM = 2;

    private UndersideView() {}

    /** The back of a piece with these parts of foam; empty if it is on no face. */
    static Optional<Scene> of(Build build, PartId piece, Collection<PartId> foam) {
        return build.level(SlabId.of(piece)).map(level -> {
            Box box = level.slab().bounds();
            double middle = box.centre().x();
            List<Mark> marks = new ArrayList<>();
            Part sheet = build.part(piece).orElseThrow();
            level.slab()
                    .footprints()
                    .forEach(o -> marks.add(new Mark.Area(
                            o.mirrored(middle),
                            new Fill.Made(sheet.material()),
                            Meaning.CUT,
                            Optional.of(piece.owner()))));
            for (PartId id : foam) {
                Part part = build.part(id).orElseThrow();
                List<Outline> all = build.levels().stream()
                        .filter(l -> l.slab().part().equals(id))
                        .flatMap(l -> l.slab().footprints().stream())
                        .map(o -> o.mirrored(middle))
                        .toList();
                all.forEach(o -> marks.add(
                        new Mark.Area(o, new Fill.Behind(part.material()), Meaning.FRESH, Optional.of(id.owner()))));
                all.stream()
                        .findFirst()
                        .ifPresent(o -> marks.add(new Mark.Label(
                                o.bounds().centre(),
                                new Mark.Shift(14, -12, Mark.Anchor.START),
                                Words.of(Units.thickness(part.material().thickness()) + " mm"),
                                Mark.Style.NOTE,
                                Optional.empty())));
            }
            return new Scene("From behind", box.grown(RIM), new Scene.Room(24, 20, 40, 16), false, marks);
        });
    }

    /** The back of a piece with all the foam that it stands on; empty without any. */
    public static Optional<Scene> of(Build build, PartId piece) {
        List<PartId> foam = build.partsOf(piece.owner()).stream()
                .filter(p -> p.material() instanceof Foam)
                .map(Part::id)
                .toList();
        return foam.isEmpty() ? Optional.empty() : of(build, piece, foam);
    }
}
