package dev.schachtel.core.edit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.card.Alike;
import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.Brief;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Feature;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Layer;
import dev.schachtel.core.card.MeantSo;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.card.OrderWish;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.card.Tuck;
import dev.schachtel.core.material.Die;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.shape.Outline;

/**
 * Changes to a card, each answering a new card. Pieces are named by id; the brief and the card's own fields by the ids
 * "brief" and "card".
 */
public final class CardEdit {
    private static final Id BRIEF = new Id("brief");
    private static final Id CARD = new Id("card");
    private final CardSpec spec;

    private CardEdit(CardSpec spec) {
        this.spec = spec;
    }

    public static CardEdit of(CardSpec spec) {
        return new CardEdit(spec);
    }

    /**
     * Sets one component from text, as in {@code set(window, "shape.diameter", "2 1/2")}. Setting a family of shapes to
     * another kind keeps what the kinds have in common.
     *
     * @throws RefusedException if there is no such piece or component, or the text can't be taken
     */
    public CardSpec set(Id piece, String component, String text) {
        List<String> path = Arrays.asList(component.split("\\."));
        String where = piece + "." + component;
        if (piece.equals(CARD)) {
            return (CardSpec) set(spec, path, text, where);
        }
        if (piece.equals(BRIEF)) {
            return spec.with((Brief) set(spec.brief(), path, text, where));
        }
        Piece old = spec.piece(piece)
                .orElseThrow(() -> new RefusedException(where, "the card has no piece '" + piece + "'"));
        return replace(old, Optional.of((Piece) set(old, path, text, where)));
    }

    /**
     * Gives a shape the maker's own outline and its size.
     *
     * @param path closed SVG path data, one unit a millimetre
     * @throws RefusedException if the component takes no outline, or one of this size can't be made
     */
    public CardSpec outlined(Id piece, String component, String path, Outline.Size size) {
        CardSpec own = set(piece, component, "own");
        CardSpec drawn = of(own).set(piece, component + ".path", path);
        CardSpec wide = of(drawn).set(piece, component + ".width", size.width() + "");
        return of(wide).set(piece, component + ".height", size.height() + "");
    }

    /**
     * Gives a shape what a die of the register cuts.
     *
     * @throws RefusedException if the component is no shape, or the die's size can't be made there
     */
    public CardSpec shapedBy(Id piece, String component, Die die) {
        String word =
                switch (die.shape()) {
                    case ROUND -> "circle";
                    case ROUNDED -> "rounded-rectangle";
                    default -> Scalars.kebab(die.shape().name());
                };
        CardSpec shaped = set(piece, component, word);
        if (die.shape() == Die.Shape.ROUND) {
            return of(shaped).set(piece, component + ".diameter", die.width().toString());
        }
        CardSpec wide = of(shaped).set(piece, component + ".width", die.width().toString());
        return of(wide).set(piece, component + ".height", die.height().toString());
    }

    /** A piece in the shape of a picture from the box, in this size. */
    public CardSpec pictured(Id piece, String component, Opening.Pictured picture) {
        Piece old = spec.piece(piece).orElseThrow(() -> new RefusedException(piece.value(), "there is no such piece"));
        RecordType type = RecordType.of(old.getClass());
        RecordType.Component shape = type.component(component)
                .filter(RecordType.Component::isFamily)
                .orElseThrow(() -> new RefusedException(component, "has no shape"));
        return replace(old, Optional.of((Piece) type.with(old, shape, picture, component)));
    }

    /**
     * Adds a piece of a kind ("window", "shaker", ...) with first values that suit the card.
     *
     * @throws RefusedException if there is no such kind
     */
    public CardSpec add(String word) {
        return add(word, new Starter(spec).newId(kind(word)));
    }

    private CardSpec add(String word, Id id) {
        Piece piece = (Piece) new Starter(spec).start(kind(word), id);
        return withLists(Optional.empty(), Optional.of(piece));
    }

    /**
     * A base of a kind ("gate", "easel", ...) in a format's size, to start a card with.
     *
     * @throws RefusedException if there is no such kind
     */
    public static Base base(String word, Format format) {
        return Starter.base(word, format);
    }

    /**
     * Puts a piece of another card on this one, under an id of its own; what it lay on or belonged to is looked for here
     * as for a new piece.
     */
    public CardSpec paste(Piece piece) {
        Starter starter = new Starter(spec);
        Id id = starter.newId(piece.getClass());
        return withLists(Optional.empty(), Optional.of((Piece) starter.settle(piece, id)));
    }

