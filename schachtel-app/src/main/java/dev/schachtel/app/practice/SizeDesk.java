package dev.schachtel.app.practice;

import java.util.List;
import java.util.Locale;

import org.springframework.stereotype.Component;

import dev.schachtel.app.words.Html;
import dev.schachtel.core.learning.Pace;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.practice.Sizes;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.SvgWriter;
import dev.schachtel.core.shape.Box;

/** Puts something to guess on the page, and what a guess was worth. */
@Component
class SizeDesk {
    private static final int WIDE = 640;
    private static final int HIGH = 520;
    /** Of fewer guesses nothing is said. */
    private static final int A_RULE = 3;

    private final PracticeBook book;

    SizeDesk(PracticeBook book) {
        this.book = book;
    }

    /** Before a guess where nothing is said. */
    SizeView view(int number, Sizes.Guess guess, String maker, String said) {
        Units units = guess.card().units();
        Box front = guess.build().face().bounds();
        boolean told = !said.isEmpty();
        Sizes.Guessed guessed = told ? Sizes.guessed(guess, said) : new Sizes.Guessed(guess.size(), guess.size());
        return new SizeView(
                number,
                maker,
                guess.card().name(),
                units.sign(),
                SvgWriter.write(guess.scene(), Look.chosen(WIDE, HIGH, units, guess.piece(), "")),
                Html.of(front.wide(), units) + " × " + Html.of(front.high(), units) + " " + units.sign(),
                told ? units.show(guessed.said()) + " " + units.sign() : "",
                Html.of(guess.size(), units) + " " + units.sign(),
                told ? verdict(guessed, units) : "",
                bias(book.guesses(maker)));
    }

    private static String verdict(Sizes.Guessed g, Units units) {
        double times = (double) g.said().nanometres() / g.size().nanometres();
        long percent = Math.round(100 * Math.abs(times - 1));
        String off = units.show(g.said().minus(g.size()).abs()) + " " + units.sign();
        return percent == 0 ? "Exactly so." : off + " too " + (times > 1 ? "large: " : "small: ") + percent + " %.";
    }

    private static String bias(List<Sizes.Guessed> guesses) {
        if (guesses.size() < A_RULE) {
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
