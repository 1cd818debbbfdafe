package dev.schachtel.app.frame;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.app.RunningApp;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;

import static org.assertj.core.api.Assertions.assertThat;

/** Where the jump field of the bar leads. */
@ExtendWith(RunningApp.class)
class JumpsTest {
    private static final Plan PLAN =
            Planner.withoutRemedies(RunningApp.demo("upper-station.json"), WorkshopFile.standard());
    private final Jumps jumps;

    JumpsTest(RunningApp app) {
        this.jumps = app.bean(Jumps.class);
    }

    @ParameterizedTest
    @CsvSource({
        "Cut, cut",
        "build, build",
        "  STRUCTURE , structure",
        "shaker, structure?select=shaker",
        "car, structure?select=car",
        "step 1, build?step=1",
        "retainer, structure?select=car"
    })
    void namesLeadThere(String typed, String to) {
        assertThat(jumps.find(PLAN, typed)).contains(to);
    }

    @Test
    void aPartIsFoundByItsLetter() {
        PLAN.build().parts().forEach(part -> {
            String name = PLAN.build().letters().get(part.id()) + " " + part.name();
            assertThat(jumps.find(PLAN, name)).contains("structure?select=" + part.owner());
        });
    }

    @Test
    void everyNameThatIsOfferedLeadsSomewhere() {
        assertThat(jumps.names(PLAN)).hasSizeGreaterThan(30).allSatisfy(name -> assertThat(jumps.find(PLAN, name))
                .isPresent());
    }

    @ParameterizedTest
    @CsvSource({"''", "'   '", "nothing like it", "step 999"})
    void nonsenseLeadsNowhere(String typed) {
        assertThat(jumps.find(PLAN, typed)).isEmpty();
    }
}
