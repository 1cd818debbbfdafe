package dev.schachtel.core.design;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.design.WhatHelps.Help;
import dev.schachtel.core.design.WhatHelps.Step;
import dev.schachtel.core.house.HouseRules.Placing;
import dev.schachtel.core.tolerance.Simulation;

import static org.assertj.core.api.Assertions.assertThat;

/** What is said to help does, when it is taken. */
class WhatHelpsTest {
    static List<String> files() {
        return TestCards.files();
    }

    @ParameterizedTest
    @MethodSource("files")
    void eachDoesWhatItSays(String file) {
        TestCards card = TestCards.of(file);
        Checked before = Checked.of(card.spec(), TestCards.WORKSHOP);
        Simulation now = Simulation.of(before.build(), TestCards.WORKSHOP);
        for (Help help : WhatHelps.of(card.spec(), TestCards.WORKSHOP)) {
            HouseQuestions.Taken taken = WhatHelps.take(card.spec(), TestCards.WORKSHOP, help.step());
            Checked after = Checked.of(taken.spec(), taken.workshop());
            Simulation then = Simulation.of(after.build(), taken.workshop());
            assertThat(then.works()).as(file + " " + help.step()).isEqualTo(help.works());
            assertThat(then.looks()).isEqualTo(help.looks());
            assertThat(after.mends()).isLessThanOrEqualTo(before.mends());
            assertThat(then.works().share() + then.looks().share())
                    .isGreaterThan(now.works().share() + now.looks().share());
        }
    }

    /** Borders laid by eye: strips as wide as the border are what helps most. */
    @Test
    void stripsHelpBorders() {
        TestCards card = TestCards.raised().set("panel", "fixing", "tape");
        Help first = WhatHelps.of(card.spec(), TestCards.WORKSHOP).get(0);
        assertThat(first.step()).isEqualTo(new Step.Placed(Placing.SPACED));
    }

    /** Flaps that collide in half of all cards: a wider gap. A dam that gapes: one piece. */
    @Test
    void theFitItselfIsGivenRoom() {
        assertThat(changed("bad/flaps-that-collide.json")).contains("gap");
        assertThat(changed("bad/leaking-dam.json")).contains("make");
        assertThat(changed("cable-drum.json")).contains("play");
    }

    private static List<String> changed(String file) {
        return WhatHelps.of(TestCards.of(file).spec(), TestCards.WORKSHOP).stream()
                .map(Help::step)
                .filter(Step.Changed.class::isInstance)
                .flatMap(s -> ((Step.Changed) s).remedy().changes().stream())
                .map(c -> c.component())
                .toList();
    }

    /** Where everything comes out well there is nothing to say. */
    @Test
    void aTagNeedsNothing() {
        assertThat(WhatHelps.of(TestCards.of("luggage-label.json").spec(), TestCards.WORKSHOP))
                .isEmpty();
    }
}
