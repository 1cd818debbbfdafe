package dev.schachtel.core.run;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

import dev.schachtel.core.assembly.OpKind;

/**
 * What has to be done again when something went wrong with one card: cutting the piece anew unless there is a spare, and
 * whatever was done to it before. The step itself waits for that.
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
                    && (before.holds(wrong.card())
                            || OpKind.valueOf(before.kind()).cuts());
            boolean lost = own
                    && done.contains(before.key())
                    && !before.kind().equals(OpKind.LAYOUT.name())
                    && !before.key().equals(at.key());
            if (lost && !(spare && OpKind.valueOf(before.kind()).cuts())) {
                last = "again " + wrong.id().substring(0, Math.min(8, wrong.id().length())) + " " + before.key();
                List<RunStep.Wait> waits = again.isEmpty()
                        ? List.of()
                        : List.of(RunStep.Wait.dry(again.get(again.size() - 1).key()));
                again.add(before.once(last, wrong.card(), waits));
            }
        }
        boolean wasDone = done.remove(at.key());
        List<RunStep.Wait> waits = again.isEmpty() ? List.of() : List.of(RunStep.Wait.dry(last));
        RunStep redone = wasDone ? at.once(at.key(), wrong.card(), at.waits()) : at;
        insert(again, redone.waitingFor(waits));
    }

    private void insert(List<RunStep> again, RunStep at) {
        Map<String, RunStep> all = new LinkedHashMap<>();
        steps.forEach((key, step) -> {
            if (key.equals(at.key())) {
                again.forEach(a -> all.put(a.key(), a));
                all.put(key, at);
            } else {
                all.put(key, step);
            }
        });
        steps.clear();
        steps.putAll(all);
    }
}
