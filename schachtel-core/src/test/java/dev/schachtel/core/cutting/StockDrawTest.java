package dev.schachtel.core.cutting;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.edit.StockEdit;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Area;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.print.StockCsv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** The drawer before and after cutting, and by hand. */
class StockDrawTest {
    private static final Workshop BEFORE = TestCards.WORKSHOP;

    private static Area all(Workshop w, MaterialId material) {
        return w.sheetsOf(material).stream()
                .map(s -> Area.of(s.width(), s.height()).times(s.count()))
                .reduce(Area.ZERO, Area::plus);
    }

    /** What is taken is what the plan says; what comes back is large enough and never more than was left over. */
    @ParameterizedTest
    @ValueSource(strings = {"terraces.json", "upper-station.json", "timetable.json", "ticket.json"})
    void takesWhatThePlanSaysAndKeepsUsefulRests(String card) {
        Build build = TestCards.of(card).build();
        CutPlan plan = CutPlanner.plan(build, BEFORE);
        Workshop after = StockDraw.taken(plan, BEFORE);
        for (MaterialPlan m : plan.materials()) {
            MaterialId id = m.material().id();
            Area taken = m.sheets().stream()
                    .filter(SheetPlan::inStock)
                    .map(SheetPlan::area)
                    .reduce(Area.ZERO, Area::plus);
            Area rests = m.sheets().stream()
                    .flatMap(s -> s.rests().stream())
                    .filter(r -> !r.width().isBelow(BEFORE.tools().keep())
                            && !r.height().isBelow(BEFORE.tools().keep()))
                    .map(r -> Area.of(r.width(), r.height()))
                    .reduce(Area.ZERO, Area::plus);
            double mats = plan.mats().sheets().stream()
                    .filter(s -> s.inStock() && s.sheet().material().equals(id))
                    .mapToDouble(
                            s -> Area.of(s.sheet().width(), s.sheet().height()).squareMillimetres())
                    .sum();
            assertThat(all(after, id).squareMillimetres())
                    .isCloseTo(
                            all(BEFORE, id).squareMillimetres()
                                    - taken.squareMillimetres()
                                    + rests.squareMillimetres()
                                    - mats,
                            within(0.01));
        }
        for (LinearPlan roll : plan.rolls()) {
            Length left = after.rollsOf(roll.material().id()).stream()
                    .map(Roll::left)
                    .reduce(roll.needed().minus(roll.missing()), Length::plus);
            Length had = BEFORE.rollsOf(roll.material().id()).stream()
                    .map(Roll::left)
                    .reduce(Length.ZERO, Length::plus);
            assertThat(left).isEqualTo(had);
        }
        assertThat(WorkshopFile.read(WorkshopFile.write(after))).isEqualTo(after);
        assertThat(StockCsv.read(StockCsv.write(after), BEFORE)).isEqualTo(after);
    }

    /** What a page would refuse to keep, a list is refused for, with its line; the drawer stays as it is. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            die,d-1,round,5000,5000,,,,,,round die,           | line 2 | 3000
            die,d-1,round,50,0,,,,,,round die,                | line 2 | above 0
            shop,s-1,cream-300,210,3000.5,up,false,1,,0,,     | line 2 | 3000
            shop,s-1,cream-300,210,297,up,false,100001,,0,,   | line 2 | 100000
            shop,s-1,cream-300,210,297,up,false,1,,1000001,,  | line 2 | 1000000
            shop,s-1,cream-300,210,297,askew,false,1,,0,,     | line 2 | ASKEW
            roll,r-1,foam-tape-2,6,500001,,,,1,0,,            | line 2 | 500000
            roll,r-1,foam-tape-2,6,5000,,,,500001,0,,         | line 2 | 500000
            """)
    void whatCannotBeKeptIsRefused(String line, String at, String why) {
        String head = StockCsv.write(BEFORE).lines().findFirst().orElseThrow();
        assertThatThrownBy(() -> StockCsv.read(head + "\r\n" + line + "\r\n", BEFORE))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining(at)
                .hasMessageContaining(why);
    }

    @Test
    void eachThingIsThereOnce() {
        List<String> lines = StockCsv.write(BEFORE).lines().toList();
        String twice = String.join("\r\n", lines) + "\r\n" + lines.get(3);
        assertThatThrownBy(() -> StockCsv.read(twice, BEFORE))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("line " + (lines.size() + 1), "line 4");
    }

    /** A strip of 50 x 30 mm on a shadow layer hides 50 x 30; less 6 mm each side, 38 x 18 is too narrow to keep. */
    @Test
    void aCoveredMiddleIsHarvestedOnlyWhereItIsLargeEnough() {
        TestCards narrow = TestCards.raised()
                .add("sentiment")
                .set("sentiment", "width", "50 mm")
                .set("sentiment", "height", "30 mm");
        assertThat(shadows(narrow.build())).isEmpty();
        List<Sheet> wide = shadows(narrow.set("sentiment", "height", "60 mm")
                .set("sentiment", "up", "70 mm")
                .set("brief", "cards", "3")
                .build());
        assertThat(wide).hasSize(1);
        assertThat(wide.get(0).width()).isEqualTo(Length.ofMillimetres(38));
        assertThat(wide.get(0).height()).isEqualTo(Length.ofMillimetres(48));
        assertThat(wide.get(0).count()).isEqualTo(3);
        assertThat(wide.get(0).canBeBought()).isFalse();
    }

