package dev.schachtel.core.log;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

import org.apache.commons.statistics.distribution.BinomialDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.cutting.StockDraw;
import dev.schachtel.core.design.UseUp;
import dev.schachtel.core.log.LogEntry.Drawn;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.material.Shade;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Take;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.plan.Plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What builds take of the drawer: as planned, as counted, as learned, and what runs out. */
class SuppliesTest {
    private static final Workshop SHOP = TestCards.WORKSHOP;
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 28);
    private static final Roll TAPE = SHOP.rolls().get(0);

    /** What is taken, line by line, leads to the same drawer as the plan as a whole does; nothing of the box is named by size. */
    @ParameterizedTest
    @ValueSource(strings = {"terraces.json", "upper-station.json", "timetable.json", "ticket.json", "viaduct.json"})
    void linesOfWhatIsTakenAddUpToTheDrawerAfterwards(String card) {
        Plan plan = TestCards.of(card).plan();
        Workshop byLines = SHOP;
        List<Take> takes = UseUp.takes(plan.build(), plan.cutting(), SHOP);
        for (Take take : takes) {
            byLines = take.from(byLines);
        }
        Workshop after = StockDraw.taken(plan.cutting(), UseUp.taken(plan.build(), SHOP));
        assertThat(bought(byLines)).isEqualTo(bought(after));
        assertThat(left(byLines, Roll::left).keySet())
                .isEqualTo(left(after, Roll::left).keySet());
        for (Roll roll : byLines.rolls()) {
            double other = millimetres(left(after, r -> r).get(roll.id()));
            assertThat(millimetres(roll)).as(roll.id().value()).isCloseTo(other, within(0.51));
        }
        assertThat(counts(byLines.materials())).isEqualTo(counts(after.materials()));
        for (Shade shade : byLines.shades()) {
            double other = after.shade(shade.id()).orElseThrow().left();
            assertThat(shade.left()).as(shade.name()).isCloseTo(other, within(0.0021));
        }
        int back = takes.stream()
                .filter(t -> t.of() == Take.Of.BACK)
                .mapToInt(Take::amount)
                .sum();
        int from = takes.stream()
                .filter(t -> t.of() == Take.Of.OFFCUTS)
                .mapToInt(Take::amount)
                .sum();
        assertThat(box(after) - box(SHOP)).isEqualTo(back - from);
    }

    private static Map<MaterialId, Integer> bought(Workshop w) {
        return w.sheets().stream().filter(Sheet::canBeBought).collect(Collectors.toMap(Sheet::id, Sheet::count));
    }

    private static int box(Workshop w) {
        return w.sheets().stream()
                .filter(s -> s.origin() == Sheet.Origin.OFFCUT)
                .mapToInt(Sheet::count)
                .sum();
    }

    private static <T> Map<MaterialId, T> left(Workshop w, Function<Roll, T> of) {
        return w.rolls().stream().collect(Collectors.toMap(Roll::id, of));
    }

    private static double millimetres(Roll roll) {
        return roll.left().nanometres() / 1e6;
    }

    private static Map<MaterialId, Integer> counts(List<Material> materials) {
        return materials.stream()
                .filter(m -> m instanceof Embellishment || m instanceof Adhesive)
                .collect(Collectors.toMap(
                        Material::id, m -> m instanceof Embellishment e ? e.owned() : ((Adhesive) m).left()));
    }

    private static LogEntry build(int daysAgo, int planned, int taken) {
        Drawn drawn = new Drawn("tape", TAPE.material(), TAPE.id(), Take.Of.MILLIMETRES, planned, taken);
        LocalDate day = TODAY.minusDays(daysAgo);
        return new LogEntry("Ticket", day, 1, 0, 0, 0, List.of(), List.of(), List.of(), "", List.of(drawn));
    }

    /** Who takes a fifth more than planned is told so; what was not counted is thought to be a fifth more, too. */
    @Test
    void whatIsCountedIsLearned() {
        List<LogEntry> builds = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            builds.add(build(10 + i, 1000, 1200));
        }
        Supplies supplies = Supplies.of(builds, TODAY);
        assertThat(supplies.of(TAPE.material()).median()).isCloseTo(1.2, within(0.02));
        assertThat(Supplies.of(List.of(), TODAY).of(TAPE.material()).median()).isEqualTo(1);
        builds.replaceAll(b -> b.day().getDayOfMonth() % 2 == 0 ? b : b.counted(List.of(-1)));
        double half = Supplies.of(builds, TODAY).of(TAPE.material()).median();
        assertThat(half).isCloseTo(1.2, within(0.03));
        Supplies.Out out = Supplies.of(builds, TODAY).runOut(SHOP).get(0);
        double left = SHOP.rollsOf(TAPE.material()).stream()
                .mapToDouble(SuppliesTest::millimetres)
                .sum();
        assertThat(out.left()).isEqualTo(left);
        assertThat(out.seen()).isEqualTo(20);
        assertThat(out.lasting().builds()).isBetween((int) (left / 1230) - 1, (int) (left / 1170));
    }

    /** Next year's builds, those of two years ago, a thing taken once, and a thing that is gone say nothing. */
    @Test
    void onlyHabitsOfTheLastYearCount() {
        List<LogEntry> builds = List.of(build(-3, 900, 1), build(800, 900, 1), build(20, 900, 900));
        assertThat(Supplies.of(builds, TODAY).runOut(SHOP)).isEmpty();
        Drawn gone = new Drawn("gone", new MaterialId("gone"), new MaterialId("gone"), Take.Of.SHEETS, 2, -1);
        LogEntry of = new LogEntry("A", TODAY, 1, 0, 0, 0, List.of(), List.of(), List.of(), "", List.of(gone));
        assertThat(Supplies.of(List.of(of, of, of), TODAY).runOut(SHOP)).isEmpty();
    }

    /** Two of twelve torn at the punch: good is (19 + 10) / 32; for twelve cards that takes 15, since 14 give twelve in 86 of 100. */
    @Test
    void whatGoesWrongOftenTakesMoreSpares() {
        LogEntry.Done punch = new LogEntry.Done("punch", "Oduya", 60, 60, 70, 0);
        LogEntry.Wrong torn = new LogEntry.Wrong(3, 0, "punch", "It tore.", "");
        LogEntry built = new LogEntry(
                "Label", TODAY, 12, 0, 60, 70, List.of(punch), List.of(torn, torn), List.of(), "", List.of());
        List<Risk> risks = Risk.of(List.of(built), List.of("punch", "trim", "punch"), 12);
        assertThat(risks).containsExactly(new Risk("punch", 12, 2, 15));
        double share = BinomialDistribution.of(14, 29 / 32.0).survivalProbability(11);
        assertThat(share).isLessThan(0.95);
        assertThat(BinomialDistribution.of(15, 29 / 32.0).survivalProbability(11))
                .isGreaterThanOrEqualTo(0.95);
        assertThat(Risk.of(List.of(), List.of("punch"), 12)).isEmpty();
    }

    /** More than was known goes out of the drawer, less goes back, never below nothing or above full. */
    @Test
    void theDrawerIsCorrected() {
        Drawn drawn = new Drawn("tape", TAPE.material(), TAPE.id(), Take.Of.MILLIMETRES, 300, -1);
        Workshop more = drawn.more(420).from(SHOP);
        assertThat(millimetres(TAPE) - millimetres(more.rolls().get(0))).isEqualTo(120);
        assertThat(drawn.more(999_999).from(SHOP).rolls().get(0).left().isZero())
                .isTrue();
        Take back = new Take("tape", TAPE.material(), TAPE.id(), Take.Of.MILLIMETRES, -900_000);
        assertThat(back.from(SHOP).rolls().get(0).left()).isEqualTo(TAPE.full());
        Drawn counted = new Drawn("tape", TAPE.material(), TAPE.id(), Take.Of.MILLIMETRES, 300, 420);
        assertThat(counted.more(420).amount()).isZero();
        assertThat(build(1, 300, -1).counted(List.of(420)).stock()).containsExactly(counted);
    }
}
