package dev.schachtel.core.check;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.RandomCards;
import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.motion.Movements;

import static org.assertj.core.api.Assertions.assertThat;

/** Three thousand cards are judged twice, by the checks and by plain brute force: no fault is missed, none is false. */
class ReadersFiguresTest {
    private static final int CARDS = 1500;

    @Test
    void checksFindWhatBruteForceFindsAndNothingElse() {
        List<String> files = TestCards.files();
        Map<String, Integer> met = new HashMap<>();
        for (int seed = 0; seed < CARDS; seed++) {
            Random random = new Random(seed);
            CardSpec spec = seed % 3 == 0
                    ? RandomCards.any(random, 8)
                    : TestCards.of(files.get(random.nextInt(files.size()))).spec();
            for (int i = 0; i <= random.nextInt(4); i++) {
                spec = RandomCards.changedByHand(spec, random);
            }
            compare(seed, spec, met);
        }
        Stream.of(Provoking.plain(), Provoking.structures(), ProvokingFolds.folds())
                .flatMap(s -> s)
                .filter(a -> PlainJudge.JUDGED.contains(a.get()[0]))
                .forEach(a -> compare(CARDS, ((TestCards) a.get()[2]).spec(), met));
        assertThat(met.keySet())
                .as("rules that were met: %s", met)
                .hasSizeGreaterThanOrEqualTo(PlainJudge.JUDGED.size() - 2);
    }

    private static void compare(int seed, CardSpec spec, Map<String, Integer> met) {
        Build build = Engineering.engineer(spec, TestCards.WORKSHOP);
        Set<String> found =
                Checks.check(build, Movements.of(build), TestCards.WORKSHOP).of(Severity.MEND).all().stream()
                        .filter(f -> PlainJudge.JUDGED.contains(f.rule()))
                        .map(f -> Verdicts.key(f.rule(), f.owner()))
                        .collect(Collectors.toSet());
        PlainJudge judge = new PlainJudge(build, TestCards.WORKSHOP);
        Set<String> missed = new HashSet<>(judge.mends());
        missed.removeAll(found);
        missed.removeAll(judge.doubts());
        Set<String> wrong = new HashSet<>(found);
        wrong.removeAll(judge.mends());
        wrong.removeAll(judge.doubts());
        assertThat(missed).as("seed %d: missed, in %s", seed, spec).isEmpty();
        assertThat(wrong)
                .as("seed %d: said without a reason, in %s", seed, spec)
                .isEmpty();
        found.forEach(k -> met.merge(k.substring(0, k.indexOf(' ')), 1, Integer::sum));
    }
}
