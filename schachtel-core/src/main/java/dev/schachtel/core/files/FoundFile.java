package dev.schachtel.core.files;

import java.util.List;

import dev.schachtel.core.assembly.FoundOrder;
import dev.schachtel.core.cutting.FoundCuts;
import dev.schachtel.core.model.RefusedException;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What looking longer found for one card in one workshop, as JSON that this program keeps for itself. */
public record FoundFile(FoundCuts cuts, FoundOrder order) {
    public static final FoundFile NONE = new FoundFile(FoundCuts.NONE, FoundOrder.NONE);

    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final Upgrades UPGRADES = new Upgrades("found plan", 1, List.of());

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws RefusedException if it is anything else
     */
    public static FoundFile read(String text) {
        try {
            JsonNode tree = MAPPER.readTree(text);
            if (!(tree instanceof ObjectNode file)) {
                throw new RefusedException("found plan", "must be an object in braces");
            }
            UPGRADES.bring(file);
            return MAPPER.treeToValue(file, FoundFile.class);
        } catch (JacksonException e) {
            throw new RefusedException("found plan", "can't be read: " + e.getOriginalMessage());
        }
    }

    public String write() {
        ObjectNode file = MAPPER.valueToTree(this);
        file.put(Upgrades.MARK, UPGRADES.current());
        return MAPPER.writeValueAsString(file);
    }

    public FoundFile with(FoundCuts other) {
        return new FoundFile(other, order);
    }

    public FoundFile with(FoundOrder other) {
        return new FoundFile(cuts, other);
    }
}
