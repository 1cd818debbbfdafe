package dev.schachtel.app.colours;

import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

import dev.schachtel.app.frame.Download;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.structure.StructureController.Seen;
import dev.schachtel.app.structure.Typed;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.card.Colouring;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.design.UseUp;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.print.RecipePdf;

/** The part Colours of Decorate. */
@Controller
@RequestMapping("/cards/{id}/decorate/colours")
class ColoursController {
    private static final String PAGE = "redirect:/cards/";

    private final CardService cards;
    private final Plans plans;
    private final ColoursDesk desk;
    private final Workshops workshops;

    ColoursController(CardService cards, Plans plans, ColoursDesk desk, Workshops workshops) {
        this.cards = cards;
        this.plans = plans;
        this.desk = desk;
        this.workshops = workshops;
    }

    @GetMapping
    String page(@PathVariable long id, @RequestParam(defaultValue = "") String area, Model model) {
        StoredCard card = cards.load(id);
        model.addAttribute("v", desk.view(card, plans.of(card.spec()), area));
        return "colours/page";
    }

    /** From now on the pictures of the card are coloured by hand. */
    @PostMapping("/begin")
    String begin(@PathVariable long id, @ModelAttribute Seen seen) {
        String kind = RecordType.word(Colouring.class);
        cards.change(seen.change(
                id,
                "add " + kind,
                spec -> ColoursDesk.colouring(spec).isPresent()
                        ? spec
                        : CardEdit.of(spec).add(kind)));
        return to(id, "");
    }

    @PostMapping("/end")
    String end(@PathVariable long id, @ModelAttribute Seen seen) {
        cards.change(seen.change(id, "remove colouring", spec -> ColoursDesk.colouring(spec)
                .map(c -> CardEdit.of(spec).remove(c.id()))
                .orElse(spec)));
        return to(id, "");
    }

    @PostMapping("/set")
    String set(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @ModelAttribute Typed typed,
            @RequestParam(defaultValue = "") String area) {
        cards.change(seen.change(id, typed.about(), typed::apply));
        return to(id, area);
    }

    /** What an area should look like on this card. */
    @PostMapping("/aim")
    String aim(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @RequestParam(defaultValue = "") String area,
            @RequestParam(defaultValue = "") String wanted) {
        cards.change(seen.change(id, "aim " + area, spec -> ColoursDesk.aimed(spec, plans.of(spec), area, wanted)));
        return to(id, area);
    }

    /** The cards are made: what they took of pens, glue and small things is gone. */
    @PostMapping("/used")
    String used(@PathVariable long id) {
        var build = plans.of(cards.load(id).spec()).build();
        workshops.change(w -> UseUp.taken(build, w));
        return "redirect:/stock/colours";
    }

    /** The maker wants two colours as near to each other as they are. */
    @PostMapping("/meant")
    String meant(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @RequestParam @Nullable String upper,
            @RequestParam @Nullable String lower) {
        if (upper == null || lower == null || !upper.matches(Id.PATTERN) || !lower.matches(Id.PATTERN)) {
            throw new RefusedException("colours", "choose two that lie on each other");
        }
        cards.change(seen.change(id, "meant " + upper, spec -> CardEdit.of(spec).meant(new Id(upper), new Id(lower))));
        return to(id, "");
    }

    @GetMapping("/recipe.pdf")
    ResponseEntity<byte[]> recipe(@PathVariable long id) {
        StoredCard card = cards.load(id);
        return Download.of(
                card.spec().name() + " recipe.pdf",
                MediaType.APPLICATION_PDF,
                RecipePdf.pdf(
                        card.spec().name(),
                        plans.of(card.spec()).build(),
                        card.spec().units()));
    }

    @GetMapping("/papers")
    String papers(@PathVariable long id, Model model) {
        model.addAttribute("at", "/cards/" + id + "/decorate");
        model.addAttribute(
                "papers", desk.papers(plans.of(cards.load(id).spec())).orElse(null));
        return "colours/papers";
    }

    @PostMapping("/papers")
    String take(@PathVariable long id, @ModelAttribute Seen seen, @RequestParam String paper) {
        cards.change(seen.change(id, "paper " + paper, spec -> ColoursDesk.taken(spec, plans.of(spec), paper)));
        return to(id, "");
    }

    private static String to(long id, String area) {
        return PAGE + id + "/decorate/colours" + (ColoursDesk.isKey(area) ? "?area=" + area : "");
    }
}
