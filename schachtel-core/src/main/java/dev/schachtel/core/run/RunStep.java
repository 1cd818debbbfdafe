package dev.schachtel.core.run;

import java.util.List;

/**
 * One step as it was planned when the run began, or as a mishap added it.
 *
 * @param key what it is called in the run, unique
 * @param op the operation's id in the build plan
 * @param kind what sort of operation, as plans call it
 * @param first the number of its first card, from 1
 * @param hands seconds of handwork
 * @param rest seconds of drying or pressing afterwards
 * @param parts what is handled, the main part first
 */
public record RunStep(
        String key,
        String op,
        String kind,
        int first,
        int last,
        int hands,
        int rest,
        List<String> parts,
        List<Wait> waits) {
    /** A step that must be done before, and whether it must be dry. */
    public record Wait(String key, boolean dry) {}

    public RunStep {
        parts = List.copyOf(parts);
        waits = List.copyOf(waits);
    }

    RunStep waitingFor(List<Wait> more) {
        List<Wait> all = new java.util.ArrayList<>(waits);
        all.addAll(more);
        return new RunStep(key, op, kind, first, last, hands, rest, parts, all);
    }

    public int cards() {
        return last - first + 1;
    }

    public boolean holds(int card) {
        return first <= card && card <= last;
    }
}
