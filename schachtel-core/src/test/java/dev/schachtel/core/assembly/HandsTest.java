package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.RandomCards;
import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.work.WorkKind;

import static org.assertj.core.api.Assertions.assertThat;

/** One part is in one pair of hands, at any number of makers. */
class HandsTest {
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4})
    void demoCardsAreMadeByMoreThanOne(int makers) {
        for (String file : TestCards.files()) {
            for (String cards : List.of("1", "7")) {
                CardSpec spec = CardEdit.of(TestCards.whole(file).spec()).set(new Id("brief"), "cards", cards);
                assertThat(wrong(spec, makers)).as("%s x %s", file, cards).isEmpty();
            }
        }
    }

    @Test
    void randomCardsAreMadeByMoreThanOne() {
        for (int seed = 0; seed < 2000; seed++) {
            CardSpec spec = RandomCards.any(new Random(seed), 12);
            assertThat(wrong(spec, 1 + seed % 4)).as("seed %d", seed).isEmpty();
        }
    }

    private static List<String> wrong(CardSpec card, int makers) {
        CardSpec spec = CardEdit.of(card).set(new Id("brief"), "makers", Integer.toString(makers));
        Build build = Engineering.engineer(spec, TestCards.WORKSHOP);
        BuildPlan plan = Assembly.plan(build, TestCards.WORKSHOP);
        List<String> wrong = new ArrayList<>(Replay.of(build, HouseRules.USUAL, plan, 1).stream()
                .filter(w -> w.contains("hole") || w.contains("not cut"))
                .toList());
        List<Step> steps = plan.steps();
        for (int a = 0; a < steps.size(); a++) {
            for (int b = a + 1; b < steps.size(); b++) {
                if (together(steps.get(a), steps.get(b))) {
                    Set<PartId> both = body(steps.get(a), steps.get(b).start(), build, steps);
                    both.retainAll(body(steps.get(b), steps.get(b).start(), build, steps));
                    if (!both.isEmpty()) {
                        wrong.add(steps.get(a).key() + " and " + steps.get(b).key() + " hold " + both);
                    }
                }
            }
        }
        return wrong;
    }

    /** By two makers at the same time, to the same card; steps are in the order in which they begin. */
    private static boolean together(Step a, Step b) {
        return a.maker() != b.maker() && b.start().compareTo(a.end()) < 0 && sameCard(a, b);
    }

    private static boolean sameCard(Step a, Step b) {
        return a.lot().first() <= b.lot().last() && b.lot().first() <= a.lot().last();
    }

    /** What moves when a part of it is taken up: what was fixed to what by then. */
    private static Set<PartId> body(Step step, Duration at, Build build, List<Step> steps) {
        Set<PartId> body = new HashSet<>(step.op().parts());
        if (step.op().is(WorkKind.CUT_SPACERS) || step.op().is(WorkKind.CLEAN)) {
            return new HashSet<>();
        } else if (body.isEmpty()) {
            build.parts().stream().map(Part::id).forEach(body::add);
        }
        boolean more = true;
        while (more) {
            more = false;
            for (Step other : steps) {
                boolean there = other.op().joins().isPresent()
                        && other.end().compareTo(at) <= 0
                        && sameCard(step, other)
                        && other.op().parts().stream().anyMatch(body::contains);
                more |= there && body.addAll(other.op().parts());
            }
        }
        return body;
    }
}
