package dev.schachtel.app.practice;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.edit.MeasureEdit;
import dev.schachtel.core.material.Measured;
import dev.schachtel.core.material.Method;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.practice.Sizes;

/** How large is it? A size is guessed against a drawing, and the maker's own bias shown. */
@Controller
@RequestMapping("/practice/size")
public class SizeController {
    private static final int MOST = 1_000_000;

    private final Exercises exercises;
    private final PracticeBook book;
    private final Workshops workshops;
    private final SizeDesk desk;

    SizeController(Exercises exercises, PracticeBook book, Workshops workshops, SizeDesk desk) {
        this.exercises = exercises;
        this.book = book;
        this.workshops = workshops;
        this.desk = desk;
    }

    @GetMapping
    String next(@RequestParam(defaultValue = "") String maker) {
        String who = PracticeController.maker(maker);
        return "redirect:" + PracticeController.at("/practice/size/" + book.guessCount(who), who);
    }

    @GetMapping("/{number}")
    String page(
            @PathVariable int number,
            @RequestParam(defaultValue = "") String maker,
            @RequestParam(defaultValue = "") String said,
            Model model) {
        model.addAttribute("v", desk.view(number, guess(number), PracticeController.maker(maker), said));
        return "practice/size";
    }

    /** The first guess counts: for the maker's bias, and as something laid by eye where it is small enough for that. */
    @PostMapping("/{number}")
    String guess(@PathVariable int number, @RequestParam String maker, @RequestParam String said) {
        Sizes.Guess guess = guess(number);
        Sizes.Guessed guessed = Sizes.guessed(guess, said);
        String who = PracticeController.maker(maker);
        if (book.guessed(who, number, guessed) && !guess.size().isAbove(Sizes.BY_EYE)) {
            workshops.change(w -> byEye(w, guessed));
        }
        return "redirect:" + PracticeController.at("/practice/size/" + number, who) + "&said="
                + Units.MM.edit(guessed.said()) + "mm";
    }

    private static Workshop byEye(Workshop workshop, Sizes.Guessed guessed) {
        MeasureEdit edit = new MeasureEdit(workshop, Method.EYE);
        Measured piece = new Measured(Method.EYE, guessed.size(), guessed.said());
        return edit.isDoubtful(piece) ? workshop : edit.add(piece);
    }

    private Sizes.Guess guess(int number) {
        if (number < 0 || number > MOST) {
            throw new RefusedException("exercise", "is not there; take the next one from Practice");
        }
        return exercises.size(number);
    }
}
