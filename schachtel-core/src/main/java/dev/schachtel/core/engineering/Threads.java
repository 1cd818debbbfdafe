package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.build.Cord;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Thread;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/** Lengths of thread as parts; they take no height of their own in the card. */
final class Threads {
    /** Pieces in which a loop is drawn, and how far apart its halves are, mm. */
    private static final int LOOP = 24;

    private static final double WIDE = 3;

    private Threads() {}

    static void add(BuildDraft draft, PartId id, Length length, MaterialId kind, Placement at) {
        draft.folded(part(draft, id, length, kind).at(at));
    }

    /** Doubled, it goes through a hole and hangs from above. */
    static void loop(BuildDraft draft, PartId id, SlabId on, Placement hole, Length hangs) {
        Point from = hole.origin();
        double high = Mm.of(hangs);
        List<Point> line = new ArrayList<>();
        for (int i = 0; i <= LOOP; i++) {
            double t = Math.PI * i / LOOP;
            line.add(from.plus(WIDE * Math.sin(2 * t), high * Math.pow(Math.sin(t), 2)));
        }
        draft.workings().cord(new Cord(id, on, line));
    }

    /** Straight from one place to another. */
    static void straight(BuildDraft draft, PartId id, SlabId on, Point from, Point to) {
        draft.workings().cord(new Cord(id, on, List.of(from, to)));
    }

    static Part part(BuildDraft draft, PartId id, Length length, MaterialId kind) {
        Thread thread = new Materials(draft).thread(kind, new Source(id.owner(), "thread"));
        Length wide = thread.thickness();
        return Part.of(id, "Thread", thread, Form.of(Form.Sort.THREAD, length, wide), Outline.sheet(length, wide))
                .cutBy(CutMethod.SCISSORS);
    }
}
