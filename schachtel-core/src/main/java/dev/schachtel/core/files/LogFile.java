package dev.schachtel.core.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.log.Acquaintance.Built;
import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.Json;
import dev.schachtel.core.model.RefusedException;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Builds as JSON: each as it is kept, and a whole log to take away and bring back, each build with its card file if there is one. Described by
 * {@link LogSchema}.
 */
public final class LogFile {
    static final String BUILDS = "builds";
    static final String ENTRY = "entry";
    static final String CARD = "card";
    /** Builds that one file may hold. */
    public static final int MOST = 5_000;

    /** Version 1 said nothing of what was taken of the drawer. */
    private static final Upgrades UPGRADES =
            new Upgrades("build of the log", 1, List.of(build -> build.putArray("stock")));

    private LogFile() {}

    public static int version() {
        return UPGRADES.current();
    }

    /** One build as it is kept. */
    public static String write(LogEntry entry) {
        ObjectNode file = new RecordCodec(Units.MM).write(entry, false);
        file.put(Upgrades.MARK, UPGRADES.current());
        return Json.write(file);
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws RefusedException with path and reason
     */
    public static LogEntry read(String text) {
        return entry(Json.parse(text), "$");
    }

    private static LogEntry entry(JsonNode node, String path) {
        if (node instanceof ObjectNode file) {
            UPGRADES.bring(file);
        }
        return (LogEntry) new RecordCodec(Units.MM).read(node, LogEntry.class, path);
    }

    /** Many builds, with their cards. */
    public static String export(List<Built> builds) {
        ObjectNode file = JsonNodeFactory.instance.objectNode();
        file.put(Upgrades.MARK, UPGRADES.current());
        ArrayNode all = file.putArray(BUILDS);
        for (Built built : builds) {
            ObjectNode one = all.addObject();
            one.set(ENTRY, new RecordCodec(Units.MM).write(built.entry(), false));
            built.card().ifPresent(card -> one.set(CARD, Json.parse(CardFile.write(card))));
        }
        return Json.write(file);
    }

    /**
     * Reads a whole log. Its cards are those of their time: nothing of them needs to be in the workshop any more.
     *
     * @throws RefusedException with path and reason of the first thing that is wrong; nothing is to be taken then
     */
    public static List<Built> readAll(String text) {
        JsonNode file = Json.parse(text);
        int version = file.path(Upgrades.MARK).asInt(0);
        if (version < 1 || version > UPGRADES.current()) {
            throw new RefusedException(
                    "$." + Upgrades.MARK, "must be 1 to " + UPGRADES.current() + ", what a log is read as here");
        }
        if (!(file.path(BUILDS) instanceof ArrayNode builds)) {
            throw new RefusedException("$." + BUILDS, "must be a list in square brackets");
        }
        if (builds.size() > MOST) {
            throw new RefusedException("$." + BUILDS, "has " + builds.size() + " builds; " + MOST + " at most");
        }
        List<Built> all = new ArrayList<>();
        for (JsonNode node : builds) {
            String path = "$." + BUILDS + "[" + all.size() + "]";
            if (node.path(ENTRY) instanceof ObjectNode one) {
                one.put(Upgrades.MARK, version);
            }
            LogEntry entry = entry(node.path(ENTRY), path + "." + ENTRY).fromOutside(path + "." + ENTRY);
            all.add(new Built(
                    entry, node.has(CARD) ? Optional.of(CardFile.read(Json.write(node.get(CARD)))) : Optional.empty()));
        }
        return all;
    }
}
