package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.house.WorkTime;
import dev.schachtel.core.material.Hazard;
import dev.schachtel.core.material.Technique;
import dev.schachtel.core.work.Caution;
import dev.schachtel.core.work.Trait;
import dev.schachtel.core.work.WorkKind;

/**
 * One operation on all cards of the batch.
 *
 * @param id kind and what it is about, such as {@code fix-film shaker}; unique in a plan
 * @param parts what is handled, the main part first, what it is worked into or laid on after it
 * @param things how many times the hands do it, for the whole batch
 * @param effect what is different when it is done
 * @param surface the surface work that it is, if it is some
 * @param rest how long it must be left alone afterwards: drying or pressing
 */
public record Op(
        String id,
        WorkKind kind,
        Id owner,
        List<PartId> parts,
        Effect effect,
        int things,
        Duration rest,
        Set<Caution> cautions,
        Optional<Surface> surface) {
    public Op {
        parts = PartList.of(parts);
        cautions = Set.copyOf(cautions);
    }

    static Op of(WorkKind kind, Id owner, List<PartId> parts, int things) {
        String id = kind.id() + " " + owner
                + (parts.isEmpty() ? "" : " " + parts.get(0).which());
        return new Op(
                id.strip(),
                kind,
                owner,
                parts,
                Effect.NONE,
                things,
                Duration.ZERO,
                kind.caution().map(Set::of).orElse(Set.of()),
                Optional.empty());
    }

    /** The parts fixed by it first, then what they are fixed to. */
    static Op joining(WorkKind kind, Joining joining, PartId onto, int things) {
        List<PartId> parts = new ArrayList<>(joining.laid());
        parts.add(onto);
        return of(kind, joining.laid().get(0).owner(), parts, things).with(Effect.joining(joining));
    }

    Op named(String name) {
        return new Op(name, kind, owner, parts, effect, things, rest, cautions, surface);
    }

    Op with(Effect change) {
        return new Op(id, kind, owner, parts, change, things, rest, cautions, surface);
    }

    Op with(Surface work) {
        return new Op(id, kind, owner, parts, effect, things, rest, cautions, Optional.of(work));
    }

    Op resting(Duration time) {
        return new Op(id, kind, owner, parts, effect, things, time, cautions, surface);
    }

    Op with(Caution caution) {
        Set<Caution> all = new TreeSet<>(cautions);
        all.add(caution);
        return new Op(id, kind, owner, parts, effect, things, rest, all, surface);
    }

    /** With the times of the workshop's book. */
    Op timed(List<WorkTime> book) {
        return new Op(id, kind.timed(book), owner, parts, effect, things, rest, cautions, surface);
    }

    public boolean is(WorkKind other) {
        return kind.is(other);
    }

    /** Set-up, and handwork for all things of the batch. */
    public Duration hands() {
        return setUp().plus(work(things));
    }

    Duration setUp() {
        return timing().map(s -> Duration.ofSeconds(s.technique().setUp())).orElse(kind.setUp());
    }

    /** Handwork for so many things, without set-up. */
    Duration work(int many) {
        return timing().map(Surface::each).orElse(kind.each()).multipliedBy(many);
    }

    /** The surface work whose times count. */
    private Optional<Surface> timing() {
        return surface.filter(s -> !kind.has(Trait.OWN_TIMES));
    }

    /** What shares a set-up: the same kind of work, with the same colour. */
    String family() {
        return kind.id()
                + surface.map(s -> " " + s.technique().id() + " " + s.colour()).orElse("");
    }

    /** What must not be near its opposite while this goes on: heat or solvent. Of embossing only the melting is hot. */
    public Hazard hazard() {
        if (is(WorkKind.HEAT)) {
            return Hazard.HEAT;
        }
        return surface.map(Surface::technique)
                .filter(t -> !t.kind().melts())
                .map(Technique::hazard)
                .filter(h -> h == Hazard.SOLVENT || h == Hazard.HEAT)
                .orElse(Hazard.NONE);
    }

    /** What it fixes, if anything. */
    public Optional<Joining> joins() {
        return effect.joins();
    }

    /** What is handled first of all; there is something. */
    PartId main() {
        return parts.get(0);
    }

    /** What it is worked into or laid on: the last that is handled. */
    PartId onto() {
        return parts.get(parts.size() - 1);
    }

    boolean lays(PartId part) {
        return effect.laid().contains(part);
    }

    boolean handles(PartId part) {
        return parts.contains(part);
    }
}
