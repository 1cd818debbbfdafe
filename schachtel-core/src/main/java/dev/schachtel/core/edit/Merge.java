package dev.schachtel.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.Scalars;

/**
 * Two changed cards made one, against what both came from: what only one of them changed is taken, component by
 * component; where both changed the same one otherwise, somebody has to say which.
 */
public final class Merge {
    /** Which of two changes to one component counts. */
    public enum Side {
        MINE,
        THEIRS
    }

    /**
     * One component that both changed.
     *
     * @param path of the component, the same whenever the same three are merged
     * @param mine how it is in mine, in words; empty where it was removed
     */
    public record Clash(String path, String label, String mine, String theirs) {}

    /** The card with what is decided so far; clashes without an answer are as in theirs. */
    public record Merged(CardSpec spec, List<Clash> clashes) {
        public Merged {
            clashes = List.copyOf(clashes);
        }
    }

    private final Map<String, Side> answers;
    private final Units units;
    private final List<Clash> clashes = new ArrayList<>();

    private Merge(Map<String, Side> answers, Units units) {
        this.answers = answers;
        this.units = units;
    }

    /**
     * Merges without an answer to anything, or with some.
     *
     * @param answers by the path of a clash
     */
    public static Merged of(CardSpec base, CardSpec mine, CardSpec theirs, Map<String, Side> answers) {
        Merge merge = new Merge(answers, theirs.units());
        CardSpec spec = (CardSpec) merge.records(base, mine, theirs, "", "");
        return new Merged(spec, merge.clashes);
    }

    private Object merged(Object base, Object mine, Object theirs, String path, String label) {
        if (mine.equals(base) || mine.equals(theirs)) {
            return theirs;
        }
        if (theirs.equals(base)) {
            return mine;
        }
        boolean alike = mine.getClass() == theirs.getClass() && mine.getClass() == base.getClass();
        if (alike && mine.getClass().isRecord() && !Scalars.isScalar(mine.getClass())) {
            return records(base, mine, theirs, path, label);
        }
        if (base instanceof List<?> b
                && mine instanceof List<?> m
                && theirs instanceof List<?> t
                && ofPieces(b, m, t)) {
            return pieces(b, m, t, path);
        }
        return clash(path, label, mine, theirs);
    }

    private Object clash(String path, String label, Object mine, Object theirs) {
        clashes.add(new Clash(path, label, words(mine), words(theirs)));
        return answers.getOrDefault(path, Side.THEIRS) == Side.MINE ? mine : theirs;
    }

    private Object records(Object base, Object mine, Object theirs, String path, String label) {
        RecordType type = RecordType.of(theirs.getClass());
        List<Object> values = new ArrayList<>();
        for (RecordType.Component c : type.components()) {
            String own = c.asked().value();
            values.add(merged(
                    type.get(base, c),
                    type.get(mine, c),
                    type.get(theirs, c),
                    path.isEmpty() ? c.name() : path + "." + c.name(),
                    label.isEmpty() ? own : own.isEmpty() ? label : label + ": " + own));
        }
        return type.make(values, path);
    }

    private static boolean ofPieces(List<?>... lists) {
        return List.of(lists).stream().allMatch(l -> l.stream().allMatch(Piece.class::isInstance));
    }

    /** In their order; what only mine has comes last. */
    private List<Object> pieces(List<?> base, List<?> mine, List<?> theirs, String path) {
        Map<String, Object> before = byId(base);
        Map<String, Object> my = byId(mine);
        Map<String, Object> their = byId(theirs);
        Set<String> all = new LinkedHashSet<>(their.keySet());
        all.addAll(my.keySet());
        List<Object> merged = new ArrayList<>();
        for (String id : all) {
            piece(before.get(id), my.get(id), their.get(id), path + "." + id, id)
                    .ifPresent(merged::add);
        }
        return merged;
    }

    private Optional<Object> piece(
            @Nullable Object base, @Nullable Object mine, @Nullable Object theirs, String path, String id) {
        if (base != null && mine != null && theirs != null) {
            return Optional.of(merged(base, mine, theirs, path, "“" + id + "”"));
        }
        if (mine != null && theirs != null) {
            return Optional.of(mine.equals(theirs) ? mine : clash(path, "“" + id + "”", mine, theirs));
        }
        Object left = mine == null ? theirs : mine;
        if (left == null || left.equals(base)) {
            return Optional.empty();
        }
        if (base == null) {
            return Optional.of(left);
        }
        Side keeping = mine == null ? Side.THEIRS : Side.MINE;
        String kept = words(left);
        clashes.add(new Clash(path, "“" + id + "”", mine == null ? "" : kept, theirs == null ? "" : kept));
        return answers.getOrDefault(path, Side.THEIRS) == keeping ? Optional.of(left) : Optional.empty();
    }

    private static Map<String, Object> byId(List<?> pieces) {
        Map<String, Object> all = new LinkedHashMap<>();
        pieces.forEach(p -> all.put(((Piece) p).id().value(), p));
        return all;
    }

    private String words(Object value) {
        if (value instanceof Optional<?> maybe) {
            return maybe.map(this::words).orElse("nothing");
        }
        if (value instanceof List<?> list) {
            return list.size() == 1 ? "1 of them" : list.size() + " of them";
        }
        return Scalars.isScalar(value.getClass())
                ? Scalars.write(value, units)
                : RecordType.title(value.getClass()).toLowerCase(java.util.Locale.ROOT);
    }
}
