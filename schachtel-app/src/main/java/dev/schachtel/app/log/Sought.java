package dev.schachtel.app.log;

import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.log.Acquaintance;
import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.model.RecordType;

/** The words by which a build is found: its name, people, occasions, pieces, materials, words, year. */
final class Sought {
    private static final int LINE = 390;

    private Sought() {}

    static String words(LogEntry entry, Optional<CardSpec> card) {
        Set<String> words = new LinkedHashSet<>();
        words.add(entry.name());
        entry.given().forEach(g -> words.add(g.who() + " " + g.occasion()));
        words.add(entry.words());
        words.add("" + entry.day().getYear());
        entry.mishaps().forEach(m -> words.add(m.words()));
        card.ifPresent(c -> {
            words.add(c.set() + " " + c.brief().recipient() + " " + c.brief().occasion());
            c.pieces().forEach(p -> words.add(RecordType.title(p.getClass()) + " " + p.id()));
            materials(c).forEach(m -> words.add(m.value()));
        });
        return Acquaintance.same(String.join(" ", words));
    }

    /** What the pieces of a card are made of and held by. Ids of materials say what they are: cream-300, foam-tape-2. */
    static Set<MaterialId> materials(CardSpec card) {
        Set<MaterialId> found = new LinkedHashSet<>();
        card.pieces().forEach(p -> {
            RecordType type = RecordType.of(p.getClass());
            type.components().stream()
                    .filter(c -> c.type() == MaterialId.class)
                    .forEach(c -> found.add((MaterialId) type.get(p, c)));
        });
        return found;
    }

    /** How many, and who got them. */
    static String about(LogEntry entry) {
        String cards = entry.made() == 1 ? "1 card" : entry.made() + " cards";
        String who = entry.given().stream()
                .map(LogEntry.Given::who)
                .distinct()
                .reduce((a, b) -> a + ", " + b)
                .map(w -> ", " + w)
                .orElse("");
        String line = cards + who;
        return line.length() > LINE ? line.substring(0, LINE) + "…" : line;
    }
}
