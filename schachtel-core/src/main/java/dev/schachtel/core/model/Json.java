package dev.schachtel.core.model;

import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Strict JSON: no duplicate keys, no NaN, nothing after the end, at most 10 MB and 40 levels deep. */
public final class Json {
    public static final int LARGEST = 10 * 1024 * 1024;
    private static final int DEEPEST = 40;
    private static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(DEEPEST)
                            .maxNumberLength(40)
                            .maxStringLength(20_000)
                            .maxNameLength(200)
                            .build())
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .build())
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .build();

    private Json() {}

    /**
     * Reads one document.
     *
     * @throws RefusedException with line and column where the text stops being a document
     */
    public static JsonNode parse(String text) {
        if (text.length() > LARGEST) {
            throw new RefusedException("$", "is larger than 10 MB");
        }
        try {
            JsonNode node = MAPPER.readTree(text);
            if (node == null || node.isMissingNode()) {
                throw new RefusedException("$", "is empty");
            }
            return node;
        } catch (StreamConstraintsException e) {
            throw new RefusedException(place(e), "goes beyond what a card file holds: " + e.getOriginalMessage());
        } catch (JacksonException e) {
            throw new RefusedException(place(e), "is not well-formed: " + e.getOriginalMessage());
        }
    }

    public static String write(JsonNode node) {
        return MAPPER.writeValueAsString(node);
    }

    private static String place(JacksonException e) {
        TokenStreamLocation at = e.getLocation();
        return at == null || at.getLineNr() < 1 ? "$" : "line " + at.getLineNr() + ", column " + at.getColumnNr();
    }
}
