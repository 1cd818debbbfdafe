package dev.schachtel.core.plan;

import java.util.stream.Stream;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.check.Finding;

import static org.assertj.core.api.Assertions.assertThat;

/** What is found of small finish and surface work can be mended with a click: the remedy, taken, does away with it. */
class FinishMendTest {
    static Stream<Arguments> faults() {
        return Stream.of(
                Arguments.of(
                        RuleId.EMBELLISHMENTS_SHORT,
                        TestCards.raised()
                                .add("gems")
                                .set("gems", "on", "panel")
                                .set("gems", "apart", "5 mm")
                                .set("brief", "cards", "17")),
                Arguments.of(
                        RuleId.GEMS_ON_WORDS,
                        TestCards.raised()
                                .add("sentiment")
                                .add("gems")
                                .set("gems", "on", "panel")
                                .set("gems", "up", "18 mm")),
                Arguments.of(
                        RuleId.SEAM_SEEN,
                        TestCards.inked()
                                .set("treatment", "where", "stepped")
                                .set("treatment", "where.tool", "80 mm")
                                .add("sentiment")
                                .set("sentiment", "width", "88 mm")
                                .set("sentiment", "height", "14 mm")
                                .set("sentiment", "shadows", "0")));
    }

    @ParameterizedTest
    @MethodSource("faults")
    void theRemedyMends(RuleId rule, TestCards card) {
        Finding found = card.findings().of(rule).all().get(0);
        assertThat(found.remedies()).isNotEmpty();
        for (Remedy remedy : found.remedies()) {
            CardSpec mended = remedy.taken(card.spec());
            assertThat(Planner.plan(mended, TestCards.WORKSHOP)
                            .findings()
                            .of(rule)
                            .all())
                    .as("%s", remedy)
                    .isEmpty();
        }
    }
}
