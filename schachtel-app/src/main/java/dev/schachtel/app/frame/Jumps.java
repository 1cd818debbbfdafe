package dev.schachtel.app.frame;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

import org.springframework.stereotype.Component;

import dev.schachtel.app.words.Wording;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.plan.Plan;

/** Where the jump field leads: stations, pieces, parts by letter or name, steps. */
@Component
public class Jumps {
    private final Wording wording;

    Jumps(Wording wording) {
        this.wording = wording;
    }

    List<String> names(Plan plan) {
        return new ArrayList<>(places(plan).keySet());
    }

    /** The address for what was typed, relative to the card: the same name, else one that begins so, else holds it. */
    public Optional<String> find(Plan plan, String typed) {
        String wanted = typed.strip().toLowerCase(Locale.ROOT);
        Map<String, String> places = places(plan);
        if (wanted.isEmpty()) {
            return Optional.empty();
        }
        return first(places, k -> k.equals(wanted))
                .or(() -> first(places, k -> k.startsWith(wanted)))
                .or(() -> first(places, k -> k.contains(wanted)));
    }

    private static Optional<String> first(Map<String, String> places, Predicate<String> fits) {
        return places.entrySet().stream()
                .filter(e -> fits.test(e.getKey().toLowerCase(Locale.ROOT)))
                .map(Map.Entry::getValue)
                .findFirst();
    }

    private Map<String, String> places(Plan plan) {
        Map<String, String> places = new LinkedHashMap<>();
        for (String station : List.of("Brief", "Structure", "Decorate", "Cut", "Build")) {
            places.put(station, station.toLowerCase(Locale.ROOT));
        }
        plan.spec()
                .pieces()
                .map(Piece::id)
                .forEach(id -> places.put(id.value().replace('-', ' '), structure(id.value())));
        Map<PartId, String> letters = plan.build().letters();
        for (Part part : plan.build().parts()) {
            String to = structure(part.owner().value());
            places.put(letters.get(part.id()) + " " + part.name(), to);
        }
        for (Step step : plan.assembly().steps()) {
            String title = wording.opTitle(step.op(), plan.build()).replaceAll("<[^>]*>|&[#a-z0-9]+;", "");
            places.put("step " + step.number() + " " + title, "build?step=" + step.number());
        }
        return places;
    }

    private static String structure(String id) {
        return "structure?select=" + id;
    }
}
