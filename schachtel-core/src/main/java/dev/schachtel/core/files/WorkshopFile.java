package dev.schachtel.core.files;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import dev.schachtel.core.material.Filling;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Surfacing;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.Json;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The workshop as JSON, read by the same rules as card files. */
public final class WorkshopFile {
    private static final ObjectNode USUAL = ((ObjectNode) Json.parse(standardText())).retain("techniques", "house");
    /**
     * Version 0 said no version and, in its time, no techniques and only some house rules; version 1 no times and densities, version 2 no
     * pictures, version 3 no pens and inks, version 4 no finish of paper and no table of what goes
     * on it, version 5 no gems, ribbons and masking paper, and nothing that raises a sheet,
     * version 6 nothing of what is left of pens and bottles, version 7 no pieces that were measured, version 8 no adhesive in sheets, version 9 took
     * splattered drops for dust.
     */
    private static final Upgrades UPGRADES = new Upgrades(
            "workshop",
            0,
            List.of(
                    WorkshopFile::completed,
                    WorkshopFile::timed,
                    WorkshopFile::pictured,
                    WorkshopFile::shaded,
                    WorkshopFile::paired,
                    WorkshopFile::finished,
                    WorkshopFile::counted,
                    WorkshopFile::measured,
                    WorkshopFile::sheeted,
                    WorkshopFile::dropped));

    /** Millilitres in a bottle of glue of which nothing else is known. */
    private static final int BOTTLE = 60;

    private static final String PRESS = "150 mm";
    private static final int MOST_ASIDE = 50;
    /** As in $.sheets[3].count. */
    private static final Pattern ENTRY = Pattern.compile("\\$\\.(\\w+)\\[(\\d{1,6})].*");

    private WorkshopFile() {}

    /**
     * Reads a workshop.
     *
     * @throws RefusedException with path and reason
     */
    public static Workshop read(String text) {
        JsonNode file = Json.parse(text);
        if (file instanceof ObjectNode object) {
            UPGRADES.bring(object);
        }
        return (Workshop) new RecordCodec(Units.MM).read(file, Workshop.class, "$");
    }

    /** What could be read, and each entry that could not, with what is wrong with it. */
    public record Sound(Workshop workshop, List<String> aside) {
        public Sound {
            aside = List.copyOf(aside);
        }
    }

    /**
     * Reads a workshop of which single entries of its lists may be wrong, at most {@value #MOST_ASIDE}: one bad entry must not
     * keep a maker from all others.
     *
     * @throws RefusedException as {@link #read} if something else is wrong, or too much
     */
    public static Sound sound(String text) {
        JsonNode file = Json.parse(text);
        List<String> aside = new ArrayList<>();
        while (true) {
            try {
                return new Sound(read(Json.write(file)), aside);
            } catch (RefusedException e) {
                Matcher entry = ENTRY.matcher(e.path());
                boolean single = entry.matches() && file.path(entry.group(1)) instanceof ArrayNode;
                if (!single || aside.size() == MOST_ASIDE) {
                    throw e;
                }
                JsonNode wrong = ((ArrayNode) file.get(entry.group(1))).remove(Integer.parseInt(entry.group(2)));
                aside.add("“" + wrong.path("id").asString("") + "” in " + entry.group(1) + ": " + e.reason());
            }
        }
    }

    /** What files of before had no word for: the technique book, and house rules, all or some. */
    private static void completed(ObjectNode workshop) {
        ObjectNode standard = USUAL.deepCopy();
        if (!workshop.has("house")) {
            workshop.setAll(standard);
        } else if (workshop.get("house") instanceof ObjectNode house) {
            standard.get("house").properties().stream()
                    .filter(rule -> !house.has(rule.getKey()))
                    .forEach(rule -> house.set(rule.getKey(), rule.getValue()));
        }
    }

    /** Times of work, and house rules that came with them. */
    private static void timed(ObjectNode workshop) {
        completed(workshop);
        workshop.putArray("times");
        workshop.path("fillings").forEach(f -> {
            if (f instanceof ObjectNode filling && !filling.has("density")) {
                filling.put("density", density(filling.path("id").asString("")));
            }
        });
    }

    /** The picture box, with the pictures that a new installation starts with. */
    private static void pictured(ObjectNode workshop) {
        RecordCodec codec = new RecordCodec(Units.MM);
        ArrayNode box = workshop.putArray("pictures");
        StandardPictures.all().forEach(p -> box.add(codec.write(p, false)));
    }

    /** Pens, inks and powders, with those that a new installation starts with. */
    private static void shaded(ObjectNode workshop) {
        workshop.set("shades", Json.parse(text("shades.json")));
    }

