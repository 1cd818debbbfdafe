package dev.schachtel.app.practice;

import java.util.List;
import java.util.Locale;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

import dev.schachtel.app.words.Html;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.edit.MeasureEdit;
import dev.schachtel.core.learning.Pace;
import dev.schachtel.core.material.Measured;
import dev.schachtel.core.material.Way;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.practice.Sizes;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.SvgWriter;

/** How large is it? A size is guessed against a drawing, and the maker's own bias shown. */
@Controller
@RequestMapping("/practice/size")
public class SizeController {
    private static final int MOST = 1_000_000;
    private static final int WIDE = 640;
    private static final int HIGH = 520;

    private final Exercises exercises;
    private final PracticeBook book;
    private final Workshops workshops;

    SizeController(Exercises exercises, PracticeBook book, Workshops workshops) {
        this.exercises = exercises;
        this.book = book;
        this.workshops = workshops;
    }

    /**
     * What the page shows. Texts that end in Html are safe.
     *
     * @param said what was guessed; empty before
     * @param bias how the maker guesses as a rule
     */
    public record SizeView(
            long number,
            String maker,
            String card,
            String piece,
            String unit,
            String svg,
            String wholeHtml,
            String said,
            String truthHtml,
            String verdict,
            String bias) {}

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
        Sizes.Guess guess = guess(number);
        Units units = guess.card().units();
        boolean told = !said.isEmpty();
        Sizes.Guessed guessed = told ? guessed(guess, said) : new Sizes.Guessed(guess.size(), guess.size());
        String who = PracticeController.maker(maker);
        model.addAttribute(
                "v",
                new SizeView(
                        number,
                        who,
                        guess.card().name(),
                        guess.piece().value().replace('-', ' '),
                        units.sign(),
                        SvgWriter.write(guess.scene(), Look.chosen(WIDE, HIGH, units, guess.piece(), "")),
                        Html.of(guess.build().face().bounds().wide(), units) + " × "
                                + Html.of(guess.build().face().bounds().high(), units) + " " + units.sign(),
                        told ? units.show(guessed.said()) + " " + units.sign() : "",
                        Html.of(guess.size(), units) + " " + units.sign(),
                        told ? verdict(guessed, units) : "",
                        bias(book.guesses(who))));
        return "practice/size";
    }

    /** The first guess counts: for the maker's bias, and as something laid by eye where it is small enough for that. */
    @PostMapping("/{number}")
    String guess(@PathVariable int number, @RequestParam String maker, @RequestParam String said) {
        Sizes.Guess guess = guess(number);
        Sizes.Guessed guessed = guessed(guess, said);
        String who = PracticeController.maker(maker);
        if (book.guessed(who, number, guessed) && !guess.size().isAbove(Sizes.BY_EYE)) {
            workshops.change(w -> byEye(w, guessed));
        }
        return "redirect:" + PracticeController.at("/practice/size/" + number, who) + "&said="
                + Units.MM.edit(guessed.said()) + "mm";
    }

    private static Workshop byEye(Workshop workshop, Sizes.Guessed guessed) {
        MeasureEdit edit = new MeasureEdit(workshop, Way.EYE);
        Measured piece = new Measured(Way.EYE, guessed.size(), guessed.said());
        return edit.isDoubtful(piece) ? workshop : edit.add(piece);
    }

    private Sizes.Guess guess(int number) {
        if (number < 0 || number > MOST) {
            throw new RefusedException("exercise", "is not there; take the next one from Practice");
        }
        return exercises.size(number);
    }

    private static Sizes.Guessed guessed(Sizes.Guess guess, String text) {
        return Sizes.guessed(guess, text);
    }

    private static String verdict(Sizes.Guessed g, Units units) {
        double times = (double) g.said().nanometres() / g.size().nanometres();
        long percent = Math.round(100 * Math.abs(times - 1));
        String off = units.show(g.said().minus(g.size()).abs()) + " " + units.sign();
        return percent == 0
                ? "Exactly so."
                : String.format(Locale.ROOT, "%s too %s: %d %%.", off, times > 1 ? "large" : "small", percent);
    }

    private static String bias(List<Sizes.Guessed> guesses) {
        if (guesses.size() < 3) {
            return "After three guesses you see here how you guess as a rule.";
        }
        Pace.Known known = Sizes.bias(guesses);
        long percent = Math.round(100 * (known.median() - 1));
        String as = percent == 0
                ? "As a rule you guess neither too large nor too small"
                : "As a rule you guess " + Math.abs(percent) + " % too " + (percent > 0 ? "large" : "small");
        return String.format(
                Locale.ROOT,
                "%s; nine guesses in ten are between %.0f and %.0f %% of the size. %d guesses count.",
                as,
                100 * known.low(),
                100 * known.high(),
                known.count());
    }
}
