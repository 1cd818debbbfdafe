package dev.schachtel.app.cutting;

import java.time.Duration;
import java.util.Optional;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.structure.StructureController.Seen;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.cutting.Harvest;
import dev.schachtel.core.cutting.StockDraw;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.StockEdit;
import dev.schachtel.core.model.RefusedException;

/** The Cut station: sheets, the trimmer program stroke by stroke, the proof, the cut list. */
@Controller
@RequestMapping("/cards/{id}/cut")
public class CutController {
    /** How long the page looks by itself, and in which portions. */
    private static final Duration PORTION = Duration.ofMillis(350);

    private static final int MOST_SPARES = 100;
    private final CardService cards;
    private final Plans plans;
    private final CutDesk desk;
    private final Workshops workshops;

    CutController(CardService cards, Plans plans, CutDesk desk, Workshops workshops) {
        this.cards = cards;
        this.plans = plans;
        this.desk = desk;
        this.workshops = workshops;
    }

    @GetMapping
    String page(
            @PathVariable long id,
            @RequestParam(defaultValue = "0") int stroke,
            @RequestParam(defaultValue = "false") boolean compare,
            @RequestParam(defaultValue = "false") boolean stopped,
            Model model) {
        StoredCard card = cards.load(id);
        model.addAttribute(
                "v", desk.view(card, plans.of(card.spec()), new CutDesk.Asked(stroke, compare, !stopped, 0)));
        return "cutting/page";
    }

    /** One stroke alone, for a page that follows the program and keeps its sheets. */
    @GetMapping(headers = "HX-Target=stroke")
    String stroke(@PathVariable long id, @RequestParam int stroke, Model model) {
        StoredCard card = cards.load(id);
        model.addAttribute("program", desk.program(plans.of(card.spec()), stroke));
        model.addAttribute("at", "/cards/" + id);
        return "cutting/stroke";
    }

    /** Looks for fewer sheets for a portion of time; the page asks again until it is proved or time is up. */
    @PostMapping("/better")
    String better(@PathVariable long id, @RequestParam int spent, @RequestParam int until, Model model) {
        StoredCard card = cards.load(id);
        plans.improve(card.spec(), PORTION);
        int now = Math.min(spent, 600_000) + (int) PORTION.toMillis();
        boolean on = now < Math.min(until, 600_000);
        model.addAttribute("v", desk.view(card, plans.of(card.spec()), new CutDesk.Asked(0, false, on, now)));
        model.addAttribute("until", until);
        return "cutting/better";
    }

    /** What the maker chooses for a part; empty texts leave it to the tool. */
    record Chosen(
            @Nullable String part,
            @Nullable String method,
            @Nullable String from,
            @Nullable Boolean middle,
            @Nullable Integer spares) {
        CutChoice choice() {
            if (part == null || method == null || from == null) {
                throw new RefusedException("part", "is not named; load the page again");
            }
            return new CutChoice(
                    part,
                    method.isBlank() ? Optional.empty() : CutRows.method(method),
                    from.isBlank() ? Optional.empty() : Optional.of(StockEdit.id(from)),
                    Boolean.TRUE.equals(middle),
                    spares == null ? 0 : Math.max(0, Math.min(MOST_SPARES, spares)));
        }
    }

    /** How a part is cut, from which sheet, and whether its covered middle is used. */
    @PostMapping("/choose")
    String choose(@PathVariable long id, @ModelAttribute Seen seen, @ModelAttribute Chosen chosen) {
        CutChoice choice = chosen.choice();
        cards.change(seen.change(
                id, "cut " + chosen.part(), spec -> CardEdit.of(spec).cut(choice)));
        return "redirect:/cards/" + id + "/cut";
    }

    /** Uses the covered middles of all parts that have one, or of none. */
    @PostMapping("/middles")
    String middles(@PathVariable long id, @ModelAttribute Seen seen, @RequestParam boolean use) {
        Build build = plans.of(cards.load(id).spec()).build();
        cards.change(seen.change(id, "cut middles", spec -> Harvest.choosing(spec, build, use)));
        return "redirect:/cards/" + id + "/cut";
    }

    /** Takes what the plan needs out of the drawer and puts what is left over into the offcut box. */
    @PostMapping("/done")
    String done(@PathVariable long id) {
        StoredCard card = cards.load(id);
        var plan = plans.of(card.spec()).cutting();
        workshops.change(w -> StockDraw.taken(plan, w));
        return "redirect:/stock?card=" + id;
    }
}
