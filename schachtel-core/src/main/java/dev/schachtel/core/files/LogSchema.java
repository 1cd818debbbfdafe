package dev.schachtel.core.files;

import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.model.Json;

import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The JSON Schema of a whole log (draft 2020-12), made from the records; what a card file is, its own schema says. */
public final class LogSchema {
    private LogSchema() {}

    public static String write() {
        CardSchema schema = new CardSchema();
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        root.put("title", "Schachtel log");
        root.put("description", "Builds that were done. Times are whole seconds, days are as 2027-05-31.");
        root.put("type", "object");
        root.put("additionalProperties", false);
        ObjectNode properties = root.putObject("properties");
        properties.putObject(Upgrades.MARK).put("const", LogFile.version());
        ObjectNode builds = properties.putObject(LogFile.BUILDS);
        builds.put("type", "array");
        builds.put("maxItems", LogFile.MOST);
        ObjectNode one = builds.putObject("items");
        one.put("type", "object");
        one.put("additionalProperties", false);
        ObjectNode parts = one.putObject("properties");
        parts.set(LogFile.ENTRY, schema.reference(LogEntry.class));
        parts.putObject(LogFile.CARD)
                .put("type", "object")
                .put("description", "The card as it was built, as /schema/card.json describes it");
        one.putArray("required").add(LogFile.ENTRY);
        root.putArray("required").add(Upgrades.MARK).add(LogFile.BUILDS);
        root.set("$defs", schema.definitions());
        return Json.write(root);
    }
}
