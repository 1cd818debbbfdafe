package dev.schachtel.core.assembly;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.RandomCards;
import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.plan.Plan;

import static org.assertj.core.api.Assertions.assertThat;

/** Every plan can be carried out by hands, or says why not. */
class BuildableTest {
    static List<String> files() {
        return TestCards.files();
    }

    @ParameterizedTest
    @MethodSource("files")
    void demoCardsAreBuiltStepByStep(String file) {
        for (String cards : List.of("1", "7")) {
            Plan plan = TestCards.whole(file).set("brief", "cards", cards).plan();
            assertThat(replayed(plan)).as("%s x %s", file, cards).isEmpty();
            assertThat(Rehearsal.of(plan.build(), plan.assembly())).isEmpty();
        }
    }

    /** The only parts that no step fixes are bands that pass beside the card. */
    @ParameterizedTest
    @ValueSource(ints = {1, 7})
    void randomCardsAreBuiltOrSayWhyNot(int cards) {
        for (int seed = 0; seed < 2000; seed++) {
            CardSpec spec = CardEdit.of(RandomCards.any(new Random(seed), 12))
                    .set(new Id("brief"), "cards", Integer.toString(cards));
            Build build = Engineering.engineer(spec, TestCards.WORKSHOP);
            BuildPlan plan = Assembly.plan(build, TestCards.WORKSHOP);
            List<Rehearsal.Found> found = Rehearsal.of(build, plan);
            List<String> replayed = Replay.of(build, HouseRules.USUAL, plan, 1);
            assertThat(found.isEmpty())
                    .as("seed %d: %s against %s", seed, replayed, found)
                    .isEqualTo(replayed.isEmpty());
            assertThat(found).as("seed %d", seed).allMatch(f -> mayBe(f, build));
        }
    }

    private static boolean mayBe(Rehearsal.Found found, Build build) {
        return switch (found.fault()) {
            case NOT_MADE, MADE_TWICE, FIXED_TWICE -> false;
            case NOT_FIXED ->
                build.part(found.part()).orElseThrow().footprints().stream().noneMatch(build.face()::overlaps);
            default -> true;
        };
    }

    private static List<String> replayed(Plan plan) {
        return Replay.of(plan.build(), plan.workshop().house(), plan.assembly(), 1);
    }
}
