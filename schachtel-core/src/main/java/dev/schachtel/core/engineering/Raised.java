package dev.schachtel.core.engineering;

import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.material.Material;

/** Lays a small piece on its ground, glued flat or on foam; which foam goes where is worked out when all pieces lie. */
final class Raised {
    private Raised() {}

    static void lay(BuildDraft draft, PartId id, Ground ground, Material fixing) {
        draft.lay(SlabId.of(id), ground.slab(), fixing);
        draft.prop(id, ground.slab());
    }
}
