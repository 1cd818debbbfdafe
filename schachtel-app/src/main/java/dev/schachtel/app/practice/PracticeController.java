package dev.schachtel.app.practice;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

import dev.schachtel.app.log.Logbook;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.practice.Exercise;
import dev.schachtel.core.practice.Mistake;
import dev.schachtel.core.practice.Repetition;

import jakarta.servlet.http.HttpServletResponse;

/** The page Practice: a card with one fault; the maker points at the piece and says what will happen. */
@Controller
@RequestMapping("/practice")
public class PracticeController {
    private static final int LONGEST = 60;
    private final Exercises exercises;
    private final PracticeDesk desk;
    private final PracticeBook book;
    private final Logbook log;

    PracticeController(Exercises exercises, PracticeDesk desk, PracticeBook book, Logbook log) {
        this.exercises = exercises;
        this.desk = desk;
        this.book = book;
        this.log = log;
    }

    /** What was looked at and said. */
    public record Seen(String maker, String piece, String view, String outcome, Boolean said) {
        public Seen {
            maker = PracticeController.maker(maker);
            piece = piece == null ? "" : piece;
            view = view == null ? "" : view;
            outcome = outcome == null ? "" : outcome;
            said = Boolean.TRUE.equals(said);
        }
    }

    static String maker(String maker) {
        String plain = maker == null ? "" : maker.replaceAll("\\p{Cntrl}", " ").strip();
        return plain.substring(0, Math.min(LONGEST, plain.length())).strip();
    }

    /** What comes next for this maker; a page to wait on where that must be made first, which may take some seconds. */
    @GetMapping
    String next(@ModelAttribute Seen seen, HttpServletResponse response, Model model) {
        long number = next(seen.maker());
        String address = at("/practice/" + number, seen.maker());
        if (exercises.isMade(number)) {
            return "redirect:" + address;
        }
        response.setHeader("Refresh", "0;url=" + address);
        model.addAttribute("next", address);
        return "practice/wait";
    }

    /** The same until something more was looked for. */
    private long next(String maker) {
        Repetition known = book.of(maker);
        List<String> mishaps = log.mishaps();
        int looks =
                known.standings().stream().mapToInt(Repetition.Standing::looks).sum();
        Mistake next = known.next(
                book.now(),
                m -> (int) mishaps.stream().filter(m::isMadeAt).count(),
                new Random(looks + 31L * maker.hashCode()));
        int times = known.standings().stream()
                .filter(s -> s.mistake() == next)
                .mapToInt(Repetition.Standing::looks)
                .sum();
        return Exercises.number(next, times);
    }

    /** An address that keeps who practises. */
    static String at(String path, String maker) {
        return path + "?maker=" + URLEncoder.encode(maker, StandardCharsets.UTF_8);
    }

    @GetMapping("/{number}")
    String page(@PathVariable long number, @ModelAttribute Seen seen, Model model) {
        model.addAttribute("v", desk.view(exercise(number), asked(number, seen)));
        return "practice/page";
    }

    private static PracticeDesk.Asked asked(long number, Seen seen) {
        return new PracticeDesk.Asked(number, seen.maker(), seen.piece(), seen.view(), seen.outcome(), seen.said());
    }

    /** What the maker says; the first answer counts. */
    @PostMapping("/{number}")
    String say(@PathVariable long number, @ModelAttribute Seen seen) {
        Exercise exercise = exercise(number);
        Exercise.Answer answer = asked(number, seen).answer(exercise.card());
        if (answer.piece().isEmpty()) {
            throw new RefusedException("piece", "is not chosen yet: point at the one that is wrong");
        }
        if (answer.outcome().isEmpty()) {
            throw new RefusedException("outcome", "is not chosen yet: say what will happen");
        }
        book.looked(
                seen.maker(), number, exercise.mistake(), exercise.judge(answer).right());
        exercises.prepare(next(seen.maker()));
        return "redirect:" + at("/practice/" + number, seen.maker()) + "&piece=" + seen.piece() + "&outcome="
                + seen.outcome() + "&said=true";
    }

    private Exercise exercise(long number) {
        return exercises
                .of(number)
                .orElseThrow(() -> new RefusedException("exercise", "is not there; take the next one from Practice"));
    }
}
