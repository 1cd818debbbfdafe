package dev.schachtel.core.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.patience.Patience;
import dev.schachtel.core.patience.PatienceLostException;
import dev.schachtel.core.plan.Planner;

import static org.assertj.core.api.Assertions.assertThat;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Card files that mean harm are refused in words, or planned within the time a stranger has; nothing else happens. */
class HostileCardTest {
    private static final int FILES = 400;
    private static final long LIMIT = 2_000_000;
    private static final ObjectMapper JSON = JsonMapper.builder().build();
    private final Random random = new Random(20_650);
    private int planned;
    private int refused;

    @Test
    void theyAreRefusedOrPlanned() throws IOException {
        List<String> demo = TestCards.files();
        for (int i = 0; i < FILES; i++) {
            String file = demo.get(random.nextInt(demo.size()));
            JsonNode card = JSON.readTree(Files.readString(Path.of("..", "demo").resolve(file)));
            for (int n = random.nextInt(3); n >= 0; n--) {
                harm(card);
            }
            meet(file, card.toString());
        }
        assertThat(planned).as("some must get through").isGreaterThan(FILES / 50);
        assertThat(refused).isGreaterThan(FILES / 3);
    }

    private void meet(String file, String text) {
        try {
            CardSpec spec = CardFile.read(text, TestCards.WORKSHOP);
            Patience.within(LIMIT, () -> Planner.withoutRemedies(spec, TestCards.WORKSHOP));
            assertThat(CardFile.read(CardFile.write(spec))).isEqualTo(spec);
            planned++;
        } catch (RefusedException e) {
            assertThat(e.getMessage()).as(file).isNotBlank().hasSizeLessThan(600);
            refused++;
        } catch (PatienceLostException e) {
            refused++;
        } catch (RuntimeException e) {
            throw new AssertionError(file + " " + text.substring(0, Math.min(4_000, text.length())), e);
        }
    }

    /** Something anywhere in the file becomes something else, or stands there many times. */
    private void harm(JsonNode card) {
        List<ObjectNode> holders = new ArrayList<>();
        holders(card, holders);
        ObjectNode holder = holders.get(random.nextInt(holders.size()));
        List<String> names = List.copyOf(holder.propertyNames());
        String name = names.isEmpty() ? "x" : names.get(random.nextInt(names.size()));
        JsonNode now = holder.get(name);
        if (now instanceof ArrayNode list && !list.isEmpty() && random.nextInt(3) > 0) {
            for (int i = random.nextInt(300); i >= 0; i--) {
                JsonNode again = list.get(0).deepCopy();
                if (again instanceof ObjectNode piece && piece.has("id")) {
                    piece.put("id", "again-" + i);
                }
                list.add(again);
            }
            return;
        }
        switch (random.nextInt(9)) {
            case 0 -> holder.putNull(name);
            case 1 -> holder.put(name, -1);
            case 2 -> holder.put(name, Math.pow(10, random.nextInt(300)));
            case 3 -> holder.put(name, "9".repeat(1 + random.nextInt(5_000)) + " mm");
            case 4 -> holder.put(name, "\u0000\u202e<script>{{1}}${x}");
            case 5 -> holder.put(name, "0.000001 mm");
            case 6 -> holder.put(name, "M0 0" + "L1 1L0 9".repeat(random.nextInt(4_000)) + "Z");
            case 7 -> holder.set(name, deep());
            default -> holder.put(name, "base");
        }
    }

    private static void holders(JsonNode at, List<ObjectNode> all) {
        if (at instanceof ObjectNode object) {
            all.add(object);
        }
        at.values().forEach(v -> holders(v, all));
    }

    private static JsonNode deep() {
        JsonNode deep = JsonNodeFactory.instance.numberNode(1);
        for (int i = 0; i < 400; i++) {
            deep = JsonNodeFactory.instance.arrayNode().add(deep);
        }
        return deep;
    }
}
