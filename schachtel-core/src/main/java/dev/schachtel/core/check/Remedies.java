package dev.schachtel.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.Positions;
import dev.schachtel.core.edit.Reading;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

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

    /** Moves a piece by so many millimetres, away from zero to the next step of the card's ruler. */
    static Optional<Remedy> shift(Build build, Remedy.Act act, Id owner, Point by) {
        List<Positions.Spot> spots =
                build.spec().piece(owner).map(Positions::of).orElse(List.of());
        if (spots.isEmpty()) {
            return Optional.empty();
        }
        Length step = build.spec().units().fineStep();
        Length dx = outward(by.x(), step);
        Length dy = outward(by.y(), step);
        List<Change> changes = spots.stream()
                .map(s -> new Change(
                        owner,
                        s.component(),
                        s.now().plus(s.upright() ? dy : dx).toString()))
                .toList();
        return Optional.of(new Remedy(act, Amount.of(dx, dy), changes));
    }

    private static Length outward(double mm, Length step) {
        Length exact = Mm.length(Math.abs(mm));
        int steps = exact.holds(step);
        Length up = step.times(step.times(steps).equals(exact) ? steps : steps + 1);
        return mm < 0 ? up.negated() : up;
    }

    /** Sets a length that an input has now to so much more, to the next step of the card's ruler that goes far enough. */
    static Optional<Remedy> grow(Build build, Remedy.Act act, Source source, Length by) {
        return Reading.length(build.spec(), source.piece(), source.component()).map(now -> {
            Length step = build.spec().units().fineStep();
            Length exact = now.plus(by);
            Length to = by.isNegative() ? step.times(exact.holds(step)) : outward(Mm.of(exact), step);
            return set(act, to, source.piece(), source.component());
        });
    }

    /** Holds the panel that owns this slab by foam tape which is so much higher than what holds it now. */
    static Optional<Remedy> higher(Build build, Workshop workshop, SlabId panel, Length by) {
        Id owner = build.level(panel).map(l -> l.slab().part().owner()).orElse(Id.BASE);
        Length now = build.joints().stream()
                .filter(j -> j.upper().equals(panel) && j.by() instanceof Foam)
                .map(j -> j.by().thickness())
                .reduce(Length.ZERO, Length::max);
        return workshop.all(Foam.class).stream()
                .filter(f -> f.form() == Foam.Form.TAPE && !f.thickness().isBelow(now.plus(by)))
                .min(Comparator.comparing(Foam::thickness))
                .flatMap(foam -> raiseOn(build, foam, owner));
    }

    /** Takes this foam to hold a piece, if that piece lets the maker choose what holds it. */
    static Optional<Remedy> raiseOn(Build build, Foam foam, Id owner) {
        return Reading.choosing(build.spec(), owner, Asked.Choice.FIXING)
                .map(component -> new Remedy(
                        Remedy.Act.RAISE_ON_FOAM,
                        new Amount.Thick(foam.thickness()),
                        List.of(new Change(owner, component, foam.id().value()))));
    }
}
