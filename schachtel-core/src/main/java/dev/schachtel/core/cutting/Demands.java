package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.card.Brief;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.measure.Length;

/** What has to be cut for a card and a number of them. */
final class Demands {
    /** Spares are cut of parts no longer than this. */
    private static final Length SMALL = Length.ofMillimetres(100);

    private Demands() {}

    static List<Demand> of(Build build) {
        Brief brief = build.spec().brief();
        Map<PartId, String> letters = build.letters();
        List<Demand> all = new ArrayList<>();
        for (Part part : build.parts()) {
            boolean trimmed = part.method() == CutMethod.TRIMMER
                    || straight(part)
                    || part.method() == CutMethod.ELECTRONIC
                    || part.material().fromRoll();
            Length more = trimmed ? Length.ZERO : CutPlanner.ALLOWANCE.times(2);
            int spares = part.form().longer().isAbove(SMALL) ? 0 : brief.spares();
            all.add(new Demand(
                    part,
                    letters.getOrDefault(part.id(), ""),
                    build.spec().cut(part.id().toString()).flatMap(CutChoice::from),
                    part.form().width().plus(more),
                    part.form().height().plus(more),
                    part.perCard() * brief.cards() + spares));
        }
        return all;
    }

    /** Knife cuts in a part that is trimmed to size first need no allowance round it. */
    private static boolean straight(Part part) {
        return part.method() == CutMethod.KNIFE && part.form().sort() == Form.Sort.RECTANGLE;
    }
}
