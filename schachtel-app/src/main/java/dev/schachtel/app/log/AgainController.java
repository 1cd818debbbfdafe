package dev.schachtel.app.log;

import java.util.Optional;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

import dev.schachtel.app.store.CardService;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.edit.MakeAgain;
import dev.schachtel.core.edit.StockEdit;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.model.RefusedException;

/** A build made again: as it was, or in another number, format or paper, with what changes by that. */
@Controller
@RequestMapping("/log/{id}/again")
class AgainController {
    private final Logbook log;
    private final CardService cards;
    private final AgainDesk desk;

    AgainController(Logbook log, CardService cards, AgainDesk desk) {
        this.log = log;
        this.cards = cards;
        this.desk = desk;
    }

    /** How it is wanted; what is empty stays as it was. */
    record Wanted(String cards, String format, String from, String to) {
        Wanted {
            cards = cards == null ? "" : cards;
            format = format == null ? "" : format;
            from = from == null ? "" : from;
            to = to == null ? "" : to;
        }

        CardSpec of(CardSpec card) {
            int number = cards.isBlank() ? card.brief().cards() : Typed.whole("cards", cards, 1, 500);
            Optional<Format> size =
                    Format.USUAL.stream().filter(f -> f.id().equals(format)).findFirst();
            MaterialId old = from.isEmpty() ? new MaterialId("none") : StockEdit.id(from);
            return new MakeAgain(number, size, old, to.isEmpty() ? old : StockEdit.id(to)).of(card);
        }
    }

    @GetMapping
    String page(@PathVariable long id, @ModelAttribute Wanted wanted, Model model) {
        CardSpec card = card(id);
        model.addAttribute("v", desk.view(id, card, wanted.of(card), wanted));
        return "log/again";
    }

    /** The card as it is wanted, as one of its own. */
    @PostMapping
    String make(@PathVariable long id, @ModelAttribute Wanted wanted) {
        return "redirect:/cards/"
                + cards.create(wanted.of(card(id)), "made again").id() + "/brief";
    }

    private CardSpec card(long id) {
        return log.load(id)
                .orElseThrow(() -> new NoSuchBuildException(id))
                .card()
                .orElseThrow(() -> new RefusedException("build", "keeps no card that can be made again"));
    }
}
