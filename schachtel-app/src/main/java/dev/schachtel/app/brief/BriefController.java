package dev.schachtel.app.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

import dev.schachtel.app.frame.Frames;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.structure.Field;
import dev.schachtel.app.structure.FieldForms;
import dev.schachtel.app.structure.StructureController.Seen;
import dev.schachtel.app.structure.Typed;
import dev.schachtel.app.words.Times;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.plan.DateLine;
import dev.schachtel.core.plan.Plan;

/** The Brief station: what the card is for, and what follows from it at once. */
@Controller
@RequestMapping("/cards/{id}/brief")
public class BriefController {
    private static final Set<String> OF_THE_CARD = Set.of("name", "set");
    private static final Set<String> SELDOM = Set.of("spares", "byRisk", "together");
    private final CardService cards;
    private final Plans plans;
    private final Frames frames;
    private final FieldForms forms;
    private final FollowsDesk follows;

    BriefController(CardService cards, Plans plans, Frames frames, FieldForms forms, FollowsDesk follows) {
        this.cards = cards;
        this.plans = plans;
        this.frames = frames;
        this.forms = forms;
        this.follows = follows;
    }

    /**
     * What the page shows.
     *
     * @param asked what only the maker knows
     * @param more what is seldom changed
     * @param tried whether remedies were tried out, so that a finding without one has none
     */
    public record BriefView(
            Frames.Frame frame,
            List<Field> asked,
            List<Field> more,
            String givenSvg,
            @Nullable DateLine dates,
            String work,
            List<FollowsDesk.Follows> follows,
            boolean tried) {}

    @GetMapping
    String page(@PathVariable long id, Model model) {
        model.addAttribute("v", view(cards.load(id)));
        return "brief/page";
    }

    /** What follows, with remedies, which take longer. */
    @GetMapping("/follows")
    String follows(@PathVariable long id, Model model) {
        StoredCard card = cards.load(id);
        plans.mended(card.spec());
        model.addAttribute("v", view(card));
        return "brief/follows";
    }

    @PostMapping("/set")
    String set(@PathVariable long id, @ModelAttribute Seen seen, @ModelAttribute Typed typed, Model model) {
        StoredCard card = cards.change(seen.change(id, typed.about(), typed::apply));
        model.addAttribute("v", view(card));
        model.addAttribute("withFields", typed.nudge() != 0);
        return "brief/changed";
    }

    /** Takes the remedy that a finding offers. */
    @PostMapping("/mend")
    String mend(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @RequestParam String finding,
            @RequestParam int way,
            Model model) {
        StoredCard card = cards.change(seen.change(id, "mend " + finding, spec -> plans.mend(spec, finding, way)));
        model.addAttribute("v", view(card));
        return "brief/page";
    }

    private BriefView view(StoredCard card) {
        Plan plan = plans.of(card.spec());
        CardSpec spec = card.spec();
        List<Field> asked = new ArrayList<>();
        List<Field> more = new ArrayList<>(forms.of(spec, new Id("card"), spec).stream()
                .filter(f -> OF_THE_CARD.contains(f.component()))
                .toList());
        forms.of(spec, new Id("brief"), spec.brief())
                .forEach(f -> (SELDOM.contains(f.component()) ? more : asked).add(f));
        return new BriefView(
                frames.frame(card, plan, "brief"),
                asked,
                more,
                plans.envelope(spec).map(e -> Given.svg(plan, e)).orElse(""),
                plans.dates(plan).orElse(null),
                work(plan),
                follows.of(plan),
                plans.isMended(spec));
    }

    private static String work(Plan plan) {
        int days = DateLine.days(plan);
        String all = Times.of(plan.assembly().total());
        String hands = Times.of(plan.assembly().hands());
        return all + " from the first stroke to the envelope, " + (hands.equals(all) ? "all" : hands)
                + " of it with your hands: "
                + (days == 1 ? "1 day" : days + " days") + " at the bench";
    }
}
