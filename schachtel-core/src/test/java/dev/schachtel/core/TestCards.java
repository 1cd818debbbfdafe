package dev.schachtel.core;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Colouring;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.check.Findings;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;

/** The demo card, and variations of it in one line each. */
public record TestCards(CardSpec spec) {
    public static final Workshop WORKSHOP = WorkshopFile.standard();
    public static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    /** The demo's shaker card, still without its rider. */
    public static TestCards upperStation() {
        return of("upper-station.json").remove("car");
    }

    /** A card file of the demo folder without the pictures on it and their colouring: what it is built of, for tests that count parts. */
    public static TestCards of(String file) {
        CardSpec spec = whole(file).spec();
        for (Element element : spec.elements()) {
            boolean pictured = element instanceof Motif m && m.shape() instanceof Opening.Pictured;
            if (pictured || element instanceof Colouring) {
                spec = CardEdit.of(spec).remove(element.id());
            }
        }
        return new TestCards(spec);
    }

    /** A card file of the demo folder as it is. */
    public static TestCards whole(String file) {
        return new TestCards(CardFile.read(demo(file), WORKSHOP));
    }

    /** All card files of the demo folder and of its bad examples. */
    public static List<String> files() {
        List<String> files = new ArrayList<>();
        for (String folder : List.of("", "bad/")) {
            try (Stream<Path> all = Files.list(Path.of("..", "demo", folder))) {
                all.map(p -> folder + p.getFileName())
                        .filter(n -> n.endsWith(".json"))
                        .sorted()
                        .forEach(files::add);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return files;
    }

    /** An empty card of a base, as JSON, in millimetres. */
    public static TestCards empty(String base) {
        String brief = "{\"recipient\": \"\", \"occasion\": \"\"}";
        return new TestCards(CardFile.read("{\"schachtel\": 1, \"name\": \"Try\", \"units\": \"mm\", \"brief\": "
                + brief + ", \"base\": " + base + "}"));
    }

    /** An A6 card with a panel on foam. */
    public static TestCards raised() {
        return empty("{\"kind\": \"flat-fold\", \"width\": \"105 mm\", \"height\": \"148.5 mm\"}")
                .add("mat")
                .set("panel", "fixing", "foam-tape-2");
    }

    /** The same with ink blended over its panel. */
    public static TestCards inked() {
        return raised().add("treatment").set("treatment", "on", "panel");
    }

    /** Wide strips on wide shadow layers, from whose middles others can be cut. */
    public static TestCards shadowed() {
        return raised().add("sentiment")
                .set("sentiment", "width", "60 mm")
                .set("sentiment", "height", "60 mm")
                .set("sentiment", "up", "70 mm")
                .add("sentiment")
                .set("sentiment-2", "width", "40 mm")
                .set("sentiment-2", "height", "40 mm")
                .set("brief", "cards", "36");
    }

    public Build build() {
        return Engineering.engineer(spec, WORKSHOP);
    }

    public static String demo(String file) {
        try {
            return Files.readString(Path.of("..", "demo", file));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** In millimetres, with the defaults of the handbook. */
    public static TestCards inMillimetres() {
        return upperStation()
                .set("card", "units", "mm")
                .set("shaker", "overlap", "8 mm")
                .set("shaker", "setback", "1.5 mm")
                .set("shaker", "foamWidth", "6 mm");
    }

    public TestCards set(String piece, String component, String value) {
        return new TestCards(CardEdit.of(spec).set(new Id(piece), component, value));
    }

    public TestCards add(String kind) {
        return new TestCards(CardEdit.of(spec).add(kind));
    }

    public TestCards remove(String piece) {
        return new TestCards(CardEdit.of(spec).remove(new Id(piece)));
    }

    public TestCards tucked(String piece, String under) {
        return new TestCards(CardEdit.of(spec).tucked(new Id(piece), new Id(under)));
    }

    public Plan plan() {
        return Planner.plan(spec, WORKSHOP);
    }

    public Findings findings() {
        return plan().on(TODAY).findings();
    }
}
