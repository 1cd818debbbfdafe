package dev.schachtel.core.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.DamMake;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.Reading;

/** Levers that are pulled together. */
public final class Levers {
    private Levers() {}

    /** The dam as one ring, from foam sheet of the same height if the workshop has some. */
    public static Optional<Remedy> onePiece(CardSpec spec, Workshop workshop, Id dam) {
        return Lever.of(spec, dam, Pull.DAM_MAKE).map(make -> {
            Remedy ring = make.to(DamMake.ONE_PIECE);
            List<Change> changes = new ArrayList<>(ring.changes());
            foamSheet(spec, workshop, dam).ifPresent(sheet -> changes.addAll(sheet.changes()));
            return new Remedy(ring.pull(), ring.to(), changes);
        });
    }

    /** Foam sheet as high as the foam that the dam is of now, if the workshop has some. */
    public static Optional<Remedy> foamSheet(CardSpec spec, Workshop workshop, Id dam) {
        return Lever.of(spec, dam, Pull.DAM_FOAM).flatMap(lever -> Reading.material(spec, dam, lever.component())
                .flatMap(now -> workshop.find(now, Foam.class))
                .flatMap(now -> workshop.all(Foam.class).stream()
                        .filter(f ->
                                f.form() == Foam.Form.SHEET && f.thickness().equals(now.thickness()))
                        .findFirst())
                .map(lever::to));
    }

    /** Moves a piece by so many millimetres, away from zero to the next step of the card's ruler. */
    public static Optional<Remedy> move(CardSpec spec, Id piece, Length across, Length up) {
        List<Lever> sideways = Lever.all(spec, piece, Pull.ACROSS);
        List<Lever> upright = Lever.all(spec, piece, Pull.UP);
        if (sideways.isEmpty() && upright.isEmpty()) {
            return Optional.empty();
        }
        List<Change> changes = new ArrayList<>();
        add(sideways, across, changes);
        add(upright, up, changes);
        return changes.isEmpty()
                ? Optional.empty()
                : Optional.of(new Remedy(Pull.ACROSS, Amount.of(across, up), changes));
    }

    private static void add(List<Lever> levers, Length by, List<Change> changes) {
        if (!by.isZero()) {
            levers.forEach(l -> l.by(by).ifPresent(r -> changes.addAll(r.changes())));
        }
    }
}
