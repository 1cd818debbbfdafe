package dev.schachtel.app.cutting;

import java.time.Instant;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.app.RunningApp;
import dev.schachtel.app.frame.Frames;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

/** What the Cut station shows of a plan, without a server: nothing is left out, and every figure is the plan's. */
class CutDeskTest {
    private static final CutDesk.Asked PLAIN = new CutDesk.Asked(0, false, false, 0);
    private final CutDesk desk = new CutDesk(mock(Frames.class), new ProgramDesk());

    static List<String> files() {
        return RunningApp.demoFiles();
    }

    private CutView view(CardSpec spec, Workshop workshop) {
        Plan plan = Planner.withoutRemedies(spec, workshop);
        return desk.view(new StoredCard(1, 1, 1, spec, false, false, Instant.EPOCH), plan, PLAIN);
    }

    private static int drawn(CutView view, String what) {
        return view.materials().stream()
                .flatMap(m -> m.sheets().stream())
                .filter(p -> p.file().startsWith(what))
                .mapToInt(CutView.Picture::alike)
                .sum();
    }

    @ParameterizedTest
    @MethodSource("files")
    void allSheetsStrokesAndPartsAreThere(String file) {
        CardSpec spec = RunningApp.demo(file);
        CutPlan cutting = Planner.withoutRemedies(spec, WorkshopFile.standard()).cutting();
        CutView view = view(spec, WorkshopFile.standard());
        assertThat(drawn(view, "sheets/")).isEqualTo(cutting.numbered().size());
        assertThat(drawn(view, "mats/")).isEqualTo(cutting.mats().sheets().size());
        assertThat(view.rows()).hasSameSizeAs(cutting.demands());
        assertThat(view.rolls()).hasSameSizeAs(cutting.rolls());
        assertThat(view.sum().sheets()).startsWith(cutting.sheets() + " sheet");
        assertThat(view.sum().waste()).startsWith(100 - cutting.percentUsed() + " %");
        int strokes = view.program().strokes();
        List<Integer> numbers = view.program().settings().stream()
                .flatMap(s -> s.strokes().stream())
                .map(CutView.Stroke::number)
                .toList();
        assertThat(numbers).isSorted().doesNotHaveDuplicates().allMatch(n -> n >= 1 && n <= strokes);
        assertThat(view.seek().proved())
                .isEqualTo(cutting.materials().stream()
                        .allMatch(m -> m.provedLeast() || m.sheets().isEmpty()));
        assertThat(view.others()).as("asked for only").isEmpty();
    }

    /** An empty drawer: each material says so, nothing is drawn, and what is to be bought is told. */
    @Test
    void anEmptyDrawerIsTold() {
        Workshop standard = WorkshopFile.standard();
        Workshop empty = standard.with(List.of(), List.of(), standard.tools());
        CutView view = view(RunningApp.demo("luggage-label.json"), empty);
        assertThat(drawn(view, "sheets/")).isZero();
        assertThat(view.materials())
                .isNotEmpty()
                .allMatch(m -> m.proof().contains("No sheet of this in the drawer takes it.")
                        || m.proof().contains("larger than the mat or every sheet"));
        assertThat(view.seek().whole()).isFalse();
        assertThat(view.rolls()).allMatch(r -> !r.missing().isEmpty());
    }
}
