package dev.schachtel.app.build;

import java.util.Optional;

import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

import dev.schachtel.app.frame.AfterPicture;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.structure.StructureController.Seen;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.OrderWish;
import dev.schachtel.core.design.HouseQuestions;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.HouseEdit;
import dev.schachtel.core.edit.TimesEdit;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.work.WorkKind;

import jakarta.servlet.http.HttpServletResponse;

/** The Build station: the time band, all steps, and one of them in full. */
@Controller
public class BuildController {
    /** The page is drawn anew so often at most while a better order is looked for; nobody reads what never rests. */
    private static final int MOST_LOOKS = 6;

    private final CardService cards;
    private final Plans plans;
    private final BuildDesk desk;
    private final Workshops workshops;

    BuildController(CardService cards, Plans plans, BuildDesk desk, Workshops workshops) {
        this.cards = cards;
        this.plans = plans;
        this.desk = desk;
        this.workshops = workshops;
    }

    @GetMapping("/cards/{id}/build")
    String page(@PathVariable long id, @RequestParam(defaultValue = "1") int step, Model model) {
        StoredCard card = cards.load(id);
        return page(card, plans.of(card.spec()), step, model);
    }

    private String page(StoredCard card, Plan plan, int step, Model model) {
        int open = Math.max(1, Math.min(plan.assembly().steps().size(), step));
        model.addAttribute("v", desk.view(card, plan, plans.ways(card.spec()), open));
        return "build/page";
    }

    /** The page again if a moment's looking finds a better order; nothing (204) if it doesn't. */
    @GetMapping("/cards/{id}/build/better")
    @Nullable
    String better(
            @PathVariable long id,
            @RequestParam(defaultValue = "1") int step,
            @RequestParam(defaultValue = "0") int looks,
            Model model,
            HttpServletResponse response) {
        StoredCard card = cards.load(id);
        Optional<Plan> better = looks < MOST_LOOKS ? plans.better(card.spec()) : Optional.empty();
        model.addAttribute("looks", looks + 1);
        if (better.isEmpty()) {
            response.setStatus(HttpServletResponse.SC_NO_CONTENT);
            return null;
        }
        return page(card, better.get(), step, model);
    }

    /** What is in the hands after a step, or how it comes there; nothing where it fixes nothing. */
    @GetMapping(path = "/cards/{id}/build/after", produces = MediaType.TEXT_HTML_VALUE)
    @ResponseBody
    String after(
            @PathVariable long id,
            @RequestParam(defaultValue = "1") int step,
            @RequestParam(defaultValue = "false") boolean plays) {
        Plan plan = plans.of(cards.load(id).spec());
        int open = Math.max(1, Math.min(plan.assembly().steps().size(), step));
        Step at = plan.assembly().steps().get(open - 1);
        String again = "/cards/" + id + "/build/after?plays=true&step=" + open;
        return plays
                ? AfterPicture.playing(plan.build(), at.op(), plan.assembly().before(at), again)
                : AfterPicture.of(plan.build(), at.op(), plan.assembly().before(at), again);
    }

    /** The page with what each way of the house rules costs. */
    @GetMapping("/cards/{id}/build/rules")
    String rules(@PathVariable long id, @RequestParam(defaultValue = "1") int step, Model model) {
        StoredCard card = cards.load(id);
        plans.compare(card.spec());
        return page(card, plans.of(card.spec()), step, model);
    }

    /** How long a kind of work takes this maker, for all cards. */
    @PostMapping("/cards/{id}/build/time")
    String time(
            @PathVariable long id,
            @RequestParam String work,
            @RequestParam String what,
            @RequestParam String value,
            @RequestParam(defaultValue = "1") int step) {
        WorkKind kind = WorkKind.all().stream()
                .filter(k -> k.id().equals(work))
                .findFirst()
                .orElseThrow(() -> new RefusedException(work, "is no kind of work"));
        workshops.change(w -> w.timed(TimesEdit.set(w.times(), kind.usual(), what, value)));
        return "redirect:/cards/" + id + "/build?step=" + step;
    }

    /** Takes an answer to a question on which makers differ: into the card, or into the house's rules. */
    @PostMapping("/cards/{id}/build/school")
    String school(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @RequestParam String question,
            @RequestParam String word) {
        CardSpec spec = cards.load(id).spec();
        Workshop workshop = workshops.now();
        HouseQuestions.Taken taken = HouseQuestions.take(spec, workshop, question, word);
        if (!taken.workshop().equals(workshop)) {
            workshops.change(w -> HouseQuestions.take(spec, w, question, word).workshop());
        } else {
            cards.change(seen.change(id, question + " " + word, s -> HouseQuestions.take(s, workshop, question, word)
                    .spec()));
        }
        return "redirect:/cards/" + id + "/build";
    }

    /** How many makers, or how many cards at a time. */
    @PostMapping("/cards/{id}/build/batch")
    String batch(
            @PathVariable long id, @ModelAttribute Seen seen, @RequestParam String what, @RequestParam String value) {
        if (!what.equals("makers") && !what.equals("together")) {
            throw new RefusedException(what, "is not about the batch");
        }
        cards.change(seen.change(id, what, s -> CardEdit.of(s).set(new Id("brief"), what, value)));
        return "redirect:/cards/" + id + "/build";
    }

    /** How many lots can dry, or be pressed, at a time; for all cards. */
    @PostMapping("/cards/{id}/build/places")
    String places(@PathVariable long id, @RequestParam String what, @RequestParam String value) {
        workshops.change(w -> w.with(w.techniques(), HouseEdit.set(w.house(), what, value)));
        return "redirect:/cards/" + id + "/build";
    }

    /** One step before another, by their operations; the rules' own order can't be turned by it. */
    @PostMapping("/cards/{id}/build/move")
    String move(
            @PathVariable long id, @ModelAttribute Seen seen, @RequestParam String first, @RequestParam String then) {
        cards.change(seen.change(id, "order " + first, s -> CardEdit.of(s).wish(new OrderWish(first, then))));
        Plan plan = plans.of(cards.load(id).spec());
        int at = plan.assembly().steps().stream()
                .filter(s -> s.op().id().equals(seen.select()))
                .map(Step::number)
                .findFirst()
                .orElse(1);
        return "redirect:/cards/" + id + "/build?step=" + at;
    }

    /** Without the maker's wishes about the order. */
    @PostMapping("/cards/{id}/build/unwish")
    String unwish(@PathVariable long id, @ModelAttribute Seen seen) {
        cards.change(seen.change(id, "order", s -> {
            CardSpec now = s;
            for (OrderWish wish : s.order()) {
                now = CardEdit.of(now).unwish(wish.first());
            }
            return now;
        }));
        return "redirect:/cards/" + id + "/build";
    }
}
