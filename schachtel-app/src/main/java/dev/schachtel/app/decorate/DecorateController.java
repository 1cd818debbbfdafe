package dev.schachtel.app.decorate;

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
import dev.schachtel.app.structure.Typed;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.BookEdit;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.PairingEdit;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.model.RefusedException;

/** The Decorate station: what is done to which surface, in which order, with which times. */
@Controller
@RequestMapping("/cards/{id}/decorate")
class DecorateController {
    private final CardService cards;
    private final Plans plans;
    private final DecorateDesk desk;
    private final Workshops workshops;

    DecorateController(CardService cards, Plans plans, DecorateDesk desk, Workshops workshops) {
        this.cards = cards;
        this.plans = plans;
        this.desk = desk;
        this.workshops = workshops;
    }

    @GetMapping("/surfaces")
    String page(@PathVariable long id, Model model) {
        StoredCard card = cards.load(id);
        model.addAttribute("v", desk.view(card, plans.of(card.spec())));
        return "decorate/page";
    }

    /** New work on a piece. */
    @PostMapping("/add")
    String add(@PathVariable long id, @ModelAttribute Seen seen, @ModelAttribute Fresh fresh) {
        cards.change(seen.change(id, "add treatment", fresh::addTo));
        return "redirect:/cards/" + id + "/decorate/surfaces";
    }

    /** What new work is. */
    record Fresh(@Nullable String on, @Nullable String way, @Nullable String colour, @Nullable String words) {
        CardSpec addTo(CardSpec spec) {
            if (on == null || way == null || colour == null) {
                throw new RefusedException("surface work", "needs a piece, a technique and a colour");
            }
            Id work = CardEdit.of(spec).nextId("treatment");
            CardSpec now = CardEdit.of(spec).add("treatment");
            now = CardEdit.of(now).set(work, "on", on);
            now = CardEdit.of(now).set(work, "way", way);
            now = CardEdit.of(now).set(work, "colour", colour);
            return words == null || words.isBlank() ? now : CardEdit.of(now).set(work, "words", words);
        }
    }

    @PostMapping("/set")
    String set(@PathVariable long id, @ModelAttribute Seen seen, @ModelAttribute Typed typed) {
        cards.change(seen.change(id, typed.about(), typed::apply));
        return "redirect:/cards/" + id + "/decorate/surfaces";
    }

    @PostMapping("/remove")
    String remove(@PathVariable long id, @ModelAttribute Seen seen, @RequestParam String piece) {
        if (!piece.matches(Id.PATTERN)) {
            throw new RefusedException("piece", "there is no such work");
        }
        cards.change(
                seen.change(id, "remove " + piece, spec -> CardEdit.of(spec).remove(new Id(piece))));
        return "redirect:/cards/" + id + "/decorate/surfaces";
    }

    /** A new line of the technique book. */
    @PostMapping("/book/add")
    String addWay(@PathVariable long id, @RequestParam String name, @RequestParam String kind) {
        workshops.change(w -> w.with(BookEdit.of(w.techniques()).add(name, DecorateDesk.kind(kind)), w.house()));
        return "redirect:/cards/" + id + "/decorate/surfaces";
    }

    /** A line of the technique book is taken out, unless this card has work of it. */
    @PostMapping("/book/remove")
    String removeWay(@PathVariable long id, @RequestParam String way) {
        MaterialId gone = known(way);
        if (DecorateDesk.uses(cards.load(id).spec(), gone)) {
            throw new RefusedException(way, "is used on this card");
        }
        workshops.change(w -> w.with(BookEdit.of(w.techniques()).remove(gone), w.house()));
        return "redirect:/cards/" + id + "/decorate/surfaces";
    }

    /** A line of the technique book, for every card. */
    @PostMapping("/book")
    String book(
            @PathVariable long id, @RequestParam String way, @RequestParam String what, @RequestParam String value) {
        workshops.change(w -> w.with(BookEdit.of(w.techniques()).set(known(way), what, value), w.house()));
        return "redirect:/cards/" + id + "/decorate/surfaces";
    }

    /** A line of the table of what goes on what, for every card. */
    @PostMapping("/book/pair")
    String pair(
            @PathVariable long id,
            @RequestParam String medium,
            @RequestParam String under,
            @RequestParam String verdict,
            @RequestParam(defaultValue = "") String reason) {
        workshops.change(w -> w.paired(new PairingEdit(w.pairings()).set(medium, under, verdict, reason)));
        return "redirect:/cards/" + id + "/decorate/surfaces";
    }

    private static MaterialId known(String way) {
        if (!way.matches(MaterialId.PATTERN)) {
            throw new RefusedException("way", "there is no such line in the technique book");
        }
        return new MaterialId(way);
    }
}
