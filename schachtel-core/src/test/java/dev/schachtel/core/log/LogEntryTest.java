package dev.schachtel.core.log;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.design.UseUp;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.files.LogFile;
import dev.schachtel.core.files.LogSchema;
import dev.schachtel.core.log.Acquaintance.Built;
import dev.schachtel.core.log.Acquaintance.Like;
import dev.schachtel.core.log.LogEntry.Done;
import dev.schachtel.core.log.LogEntry.Drawn;
import dev.schachtel.core.log.LogEntry.Given;
import dev.schachtel.core.log.LogEntry.Wrong;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Take;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.print.LogCsv;
import dev.schachtel.core.print.LogPdf;
import dev.schachtel.core.run.RunEvent;
import dev.schachtel.core.run.RunPlan;
import dev.schachtel.core.run.RunState;
import dev.schachtel.core.run.RunStep;
import dev.schachtel.core.work.WorkKind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Builds are kept as they were, go out and come back, and say who has what. */
class LogEntryTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 16);

    private static LogEntry entry(String name, Given... given) {
        return new LogEntry(
                name,
                DAY,
                12,
                1,
                3600,
                4000,
                List.of(new Done("stick", "Oduya", 90, 90, 118, 0), new Done("trim", "Oduya", 40, 40, 78, 0)),
                List.of(new Wrong(7, 0, "stick", "It leaked: a gap, “here”.", "a leaf over it")),
                List.of(given),
                "Two lines, one; =SUM(A1) and 1/2.",
                List.of(new Drawn(
                        "foam tape, 12 mm wide",
                        new MaterialId("foam-tape-2"),
                        new MaterialId("roll-1"),
                        Take.Of.MILLIMETRES,
                        1350,
                        1500)));
    }

    private static Given to(String who) {
        return new Given(who, "the jubilee", Optional.of(DAY), 3, true);
    }

    private static CardSpec card(String file) {
        return TestCards.whole(file).spec();
    }

    @Test
    void whatIsWrittenIsReadBack() {
        Random random = new Random(5);
        for (int i = 0; i < 50; i++) {
            Given[] given = new Given[random.nextInt(4)];
            for (int k = 0; k < given.length; k++) {
                given[k] = new Given(
                        "somebody " + k,
                        k % 2 == 0 ? "" : "thanks",
                        k % 2 == 0 ? Optional.empty() : Optional.of(DAY.plusDays(random.nextInt(400))),
                        1 + random.nextInt(40),
                        random.nextBoolean());
            }
            LogEntry entry = entry("Card " + i, given);
            assertThat(LogFile.read(LogFile.write(entry))).isEqualTo(entry);
        }
    }

    /** The whole log by a reader that isn't ours, and back. */
    @Test
    void theWholeLogIsAsItsSchemaSays() {
        List<Built> log = List.of(
                new Built(entry("Upper Station", to("Society shop")), Optional.of(card("upper-station.json"))),
                new Built(entry("Written in"), Optional.empty()));
        String text = LogFile.export(log);
        Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(LogSchema.write(), InputFormat.JSON);
        assertThat(schema.validate(text, InputFormat.JSON).stream().map(Error::getMessage))
                .isEmpty();
        assertThat(schema.validate(text.replace("\"made\" : 12", "\"made\" : \"many\""), InputFormat.JSON))
                .isNotEmpty();
        assertThat(LogFile.readAll(text)).isEqualTo(log);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "[]",
                "{\"builds\": []}",
                "{\"schachtel\": 9, \"builds\": []}",
                "{\"schachtel\": 1, \"builds\": {}}",
                "{\"schachtel\": 1, \"builds\": [{}]}",
                "{\"schachtel\": 1, \"builds\": [{\"entry\": {\"name\": \"x\"}}]}",
                "{\"schachtel\": 1, \"builds\": [{\"entry\": {\"name\": \"x\", \"day\": \"tomorrow\"}}]}"
            })
    void whatIsNoLogIsRefused(String text) {
        assertThatThrownBy(() -> LogFile.readAll(text)).isInstanceOf(RefusedException.class);
    }

    /** What could not be shown is refused with its place, or put right. */
    @ParameterizedTest
    @CsvSource({
        "'\"day\" : \"2026-11-16\"', '\"day\" : \"+10000-01-01\"', day",
        "'\"day\" : \"2026-11-16\"', '\"day\" : \"0000-01-01\"', day",
        "'\"day\" : \"2026-11-16\"', '\"day\" : \"1899-12-31\"', day",
        "'\"name\" : \"Upper Station\"', '\"name\" : \" \"', name",
        "'\"who\" : \"Society shop\"', '\"who\" : \" \"', who",
    })
    void whatCannotBeShownIsRefused(String was, String is, String where) {
        String text = LogFile.export(List.of(new Built(entry("Upper Station", to("Society shop")), Optional.empty())));
        assertThat(text).contains(was);
        assertThatThrownBy(() -> LogFile.readAll(text.replace(was, is)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining(where);
    }

    /** Beyond the steps that there are it is at the last of them. */
    @ParameterizedTest
    @ValueSource(ints = {-1, 0, 1, 2, 1000})
    void aMishapIsAtAStepThatIsThere(int step) {
        LogEntry entry = entry("Upper Station");
        LogEntry with = new LogEntry(
                entry.name(),
                entry.day(),
                1,
                0,
                0,
                0,
                List.of(new LogEntry.Done("cut", "", 1, 1, 1, 0), new LogEntry.Done("fold", "", 1, 1, 1, 0)),
                List.of(new LogEntry.Wrong(1, step, "cut", "It tore.", "")),
                List.of(),
                "",
                List.of());
        assertThat(with.mishaps().get(0).step()).isEqualTo(Math.min(1, step));
        assertThat(LogFile.read(LogFile.write(with))).isEqualTo(with);
    }

    /** Lines for a spreadsheet come back as they went, formulas made harmless; bad lines are named. */
    @Test
    void linesForASpreadsheet() {
        LogEntry entry = new LogEntry(
                "=Upper, \"Station\"",
                DAY,
                12,
                1,
                3600,
                4020,
                List.of(),
                List.of(),
                List.of(),
                "Went well, mostly.",
                List.of());
        String csv = LogCsv.write(List.of(entry, entry("Other", to("Society shop"))));
        assertThat(csv).contains("'=Upper").contains("3 Society shop");
        List<LogEntry> back = LogCsv.read(csv);
        assertThat(back.get(0)).isEqualTo(entry);
        assertThat(back.get(1).given()).isEmpty();
        assertThatThrownBy(() -> LogCsv.read("card,finished on\nA,2026-01-01\n,2026-01-01\n"))
                .hasMessageContaining("line 3");
        assertThatThrownBy(() -> LogCsv.read("card,finished on,made\nA,2026-01-01,a dozen\n"))
                .hasMessageContaining("a dozen");
        assertThatThrownBy(() -> LogCsv.read("what\nis this\n")).isInstanceOf(RefusedException.class);
    }

    @Test
    void onePageHoldsABuild() throws Exception {
        byte[] pdf = LogPdf.write(
                entry("Upper Station", to("Society shop")),
                Optional.of(TestCards.whole("upper-station.json").build()),
                Units.MM,
                work -> work);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Upper Station", "12 cards, 1 spoiled", "1 h 7, 1 h 0 planned")
                    .contains("Society shop: 3 cards, the jubilee, 16 November 2026, posted", "Kept: 9 cards")
                    .contains("What helped: a leaf over it");
        }
    }

    /** Case, accents and spaces make no other person. */
    @ParameterizedTest
    @CsvSource({"ms  ODUYA, true", "Ms Óduya, true", "Ms. Oduya, true", "Oduya, false", "'', false"})
    void aPersonIsKnownByName(String asked, boolean known) {
        List<Built> log = List.of(new Built(entry("Viaduct", to("Ms Oduya")), Optional.of(card("viaduct.json"))));
        assertThat(Acquaintance.of(asked, card("ticket.json"), log).had().isEmpty())
                .isEqualTo(!known);
    }

    /** The same card, then the same picture, then the same set; else what is missing. */
    @Test
    void whatIsAlikeIsSaid() {
        CardSpec ticket = card("ticket.json");
        CardSpec other = CardEdit.of(card("luggage-label.json")).set(new Id("card"), "set", "Another set");
        List<Built> log = List.of(
                new Built(entry("Ticket", to("Crew")), Optional.of(ticket)),
                new Built(entry("Luggage Label", to("Crew")), Optional.of(other)),
                new Built(entry("Viaduct", to("Shop")), Optional.of(card("viaduct.json"))));
        assertThat(Acquaintance.of("crew", ticket, log).closest().orElseThrow().like())
                .isEqualTo(Like.CARD);
        CardSpec renamed = CardEdit.of(ticket).set(new Id("card"), "name", "Another ticket");
        assertThat(Acquaintance.main(renamed)).isPresent();
        assertThat(Acquaintance.of("crew", renamed, log).closest().orElseThrow().like())
                .isEqualTo(Like.PICTURE);
        assertThat(Acquaintance.of("crew", card("platform-sign.json"), log)
                        .closest()
                        .orElseThrow()
                        .like())
                .isEqualTo(Like.SET);
        CardSpec plain = TestCards.raised().spec();
        assertThat(Acquaintance.of("crew", plain, log).closest()).isEmpty();
        assertThat(Acquaintance.of("crew", plain, log).without()).containsExactly("Stepper card");
        assertThat(Acquaintance.of("nobody", plain, log).without()).isEmpty();
    }

    /** What people added stays when the run says something more. */
    @Test
    void aRunThatGoesOnKeepsWhatWasAdded() {
        LogEntry kept = entry("Ticket", to("Crew")).said("Good.").counted(10, 2);
        LogEntry run = new LogEntry(
                "Ticket",
                DAY.plusDays(1),
                12,
                0,
                10,
                20,
                List.of(),
                List.of(new Wrong(7, -1, "stick", "It leaked.", ""), new Wrong(8, -1, "trim", "Cut short.", "")),
                List.of(),
                "",
                List.of());
        LogEntry now = kept.again(run);
        assertThat(now.words()).isEqualTo("Good.");
        assertThat(now.given()).isEqualTo(kept.given());
        assertThat(List.of(now.made(), now.spoiled(), now.taken(), now.kept())).isEqualTo(List.of(10, 2, 20, 7));
        assertThat(now.mishaps().get(0).rescue()).isEqualTo("a leaf over it");
        assertThat(now.mishaps()).hasSize(2);
    }

    /** A long batch, a long occasion, a note over several lines: what is kept can be read again, and no time is lost. */
    @Test
    void whatARunLeavesCanBeReadBack() {
        CardSpec spec = TestCards.of("platform-sign.json")
                .set("brief", "cards", "130")
                .set("brief", "together", "1")
                .set("brief", "recipient", "R".repeat(200))
                .set("brief", "occasion", "O".repeat(200))
                .spec();
        Plan plan = Planner.withoutRemedies(spec, TestCards.WORKSHOP);
        RunPlan run =
                RunPlan.of(plan.assembly(), plan.build(), UseUp.takes(plan.build(), plan.cutting(), plan.workshop()));
        List<RunEvent> said = new ArrayList<>();
        Instant now = Instant.parse("2026-11-28T09:00:00Z");
        double seconds = 0;
        for (RunStep step : run.steps()) {
            said.add(new RunEvent("b" + said.size(), now, "Oduya", RunEvent.Kind.BEGUN, step.key(), 0, ""));
            now = now.plusSeconds(step.hands());
            said.add(new RunEvent("d" + said.size(), now, "Oduya", RunEvent.Kind.DONE, step.key(), 0, ""));
            seconds += step.hands();
        }
        RunEvent tore = new RunEvent(
                "w", now, "Oduya", RunEvent.Kind.WRONG, run.steps().get(40).key(), 3, "It\ntore.\u0007");
        LogEntry entry = LogEntry.of(spec, run, said, List.of(tore), DAY);
        assertThat(run.steps()).hasSizeGreaterThan(1000);
        assertThat(LogFile.read(LogFile.write(entry))).isEqualTo(entry);
        assertThat((double) entry.taken()).isCloseTo(seconds, org.assertj.core.api.Assertions.within(2.0));
        LogEntry.Wrong wrong = entry.mishaps().get(0);
        assertThat(wrong.words()).isEqualTo("It tore.");
        assertThat(entry.steps().get(wrong.step()).work()).isEqualTo(wrong.work());
    }

    /** Ended early it counts the whole cards; gone on with and ended again, it counts anew; what people said stays. */
    @Test
    void aRunEndedEarlyIsABuildToo() {
        Plan plan = TestCards.of("ticket.json").plan();
        RunPlan run = RunPlan.of(plan.assembly(), plan.build(), List.of());
        List<RunEvent> events = new ArrayList<>();
        Instant at = Instant.parse("2026-11-16T18:00:00Z");
        for (RunStep step : run.steps().subList(0, run.steps().size() - 1)) {
            at = at.plusSeconds(4 * 3600);
            events.add(new RunEvent("b" + events.size(), at, "Oduya", RunEvent.Kind.BEGUN, step.key(), 0, ""));
            events.add(new RunEvent(
                    "d" + events.size(), at.plusSeconds(60), "Oduya", RunEvent.Kind.DONE, step.key(), 0, ""));
        }
        assertThat(RunState.of(run, events).isFinished()).isFalse();
        events.add(new RunEvent("e", at.plusSeconds(120), "Oduya", RunEvent.Kind.ENDED, "", 0, ""));
        RunState ended = RunState.of(run, events);
        RunStep last = run.steps().get(run.steps().size() - 1);
        assertThat(ended.isFinished() && ended.isEndedEarly()).isTrue();
        assertThat(ended.open(at.plusSeconds(99_999))).isEmpty();
        assertThat(ended.wholeCards()).isEqualTo(run.cards() - last.cards());
        RunEvent begun = new RunEvent("x", at.plusSeconds(200), "Oduya", RunEvent.Kind.BEGUN, last.key(), 0, "");
        assertThat(ended.refuses(begun)).contains("was ended");
        LogEntry early = LogEntry.of(plan.spec(), run, events, List.of(), DAY);
        assertThat(early.made()).isEqualTo(ended.wholeCards());
        assertThat(early.words()).startsWith("Ended early: " + early.made() + " of " + run.cards());
        events.add(new RunEvent("r", at.plusSeconds(300), "Oduya", RunEvent.Kind.RESUMED, "", 0, ""));
        events.add(new RunEvent("y", at.plusSeconds(9_000), "Oduya", RunEvent.Kind.DONE, last.key(), 0, ""));
        LogEntry whole = early.again(LogEntry.of(plan.spec(), run, events, List.of(), DAY));
        assertThat(whole.made()).isEqualTo(run.cards());
        assertThat(whole.words()).isEmpty();
        assertThat(early.said("Enough.")
                        .again(LogEntry.of(plan.spec(), run, events, List.of(), DAY))
                        .words())
                .isEqualTo("Enough.");
    }

    @Test
    void everyKindOfWorkHasItsRescue() {
        for (WorkKind kind : WorkKind.all()) {
            assertThat(Rescue.of(kind.id())).as(kind.id()).isNotEmpty().doesNotHaveDuplicates();
        }
        assertThat(Rescue.of("nonsense")).isNotEmpty();
        assertThat(Set.copyOf(Rescue.of("trim"))).contains(Rescue.SMALLER);
    }
}
