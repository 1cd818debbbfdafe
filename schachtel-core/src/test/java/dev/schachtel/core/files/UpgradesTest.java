package dev.schachtel.core.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.model.Json;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.run.RunPlan;
import dev.schachtel.core.run.RunStep;
import dev.schachtel.core.shape.Figures;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import tools.jackson.databind.JsonNode;
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
        Workshop standard = WorkshopFile.standard();
        assertThat(now.pictured(standard.pictures())).isEqualTo(standard);
        // Pictures stay as they were read then, by another library: they cover the same.
        for (int i = 0; i < standard.pictures().size(); i++) {
            Picture then = now.pictures().get(i);
            Picture read = standard.pictures().get(i);
            assertThat(then.id()).isEqualTo(read.id());
            assertThat(then.regions()).hasSameSizeAs(read.regions());
            assertThat(area(then)).as(then.name()).isCloseTo(area(read), within(0.01 * area(read)));
        }
        String own = released("workshop-5.json").replace("\"id\" : \"glue\"", "\"id\" : \"gems-4\"");
        assertThat(WorkshopFile.read(own).all(Embellishment.class))
                .as("an id that is taken stays with what has it")
                .noneMatch(e -> e.id().value().equals("gems-4"));
    }

    private static double area(Picture picture) {
        return Figures.outlines(picture.outline().text()).stream()
                .mapToDouble(o -> o.area().squareMillimetres())
                .sum();
    }

    /** Whatever a version wrote is there after all that came since, and is kept in today's form. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9})
    void aWorkshopOfEachVersionKeepsWhatItHad(int version) throws IOException {
        JsonNode then = Json.parse(released("workshop-" + version + ".json"));
        Workshop now = WorkshopFile.read(then.toString());
        assertThat(now.sheets().stream().map(sheet -> sheet.id()))
                .containsAll(then.get("sheets")
                        .valueStream()
                        .map(sheet -> new MaterialId(sheet.get("id").stringValue()))
                        .toList());
        for (JsonNode material : then.get("materials")) {
            assertThat(now.material(new MaterialId(material.get("id").stringValue())))
                    .as("version %d: %s", version, material)
                    .isPresent();
        }
        assertThat(WorkshopFile.read(WorkshopFile.write(now))).isEqualTo(now);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void aRunOfEachVersionGoesOn(int version) throws IOException {
        JsonNode then = Json.parse(released("run-" + version + ".json"));
        RunPlan now = RunFile.read(then.toString());
        assertThat(now.steps())
                .extracting(RunStep::key)
                .containsExactlyElementsOf(then.get("steps")
                        .valueStream()
                        .map(s -> s.get("key").stringValue())
                        .toList());
        assertThat(RunFile.read(RunFile.write(now))).isEqualTo(now);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void aBuildOfEachVersionStaysInTheLog(int version) throws IOException {
        LogEntry now = LogFile.read(released("log-" + version + ".json"));
        assertThat(now.name()).isEqualTo("Guard’s Door");
        assertThat(now.given()).hasSize(1);
        assertThat(now.mishaps()).hasSize(1);
        assertThat(LogFile.read(LogFile.write(now))).isEqualTo(now);
    }

    /** A new version comes with a file as it writes it, so that the next one can be held to it. */
    @Test
    void everyVersionHasAFileAsReleased() throws IOException {
        RunPlan run = RunFile.read(released("run-1.json"));
        Map<String, String> written = Map.of(
                "card", CardFile.write(TestCards.upperStation().spec()),
                "workshop", WorkshopFile.write(WorkshopFile.standard()),
                "run", RunFile.write(run),
                "log", LogFile.write(LogFile.read(released("log-1.json"))));
        written.forEach((form, text) -> {
            int current = Json.parse(text).get(Upgrades.MARK).intValue();
            for (int version = 1; version <= current; version++) {
                assertThat(Path.of("src/test/resources/released", form + "-" + version + ".json"))
                        .isRegularFile();
            }
        });
    }
}
