package dev.schachtel.core.files;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;

import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.Brief;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Opens;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.Choices;
import dev.schachtel.core.model.Json;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * The card file: one JSON object, {@code "schachtel": 1} and the fields of {@link CardSpec}. What {@link #write} gives,
 * {@link #read} takes back as an equal card.
 */
public final class CardFile {
    private static final Upgrades UPGRADES = new Upgrades("card file", 1, List.of());

    public static final int VERSION = UPGRADES.current();
    static final String MARK = Upgrades.MARK;
    private static final String BRIEF = "brief";

    private CardFile() {}

    /**
     * Reads a card whose references and materials are all known.
     *
     * @throws RefusedException with path and reason, if anything in it can't be taken
     */
    public static CardSpec read(String text, Workshop workshop) {
        CardSpec spec = read(text);
        new References(spec, workshop).check();
        return spec;
    }

    /**
     * Reads a card as it may have been kept: what it refers to may be gone from it and from the workshop, which its findings
     * tell.
     *
     * @throws RefusedException with path and reason, if anything else in it can't be taken
     */
    public static CardSpec readIncomplete(String text) {
        CardSpec spec = read(text);
        References.unique(spec);
        return spec;
    }

    /** Reads a card that this program wrote itself; materials may have left the workshop since. */
    public static CardSpec read(String text) {
        ObjectNode object = object(text);
        return (CardSpec) codec(object).read(object, CardSpec.class, "$");
    }

    /**
     * A card that this program wrote itself with other texts; the same text if none is another.
     *
     * @param brief from what the card is meant to be to what it is instead; done before the texts
     * @param change from a text, and the most letters that may stand there, to what stands there instead
     */
    public static String withTexts(
            String card, UnaryOperator<Brief> brief, BiFunction<String, Integer, String> change) {
        ObjectNode object = object(card);
        boolean other = false;
        if (object.has(BRIEF)) {
            RecordCodec codec = codec(object);
            Brief before = (Brief) codec.read(object.get(BRIEF), Brief.class, "$." + BRIEF);
            Brief now = brief.apply(before);
            if (!now.equals(before)) {
                object.set(BRIEF, codec.write(now, false));
                other = true;
            }
        }
        other |= DocumentTexts.change(object, CardSpec.class, change);
        return other ? Json.write(marked(object)) : card;
    }

    private static RecordCodec codec(ObjectNode card) {
        JsonNode units = card.get("units");
        boolean mm = units != null && units.isString() && units.stringValue().equals("mm");
        return new RecordCodec(mm ? Units.MM : Units.INCH);
    }

    private static ObjectNode marked(ObjectNode card) {
        ObjectNode file = JsonNodeFactory.instance.objectNode();
        file.put(MARK, VERSION);
        file.setAll(card);
        return file;
    }

    private static ObjectNode object(String text) {
        JsonNode node = Json.parse(text);
        if (!(node instanceof ObjectNode object)) {
            throw new RefusedException("$", "must be an object in braces");
        }
        if (!object.has(MARK)) {
            throw new RefusedException("$." + MARK, "must be " + VERSION + ", the version of card files read here");
        }
        UPGRADES.bring(object);
        return object;
    }

    public static String write(CardSpec spec) {
        return Json.write(marked(new RecordCodec(spec.units()).write(spec, false)));
    }

    /** Ids are given once, and whatever is named exists. */
    private record References(CardSpec spec, Workshop workshop) {
        /** Ids are given once. */
        static void unique(CardSpec spec) {
            Set<Id> seen = new HashSet<>(Set.of(Id.FRONT, Id.INSIDE));
            seen.add(Id.BASE);
            seen.addAll(spec.grounds());
            seen.addAll(spec.reverses());
            seen.addAll(spec.folds());
            each(spec, (at, piece) -> {
                if (!seen.add(piece.id())) {
                    throw new RefusedException(at + ".id", "'" + piece.id() + "' is taken already");
                }
            });
        }

        void check() {
            check("$.base", spec.base());
            unique(spec);
            each(spec, this::check);
            check("$.brief", spec.brief());
        }

        private static void each(CardSpec spec, BiConsumer<String, Piece> look) {
            each("$.layers", spec.layers(), look);
            each("$.features", spec.features(), look);
            each("$.elements", spec.elements(), look);
        }

        private static void each(String path, List<? extends Piece> pieces, BiConsumer<String, Piece> look) {
            for (int i = 0; i < pieces.size(); i++) {
                look.accept(path + "[" + i + "]", pieces.get(i));
            }
        }

        private void check(String path, Object record) {
            RecordType recordType = RecordType.of(record.getClass());
            for (RecordType.Component component : recordType.components()) {
                Object value = recordType.get(record, component);
                if (value instanceof MaterialId id
                        && !known(id, component.asked().from())) {
                    throw new RefusedException(path + "." + component.name(), "'" + id + "' is not in the workshop");
                }
                if (component.isFamily() && value != null) {
                    check(path + "." + component.name(), value);
                }
                if (value instanceof Id id
                        && !component.name().equals("id")
                        && !there(id, component.asked().from())) {
                    throw new RefusedException(
                            path + "." + component.name(), "the card has no '" + id + "' to refer to");
                }
            }
        }

        private boolean known(MaterialId id, Asked.Choice choice) {
            return Choices.of(workshop, choice).stream().anyMatch(c -> c.id().equals(id));
        }

        private boolean there(Id id, Asked.Choice choice) {
            if (choice == Asked.Choice.FOLD) {
                return spec.folds().contains(id);
            }
            return choice == Asked.Choice.WINDOW
                    ? spec.piece(id).filter(Opens.class::isInstance).isPresent()
                    : spec.grounds().contains(id)
                            || choice == Asked.Choice.SIDE && spec.reverses().contains(id)
                            || id.equals(Id.FRONT)
                            || spec.piece(id).filter(p -> !(p instanceof Base)).isPresent();
        }
    }
}
