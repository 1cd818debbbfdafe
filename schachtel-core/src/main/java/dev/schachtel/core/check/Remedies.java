package dev.schachtel.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

/** Remedies that more than one check offers. */
final class Remedies {
    private Remedies() {}

    /** Cut the walls of a chamber as one ring, from foam sheet of the same height if the workshop has some. */
    static Remedy onePiece(Build build, Workshop workshop, Id chamber) {
        List<Change> changes = new ArrayList<>();
        changes.add(new Change(chamber, "make", "one-piece"));
        sheetFor(build, workshop, chamber)
                .ifPresent(sheet ->
                        changes.add(new Change(chamber, "foam", sheet.id().value())));
        return new Remedy(Remedy.Act.MAKE_ONE_PIECE, new Amount.Count(1), changes);
    }

    static Optional<Foam> sheetFor(Build build, Workshop workshop, Id chamber) {
        Optional<Foam> now = build.chambers().stream()
                .filter(c -> c.owner().equals(chamber))
                .flatMap(c -> c.walls().stream())
                .flatMap(w -> build.part(w).stream())
                .map(Part::material)
                .filter(Foam.class::isInstance)
                .map(Foam.class::cast)
                .findFirst();
        return now.flatMap(foam -> workshop.all(Foam.class).stream()
                .filter(f -> f.form() == Foam.Form.SHEET && f.thickness().equals(foam.thickness()))
                .findFirst());
    }

    static Remedy set(Remedy.Act act, Length to, Id piece, String component) {
        return new Remedy(act, Amount.of(to), List.of(new Change(piece, component, to.toString())));
    }

    static Optional<Chamber> chamberOf(Build build, Id owner) {
        return build.chambers().stream().filter(c -> c.owner().equals(owner)).findFirst();
    }
}
