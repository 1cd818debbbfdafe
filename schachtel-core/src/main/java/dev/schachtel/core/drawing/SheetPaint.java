package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

/** What a sheet bears, as coloured areas: its picture, work on its surface, words. */
final class SheetPaint {
    /** Patterns let much of what is under them show; an even area as strong looks like them from afar. */
    private static final double PATTERN = 0.45;

    private final Build build;

    SheetPaint(Build build) {
        this.build = build;
    }

    /** On one copy, or a part of it. */
    List<SpaceView.Paint> on(Level level, int copy, Outline outline) {
        List<SpaceView.Paint> all = new ArrayList<>();
        PartId id = level.slab().part();
        Part part = build.part(id).orElseThrow();
        Box box = outline.bounds();
        if (copy < part.at().size()) {
            for (Art.Tint tint : build.art(id).map(Art::tints).orElse(List.of())) {
                tint.areas()
                        .forEach(a ->
                                all.add(new SpaceView.Paint(a.placed(part.at().get(copy)), tint.colour(), 1)));
            }
        }
        List<Mark> marks = new ArrayList<>(Worked.on(build, level, outline));
        marks.addAll(Printed.on(build, level));
        for (Mark mark : marks) {
            if (mark instanceof Mark.Area area && area.outline().bounds().touches(box)) {
                add(area, all);
            }
        }
        return all;
    }

    private static void add(Mark.Area area, List<SpaceView.Paint> all) {
        if (area.fill() instanceof Fill.Plain plain) {
            all.add(new SpaceView.Paint(area.outline(), plain.colour(), 1));
        } else if (area.fill() instanceof Fill.Worked worked) {
            double strength = worked.kind().blends() ? 1 : PATTERN;
            all.add(new SpaceView.Paint(area.outline(), worked.colour(), worked.coverage() * strength));
        }
    }
}