    /** What each paper is like, and what goes on it. */
    private static void paired(ObjectNode workshop) {
        workshop.set("pairings", Json.parse(text("pairings.json")));
        workshop.path("techniques").forEach(t -> {
            if (t instanceof ObjectNode technique) {
                technique.put("medium", medium(technique));
            }
        });
        workshop.path("materials").forEach(m -> {
            if (m instanceof ObjectNode material
                    && material.path("kind").asString("").equals("cardstock")) {
                boolean pattern = material.path("name").asString("").contains("pattern");
                material.put("finish", pattern ? "patterned" : "smooth");
            }
        });
    }

    /** Gems, ribbons and masking paper, and work that raises a sheet. */
    private static void finished(ObjectNode workshop) {
        added(workshop, Json.parse(text("finish.json")));
        workshop.path("techniques").forEach(t -> {
            if (t instanceof ObjectNode technique) {
                technique.put("raises", raises(technique.path("kind").asString("")));
            }
        });
    }

    /** Entries of lists that have none of their name. */
    private static void added(ObjectNode workshop, JsonNode more) {
        more.properties().forEach(list -> {
            if (workshop.get(list.getKey()) instanceof ArrayNode own) {
                list.getValue().forEach(entry -> {
                    if (!holds(own, entry.path("id"))) {
                        own.add(entry);
                    }
                });
            }
        });
    }

    /** How the maker works with each medium, what is left of pens and bottles, and the stamping press. */
    private static void counted(ObjectNode workshop) {
        if (workshop.get("tools") instanceof ObjectNode tools) {
            tools.put("pressWidth", PRESS).put("pressHeight", PRESS);
        }
        workshop.putArray("media");
        workshop.path("shades").forEach(s -> {
            if (s instanceof ObjectNode shade) {
                shade.put("used", 0);
            }
        });
        workshop.path("materials").forEach(m -> {
            if (m instanceof ObjectNode adhesive
                    && adhesive.path("kind").asString("").equals("adhesive")) {
                int holds = adhesive.path("dryMinutes").asInt(0) > 0 ? BOTTLE : 0;
                adhesive.put("holds", holds);
                adhesive.put("left", 10 * holds);
            }
        });
    }

    /** No piece was measured yet, and the stop of the trimmer is set as asked. */
    private static void measured(ObjectNode workshop) {
        workshop.putArray("measured");
        if (workshop.get("tools") instanceof ObjectNode tools) {
            tools.put("offset", false);
        }
    }

    /** Which adhesives are sheets, and one that is, with its roll. */
    private static void sheeted(ObjectNode workshop) {
        workshop.path("materials").forEach(m -> {
            if (m instanceof ObjectNode adhesive
                    && adhesive.path("kind").asString("").equals("adhesive")) {
                adhesive.put("whole", false);
            }
        });
        added(workshop, Json.parse(text("adhesive-sheet.json")));
    }

    private static void dropped(ObjectNode workshop) {
        workshop.path("techniques").forEach(t -> {
            if (t instanceof ObjectNode technique
                    && technique.path("kind").asString("").equals("splatter")
                    && technique.path("hazard").asString("").equals("dust")) {
                technique.put("hazard", "none");
            }
        });
    }

    private static boolean holds(ArrayNode list, JsonNode id) {
        for (JsonNode entry : list) {
            if (entry.path("id").equals(id)) {
                return true;
            }
        }
        return false;
    }

    private static String raises(String kind) {
        return Units.MM.show(Arrays.stream(Surfacing.values())
                        .filter(s -> Scalars.kebab(s.name()).equals(kind))
                        .findFirst()
                        .map(Surfacing::raises)
                        .orElse(Length.ZERO))
                + " mm";
    }

    /** By what its kind usually takes. */
    private static String medium(JsonNode technique) {
        String kind = technique.path("kind").asString("");
        return technique.path("id").asString("").contains("watercolour")
                ? Scalars.kebab(Medium.WATERCOLOUR.name())
                : Arrays.stream(Surfacing.values())
                        .filter(s -> Scalars.kebab(s.name()).equals(kind))
                        .findFirst()
                        .map(s -> Scalars.kebab(s.medium().name()))
                        .orElse(Scalars.kebab(Medium.DYE_INK.name()));
    }

    /** That of the filling of this name in the usual stock, else that of sand. */
    private static int density(String id) {
        for (JsonNode filling : Json.parse(standardText()).path("fillings")) {
            if (filling.path("id").asString("").equals(id)) {
                return filling.path("density").asInt();
            }
        }
        return Filling.USUAL_DENSITY;
    }

    /** What {@link #read} takes back. */
    public static String write(Workshop workshop) {
        ObjectNode file = JsonNodeFactory.instance.objectNode();
        file.put(Upgrades.MARK, UPGRADES.current());
        file.setAll(new RecordCodec(Units.MM).write(workshop, false));
        return Json.write(file);
    }

    /** The modest stock that a new installation starts with. Thickness and grammage: handbook chapter 2. */
    public static Workshop standard() {
        return read(standardText());
    }

    private static String standardText() {
        return text("workshop.json");
    }

    private static String text(String name) {
        try (InputStream in = WorkshopFile.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException(name + " is missing beside " + WorkshopFile.class);
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
