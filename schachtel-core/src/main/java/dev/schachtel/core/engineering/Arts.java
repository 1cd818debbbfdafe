package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.shape.Outline;

/** The pictures on the parts of a card. */
final class Arts {
    private final Workshop workshop;
    private final List<Art> all = new ArrayList<>();

    Arts(Workshop workshop) {
        this.workshop = workshop;
    }

    void add(Art art) {
        all.add(art);
    }

    /** The picture on a part of which only some is kept. */
    void add(PartId part, Opening shape, boolean mirrored, Outline kept) {
        of(part, shape, mirrored).map(a -> a.within(kept)).ifPresent(all::add);
    }

    /** The picture on a part whose shape is one of the box; nothing for other shapes. */
    void add(PartId part, Opening shape, boolean mirrored) {
        of(part, shape, mirrored).ifPresent(all::add);
    }

    private Optional<Art> of(PartId part, Opening shape, boolean mirrored) {
        return shape instanceof Opening.Pictured p
                ? workshop.picture(p.picture())
                        .map(found -> new Art(
                                part,
                                found.id(),
                                false,
                                PictureShape.of(found, p.width(), p.height()).tints()))
                        .map(art -> mirrored ? art.turnedRound() : art)
                : Optional.empty();
    }

    /** Changes each. */
    void paint(UnaryOperator<Art> painter) {
        all.replaceAll(painter);
    }

    List<Art> all() {
        return List.copyOf(all);
    }
}
