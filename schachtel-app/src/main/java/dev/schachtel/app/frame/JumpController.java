package dev.schachtel.app.frame;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;

/** Goes to what was typed into the jump field. */
@Controller
class JumpController {
    private final CardService cards;
    private final Plans plans;
    private final Jumps jumps;

    JumpController(CardService cards, Plans plans, Jumps jumps) {
        this.cards = cards;
        this.plans = plans;
        this.jumps = jumps;
    }

    @GetMapping("/cards/{id}/jump")
    String jump(@PathVariable long id, @RequestParam(defaultValue = "") String to) {
        String place = jumps.find(plans.of(cards.load(id).spec()), to).orElse("structure");
        return "redirect:/cards/" + id + "/" + place;
    }
}
