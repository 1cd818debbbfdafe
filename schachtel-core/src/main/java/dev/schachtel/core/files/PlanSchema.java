package dev.schachtel.core.files;

import java.util.Arrays;
import java.util.List;

import dev.schachtel.core.build.Severity;
import dev.schachtel.core.model.Json;
import dev.schachtel.core.model.Scalars;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The JSON schema (2020-12) of a plan as {@link PlanJson} writes it. */
public final class PlanSchema {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final String LENGTH = "-?[0-9]+([.][0-9]+)?";

    private PlanSchema() {}

    public static String write() {
        ObjectNode root = NODES.objectNode();
        root.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        root.put("title", "Schachtel plan");
        root.put(
                "description",
                "All that follows from a card. Lengths are millimetres as exact decimal texts, times seconds.");
        root.setAll(object(
                name("name", "Name of the card"),
                length("thickness", "Of the closed card at its thickest"),
                list(
                        "flat",
                        "Sheets of the base before folding",
                        object(name("name", ""), length("width", ""), length("height", ""))),
                list("parts", "Everything that is cut", part()),
                list("slabs", "Every thickness of the closed card, measured from the back of the base", slab()),
                list("joints", "What lies on what, and how it is held", joint()),
                list(
                        "bonds",
                        "What freedom is left between slabs that touch: slides, turns, swings, folds, fixed, until-opened",
                        object(name("one", "Id of a slab"), name("other", "Id of a slab"), name("freedom", ""))),
                list("sizes", "Every worked out size with its sum", size()),
                list("motions", "What moves, and how freely; what stands, and how safely", motion()),
                list("findings", "What the checks say", finding()),
                new Field(
                        "cutting",
                        "",
                        object(
                                whole("sheets", "Whole sheets that are taken"),
                                new Field(
                                        "everythingPlaced", "Whether all parts found a sheet", type("boolean"), true)),
                        true),
                list("steps", "In the order of the work", step())));
        return Json.write(root);
    }

    private record Field(String name, String about, ObjectNode schema, boolean required) {
        Field orNot() {
            return new Field(name, about, schema, false);
        }
    }

    private static ObjectNode object(Field... fields) {
        ObjectNode node = type("object").put("additionalProperties", false);
        ObjectNode properties = node.putObject("properties");
        ArrayNode required = node.putArray("required");
        for (Field f : fields) {
            ObjectNode own = f.schema.deepCopy();
            if (!f.about.isEmpty()) {
                own.put("description", f.about);
            }
            properties.set(f.name, own);
            if (f.required) {
                required.add(f.name);
            }
        }
        return node;
    }

    private static ObjectNode type(String word) {
        return NODES.objectNode().put("type", word);
    }

    private static Field name(String name, String about) {
        return new Field(name, about, type("string"), true);
    }

    private static Field length(String name, String about) {
        return new Field(
                name,
                about.isEmpty() ? "millimetres" : about + ", millimetres",
                type("string").put("pattern", "^" + LENGTH + "$"),
                true);
    }

    private static Field whole(String name, String about) {
        return new Field(name, about, type("integer"), true);
    }

    private static Field number(String name, String about) {
        return new Field(name, about, type("number"), true);
    }

    private static Field list(String name, String about, ObjectNode of) {
        ObjectNode node = type("array");
        node.set("items", of);
        return new Field(name, about, node, true);
    }

    private static Field names(String name, String about) {
        return list(name, about, type("string"));
    }

    private static Field word(String name, List<String> words) {
        ObjectNode node = type("string");
        ArrayNode all = node.putArray("enum");
        words.forEach(all::add);
        return new Field(name, "", node, true);
    }

    /** A length, two lengths, or a number in the unit of its kind. */
    private static Field amount(String name) {
        ObjectNode node = NODES.objectNode();
        node.putArray("type").add("string").add("number");
        return new Field(
                name,
                "Millimetres as text (\"9\", \"9 x 4\"), a word, or a number: pieces, degrees, grams, ml, mm², minutes, times",
                node,
                true);
    }

    private static ObjectNode part() {
        return object(
                name("id", "The piece and what it is of it"),
                name("letter", "As it stands in the drawings"),
                name("name", ""),
                name("material", "Id of the workshop's material"),
                name("form", "What it is cut as"),
                length("width", "Of its box"),
                length("height", "Of its box"),
                whole("perCard", "How many a card has"),
                whole("stacked", "How many lie on each other"),
                name("method", "How it is cut"),
                new Field(
                        "stays",
                        "False for what is needed only while the card is made, such as a mask",
                        type("boolean"),
                        true),
                name("outline", "SVG path data in mm, y down; its lower left corner is 0 0"),
                list(
                        "at",
                        "Where on the face it lies",
                        object(
                                length("across", "From the left"),
                                length("up", "From the foot"),
                                number("turned", "degrees"))));
    }

    private static ObjectNode slab() {
        return object(
                name("id", ""),
                name("part", ""),
                length("bottom", ""),
                length("top", ""),
                names("covers", "SVG path data in mm on the face, y down"));
    }

    private static ObjectNode joint() {
        return object(
                name("upper", "Id of a slab"),
                name("lower", "Id of a slab"),
                name("hold", ""),
                name("by", "Id of a material"),
                length("thickness", ""));
    }

    private static ObjectNode size() {
        return object(
                name("piece", ""),
                name("name", ""),
                amount("is"),
                name("formula", "Terms by number; a plain sum has none").orNot(),
                list(
                        "terms",
                        "",
                        object(
                                whole("times", "How often it counts"),
                                name("name", ""),
                                name("from", "Where it comes from"),
                                amount("amount"))));
    }

    private static ObjectNode motion() {
        return object(
                name("piece", ""),
                name("name", ""),
                length("asked", "Room asked for on all sides").orNot(),
                length("smallestGap", "Where it is tightest").orNot(),
                number("lockMargin", "Times the friction at which it jams").orNot(),
                number("tipsBackwards", "degrees").orNot(),
                number("tipsForwards", "degrees").orNot(),
                number("tips", "degrees, whichever way is the least").orNot());
    }

    private static ObjectNode finding() {
        ObjectNode remedy = object(
                name("does", ""),
                amount("to"),
                list("changes", "", object(name("piece", ""), name("component", ""), name("value", "As it is typed"))));
        return object(
                name("rule", ""),
                word(
                        "severity",
                        Arrays.stream(Severity.values())
                                .map(s -> Scalars.kebab(s.name()))
                                .toList()),
                name("piece", ""),
                names("parts", "").orNot(),
                amount("measured"),
                amount("limit"),
                new Field("place", "On the face, millimetres", object(number("across", ""), number("up", "")), false),
                list("remedies", "Tried out: each mends it", remedy));
    }

    private static ObjectNode step() {
        return object(
                whole("number", ""),
                name("operation", ""),
                name("kind", ""),
                whole("firstCard", ""),
                whole("lastCard", ""),
                whole("starts", "Seconds from the beginning"),
                whole("ends", "Seconds from the beginning"),
                whole("rests", "Seconds it then dries or is pressed"),
                names("parts", "").orNot(),
                names("cuts", "").orNot(),
                new Field(
                        "fixes",
                        "",
                        object(
                                names("parts", ""),
                                name("onto", ""),
                                name("side", ""),
                                name("by", "").orNot()),
                        false),
                list("waitsFor", "Numbers of steps", type("integer")).orNot(),
                names("rules", "Why it stands where it does"));
    }
}
