package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** Parts flat, side by side at one scale, the tallest first, each with its letter. */
final class PartsView {
    private static final double GAP = 14;
    private final Build build;

    PartsView(Build build) {
        this.build = build;
    }

    Scene scene(List<PartId> ids) {
        List<Part> parts = ids.stream()
                .flatMap(id -> build.part(id).stream())
                .sorted(Comparator.comparing((Part p) -> p.outline().bounds().height())
                        .reversed())
                .toList();
        Map<PartId, String> letters = build.letters();
        List<Mark> marks = new ArrayList<>();
        double row = parts.isEmpty() ? 1 : parts.get(0).outline().bounds().height();
        double x = 0;
        double column = 0;
        double y = row;
        for (Part part : parts) {
            Box box = part.outline().bounds();
            if (y - box.height() < 0) {
                x += column + GAP;
                column = 0;
                y = row;
            }
            Placement at = Placement.at(Mm.length(x - box.left()), Mm.length(y - box.height() - box.bottom()));
            Outline cut = part.outline().placed(at);
            marks.add(new Mark.Area(cut, new Fill.Made(part.material()), Meaning.CUT, Optional.of(part.owner())));
            part.stitches(cut).ifPresent(s -> marks.add(Mark.stitches(s)));
            marks.add(new Mark.Letter(cut.bounds().centre(), Mark.Shift.NONE, letters.get(part.id()), part.id()));
            y -= box.height() + GAP * 1.6;
            column = Math.max(column, box.width());
        }
        return new Scene(
                "Parts", new Box(0, 0, Math.max(1, x + column), row), new Scene.Room(14, 14, 14, 14), false, marks);
    }
}
