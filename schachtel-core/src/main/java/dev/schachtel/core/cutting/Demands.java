package dev.schachtel.core.cutting;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Spares;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;

/** What has to be cut for a card and a number of them. */
final class Demands {
    private Demands() {}

    static List<Demand> of(Build build) {
        return build.parts().stream()
                .filter(part -> part.material().isStock() && !part.material().isCounted())
                .map(part -> of(part, build))
                .toList();
    }

    private static Demand of(Part part, Build build) {
        Map<PartId, String> letters = build.letters();
        boolean trimmed = part.method() == CutMethod.TRIMMER
                || straight(part)
                || part.method() == CutMethod.ELECTRONIC
                || part.material().fromRoll();
        Length more = trimmed ? Length.ZERO : CutPlanner.ALLOWANCE.times(2);
        int count = count(part, build);
        Optional<Demand.Dropped> dropped = frameOf(part, build)
                .map(f -> new Demand.Dropped(letters.getOrDefault(f.id(), ""), Math.min(count, count(f, build))));
        return new Demand(
                part,
                letters.getOrDefault(part.id(), ""),
                build.spec().cut(part.id().toString()).flatMap(CutChoice::from),
                part.form().width().plus(more),
                part.form().height().plus(more),
                count,
                dropped);
    }

    private static int count(Part part, Build build) {
        return part.perCard() * build.spec().brief().cards() + Spares.of(build, part);
    }

    /** The part of the same piece and card in whose opening this one fits exactly, both die cut: two nested dies. */
    private static Optional<Part> frameOf(Part part, Build build) {
        return part.method() != CutMethod.DIE
                ? Optional.empty()
                : build.parts().stream()
                        .filter(f -> f.method() == CutMethod.DIE
                                && f.owner().equals(part.owner())
                                && f.material().equals(part.material())
                                && f.outline().holes().stream()
                                        .anyMatch(h -> same(new Outline(h, List.of()), part.outline())))
                        .findFirst();
    }

    private static boolean same(Outline a, Outline b) {
        return Mm.length(a.bounds().width()).equals(Mm.length(b.bounds().width()))
                && Mm.length(a.bounds().height()).equals(Mm.length(b.bounds().height()))
                && Math.abs(a.area().squareMillimetres() - b.area().squareMillimetres()) < 0.01;
    }

    /** Knife cuts in a part that is trimmed to size first need no allowance round it. */
    private static boolean straight(Part part) {
        return part.method() == CutMethod.KNIFE && part.form().sort() == Form.Sort.RECTANGLE;
    }
}
