package dev.schachtel.core.engineering;

import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Thread;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** Lengths of thread as parts; they take no height of their own in the card. */
final class Threads {
    private Threads() {}

    static void add(BuildDraft draft, PartId id, Length length, MaterialId kind, Placement at) {
        draft.folded(part(draft, id, length, kind).at(at));
    }

    static Part part(BuildDraft draft, PartId id, Length length, MaterialId kind) {
        Thread thread = new Materials(draft).thread(kind, new Source(id.owner(), "thread"));
        Length wide = thread.thickness();
        return Part.of(id, "Thread", thread, Form.of(Form.Sort.THREAD, length, wide), Outline.sheet(length, wide))
                .cutBy(CutMethod.SCISSORS);
    }
}
