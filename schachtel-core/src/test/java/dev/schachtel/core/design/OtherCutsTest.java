package dev.schachtel.core.design;

import java.util.List;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.cutting.Harvest;
import dev.schachtel.core.cutting.TrimmerProgram;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.plan.Plan;

import static org.assertj.core.api.Assertions.assertThat;

/** The same card cut otherwise: nothing is lost, and what is left away really is. */
class OtherCutsTest {
    private static List<OtherCuts.Cut> cuts(Plan plan) {
        return OtherCuts.of(plan.build(), plan.workshop(), plan.cutting());
    }

    private static OtherCuts.Cut cut(List<OtherCuts.Cut> all, OtherCuts.Change change) {
        return all.stream().filter(c -> c.change() == change).findFirst().orElseThrow();
    }

    @Test
    void thePlanComesFirstAndAllPlaceTheSameParts() {
        Plan plan = TestCards.shadowed().plan();
        List<OtherCuts.Cut> all = cuts(plan);
        assertThat(all)
                .extracting(OtherCuts.Cut::change)
                .containsExactly(
                        OtherCuts.Change.NONE, OtherCuts.Change.WITHOUT_OFFCUTS, OtherCuts.Change.WITH_MIDDLES);
        assertThat(all.get(0).plan()).isSameAs(plan.cutting());
        int parts = plan.cutting().demands().stream().mapToInt(d -> d.count()).sum();
        for (OtherCuts.Cut cut : all) {
            assertThat(cut.plan().everythingPlaced()).isTrue();
            assertThat(cut.plan().demands().stream().mapToInt(d -> d.count()).sum())
                    .isEqualTo(parts);
        }
    }

    @Test
    void withoutTheBoxNoOffcutIsCut() {
        OtherCuts.Cut whole = cut(cuts(TestCards.of("upper-station.json").plan()), OtherCuts.Change.WITHOUT_OFFCUTS);
        assertThat(whole.plan().numbered())
                .extracting(s -> s.sheet().origin())
                .doesNotContain(Sheet.Origin.OFFCUT)
                .isNotEmpty();
    }

    /** Once middles are used, the comparison is with leaving them in. */
    @Test
    void usedMiddlesAreComparedWithUnused() {
        Plan plan = TestCards.shadowed().plan();
        TestCards used = new TestCards(Harvest.choosing(plan.spec(), plan.build(), true));
        List<OtherCuts.Cut> all = cuts(used.plan());
        assertThat(all.get(all.size() - 1).change()).isEqualTo(OtherCuts.Change.WITHOUT_MIDDLES);
        assertThat(all.get(all.size() - 1).plan().sheets())
                .isEqualTo(plan.cutting().sheets());
    }

    @Test
    void aCardWithoutCoveredMiddlesHasNothingToHarvest() {
        Plan plan = TestCards.of("ticket.json").plan();
        assertThat(Harvest.of(plan.build())).isEmpty();
        assertThat(cuts(plan)).hasSize(2);
    }

    /** The effort of a plan is that of its programs, material by material. */
    @Test
    void effortCountsSettingsAndStrokes() {
        Plan plan = TestCards.of("viaduct.json").plan();
        TrimmerProgram.Effort effort = TrimmerProgram.effort(plan.cutting());
        List<TrimmerProgram> programs = plan.cutting().materials().stream()
                .map(m -> TrimmerProgram.of(m.sheets(), 1))
                .toList();
        assertThat(effort.strokes())
                .isEqualTo(programs.stream().mapToInt(TrimmerProgram::strokes).sum());
        assertThat(effort.settings())
                .isEqualTo(programs.stream().mapToInt(p -> p.settings().size()).sum());
    }
}
