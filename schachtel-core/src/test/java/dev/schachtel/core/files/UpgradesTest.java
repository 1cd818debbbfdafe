package dev.schachtel.core.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.model.Json;
import dev.schachtel.core.model.RefusedException;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Forms that earlier versions wrote are read as what they meant; later ones are refused. */
class UpgradesTest {
    private static String released(String file) throws IOException {
        return Files.readString(Path.of("src/test/resources/released", file));
    }

    @Test
    void cardsOfTheFirstVersionAreRead() throws IOException {
        assertThat(CardFile.read(released("card-1.json"), TestCards.WORKSHOP))
                .isEqualTo(TestCards.of("upper-station.json")
                        .set("sentiment", "letters", "plain")
                        .set("sentiment", "inks", "one")
                        .spec());
    }

    @Test
    void workshopsOfEveryVersionAreRead() throws IOException {
        String one = released("workshop-1.json");
        Workshop read = WorkshopFile.read(one);
        assertThat(read).isEqualTo(TestCards.WORKSHOP);
        ObjectNode zero = (ObjectNode) Json.parse(one);
        zero.remove(List.of("house", "techniques"));
        assertThat(WorkshopFile.read(zero.toString())).isEqualTo(TestCards.WORKSHOP);
        ObjectNode someRules = (ObjectNode) Json.parse(one);
        someRules.putObject("house").put("layout", "lifting-film");
        assertThat(WorkshopFile.read(someRules.toString()).house())
                .isEqualTo(HouseRules.USUAL.with(HouseRules.Layout.LIFTING_FILM));
        assertThat(WorkshopFile.read(WorkshopFile.write(read))).isEqualTo(read);
    }

    @ParameterizedTest
    @ValueSource(strings = {"99", "-1", "1.5", "\"1\"", "99999999999999999999"})
    void otherVersionsAreRefused(String version) throws IOException {
        String later = released("card-1.json").replaceFirst("\"schachtel\" : 1", "\"schachtel\" : " + version);
        assertThatThrownBy(() -> CardFile.read(later))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("must be");
    }

    /** Each version goes through the steps from its own on, and through no other. */
    @Test
    void stepsRunFromTheVersionOn() {
        List<String> taken = new ArrayList<>();
        Upgrades upgrades = new Upgrades("form", 3, List.of(f -> taken.add("3 to 4"), f -> taken.add("4 to 5")));
        assertThat(upgrades.current()).isEqualTo(5);
        upgrades.bring(marked(4));
        assertThat(taken).containsExactly("4 to 5");
        taken.clear();
        ObjectNode old = JsonNodeFactory.instance.objectNode();
        upgrades.bring(old);
        assertThat(taken).containsExactly("3 to 4", "4 to 5");
        taken.clear();
        upgrades.bring(marked(5));
        assertThat(taken).isEmpty();
    }

    private static ObjectNode marked(int version) {
        return JsonNodeFactory.instance.objectNode().put(Upgrades.MARK, version);
    }

    /** A workshop of before gems and bottles has them now, and all that it had. */
    @Test
    void aWorkshopOfVersionFiveIsBroughtUp() throws IOException {
        Workshop now = WorkshopFile.read(released("workshop-5.json"));
        assertThat(now).isEqualTo(WorkshopFile.standard());
        String own = released("workshop-5.json").replace("\"id\" : \"glue\"", "\"id\" : \"gems-4\"");
        assertThat(WorkshopFile.read(own).all(Embellishment.class))
                .as("an id that is taken stays with what has it")
                .noneMatch(e -> e.id().value().equals("gems-4"));
    }
}
