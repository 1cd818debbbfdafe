package dev.schachtel.core.card;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import dev.schachtel.core.measure.Units;

/**
 * One card as the maker says it; the content of a card file. Order within the lists is the order in which pieces were
 * added; what lies on what is said by the pieces themselves.
 */
public record CardSpec(
        @Asked("Name") String name,
        @Asked(value = "Set", initial = " ") String set,
        @Asked(value = "Units", initial = "inch") Units units,
        @Asked("Brief") Brief brief,
        @Asked("Base") Base base,
        @Asked("Layers") List<Layer> layers,
        @Asked("Features") List<Feature> features,
        @Asked("Elements") List<Element> elements,
        @Asked("Cutting") List<CutChoice> cuts,
        @Asked("Order") List<OrderWish> order,
        @Asked("Tone on tone") List<Alike> meant,
        @Asked("Meant so") List<MeantSo> meantSo,
        @Asked("Tucked in") List<Tuck> tucks) {
    public CardSpec {
        layers = List.copyOf(layers);
        features = List.copyOf(features);
        elements = List.copyOf(elements);
        cuts = List.copyOf(cuts);
        order = List.copyOf(order);
        meant = List.copyOf(meant);
        meantSo = List.copyOf(meantSo);
        tucks = List.copyOf(tucks);
    }

    /** A card without wishes about its cutting or the order of its steps. */
    public static CardSpec of(String name, Units units, Brief brief, Base base) {
        return new CardSpec(
                name, "", units, brief, base, List.of(), List.of(), List.of(), List.of(), List.of(), List.of(),
                List.of(), List.of());
    }

    /** The same wishes and brief for other pieces. */
    public CardSpec withPieces(Base other, List<Layer> lays, List<Feature> works, List<Element> shows) {
        return new CardSpec(name, set, units, brief, other, lays, works, shows, cuts, order, meant, meantSo, tucks);
    }

    /** The same pieces, with other wishes about how they are cut, in which order, and what may look alike. */
    public CardSpec withWishes(List<CutChoice> cutting, List<OrderWish> steps, List<Alike> alike) {
        return new CardSpec(
                name, set, units, brief, base, layers, features, elements, cutting, steps, alike, meantSo, tucks);
    }

    /** The same card with other advice silenced. */
    public CardSpec withMeantSo(List<MeantSo> other) {
        return new CardSpec(
                name, set, units, brief, base, layers, features, elements, cuts, order, meant, other, tucks);
    }

    /** The same card with other pieces tucked in. */
    public CardSpec withTucks(List<Tuck> other) {
        return new CardSpec(
                name, set, units, brief, base, layers, features, elements, cuts, order, meant, meantSo, other);
    }

    public CardSpec with(Brief other) {
        return new CardSpec(
                name, set, units, other, base, layers, features, elements, cuts, order, meant, meantSo, tucks);
    }

    /** What is decided about a part; nothing for most. */
    public Optional<CutChoice> cut(String part) {
        return cuts.stream().filter(c -> c.part().equals(part)).findFirst();
    }

    /** Whether two pieces are meant to look alike. */
    public boolean isMeant(Id one, Id other) {
        return meant.contains(new Alike(one, other)) || meant.contains(new Alike(other, one));
    }

    /** Whether one piece goes under the edge of another. */
    public boolean isTucked(Id piece, Id under) {
        return tucks.contains(new Tuck(piece, under));
    }

    public Stream<Piece> pieces() {
        return Stream.of(Stream.of((Piece) base), layers.stream(), features.stream(), elements.stream())
                .flatMap(s -> s);
    }

    public Optional<Piece> piece(Id id) {
        return pieces().filter(p -> p.id().equals(id)).findFirst();
    }

    /** The names of all faces that look to the front: those of the base first. */
    public List<Id> grounds() {
        return Stream.concat(base.faces().stream(), folded().flatMap(f -> f.faces().stream()))
                .toList();
    }

    /** The names of all faces that look away from the front. */
    public List<Id> reverses() {
        return Stream.concat(base.reverses().stream(), folded().flatMap(f -> f.reverses().stream()))
                .toList();
    }

    /** The names of all folds in which something can stand: that of the base first. */
    public List<Id> folds() {
        return Stream.concat(Stream.of(Id.BASE), folded().flatMap(f -> f.folds().stream()))
                .toList();
    }

    private Stream<Folded> folded() {
        return features.stream().filter(Folded.class::isInstance).map(Folded.class::cast);
    }

    /** The piece of this name, or the one that has a face or a fold of this name. */
    public Optional<Piece> offering(Id name) {
        return piece(name).or(() -> features.stream()
                .filter(p -> p instanceof Folded f
                        && (f.faces().contains(name)
                                || f.reverses().contains(name)
                                || f.folds().contains(name)))
                .map(Piece.class::cast)
                .findFirst());
    }

    /** The piece under this id if it is of the type asked for. */
    public <P extends Piece> Optional<P> find(Id id, Class<P> type) {
        return piece(id).filter(type::isInstance).map(type::cast);
    }
}
