package dev.schachtel.core.log;

import java.text.Normalizer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Depicted;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.model.RecordType;

/**
 * Who has what already: asked when a card is planned for somebody. Names are the same when they differ in case, accents and spaces only.
 *
 * @param had what that person got, the newest first
 * @param without kinds of base that this person has no card of, among those that others got
 */
public record Acquaintance(List<Had> had, List<String> without) {
    public Acquaintance {
        had = List.copyOf(had);
        without = List.copyOf(without);
    }

    /** In which way a card is like one that somebody has. */
    public enum Like {
        /** The same card. */
        CARD,
        /** Its largest picture is the same. */
        PICTURE,
        /** Another card of the same set. */
        SET,
        /** Nothing that would be noticed. */
        NOTHING
    }

    /** A card that somebody got. */
    public record Had(String card, LocalDate day, String occasion, Like like) {}

    /** A build with the card as it was built; empty for one that was written in without. */
    public record Built(LogEntry entry, Optional<CardSpec> card) {}

    public static Acquaintance of(String who, CardSpec planned, List<Built> log) {
        String name = same(who);
        if (name.isEmpty()) {
            return new Acquaintance(List.of(), List.of());
        }
        List<Had> had = new ArrayList<>();
        Set<String> bases = new HashSet<>();
        Set<String> all = new TreeSet<>();
        for (Built built : log) {
            Optional<String> base =
                    built.card().map(c -> RecordType.title(c.base().getClass()));
            if (!built.entry().given().isEmpty()) {
                base.ifPresent(all::add);
            }
            for (LogEntry.Given given : built.entry().given()) {
                if (same(given.who()).equals(name)) {
                    base.ifPresent(bases::add);
                    had.add(new Had(
                            built.entry().name(),
                            given.day().orElse(built.entry().day()),
                            given.occasion(),
                            built.card().map(c -> like(planned, c)).orElse(Like.NOTHING)));
                }
            }
        }
        had.sort(Comparator.comparing(Had::day).reversed());
        all.removeAll(bases);
        return new Acquaintance(had, had.isEmpty() ? List.of() : List.copyOf(all));
    }

    /** What is most alike among what this person has. */
    public Optional<Had> closest() {
        return had.stream().filter(h -> h.like() != Like.NOTHING).min(Comparator.comparing(Had::like));
    }

    private static Like like(CardSpec planned, CardSpec had) {
        if (planned.name().equals(had.name()) && planned.base().equals(had.base())) {
            return Like.CARD;
        }
        Optional<MaterialId> picture = main(planned);
        if (picture.isPresent() && picture.equals(main(had))) {
            return Like.PICTURE;
        }
        boolean set = !planned.set().isBlank() && planned.set().equals(had.set());
        return set ? Like.SET : Like.NOTHING;
    }

    /** The picture that is largest on a card. */
    static Optional<MaterialId> main(CardSpec card) {
        return card.elements().stream()
                .filter(Depicted.class::isInstance)
                .map(Depicted.class::cast)
                .flatMap(m -> m.shape() instanceof Opening.Pictured p ? Stream.of(p) : Stream.empty())
                .max(Comparator.comparing(
                        p -> p.width().nanometres() * (double) p.height().nanometres() / 1e6))
                .map(Opening.Pictured::picture);
    }

    /** A name as it is compared. */
    public static String same(String name) {
        return Normalizer.normalize(name, Normalizer.Form.NFKD)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^\\p{L}\\p{N}]+", " ")
                .strip()
                .toLowerCase(Locale.ROOT);
    }
}