    /** The id that {@link #add(String)} would give. */
    public Id nextId(String word) {
        return new Starter(spec).newId(kind(word));
    }

    private static Class<?> kind(String word) {
        return RecordType.kind(Piece.class, word)
                .filter(k -> !Base.class.isAssignableFrom(k))
                .orElseThrow(() -> new RefusedException(word, "there is no piece of this kind"));
    }

    /**
     * Takes a piece away; what lay on it or belonged to it stays and is found by the checks.
     *
     * @throws RefusedException if there is no such piece, or it is the base
     */
    public CardSpec remove(Id id) {
        Piece old = spec.piece(id)
                .filter(p -> !(p instanceof Base))
                .orElseThrow(() -> new RefusedException(id.value(), "there is nothing of this name to remove"));
        return CardEdit.of(replace(old, Optional.empty())).untucked(id);
    }

    private CardSpec untucked(Id gone) {
        return spec.withTucks(spec.tucks().stream()
                .filter(t -> !t.piece().equals(gone) && !t.under().equals(gone))
                .toList());
    }

    private Object set(Object record, List<String> path, String text, String where) {
        RecordType recordType = RecordType.of(record.getClass());
        RecordType.Component component = recordType
                .component(path.get(0))
                .filter(b -> !b.name().equals("id"))
                .orElseThrow(() -> new RefusedException(where, "there is no '" + path.get(0) + "' here"));
        Object old = recordType.get(record, component);
        Object value;
        if (path.size() > 1) {
            if (Scalars.isScalar(component.content()) || component.isList()) {
                throw new RefusedException(where, "'" + component.name() + "' has no parts");
            }
            value = set(old, path.subList(1, path.size()), text, where);
        } else if (component.isFamily()) {
            value = turn(old, component, text, where);
        } else if (component.isOptional() && text.isBlank()) {
            value = Optional.empty();
        } else if (Scalars.isScalar(component.content())) {
            value = Scalars.read(component, text, spec.units(), where);
        } else {
            throw new RefusedException(where, "'" + component.name() + "' is not a single value");
        }
        return proportioned(record, recordType.with(record, component, value, where));
    }

    private static Object proportioned(Object before, Object after) {
        return after instanceof Opening.Pictured now && before instanceof Opening.Pictured old
                ? now.inProportion(old)
                : after;
    }

    /** The same thing as another kind of its family: values that both answer for are kept, others start afresh. */
    private Object turn(Object old, RecordType.Component family, String word, String where) {
        Class<?> kind = RecordType.kind(family.content(), word)
                .orElseThrow(() -> new RefusedException(where, "'" + word + "' is no kind of " + family.name()));
        RecordType recordType = RecordType.of(kind);
        List<Object> values = new ArrayList<>();
        for (RecordType.Component component : recordType.components()) {
            values.add(common(old, component)
                    .flatMap(v -> allowed(component, v, where))
                    .orElseGet(() -> component.content() == Id.class
                            ? new Starter(spec).first(component, where)
                            : Scalars.read(component, component.asked().initial(), spec.units(), where)));
        }
        return recordType.make(values, where);
    }

    /** A value taken over from another kind, if this one allows it too. */
    private Optional<Object> allowed(RecordType.Component component, Object value, String where) {
        if (!Scalars.isScalar(component.content())) {
            return Optional.of(value);
        }
        try {
            return Optional.of(Scalars.read(component, Scalars.write(value, spec.units()), spec.units(), where));
        } catch (RefusedException e) {
            return Optional.empty();
        }
    }

    private static Optional<Object> common(Object old, RecordType.Component component) {
        try {
            return Optional.ofNullable(
                    old.getClass().getMethod(component.name()).invoke(old));
        } catch (ReflectiveOperationException e) {
            return Optional.empty();
        }
    }

    /**
     * With a piece in place of the one of the same id.
     *
     * @throws RefusedException if the card has none of it
     */
    public CardSpec with(Piece other) {
        Piece old = spec.piece(other.id())
                .orElseThrow(() -> new RefusedException(other.id().value(), "there is no such piece"));
        return replace(old, Optional.of(other));
    }

    private CardSpec replace(Piece old, Optional<Piece> by) {
        if (old instanceof Base) {
            return spec.withPieces((Base) by.orElseThrow(), spec.layers(), spec.features(), spec.elements());
        }
        return withLists(Optional.of(old), by);
    }

