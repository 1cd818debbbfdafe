package dev.schachtel.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.Brief;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.FlatFold;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Mat;
import dev.schachtel.core.card.Opens;
import dev.schachtel.core.card.OwnSizes;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.card.Silhouette;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/** First values of a new piece, from what its record asks and what the card has already. */
final class Starter {
    private static final Set<String> TAKEN = Set.of("base", "front", "inside", "brief", "card");
    private final CardSpec spec;

    Starter(CardSpec spec) {
        this.spec = spec;
    }

    Object start(Class<?> kind, Id id) {
        RecordType recordType = RecordType.of(kind);
        List<Object> values = new ArrayList<>();
        for (RecordType.Component component : recordType.components()) {
            boolean size = component.name().equals("width") || component.name().equals("height");
            boolean overall = Base.class.isAssignableFrom(kind) || Silhouette.class.isAssignableFrom(kind);
            values.add(
                    component.name().equals("id")
                            ? id
                            : size && overall
                                    ? component.name().equals("width")
                                            ? spec.base().width()
                                            : spec.base().height()
                                    : first(component, id.value() + "." + component.name()));
        }
        return recordType.make(values, id.value());
    }

    /**
     * A base of a kind in a format's size; what the kind asks beside its size takes its usual value.
     *
     * @throws RefusedException if there is no such kind
     */
    static Base base(String word, Format format) {
        Class<?> kind = RecordType.kind(Base.class, word)
                .orElseThrow(() -> new RefusedException("base", "there is no base of this kind"));
        MaterialId card = new MaterialId("slate-300");
        FlatFold plain = new FlatFold(format.width(), format.height(), FlatFold.Fold.SIDE, Length.ZERO, card);
        CardSpec empty = CardSpec.of("", format.units(), Brief.PLAIN, plain);
        Base made = (Base) new Starter(empty).start(kind, Id.BASE);
        return made instanceof OwnSizes own
                ? Ranges.within(
                        own.sized(
                                format.width(), format.height(), format.units().step()),
                        word)
                : made;
    }

    /** The kind's own word, with the lowest number behind it that makes it new. */
    Id newId(Class<?> kind) {
        Set<String> used = new HashSet<>(TAKEN);
        spec.base().faces().forEach(f -> used.add(f.value()));
        spec.base().reverses().forEach(f -> used.add(f.value()));
        spec.pieces().map(p -> p.id().value()).forEach(used::add);
        String word = kind == Mat.class && !used.contains("panel") ? "panel" : RecordType.word(kind);
        int n = 1;
        while (used.contains(n == 1 ? word : word + "-" + n)) {
            n++;
        }
        return new Id(n == 1 ? word : word + "-" + n);
    }

    /** The same piece under another id, its references turned to what this card has. */
    Object settle(Object piece, Id id) {
        RecordType recordType = RecordType.of(piece.getClass());
        List<Object> values = new ArrayList<>();
        for (RecordType.Component component : recordType.components()) {
            Object value = recordType.get(piece, component);
            boolean reference = value instanceof Id && !component.name().equals("id");
            boolean under = component.asked().from() == Asked.Choice.SIDE
                    && reference
                    && spec.reverses().contains((Id) value);
            boolean fold = component.asked().from() == Asked.Choice.FOLD
                    && reference
                    && spec.folds().contains((Id) value);
            boolean here = reference
                    && (under
                            || fold
                            || spec.piece((Id) value).isPresent()
                            || spec.grounds().contains((Id) value));
            values.add(
                    component.name().equals("id")
                            ? id
                            : reference && !here ? first(component, id.value() + "." + component.name()) : value);
        }
        return recordType.make(values, id.value());
    }

    Object first(RecordType.Component component, String path) {
        Asked asked = component.asked();
        String usual = spec.units() == Units.INCH && !asked.inches().isEmpty() ? asked.inches() : asked.initial();
        String initial = asked.starts().isEmpty() ? usual : asked.starts();
        if (initial.endsWith("%")) {
            return share(component.name(), Integer.parseInt(initial.replaceAll("\\D", "")));
        }
        if (asked.from() == Asked.Choice.PIECE && spec.piece(new Id(initial)).isPresent()) {
            return new Id(initial);
        }
        if (asked.from() == Asked.Choice.GROUND
                || asked.from() == Asked.Choice.SIDE
                || asked.from() == Asked.Choice.PIECE) {
            return ground(initial);
        }
        if (asked.from() == Asked.Choice.FOLD) {
            return Id.BASE;
        }
        if (asked.from() == Asked.Choice.LAYER) {
            return last(initial, Mat.class).orElseGet(() -> new Id(initial));
        }
        if (asked.from() == Asked.Choice.WINDOW) {
            return last(initial, Opens.class).orElseGet(() -> new Id(initial));
        }
        if (component.isOptional()) {
            return Optional.empty();
        }
        if (component.isList()) {
            return List.of();
        }
        if (component.isFamily()) {
            Class<?> kind = RecordType.kind(component.content(), initial).orElseThrow();
            Object shape = start(kind, Id.BASE);
            return asked.widest() == 0 ? shape : atMost(shape, share("across", asked.widest()));
        }
        return Scalars.read(component, initial, spec.units(), path);
    }

    /** The same shape with all its sizes in proportion, not wider than this; what has no width stays as it is. */
    private Object atMost(Object shape, Length widest) {
        RecordType type = RecordType.of(shape.getClass());
        Length wide = type.components().stream()
                .filter(c -> c.name().equals("width") || c.name().equals("diameter"))
                .map(c -> (Length) type.get(shape, c))
                .findFirst()
                .orElse(Length.ZERO);
        if (!wide.isAbove(widest)) {
            return shape;
        }
        List<Object> values = new ArrayList<>();
        for (RecordType.Component c : type.components()) {
            Object value = type.get(shape, c);
            values.add(value instanceof Length l && l.isPositive() ? part(l, widest, wide) : value);
        }
        return type.make(values, "shape");
    }

    /** Part of a size as widest is part of wide, to the card's step and never nothing. */
    private Length part(Length size, Length widest, Length wide) {
        long exact = Math.round((double) size.nanometres() * widest.nanometres() / wide.nanometres());
        Length step = spec.units().step();
        return Length.max(step, Length.ofNanometres(exact).roundedTo(step));
    }

    private Length share(String name, int percent) {
        Length all = name.equals("across") ? spec.base().width() : spec.base().height();
        Length part = Length.ofNanometres(all.nanometres() / 100 * percent);
        return percent == 50 ? all.half() : part.roundedTo(spec.units().step());
    }

    /** The face wished for if there is one, else the last panel on the front, else the base's first face. */
    private Id ground(String wished) {
        List<Id> faces = spec.base().faces();
        if (!wished.isEmpty() && faces.contains(new Id(wished))) {
            return new Id(wished);
        }
        boolean front = !wished.equals(Id.FRONT.value()) && !wished.equals(Id.INSIDE.value());
        return (front ? last(wished, Mat.class) : Optional.<Id>empty()).orElse(faces.get(0));
    }

    /** The piece of that id if it is of this sort, else the last that is. */
    private Optional<Id> last(String wished, Class<?> type) {
        List<Id> all = spec.pieces().filter(type::isInstance).map(Piece::id).toList();
        return all.stream()
                .filter(id -> id.value().equals(wished))
                .findFirst()
                .or(() -> all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1)));
    }
}
