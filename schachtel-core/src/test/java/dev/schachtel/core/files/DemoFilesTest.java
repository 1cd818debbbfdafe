package dev.schachtel.core.files;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;

import dev.schachtel.core.TestCards;

import static org.assertj.core.api.Assertions.assertThat;

/** The published schema, judged by a validator that is not ours. */
class DemoFilesTest {
    private static final Schema SCHEMA = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(CardSchema.write(), InputFormat.JSON);

    static List<String> files() {
        return TestCards.files();
    }

    @ParameterizedTest
    @MethodSource("files")
    void everyDemoFileKeepsToTheSchema(String file) {
        List<Error> errors = SCHEMA.validate(TestCards.demo(file), InputFormat.JSON);
        assertThat(errors).isEmpty();
        assertThat(CardFile.read(CardFile.write(TestCards.whole(file).spec())))
                .isEqualTo(TestCards.whole(file).spec());
    }

    @Test
    void theSchemaRefusesWhatTheReaderRefuses() {
        String text = TestCards.demo("ticket.json");
        assertThat(SCHEMA.validate(text.replace("\"depth\": 60", "\"depth\": 600"), InputFormat.JSON))
                .isNotEmpty();
        assertThat(SCHEMA.validate(text.replace("\"pocket\", \"id\"", "\"purse\", \"id\""), InputFormat.JSON))
                .isNotEmpty();
        assertThat(SCHEMA.validate(text.replace("\"posted\"", "\"sent\""), InputFormat.JSON))
                .isNotEmpty();
    }
}
