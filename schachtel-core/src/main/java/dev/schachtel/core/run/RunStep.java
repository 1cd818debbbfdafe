package dev.schachtel.core.run;

import java.util.List;

import dev.schachtel.core.material.Hazard;
import dev.schachtel.core.work.WorkKind;

/**
 * One step as it was planned when the run began, or as a mishap added it.
 *
 * @param key what it is called in the run, unique
 * @param op the operation's id in the build plan
 * @param kind what sort of operation, as it was known when the run began
 * @param first the number of its first card, from 1
 * @param aside cards from first to last that go through it by themselves, since something went wrong with them
 * @param hands seconds of handwork
 * @param setUp how many of them are set-up
 * @param rest seconds of drying or pressing afterwards
 * @param hazard what must not be near its opposite while this goes on or dries: heat or solvent
 * @param parts what is handled, the main part first
 */
public record RunStep(
        String key,
        String op,
        WorkKind kind,
        int first,
        int last,
        List<Integer> aside,
        int hands,
        int setUp,
        int rest,
        Hazard hazard,
        List<String> parts,
        List<Wait> waits) {
    /**
     * A step that must be done before.
     *
     * @param dry whether it must be dry too
     * @param within seconds after it within which this should begin, 0 for any time
     */
    public record Wait(String key, boolean dry, int within) {
        static Wait dry(String key) {
            return new Wait(key, true, 0);
        }
    }

    private static final int SHORTEST = 30;

    public RunStep {
        aside = List.copyOf(aside);
        parts = List.copyOf(parts);
        waits = List.copyOf(waits);
    }

    RunStep waitingFor(List<Wait> more) {
        List<Wait> all = new java.util.ArrayList<>(waits);
        all.addAll(more);
        return new RunStep(key, op, kind, first, last, aside, hands, setUp, rest, hazard, parts, all);
    }

    /** The same for one card only, under a name of its own, with its share of the time and these waits. */
    RunStep once(String name, int card, List<Wait> own) {
        int share = Math.max(SHORTEST, hands / Math.max(1, cards()));
        return new RunStep(name, op, kind, card, card, List.of(), share, 0, rest, hazard, parts, own);
    }

    /** The same for all its cards but one, in what is left of the time. */
    RunStep without(int card) {
        List<Integer> all = new java.util.ArrayList<>(aside);
        all.add(card);
        int left = Math.max(SHORTEST, hands - hands / Math.max(1, cards()));
        return new RunStep(key, op, kind, first, last, all, left, Math.min(setUp, left), rest, hazard, parts, waits);
    }

    /** Whether one is hot and the other burns. */
    boolean meets(RunStep other) {
        return hazard == Hazard.HEAT && other.hazard == Hazard.SOLVENT
                || hazard == Hazard.SOLVENT && other.hazard == Hazard.HEAT;
    }

    public int cards() {
        return last - first + 1 - aside.size();
    }

    /** The number of the first card that goes through it. */
    public int foremost() {
        int card = first;
        while (card < last && aside.contains(card)) {
            card++;
        }
        return card;
    }

    public boolean holds(int card) {
        return first <= card && card <= last && !aside.contains(card);
    }
}
