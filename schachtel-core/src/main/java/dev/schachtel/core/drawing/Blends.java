package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Coat;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Surfacing;
import dev.schachtel.core.shape.Outline;

/**
 * The colours that even coats of ink make on a sheet and on each other, as {@link dev.schachtel.core.material.Medium#over} works
 * them out: areas of one colour each, told coat by coat. On pictures and patterned paper, which show through, and where there would be too many
 * areas, ink is left to be drawn as clear colour.
 */
final class Blends {
    private static final int MOST = 300;

    /** An area with its colour so far. */
    private record Cell(List<Outline> areas, Colour colour) {}

    private final List<Cell> cells = new ArrayList<>();

    private Blends(Optional<Colour> plain, List<Outline> sheet) {
        plain.ifPresent(c -> cells.add(new Cell(sheet, c)));
    }

    static Blends of(Build build, Level level) {
        Optional<Art> art = build.art(level.slab().part());
        Optional<Colour> plain = build.part(level.slab().part())
                .map(p -> p.material() instanceof Cardstock c ? c : null)
                .filter(c -> c.finish() != Cardstock.Finish.PATTERNED && art.isEmpty())
                .map(Cardstock::colour);
        return new Blends(plain, level.slab().footprints());
    }

    /** Whether the colours of this work can be told. */
    boolean tells(Surface surface) {
        Surfacing kind = surface.technique().kind();
        return (kind == Surfacing.INK || kind == Surfacing.COLOUR) && !cells.isEmpty() && cells.size() < MOST;
    }

    /** Lays a coat of such work, and answers what is seen of it now. */
    List<Mark> lay(Surface surface, Coat coat, Outline seen) {
        List<Mark> marks = new ArrayList<>();
        List<Cell> next = new ArrayList<>();
        for (Cell cell : cells) {
            List<Outline> both = common(cell.areas, coat.areas());
            if (both.isEmpty()) {
                next.add(cell);
            } else {
                Colour laid = surface.technique().medium().over(cell.colour, surface.colour(), coat.coverage());
                next.add(new Cell(both, laid));
                List<Outline> rest =
                        cell.areas.stream().flatMap(a -> a.less(both).stream()).toList();
                if (!rest.isEmpty()) {
                    next.add(new Cell(rest, cell.colour));
                }
                common(both, List.of(seen))
                        .forEach(a ->
                                marks.add(new Mark.Area(a, new Fill.Plain(laid), Meaning.WORKED, Optional.empty())));
            }
        }
        cells.clear();
        cells.addAll(next);
        return marks;
    }

    private static List<Outline> common(List<Outline> some, List<Outline> others) {
        List<Outline> both = new ArrayList<>();
        for (Outline a : some) {
            for (Outline b : others) {
                if (a.equals(b)) {
                    both.add(a);
                } else if (a.bounds().touches(b.bounds())) {
                    both.addAll(a.common(b));
                }
            }
        }
        return both;
    }
}
