package dev.schachtel.app.occasions;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

import dev.schachtel.app.store.CardService;
import dev.schachtel.core.model.RefusedException;

/** Days for which cards are wanted are put down, and taken away again, on the home page. */
@Controller
@RequestMapping("/occasions")
class OccasionsController {
    private final Occasions occasions;
    private final CardService cards;

    OccasionsController(Occasions occasions, CardService cards) {
        this.occasions = occasions;
        this.cards = cards;
    }

    /** What was typed. */
    record Typed(String who, String what, String day, String yearly, String card) {
        Occasions.Wanted wanted(CardService cards) {
            return new Occasions.Wanted(plain(who), plain(what), date(), "true".equals(yearly), card(cards));
        }

        private static String plain(@Nullable String text) {
            return text == null ? "" : text.replaceAll("\\p{Cntrl}", " ").strip();
        }

        private LocalDate date() {
            try {
                return LocalDate.parse(plain(day));
            } catch (DateTimeParseException e) {
                throw new RefusedException("occasion", "must have a day such as 2027-05-31");
            }
        }

        private @Nullable Long card(CardService cards) {
            String id = plain(card);
            if (id.isEmpty()) {
                return null;
            }
            if (!id.matches("\\d{1,12}") || !cards.isThere(Long.parseLong(id))) {
                throw new RefusedException("occasion", "there is no such card");
            }
            return Long.valueOf(id);
        }
    }

    /** What is asked about a new one, for the home page to show. */
    @GetMapping("/new")
    String fresh(Model model) {
        model.addAttribute("cards", cards.names());
        return "occasions/new";
    }

    @PostMapping
    String add(@ModelAttribute Typed typed) {
        occasions.add(typed.wanted(cards));
        return "redirect:/#occasions";
    }

    @PostMapping("/remove")
    String remove(@RequestParam long occasion) {
        occasions.remove(occasion);
        return "redirect:/#occasions";
    }
}
