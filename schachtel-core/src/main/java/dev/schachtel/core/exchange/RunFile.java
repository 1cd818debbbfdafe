package dev.schachtel.core.exchange;

import dev.schachtel.core.edit.RefusedException;
import dev.schachtel.core.run.RunPlan;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

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
            return MAPPER.readValue(text, RunPlan.class);
        } catch (JacksonException e) {
            throw new RefusedException("run", "its plan can't be read: " + e.getOriginalMessage());
        }
    }

    public static String write(RunPlan plan) {
        return MAPPER.writeValueAsString(plan);
    }
}
