package dev.schachtel.core.files;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.model.Json;
import dev.schachtel.core.model.RefusedException;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import tools.jackson.databind.JsonNode;

class CardFileTest {
    private static final String DEMO = TestCards.demo("upper-station.json");

    private static CardSpec read(String text) {
        return CardFile.read(text, TestCards.WORKSHOP);
    }

    @Test
    void whatIsWrittenReadsBackInBothUnits() {
        for (TestCards card : new TestCards[] {TestCards.upperStation(), TestCards.inMillimetres()}) {
            assertThat(read(CardFile.write(card.spec()))).isEqualTo(card.spec());
        }
        assertThat(CardFile.write(TestCards.upperStation().spec()))
                .contains("\"2 3/8 in\"")
                .contains("\"schachtel\" : 1");
    }

    @ParameterizedTest(name = "{2}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "\"schachtel\": 1 | \"schachtel\": 2 | $.schachtel | must be 1",
                "\"schachtel\": 1, | `` | $.schachtel | must be 1",
                "\"overlap\": | \"overlapp\": | $.features[1].overlapp | is unknown here; known are",
                "\"3 1/2 in\" | \"3 1/\" | $.base.width | '3 1/' ends after the stroke",
                "\"3 1/2 in\" | \"4 m\" | $.base.width | too large",
                "\"3 1/2 in\" | \"0.01 mm\" | $.base.width | too small",
                "\"3 1/2 in\" | 3.5 | $.base.width | must be a text in quotes",
                "\"strips\": 12 | \"strips\": 1e3 | $.features[1].strips | must be a whole number",
                "\"strips\": 12 | \"strips\": 61 | $.features[1].strips | '61' must be 3 to 60",
                "\"strips\": 12 | \"strips\": NaN | line | is not well-formed",
                "\"strips\": 12 | \"strips\": 12, \"strips\": 13 | line | is not well-formed",
                "\"kind\": \"circle\" | \"kind\": \"blob\" | $.features[0].shape.kind | 'blob' is unknown; known are circle",
                "\"window\": \"window\" | \"window\": \"door\" | $.features[1].window | the card has no 'door'",
                "\"id\": \"liner\" | \"id\": \"panel\" | $.layers[1].id | 'panel' is taken already",
                "\"id\": \"liner\" | \"id\": \"Liner!\" | $.layers[1].id | is no id",
                "\"cream-300\", \"fixing\" | \"gold\", \"fixing\" | $.layers[0].card | 'gold' is not in the workshop",
                "\"foam\": \"foam-tape-2\" | \"foam\": \"cream-300\" | $.features[1].foam | 'cream-300' is not in the workshop",
                "\"across\": \"1 3/4 in\" | \"across\": null | $.features[0].across | is missing",
                "\"cards\": 12 | \"cards\": 100000000000000000000 | $.brief.cards | is no whole number",
                "\"posted\": true | \"posted\": \"yes\" | $.brief.posted | must be true or false",
                "\"Upper Station\" | \"Upper\\u0007Station\" | $.name | can't be printed",
                "\"layers\": [ | \"layers2\": [ | $.layers2 | is unknown here"
            })
    void refusesWithPathAndReason(String old, String replaced, String path, String reason) {
        String broken = DEMO.replace(old, replaced == null ? "" : replaced);
        assertThat(broken).isNotEqualTo(DEMO);
        assertThatThrownBy(() -> read(broken)).isInstanceOfSatisfying(RefusedException.class, e -> {
            assertThat(e.path()).startsWith(path);
            assertThat(e.reason()).contains(reason);
        });
    }

    @Test
    void boundsDepthLengthAndSize() {
        assertRefused("[".repeat(5000), "goes beyond what a card file holds");
        assertRefused("{\"schachtel\": " + "9".repeat(5000) + "}", "goes beyond what a card file holds");
        assertRefused("\"" + "x".repeat(100_000) + "\"", "goes beyond what a card file holds");
        assertRefused(" ".repeat(Json.LARGEST + 1), "is larger than 10 MB");
        assertRefused("", "is empty");
        assertRefused("[]", "must be an object");
        assertRefused(DEMO + "{}", "is not well-formed");
        String many = "{\"kind\":\"liner\",\"id\":\"x\"},".repeat(1001);
        assertRefused(DEMO.replace("\"layers\": [", "\"layers\": [" + many), "entries; 1000 at most");
    }

    private static void assertRefused(String text, String reason) {
        assertThatThrownBy(() -> read(text)).isInstanceOfSatisfying(RefusedException.class, e -> assertThat(e.reason())
                .contains(reason));
    }

    @Test
    void leftOutValuesTakeTheirDefaults() {
        CardSpec spec = read(
                """
                {"schachtel": 1, "name": "Small", "units": "mm", "brief": {},
                 "base": {"kind": "flat-fold", "width": "105", "height": "148.5"}}""");
        assertThat(spec.layers()).isEmpty();
        assertThat(spec.brief().cards()).isEqualTo(1);
        assertThat(spec.base().toString()).contains("SIDE").contains("105 mm");
    }

    /** The schema is made from the same records; it names every kind and refuses the unknown. */
    @Test
    void schemaCoversTheDemoCard() {
        var schema = Json.parse(CardSchema.write());
        assertThat(schema.get("additionalProperties").booleanValue()).isFalse();
        var defs = schema.get("$defs");
        for (String family : new String[] {"Base", "Layer", "Feature", "Element", "Opening"}) {
            for (var kind : defs.get(family).get("oneOf")) {
                assertThat(kind.get("additionalProperties").booleanValue()).isFalse();
                assertThat(kind.get("properties").get("kind").get("const").stringValue())
                        .isNotBlank();
            }
        }
        var demo = Json.parse(DEMO);
        demo.properties().forEach(field -> assertThat(schema.get("properties").has(field.getKey()))
                .isTrue());
        for (var piece : demo.get("features")) {
            String word = piece.get("kind").stringValue();
            JsonNode known = null;
            for (var kind : defs.get("Feature").get("oneOf")) {
                if (kind.get("properties")
                        .get("kind")
                        .get("const")
                        .stringValue()
                        .equals(word)) {
                    known = kind.get("properties");
                }
            }
            JsonNode properties = known;
            assertThat(properties).as(word).isNotNull();
            piece.properties().forEach(field -> assertThat(properties.has(field.getKey()))
                    .as(field.getKey())
                    .isTrue());
        }
    }
}
