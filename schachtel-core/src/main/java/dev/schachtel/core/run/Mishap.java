package dev.schachtel.core.run;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

import dev.schachtel.core.work.WorkKind;

/**
 * What has to be done again when something went wrong with one card: cutting the piece anew unless there is a spare, and
 * whatever was done to it before. That card goes through the step by itself then; the others don't wait for it.
 */
final class Mishap {
    private final RunPlan plan;
    private final Map<String, RunStep> steps;
    private final Set<String> done;

    Mishap(RunPlan plan, Map<String, RunStep> steps, Set<String> done) {
        this.plan = plan;
        this.steps = steps;
        this.done = done;
    }

    void add(RunEvent wrong, boolean spare) {
        RunStep at = steps.get(wrong.step());
        if (at == null || at.parts().isEmpty()) {
            return;
        }
        String part = at.parts().get(0);
        List<RunStep> again = new ArrayList<>();
        String last = "";
        for (RunStep before : plan.steps()) {
            boolean own = before.parts().contains(part)
                    && (before.holds(wrong.card()) || before.kind().cuts());
            boolean lost = own
                    && done.contains(before.key())
                    && !before.kind().is(WorkKind.LAYOUT)
                    && !before.key().equals(at.key());
            if (lost && !(spare && before.kind().cuts())) {
                last = "again " + wrong.id().substring(0, Math.min(8, wrong.id().length())) + " " + before.key();
                List<RunStep.Wait> waits = again.isEmpty()
                        ? List.of()
                        : List.of(RunStep.Wait.dry(again.get(again.size() - 1).key()));
                again.add(before.once(last, wrong.card(), waits));
            }
        }
        List<RunStep.Wait> waits = again.isEmpty() ? List.of() : List.of(RunStep.Wait.dry(last));
        boolean wasDone = done.remove(at.key());
        if (wasDone) {
            again.add(at.once(at.key(), wrong.card(), at.waits()).waitingFor(waits));
        } else if (at.cards() > 1) {
            again.add(at.once(own(at, wrong.card()), wrong.card(), at.waits()).waitingFor(waits));
            again.add(at.without(wrong.card()));
        } else {
            again.add(at.waitingFor(waits));
        }
        insert(again, at.key());
        if (!wasDone && at.cards() > 1) {
            followBoth(at, own(at, wrong.card()));
        }
    }

    /** What a step is called for one card alone. */
    static String own(RunStep step, int card) {
        return step.key() + ", card " + card;
    }

    /** What waited for a step waits for the card that goes by itself too. */
    private void followBoth(RunStep at, String own) {
        steps.replaceAll((key, step) -> {
            List<RunStep.Wait> more = step.waits().stream()
                    .filter(w -> w.key().equals(at.key()))
                    .map(w -> new RunStep.Wait(own, w.dry(), w.within()))
                    .toList();
            return step.waitingFor(more);
        });
    }

    /** In the place of a step. */
    private void insert(List<RunStep> instead, String at) {
        Map<String, RunStep> all = new LinkedHashMap<>();
        steps.forEach((key, step) -> {
            if (key.equals(at)) {
                instead.forEach(a -> all.put(a.key(), a));
            } else {
                all.put(key, step);
            }
        });
        steps.clear();
        steps.putAll(all);
    }
}
