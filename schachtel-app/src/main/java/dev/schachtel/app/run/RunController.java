package dev.schachtel.app.run;

import java.util.Locale;

import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.util.UriComponentsBuilder;

import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.run.RunEvent;

import jakarta.servlet.http.HttpServletResponse;

/** Bench mode: one step large, timers, the batch, and two answers. */
@Controller
class RunController {
    private final Runs runs;
    private final RunDesk desk;
    private final CardService cards;
    private final Plans plans;

    RunController(Runs runs, RunDesk desk, CardService cards, Plans plans) {
        this.runs = runs;
        this.desk = desk;
        this.cards = cards;
        this.plans = plans;
    }

    /** Goes on with the card's run, or begins one where there is none or the last is finished. */
    @PostMapping("/cards/{id}/bench")
    String bench(@PathVariable long id) {
        StoredCard card = cards.load(id);
        StoredRun run = runs.newest(id)
                .filter(r -> !r.state().isFinished())
                .orElseGet(() -> runs.begin(card, plans.built(card.spec())));
        return "redirect:/runs/" + run.id();
    }

    @GetMapping("/runs/{id}")
    String page(@PathVariable long id, @RequestParam(defaultValue = "") String maker, Model model) {
        model.addAttribute("v", desk.view(runs.load(id), name(maker), runs.now()));
        return "run/page";
    }

    @GetMapping(path = "/runs/{id}/after", produces = MediaType.TEXT_HTML_VALUE)
    @ResponseBody
    String after(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String maker,
            @RequestParam(defaultValue = "false") boolean plays) {
        String again = UriComponentsBuilder.fromPath("/runs/{id}/after")
                .queryParam("plays", true)
                .queryParam("maker", "{maker}")
                .encode()
                .buildAndExpand(id, maker)
                .toUriString();
        return desk.after(runs.load(id), name(maker), runs.now(), plays, again);
    }

    /** The page again if anything was said since, or something got dry; else nothing. */
    @GetMapping("/runs/{id}/now")
    String now(@PathVariable long id, Seen seen, HttpServletResponse response, Model model) {
        boolean dry = seen.until() > 0 && seen.until() <= runs.now().toEpochMilli();
        if (runs.events(id) == seen.events() && !dry) {
            response.setStatus(HttpStatus.NO_CONTENT.value());
            return "run/nothing";
        }
        return page(id, seen.maker(), model);
    }

    /** What a page shows already: how many events, and when its first timer ends. */
    record Seen(String maker, long events, long until) {}

    /**
     * What a maker says.
     *
     * @param id made by the page, so that it counts once however often it arrives
     */
    record Report(String id, String maker, String kind, String step, int card, String note) {
        RunEvent event(java.time.Instant at) {
            if (id == null || !id.matches("[A-Za-z0-9-]{8,60}")) {
                throw new RefusedException("run", "That came without its number; load the page again.");
            }
            RunEvent.Kind what;
            try {
                what = RunEvent.Kind.valueOf(kind == null ? "" : kind.toUpperCase(Locale.ROOT));
            } catch (IllegalArgumentException e) {
                throw new RefusedException("run", "That can't be said at the bench.");
            }
            String words = note == null ? "" : note.strip();
            return new RunEvent(
                    id,
                    at,
                    name(maker),
                    what,
                    step == null || step.length() > 200 ? "" : step,
                    card,
                    words.length() > 300 ? words.substring(0, 300) : words);
        }
    }

    /** Without scripts the page is shown anew instead of its parts. */
    @PostMapping("/runs/{id}/say")
    String say(
            @PathVariable long id,
            @ModelAttribute Report report,
            @RequestHeader(name = "HX-Request", required = false) String part,
            Model model) {
        StoredRun run = runs.say(id, report.event(runs.now()));
        if (part == null) {
            return page(id, report.maker());
        }
        model.addAttribute("v", desk.view(run, name(report.maker()), runs.now()));
        return "run/page";
    }

    /** A new run of the card as it is now; what is done under the same name counts as done. */
    @PostMapping("/runs/{id}/over")
    String over(@PathVariable long id, @RequestParam(defaultValue = "") String maker) {
        StoredRun old = runs.load(id);
        StoredCard card = cards.load(old.cardId());
        StoredRun next = runs.moveOver(old, card, plans.built(card.spec()));
        return page(next.id(), maker);
    }

    private static String page(long run, String maker) {
        return "redirect:"
                + UriComponentsBuilder.fromPath("/runs/" + run)
                        .queryParam("maker", "{maker}")
                        .encode()
                        .buildAndExpand(name(maker))
                        .toUriString();
    }

    private static String name(String maker) {
        String name = maker == null ? "" : maker.strip();
        return name.isEmpty() ? "Maker 1" : name.length() > 40 ? name.substring(0, 40) : name;
    }
}
