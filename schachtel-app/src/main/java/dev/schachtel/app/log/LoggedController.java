package dev.schachtel.app.log;

import java.util.ArrayList;
import java.util.List;

import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

import dev.schachtel.app.lessons.Lessons;
import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.material.Take;
import dev.schachtel.core.model.RefusedException;

/** What people add to a build afterwards. */
@Controller
@RequestMapping("/log/{id}")
class LoggedController {
    private static final int MOST_CARDS = 10_000;
    private final Logbook log;
    private final Lessons lessons;

    LoggedController(Logbook log, Lessons lessons) {
        this.log = log;
        this.lessons = lessons;
    }

    @PostMapping("/words")
    String words(@PathVariable long id, @RequestParam String words) {
        String said = Typed.text("words", words, 2000);
        log.change(id, e -> e.said(said));
        return page(id);
    }

    @PostMapping("/count")
    String count(@PathVariable long id, @RequestParam String made, @RequestParam String spoiled) {
        int good = Typed.whole("made", made, 0, MOST_CARDS);
        int bad = Typed.whole("spoiled", spoiled, 0, MOST_CARDS);
        log.change(id, e -> e.counted(good, bad));
        return page(id);
    }

    /** What was really taken of the drawer; the drawer is changed by what is more or less than was known, if that is wanted. */
    @PostMapping("/stock")
    String stock(@PathVariable long id, @RequestParam MultiValueMap<String, String> form) {
        List<Take> more = new ArrayList<>();
        log.change(id, e -> {
            List<Integer> counted = TakenDesk.counted(e, form.get("amount"));
            for (int i = 0; i < counted.size(); i++) {
                more.add(e.stock().get(i).more(counted.get(i)));
            }
            return e.counted(counted);
        });
        if (form.containsKey("drawer")) {
            log.workshops().change(w -> more.stream().reduce(w, (now, take) -> take.from(now), (a, b) -> b));
        }
        return page(id);
    }

    /** Somebody who got some. */
    record Receiver(String who, String occasion, String day, String cards, String posted) {
        LogEntry.Given given() {
            return new LogEntry.Given(
                    Typed.needed("who", who, 100),
                    Typed.text("occasion", occasion, 100),
                    Typed.day("day", day),
                    Typed.whole("cards", cards, 1, MOST_CARDS),
                    "true".equals(posted));
        }
    }

    @PostMapping("/given")
    String give(@PathVariable long id, @ModelAttribute Receiver receiver) {
        LogEntry.Given given = receiver.given();
        log.change(id, e -> {
            List<LogEntry.Given> all = new ArrayList<>(e.given());
            if (all.size() >= 500) {
                throw new RefusedException("who", "there are 500 people already");
            }
            all.add(given);
            return e.given(all);
        });
        return page(id);
    }

    @PostMapping("/given/remove")
    String takeBack(@PathVariable long id, @RequestParam String which) {
        log.change(id, e -> {
            List<LogEntry.Given> all = new ArrayList<>(e.given());
            all.remove(Typed.whole("which", which, 0, all.size() - 1));
            return e.given(all);
        });
        return page(id);
    }

    @PostMapping("/rescue")
    String rescue(@PathVariable long id, @RequestParam String which, @RequestParam String rescue) {
        String helped = Typed.text("rescue", rescue, 300);
        log.change(id, e -> e.rescued(Typed.whole("which", which, 0, e.mishaps().size() - 1), helped));
        return page(id);
    }

    @PostMapping("/lesson")
    String lesson(@PathVariable long id, @RequestParam String about, @RequestParam String words) {
        int gap = about.indexOf(' ');
        Lessons.Topic topic = java.util.Arrays.stream(Lessons.Topic.values())
                .filter(t -> gap > 0 && t.name().equals(about.substring(0, gap)))
                .findFirst()
                .orElseThrow(() -> new RefusedException("lesson", "must be about something"));
        there(id);
        lessons.add(topic, about.substring(gap + 1), words, id);
        return page(id);
    }

    @PostMapping("/lesson/forget")
    String forget(@PathVariable long id, @RequestParam long lesson) {
        lessons.forget(lesson);
        return page(id);
    }

    @PostMapping("/remove")
    String remove(@PathVariable long id) {
        log.remove(id);
        return "redirect:/log";
    }

    private Logbook.Kept there(long id) {
        return log.load(id).orElseThrow(() -> new NoSuchBuildException(id));
    }

    private static String page(long id) {
        return "redirect:/log?build=" + id;
    }
}