    private CardSpec withLists(Optional<Piece> old, Optional<Piece> by) {
        return spec.withPieces(
                spec.base(),
                swap(spec.layers(), Layer.class, old, by),
                swap(spec.features(), Feature.class, old, by),
                swap(spec.elements(), Element.class, old, by));
    }

    private static <P extends Piece> List<P> swap(
            List<P> pieces, Class<P> type, Optional<Piece> old, Optional<Piece> by) {
        List<P> all = new ArrayList<>(pieces);
        int at = old.map(all::indexOf).orElse(-1);
        boolean ours = by.filter(type::isInstance).isPresent();
        if (at >= 0 && ours) {
            all.set(at, type.cast(by.orElseThrow()));
        } else if (at >= 0) {
            all.remove(at);
        } else if (old.isEmpty() && ours) {
            all.add(type.cast(by.orElseThrow()));
        }
        return all;
    }

    /**
     * Decides how a part is cut and from which sheet; without any of it, nothing is decided about it any more.
     *
     * @throws RefusedException if the part is named in more than 60 letters
     */
    public CardSpec cut(CutChoice choice) {
        if (choice.part().isBlank() || choice.part().length() > 60) {
            throw new RefusedException("part", "must be named in 1 to 60 letters");
        }
        List<CutChoice> cuts = new ArrayList<>(spec.cuts());
        cuts.removeIf(c -> c.part().equals(choice.part()));
        if (choice.isSomething()) {
            cuts.add(choice);
        }
        return spec.withWishes(cuts, spec.order(), spec.meant());
    }

    /**
     * Wants one step before another; a wish that says the opposite is dropped.
     *
     * @throws RefusedException if a step is to come before itself, or is named in more than 120 letters
     */
    public CardSpec wish(OrderWish wish) {
        if (wish.first().equals(wish.then())
                || wish.first().length() > 120
                || wish.then().length() > 120) {
            throw new RefusedException("order", "must name two steps, in at most 120 letters each");
        }
        List<OrderWish> order = new ArrayList<>(spec.order());
        order.removeIf(w -> w.equals(wish) || w.equals(new OrderWish(wish.then(), wish.first())));
        order.add(wish);
        return ordered(order);
    }

    /** Silences a piece of advice about a scene, or lets it be heard again. */
    public CardSpec meantSo(String fact) {
        List<MeantSo> all = new ArrayList<>(spec.meantSo());
        MeantSo one = new MeantSo(fact);
        if (!all.remove(one)) {
            all.add(one);
        }
        return spec.withMeantSo(all);
    }

    /**
     * Puts a piece under the edge of another, or takes it out again; what was the other way about is so no more.
     *
     * @throws RefusedException if there is no such piece, or they are one
     */
    public CardSpec tucked(Id piece, Id under) {
        for (Id id : List.of(piece, under)) {
            spec.piece(id).orElseThrow(() -> new RefusedException(id.value(), "there is no such piece"));
        }
        if (piece.equals(under)) {
            throw new RefusedException(piece.value(), "can't go under itself");
        }
        List<Tuck> all = new ArrayList<>(spec.tucks());
        if (!all.remove(new Tuck(piece, under))) {
            all.remove(new Tuck(under, piece));
            all.add(new Tuck(piece, under));
        }
        return spec.withTucks(all);
    }

    /**
     * Says that two pieces beside each other are meant to look alike.
     *
     * @throws RefusedException if it was said already
     */
    public CardSpec meant(Id piece, Id beside) {
        if (spec.isMeant(piece, beside)) {
            throw new RefusedException(piece.value(), "this is said already");
        }
        List<Alike> meant = new ArrayList<>(spec.meant());
        meant.add(new Alike(piece, beside));
        return spec.withWishes(spec.cuts(), spec.order(), meant);
    }

    /** Without wishes about a step. */
    public CardSpec unwish(String step) {
        return ordered(spec.order().stream()
                .filter(w -> !w.first().equals(step) && !w.then().equals(step))
                .toList());
    }

    private CardSpec ordered(List<OrderWish> order) {
        return spec.withWishes(spec.cuts(), order, spec.meant());
    }

    /** The card in other units; no length changes. */
    public CardSpec in(Units units) {
        return set(CARD, "units", Scalars.kebab(units.name()));
    }
}
