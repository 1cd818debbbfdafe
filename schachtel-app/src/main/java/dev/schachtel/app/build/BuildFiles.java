package dev.schachtel.app.build;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;

import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

import dev.schachtel.app.frame.Download;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.words.Html;
import dev.schachtel.app.words.Times;
import dev.schachtel.app.words.Wording;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.drawing.StepView;
import dev.schachtel.core.plan.Deadline;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.print.BookletPdf;
import dev.schachtel.core.print.BuildCalendar;

/** The build plan to take along: a booklet to print, and its sittings for a calendar. */
@Controller
class BuildFiles {
    private final OutlookDesk outlook;
    private final CardService cards;
    private final Plans plans;
    private final Wording wording;
    private final Clock clock;

    BuildFiles(CardService cards, Plans plans, Wording wording, Clock clock, OutlookDesk outlook) {
        this.outlook = outlook;
        this.cards = cards;
        this.plans = plans;
        this.wording = wording;
        this.clock = clock;
    }

    private Plan plan(long id) {
        return plans.built(cards.load(id).spec());
    }

    @GetMapping("/cards/{id}/booklet.pdf")
    ResponseEntity<byte[]> booklet(@PathVariable long id) {
        Plan plan = plan(id);
        int number = plan.spec().brief().cards();
        String summary = (number == 1 ? "One card" : number + " cards") + ", "
                + Times.of(plan.assembly().total()) + " from the first stroke to the last thing dry, "
                + Times.of(plan.assembly().hands()) + " of handwork.";
        List<BookletPdf.Page> pages =
                plan.assembly().steps().stream().map(s -> page(s, plan)).toList();
        byte[] pdf =
                BookletPdf.write(plan.spec().name(), summary, pages, plan.spec().units());
        return Download.of(plan.spec().name() + " build plan.pdf", MediaType.APPLICATION_PDF, pdf);
    }

    private BookletPdf.Page page(Step step, Plan plan) {
        String lot = step.lot().isWhole()
                ? ""
                : ", cards " + step.lot().first() + " to " + step.lot().last();
        String when = "from " + Times.clock(step.start()) + ", " + Times.of(step.hands()) + lot + ", "
                + Html.plain(wording.tool(step.op()))
                + (step.op().rest().isZero()
                        ? ""
                        : ", then " + Times.of(step.op().rest()) + " to dry")
                + step.reasons().stream()
                        .findFirst()
                        .map(r -> ". " + Html.plain(wording.reason(r.rule())))
                        .orElse("");
        return new BookletPdf.Page(
                step.number() + "  " + Html.plain(wording.opTitle(step.op(), plan.build())),
                when.length() > 110 ? when.substring(0, 109) + "..." : when,
                wording.opOrders(step.op(), plan.build()).stream()
                        .map(Html::plain)
                        .toList(),
                step.op().cautions().stream()
                        .sorted()
                        .map(c -> Html.plain(wording.caution(c)))
                        .toList(),
                StepView.of(plan.build(), step.op(), plan.assembly().before(step)));
    }

    /** Sittings of at most eight hours, one a day, the last on the day for which the cards are wanted, or from tomorrow. */
    @GetMapping("/cards/{id}/build.ics")
    ResponseEntity<byte[]> calendar(@PathVariable long id) {
        Plan plan = plan(id);
        Duration total = plan.assembly().total();
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        LocalDateTime from = plan.spec()
                .brief()
                .due()
                .map(due -> Deadline.latestStart(total, due))
                .orElse(today.plusDays(1).atTime(Deadline.MORNING));
        List<BuildCalendar.Sitting> sittings = new ArrayList<>();
        Duration left = total;
        while (left.toMinutes() > 0) {
            Duration evening = Duration.between(from.toLocalTime(), Deadline.EVENING);
            Duration now = left.compareTo(evening) < 0 ? left : evening;
            Duration begun = total.minus(left);
            String what = plan.assembly().steps().stream()
                    .filter(s -> s.start().compareTo(begun) >= 0 && s.start().compareTo(begun.plus(now)) < 0)
                    .map(s -> s.number() + " " + Html.plain(wording.opTitle(s.op(), plan.build())))
                    .reduce((a, b) -> a + "\n" + b)
                    .orElse("");
            sittings.add(new BuildCalendar.Sitting(from, from.plus(now), what));
            left = left.minus(now);
            from = from.toLocalDate().plusDays(1).atTime(Deadline.MORNING);
        }
        if (!sittings.isEmpty()) {
            BuildCalendar.Sitting last = sittings.remove(sittings.size() - 1);
            sittings.add(new BuildCalendar.Sitting(last.from(), last.to(), last.what() + "\n" + outlook.range(plan)));
        }
        String ics = BuildCalendar.write(id, plan.spec().name(), sittings, ZoneId.systemDefault(), clock.instant());
        return Download.of(
                plan.spec().name() + ".ics",
                new MediaType("text", "calendar", StandardCharsets.UTF_8),
                ics.getBytes(StandardCharsets.UTF_8));
    }
}
