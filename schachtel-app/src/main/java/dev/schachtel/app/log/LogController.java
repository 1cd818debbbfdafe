package dev.schachtel.app.log;

import java.util.List;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

import dev.schachtel.app.measuring.MeasureDesk;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.workshop.Workshops;

/** The page Logbook. */
@Controller
@RequestMapping("/log")
public class LogController {
    private static final String HERE = "redirect:/log";

    private final LogDesk desk;
    private final MeasureDesk measured;
    private final Workshops workshops;
    private final CardService cards;

    LogController(LogDesk desk, MeasureDesk measured, Workshops workshops, CardService cards) {
        this.cards = cards;
        this.desk = desk;
        this.measured = measured;
        this.workshops = workshops;
    }

    @GetMapping
    String page(
            @RequestParam(defaultValue = "") String build,
            @RequestParam(defaultValue = "") String maker,
            @RequestParam(defaultValue = "") String sought,
            @RequestParam(defaultValue = "0") String page,
            Model model) {
        int from = page.matches("\\d{1,5}") ? Integer.parseInt(page) : 0;
        model.addAttribute("v", desk.view(workshops.now(), new LogDesk.Asked(sought, from, build, maker)));
        model.addAttribute("cards", cards.names());
        model.addAttribute("exact", measured.known(workshops.now()));
        return "log/page";
    }

    /** From now on plans are made with what was learned of one maker. */
    @PostMapping("/pace")
    String take(@RequestParam(defaultValue = "") String maker) {
        workshops.change(w -> w.timed(desk.learned(w, maker)));
        return HERE;
    }

    /** Plans are made with the book's times again. */
    @PostMapping("/book")
    String book() {
        workshops.change(w -> w.timed(List.of()));
        return HERE;
    }
}
