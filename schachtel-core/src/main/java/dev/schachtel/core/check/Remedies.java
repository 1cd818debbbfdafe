package dev.schachtel.core.check;

import java.util.Comparator;
import java.util.Optional;
import java.util.function.Predicate;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Levers;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

/** Remedies that more than one check offers. */
final class Remedies {
    private Remedies() {}

    /** Moves a piece by so many millimetres, away from zero to the next step of the card's ruler; what stands in a fold, along that. */
    static Optional<Remedy> move(Build build, Id owner, Point by) {
        return Levers.move(build.spec(), owner, Mm.length(by.x()), Mm.length(by.y()))
                .or(() -> along(build, owner, Mm.length(alongFold(build, by))));
    }

    private static Optional<Remedy> along(Build build, Id owner, Length by) {
        return by.isZero()
                ? Optional.empty()
                : Lever.of(build.spec(), owner, Pull.ALONG).flatMap(l -> l.by(by));
    }

    /** What of a way runs along the fold of the base. */
    private static double alongFold(Build build, Point by) {
        return build.mechanics().unfolding().hinges().stream()
                .filter(h -> !h.follows() && h.on() != Hinge.BOARD)
                .findFirst()
                .map(h -> h.from().x() == h.to().x() ? by.y() : by.x())
                .orElse(0.0);
    }

    /** Holds the panel that owns this slab by foam tape which is so much higher than what holds it now. */
    static Optional<Remedy> higher(Build build, Workshop workshop, SlabId panel, Length by) {
        Id owner = build.level(panel).map(l -> l.slab().part().owner()).orElse(Id.BASE);
        Length now = build.joints().stream()
                .filter(j -> j.upper().equals(panel))
                .map(j -> j.by().thickness())
                .reduce(Length.ZERO, Length::max);
        return workshop.all(Foam.class).stream()
                .filter(f -> f.form() == Foam.Form.TAPE && !f.thickness().isBelow(now.plus(by)))
                .min(Comparator.comparing(Foam::thickness))
                .flatMap(foam -> raiseOn(build, foam, owner));
    }

    /** Holds a piece by the thinnest glue or tape of the stock instead of foam. */
    static Optional<Remedy> flat(Build build, Workshop workshop, Id owner) {
        return workshop.all(Adhesive.class).stream()
                .min(Comparator.comparing(Adhesive::thickness))
                .flatMap(glue -> Lever.of(build.spec(), owner, Pull.FIXING).map(lever -> lever.to(glue)))
                .map(r -> new Remedy(Pull.FLAT, r.to(), r.changes()));
    }

    /** Sticks a piece with the first that will do instead of what sticks it now. */
    static Optional<Remedy> otherwise(Build build, Workshop workshop, Id owner, Predicate<Adhesive> does) {
        Optional<Lever> lever =
                Lever.of(build.spec(), owner, Pull.ADHESIVE).or(() -> Lever.of(build.spec(), owner, Pull.FIXING));
        return lever.flatMap(l -> workshop.all(Adhesive.class).stream()
                .filter(a -> does.test(a) && l.offers(workshop, a.id()))
                .findFirst()
                .map(a -> l.to(a.id())));
    }

    /** Takes this foam to hold a piece, if that piece lets the maker choose what holds it. */
    static Optional<Remedy> raiseOn(Build build, Foam foam, Id owner) {
        return Lever.of(build.spec(), owner, Pull.FIXING).map(lever -> lever.to(foam));
    }
}
