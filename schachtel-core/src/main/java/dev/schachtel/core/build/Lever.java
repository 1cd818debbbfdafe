package dev.schachtel.core.build;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Kind;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.Choices;
import dev.schachtel.core.model.Reading;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.Scalars;

/**
 * A component of a piece that somebody may change, found by what changing it does. Pulling it gives a remedy.
 *
 * @param step lengths are set to whole steps of the card's ruler
 */
public record Lever(CardSpec spec, Pull pull, Id piece, String component, Length step) {
    /** The lever of this sort that a piece has, its own or that of something it is made of. */
    public static Optional<Lever> of(CardSpec spec, Id piece, Pull pull) {
        return Reading.pulled(spec, piece, pull).map(component -> make(spec, pull, piece, component));
    }

    /** All levers of this sort that a piece has, such as the places of everything that it is made of. */
    public static List<Lever> all(CardSpec spec, Id piece, Pull pull) {
        return Reading.allPulled(spec, piece, pull).stream()
                .map(component -> make(spec, pull, piece, component))
                .toList();
    }

    /** What an engineer named as the input that a size hangs on. */
    public static Optional<Lever> at(CardSpec spec, Source source) {
        return Reading.pull(spec, source.piece(), source.component())
                .map(pull -> make(spec, pull, source.piece(), source.component()));
    }

    private static Lever make(CardSpec spec, Pull pull, Id piece, String component) {
        return new Lever(spec, pull, piece, component, spec.units().fineStep());
    }

    /** Adds a piece of the kind that does this; its values are those of any new one. */
    public static Optional<Remedy> adding(Pull pull) {
        return RecordType.kinds(Piece.class).stream()
                .filter(k -> k.getAnnotation(Kind.class).pull() == pull)
                .map(RecordType::word)
                .map(word -> new Remedy(pull, new Amount.Count(1), List.of(new Change(new Id(word), "", word))))
                .findFirst();
    }

    /** The length that it sets now. */
    public Optional<Length> length() {
        return Reading.length(spec, piece, component);
    }

    /** Whether this may be chosen here. */
    public boolean offers(Workshop workshop, MaterialId id) {
        return Reading.choice(spec, piece, component).stream()
                .flatMap(from -> Choices.of(workshop, from).stream())
                .anyMatch(c -> c.id().equals(id));
    }

    /** The number that it sets now. */
    public Optional<Integer> whole() {
        return Reading.whole(spec, piece, component);
    }

    public Remedy to(Length length) {
        return new Remedy(pull, Amount.of(length), List.of(change(length.toString())));
    }

    public Remedy to(int number) {
        return to(number, new Amount.Count(number));
    }

    /** A number that is shown as something else, such as degrees. */
    public Remedy to(int number, Amount shown) {
        return new Remedy(pull, shown, List.of(change(Integer.toString(number))));
    }

    public Remedy to(Enum<?> choice) {
        return new Remedy(pull, new Amount.Count(1), List.of(change(Scalars.kebab(choice.name()))));
    }

    /** Something of the workshop, by its id. */
    public Remedy to(MaterialId id) {
        return new Remedy(pull, new Amount.Count(1), List.of(change(id.value())));
    }

    public Remedy to(Material material) {
        return new Remedy(
                pull,
                new Amount.Thick(material.thickness()),
                List.of(change(material.id().value())));
    }

    /** Longer, or shorter for a negative amount, by this much or a little more: to the next step that goes far enough. */
    public Optional<Remedy> by(Length more) {
        return length().map(now -> to(now.plus(outward(more, step))));
    }

    public Change change(String value) {
        return new Change(piece, component, value);
    }

    /** Away from zero to a whole step. */
    static Length outward(Length exact, Length step) {
        Length size = exact.abs();
        int steps = size.wholeTimes(step);
        Length up = step.times(step.times(steps).equals(size) ? steps : steps + 1);
        return exact.isNegative() ? up.negated() : up;
    }
}
