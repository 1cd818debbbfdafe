package dev.schachtel.app.rescue;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;

import dev.schachtel.app.log.Logbook;
import dev.schachtel.app.log.NoSuchBuildException;
import dev.schachtel.app.store.CardService;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.model.RefusedException;

/** The page that works out what saves a spoiled sheet: of a card as it is, or as it was built. */
@Controller
public class RescueController {
    private final CardService cards;
    private final Logbook log;
    private final RescueDesk desk;

    RescueController(CardService cards, Logbook log, RescueDesk desk) {
        this.cards = cards;
        this.log = log;
        this.desk = desk;
    }

    /** Which sheet is spoiled, where its spot is and how large, as typed. */
    public record Typed(String piece, String across, String up, String size) {
        public Typed {
            piece = piece == null ? "" : piece;
            across = across == null ? "" : across;
            up = up == null ? "" : up;
            size = size == null ? "" : size;
        }
    }

    @GetMapping("/cards/{id}/rescue")
    String card(@PathVariable long id, @ModelAttribute Typed typed, Model model) {
        model.addAttribute("v", desk.view(cards.load(id).spec(), typed));
        model.addAttribute("at", "/cards/" + id + "/rescue");
        model.addAttribute("back", "/cards/" + id + "/build");
        return "rescue/page";
    }

    @GetMapping("/log/{id}/rescue")
    String build(@PathVariable long id, @ModelAttribute Typed typed, Model model) {
        CardSpec card = log.load(id)
                .orElseThrow(() -> new NoSuchBuildException(id))
                .card()
                .orElseThrow(
                        () -> new RefusedException("build", "keeps no card from which anything could be worked out"));
        model.addAttribute("v", desk.view(card, typed));
        model.addAttribute("at", "/log/" + id + "/rescue");
        model.addAttribute("back", "/log?build=" + id);
        return "rescue/page";
    }
}
