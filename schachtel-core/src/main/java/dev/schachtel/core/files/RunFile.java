package dev.schachtel.core.files;

import java.util.List;

import dev.schachtel.core.material.Hazard;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.run.RunPlan;
import dev.schachtel.core.work.WorkKind;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A frozen plan as JSON, as this program keeps it for itself; no format for others. */
public final class RunFile {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    /**
     * Version 0 had, in its time, no makers, latest times and hazards; version 1 the kind of a step as a name, version 2
     * one number of spares for all parts, version 3 nothing of what is taken of the drawer, version 4 nothing
     * of set-up.
     */
    private static final Upgrades UPGRADES = new Upgrades(
            "run",
            0,
            List.of(
                    RunFile::completed,
                    RunFile::described,
                    RunFile::spared,
                    plan -> plan.putArray("takes"),
                    RunFile::setUp));

    private RunFile() {}

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws RefusedException if it is anything else
     */
    public static RunPlan read(String text) {
        try {
            JsonNode tree = MAPPER.readTree(text);
            if (!(tree instanceof ObjectNode plan)) {
                throw new RefusedException("run", "its plan must be an object in braces");
            }
            UPGRADES.bring(plan);
            return MAPPER.treeToValue(tree, RunPlan.class);
        } catch (JacksonException e) {
            throw new RefusedException("run", "its plan can't be read any more; begin a new one");
        }
    }

    private static void completed(ObjectNode plan) {
        plan.path("steps").forEach(RunFile::complete);
        if (!plan.has("makers")) {
            plan.put("makers", 1);
        }
    }

    private static void spared(ObjectNode plan) {
        int all = plan.path("spares").asInt(0);
        plan.putObject("spares").put("", all);
    }

    private static void setUp(ObjectNode plan) {
        plan.path("steps").forEach(step -> {
            if (step instanceof ObjectNode old) {
                old.put("setUp", 0);
            }
        });
    }

    /** Steps said what kind they are by a name alone. */
    private static void described(ObjectNode plan) {
        plan.path("steps").forEach(step -> {
            if (step instanceof ObjectNode old && step.path("kind").isString()) {
                String id = Scalars.kebab(step.path("kind").asString());
                WorkKind kind = WorkKind.all().stream()
                        .filter(k -> k.id().equals(id))
                        .findFirst()
                        .orElseThrow(() -> new RefusedException("run", "no kind of step is called '" + id + "'"));
                old.set("kind", MAPPER.valueToTree(kind));
            }
        });
    }

    /** Runs of before knew heat and solvent by their kind of step alone, and no latest times. */
    private static void complete(JsonNode step) {
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
        ObjectNode file = MAPPER.valueToTree(plan);
        file.put(Upgrades.MARK, UPGRADES.current());
        return MAPPER.writeValueAsString(file);
    }
}
