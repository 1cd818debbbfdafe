package dev.schachtel.core;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.check.Findings;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.exchange.CardFile;
import dev.schachtel.core.exchange.WorkshopFile;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;

/** The demo card, and variations of it in one line each. */
public record TestCards(CardSpec spec) {
    public static final Workshop WORKSHOP = WorkshopFile.standard();

    public static TestCards upperStation() {
        return new TestCards(CardFile.read(demo("upper-station.json"), WORKSHOP));
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

    public Plan plan() {
        return Planner.plan(spec, WORKSHOP);
    }

    public Findings findings() {
        return plan().findings();
    }
}
