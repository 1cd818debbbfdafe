package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.material.Surfacing;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

/** What a sheet bears, as coloured areas: its picture, work on its surface, words. */
final class SheetPaint {
    /** What is coloured by hand lets much of the card show. */
    private static final double EVEN = 0.45;
    /** Of that, how much lies under the figures of a pattern. */
    private static final double UNDER = 0.4;

    private static final double FIGURE = 0.8;
    /** What is only pressed shows as light and shade. */
    private static final double PRESSED = 0.14;

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
            worked(area.outline(), worked, all);
        }
    }

    /** Patterns lie on an even tint, which is what is left of them where the area is too small for any. */
    private static void worked(Outline area, Fill.Worked worked, List<SpaceView.Paint> all) {
        Surfacing kind = worked.kind();
        double strength = kind.blends() ? 1 : kind.colours() ? EVEN : 0;
        List<Outline> figures = Pattern.of(kind, area);
        double under = figures.isEmpty() ? strength : strength * UNDER;
        if (under > 0) {
            all.add(new SpaceView.Paint(area, worked.colour(), worked.coverage() * under));
        }
        double seen = kind.colours() ? FIGURE : PRESSED;
        figures.forEach(f -> all.add(new SpaceView.Paint(f, worked.colour(), worked.coverage() * seen)));
    }
}
