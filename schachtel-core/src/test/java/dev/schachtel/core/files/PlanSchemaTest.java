package dev.schachtel.core.files;

import java.util.List;
import java.util.Random;
import java.util.TreeSet;

import org.junit.jupiter.api.Test;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;

import dev.schachtel.core.RandomCards;
import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.model.Json;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;

import static org.assertj.core.api.Assertions.assertThat;

import tools.jackson.databind.JsonNode;

class PlanSchemaTest {
    private static final Schema SCHEMA = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(PlanSchema.write(), InputFormat.JSON);

    private static String json(CardSpec spec) {
        Plan plan = Planner.withoutRemedies(spec, TestCards.WORKSHOP);
        return PlanJson.write(
                plan.build(),
                plan.movements(),
                Planner.remedies(spec, TestCards.WORKSHOP),
                plan.cutting(),
                plan.assembly());
    }

    /** Nothing is written that the schema doesn't name, and all that it asks for is there; nothing in it is never met. */
    @Test
    void everyPlanKeepsToItsSchemaAndFillsIt() {
        TreeSet<String> met = new TreeSet<>();
        for (String file : TestCards.files()) {
            String json = json(TestCards.whole(file).spec());
            List<Error> errors = SCHEMA.validate(json, InputFormat.JSON);
            assertThat(errors).as(file).isEmpty();
            collect(Json.parse(json), "", met);
        }
        Random random = new Random(3);
        for (int i = 0; i < 60; i++) {
            assertThat(SCHEMA.validate(json(RandomCards.any(random, 6)), InputFormat.JSON))
                    .isEmpty();
        }
        TreeSet<String> named = new TreeSet<>();
        named(Json.parse(PlanSchema.write()), "", named);
        assertThat(met).containsAll(named);
    }

    private static void collect(JsonNode node, String path, TreeSet<String> all) {
        if (node.isArray()) {
            node.forEach(n -> collect(n, path, all));
        }
        node.properties().forEach(e -> {
            all.add(path + "." + e.getKey());
            collect(e.getValue(), path + "." + e.getKey(), all);
        });
    }

    private static void named(JsonNode schema, String path, TreeSet<String> all) {
        if (schema.has("items")) {
            named(schema.get("items"), path, all);
        }
        if (schema.has("properties")) {
            schema.get("properties").properties().forEach(e -> {
                all.add(path + "." + e.getKey());
                named(e.getValue(), path + "." + e.getKey(), all);
            });
        }
    }
}