    /** Upper Station's wide shadow layer gives its middle for smaller parts, if the maker says so, and never to itself. */
    @Test
    void aChosenMiddleIsCutUp() {
        TestCards card = TestCards.shadowed();
        TestCards used = new TestCards(Harvest.choosing(card.spec(), card.build(), true));
        CutPlan plan = used.plan().cutting();
        assertThat(plan.sheets()).isLessThan(card.plan().cutting().sheets());
        List<SheetPlan> middles = plan.numbered().stream()
                .filter(s -> s.sheet().origin() == Sheet.Origin.MIDDLE)
                .toList();
        assertThat(middles).isNotEmpty();
        assertThat(middles).allSatisfy(m -> assertThat(m.laid()).isNotEmpty().allSatisfy(l -> assertThat(
                        l.blank().demand().part().material().id())
                .isEqualTo(m.sheet().material())));
        assertThat(plan.everythingPlaced()).isTrue();
        int first = plan.numbered().indexOf(middles.get(0)) + 1;
        List<Integer> order = plan.materials().stream()
                .filter(m -> m.sheets().contains(middles.get(0)))
                .flatMap(m ->
                        TrimmerProgram.of(m.sheets(), first - m.sheets().indexOf(middles.get(0))).settings().stream())
                .flatMap(s -> s.strokes().stream())
                .map(s -> s.sheets().get(0))
                .toList();
        int firstOfMiddle = order.indexOf(first);
        assertThat(order.subList(firstOfMiddle, order.size()))
                .allSatisfy(n ->
                        assertThat(plan.numbered().get(n - 1).sheet().origin()).isEqualTo(Sheet.Origin.MIDDLE));
    }

    private static List<Sheet> shadows(Build build) {
        return Harvest.of(build).stream()
                .filter(s -> s.id().value().equals("middle-sentiment-shadow"))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "slate-300-12in, count, many, must be a whole number",
        "slate-300-12in, count, -3, must be a whole number",
        "slate-300-12in, count, 100001, 0 to 100000",
        "slate-300-12in, price, cheap, must be a sum",
        "slate-300-12in, price, 0.125, must be a sum",
        "slate-300-12in, price, 10001, must be a sum",
        "slate-300-12in, width, 0 mm, too small",
        "slate-300-12in, width, 9 m, too large",
        "slate-300-12in, id, x, nothing that can be changed",
        "tape-begun, left, 900 m, too large",
        "tape-begun, left, nothing, where a number should be",
        "tools, kerf, -1 mm, too small",
        "no-such-sheet, count, 3, is not in the drawer"
    })
    void nonsenseIsRefusedAndSaidWhy(String id, String component, String text, String because) {
        assertThatThrownBy(() -> StockEdit.of(BEFORE, Units.MM).set(new MaterialId(id), component, text))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining(because);
    }

    @Test
    void thingsComeAndGo() {
        StockEdit edit = StockEdit.of(BEFORE, Units.MM);
        Workshop more = edit.addSheet(new MaterialId("moss-270"), "12 in", "100", Sheet.Origin.OFFCUT);
        Sheet fresh = more.sheets().get(more.sheets().size() - 1);
        assertThat(fresh.width()).isEqualTo(Length.ofSixteenths(192));
        assertThat(fresh.canBeBought()).isFalse();
        assertThat(StockEdit.of(more, Units.MM).remove(fresh.id())).isEqualTo(BEFORE);
        Workshop roll = edit.addRoll(new MaterialId("tape"), "6", "10 m");
        assertThat(roll.rollsOf(new MaterialId("tape"))).hasSize(3);
        assertThat(edit.set(new MaterialId("slate-300-12in"), "price", "1,20")
                        .sheets()
                        .get(0)
                        .price())
                .isEqualTo(120);
        assertThatThrownBy(() -> edit.addSheet(new MaterialId("tape"), "6", "10", Sheet.Origin.SHOP))
                .hasMessageContaining("is not kept in sheets");
        assertThatThrownBy(() -> edit.addRoll(new MaterialId("parchment"), "6", "10"))
                .hasMessageContaining("not in the workshop");
    }

    /** A card's surface and the number of gems change where they are kept; nothing else of a material does. */
    @Test
    void materialsAreEditedWithinBounds() {
        StockEdit edit = StockEdit.of(BEFORE, Units.MM);
        Workshop rough = edit.set(new MaterialId("slate-300"), "finish", "absorbent");
        assertThat(rough.find(new MaterialId("slate-300"), Cardstock.class)
                        .orElseThrow()
                        .finish())
                .isEqualTo(Cardstock.Finish.ABSORBENT);
        assertThatThrownBy(() -> edit.set(new MaterialId("slate-300"), "grammage", "1"))
                .hasMessageContaining("can't be changed");
        Workshop more = edit.addEmbellishment(" drops ", Embellishment.Sort.GEM, "5", "2.5", "#aabbcc");
        MaterialId drops = new MaterialId("gem-1");
        assertThat(StockEdit.of(more, Units.MM)
                        .set(drops, "owned", "12")
                        .find(drops, Embellishment.class)
                        .orElseThrow()
                        .owned())
                .isEqualTo(12);
        assertThat(StockEdit.of(more, Units.MM).remove(drops)).isEqualTo(BEFORE);
        assertThatThrownBy(() -> edit.addEmbellishment("x", Embellishment.Sort.EYE, "5", "31", "#aabbcc"))
                .hasMessageContaining("too large");
        assertThatThrownBy(() -> edit.addEmbellishment("x", Embellishment.Sort.EYE, "5", "3", "red"))
                .hasMessageContaining("colour");
        assertThatThrownBy(() -> edit.addEmbellishment(" ", Embellishment.Sort.EYE, "5", "3", "#aabbcc"))
                .hasMessageContaining("letters");
    }
}
