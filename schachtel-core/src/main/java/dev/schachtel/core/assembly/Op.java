package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Hazard;
import dev.schachtel.core.material.Technique;

/**
 * One operation on all cards of the batch.
 *
 * @param id kind and what it is about, such as {@code fix-film shaker}; unique in a plan
 * @param parts what is handled, the main part first, what it is worked into or laid on after it
 * @param things how many times the hands do it, for the whole batch
 * @param surface the surface work that it is, if it is some
 * @param rest how long it must be left alone afterwards: drying or pressing
 */
public record Op(
        String id,
        OpKind kind,
        Id owner,
        List<PartId> parts,
        int things,
        Duration rest,
        Set<Caution> cautions,
        Optional<Surface> surface) {
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
                kind.caution().map(Set::of).orElse(Set.of()),
                Optional.empty());
    }

    Op resting(Duration time) {
        return new Op(id, kind, owner, parts, things, time, cautions, surface);
    }

    Op with(Caution caution) {
        Set<Caution> all = new java.util.TreeSet<>(cautions);
        all.add(caution);
        return new Op(id, kind, owner, parts, things, rest, all, surface);
    }

    /** Set-up, and handwork for all things of the batch. */
    public Duration hands() {
        return setUp().plus(work(things));
    }

    Duration setUp() {
        boolean own = kind == OpKind.CLEAN || kind == OpKind.PREPARE || kind == OpKind.HEAT;
        return surface.filter(s -> !own)
                .map(s -> Duration.ofSeconds(s.technique().setUp()))
                .orElse(kind.setUp());
    }

    /** Handwork for so many things, without set-up. */
    Duration work(int many) {
        boolean own = kind == OpKind.CLEAN || kind == OpKind.PREPARE || kind == OpKind.HEAT;
        return surface.filter(s -> !own).map(Surface::each).orElse(kind.each()).multipliedBy(many);
    }

    /** What shares a set-up: the same kind of work, with the same colour. */
    String family() {
        return kind
                + surface.map(s -> " " + s.technique().id() + " " + s.colour()).orElse("");
    }

    /** What must not be near its opposite while this goes on: heat or solvent. Of embossing only the melting is hot. */
    public Hazard hazard() {
        if (kind == OpKind.HEAT) {
            return Hazard.HEAT;
        }
        return surface.map(Surface::technique)
                .filter(t -> !t.kind().melts())
                .map(Technique::hazard)
                .filter(h -> h == Hazard.SOLVENT || h == Hazard.HEAT)
                .orElse(Hazard.NONE);
    }

    boolean handles(PartId part) {
        return parts.contains(part);
    }
}
