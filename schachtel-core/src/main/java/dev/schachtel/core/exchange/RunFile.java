package dev.schachtel.core.exchange;

import dev.schachtel.core.edit.RefusedException;
import dev.schachtel.core.material.Hazard;
import dev.schachtel.core.run.RunPlan;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A frozen plan as JSON, as this program keeps it for itself; no format for others. */
public final class RunFile {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private RunFile() {}

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws RefusedException if it is anything else
     */
    public static RunPlan read(String text) {
        try {
            JsonNode tree = MAPPER.readTree(text);
            tree.path("steps").forEach(RunFile::completed);
            if (tree instanceof ObjectNode old && !old.has("makers")) {
                old.put("makers", 1);
            }
            return MAPPER.treeToValue(tree, RunPlan.class);
        } catch (JacksonException e) {
            throw new RefusedException("run", "its plan can't be read: " + e.getOriginalMessage());
        }
    }

    /** Runs of before knew heat and solvent by their kind of step alone, and no latest times. */
    private static void completed(JsonNode step) {
        if (step instanceof ObjectNode old && !old.has("aside")) {
            old.putArray("aside");
        }
        step.path("waits").forEach(wait -> {
            if (wait instanceof ObjectNode old && !old.has("within")) {
                old.put("within", 0);
            }
        });
        if (step instanceof ObjectNode old && !old.has("hazard")) {
            String kind = old.path("kind").asString("");
            Hazard hazard = kind.equals("HEAT") ? Hazard.HEAT : kind.equals("WASH") ? Hazard.SOLVENT : Hazard.NONE;
            old.put("hazard", hazard.name());
        }
    }

    public static String write(RunPlan plan) {
        return MAPPER.writeValueAsString(plan);
    }
}
