package dev.schachtel.core.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import dev.schachtel.core.RandomCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.model.Json;
import dev.schachtel.core.model.RefusedException;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Whatever card there is comes back as it was, and whatever is put wrong in its file is named by its place. */
class RecordCodecTest {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    @Property(tries = 300)
    void anyCardComesBackAsItWas(@ForAll long seed) {
        CardSpec card = RandomCards.any(new Random(seed), 12);
        String text = CardFile.write(card);
        assertThat(CardFile.read(text)).isEqualTo(card);
        assertThat(CardFile.write(CardFile.read(text))).isEqualTo(text);
    }

    @Property(tries = 300)
    void aWrongValueIsNamedByItsPlace(@ForAll long seed) {
        Random random = new Random(seed);
        JsonNode file = Json.parse(CardFile.write(RandomCards.any(random, 6)));
        List<Field> fields = new ArrayList<>();
        collect(file, "$", fields);
        Field field = fields.get(random.nextInt(fields.size()));
        JsonNode old = field.in.get(field.name);
        field.in.set(field.name, ofAnotherSort(old));
        assertThatThrownBy(() -> CardFile.read(file.toString()))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining(field.path);
        field.in.set(field.name, old);
        field.in.put("no-such-thing", 1);
        assertThatThrownBy(() -> CardFile.read(file.toString()))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("no-such-thing");
    }

    private record Field(ObjectNode in, String name, String path) {}

    private static void collect(JsonNode node, String path, List<Field> fields) {
        if (node instanceof ObjectNode object) {
            object.properties().forEach(entry -> {
                String at = path + "." + entry.getKey();
                fields.add(new Field(object, entry.getKey(), at));
                collect(entry.getValue(), at, fields);
            });
        } else if (node instanceof ArrayNode list) {
            for (int i = 0; i < list.size(); i++) {
                collect(list.get(i), path + "[" + i + "]", fields);
            }
        }
    }

    private static JsonNode ofAnotherSort(JsonNode old) {
        return old.isBoolean() || old.isObject() ? NODES.arrayNode() : NODES.booleanNode(true);
    }
}
