package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.List;
import java.util.Set;

import dev.schachtel.core.build.PartId;
import dev.schachtel.core.card.Id;

/**
 * One operation on all cards of the batch.
 *
 * @param id kind and what it is about, such as {@code fix-film shaker}; unique in a plan
 * @param parts what is handled, the main part first, what it is worked into or laid on after it
 * @param things how many times the hands do it, for the whole batch
 * @param rest how long it must be left alone afterwards: drying or pressing
 */
public record Op(
        String id, OpKind kind, Id owner, List<PartId> parts, int things, Duration rest, Set<Caution> cautions) {
    public Op {
        parts = List.copyOf(parts);
        cautions = Set.copyOf(cautions);
    }

    static Op of(OpKind kind, Id owner, List<PartId> parts, int things) {
        String id = kind.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-') + " " + owner
                + (parts.isEmpty() ? "" : " " + parts.get(0).which());
        return new Op(
                id.strip(),
                kind,
                owner,
                parts,
                things,
                Duration.ZERO,
                kind.caution().map(Set::of).orElse(Set.of()));
    }

    Op resting(Duration time) {
        return new Op(id, kind, owner, parts, things, time, cautions);
    }

    Op with(Caution caution) {
        Set<Caution> all = new java.util.TreeSet<>(cautions);
        all.add(caution);
        return new Op(id, kind, owner, parts, things, rest, all);
    }

    public Duration hands() {
        return kind.hands(things);
    }

    boolean handles(PartId part) {
        return parts.contains(part);
    }
}
