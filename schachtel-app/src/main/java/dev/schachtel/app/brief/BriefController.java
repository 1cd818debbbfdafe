package dev.schachtel.app.brief;

import java.util.ArrayList;
import java.util.List;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

import dev.schachtel.app.frame.Frames;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.Change;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.structure.Field;
import dev.schachtel.app.structure.FieldForms;
import dev.schachtel.app.structure.StructureController.Seen;
import dev.schachtel.app.structure.Typed;
import dev.schachtel.app.words.Times;
import dev.schachtel.app.words.Wording;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.plan.Plan;

/** The Brief station: what the card is for, and what follows from it at once. */
@Controller
@RequestMapping("/cards/{id}/brief")
public class BriefController {
    private final CardService cards;
    private final Plans plans;
    private final Frames frames;
    private final FieldForms forms;
    private final Wording wording;

    BriefController(CardService cards, Plans plans, Frames frames, FieldForms forms, Wording wording) {
        this.cards = cards;
        this.plans = plans;
        this.frames = frames;
        this.forms = forms;
        this.wording = wording;
    }

    /** What the page shows. */
    public record BriefView(Frames.Frame frame, List<Field> card, List<Field> brief, List<Follows> follows) {}

    /** One consequence: its verdict's shape, if it has one, and its words. */
    public record Follows(String shape, String html) {}

    @GetMapping
    String page(@PathVariable long id, Model model) {
        model.addAttribute("v", view(cards.load(id)));
        return "brief/page";
    }

    @PostMapping("/set")
    String set(@PathVariable long id, @ModelAttribute Seen seen, @ModelAttribute Typed typed, Model model) {
        StoredCard card = cards.change(new Change(id, seen.version(), seen.revision(), typed.about(), typed::apply));
        model.addAttribute("v", view(card));
        model.addAttribute("withFields", typed.nudge() != 0);
        return "brief/changed";
    }

    private BriefView view(StoredCard card) {
        Plan plan = plans.of(card.spec());
        CardSpec spec = card.spec();
        List<Field> own = forms.of(spec, new Id("card"), spec).stream()
                .filter(f -> f.component().equals("name") || f.component().equals("set"))
                .toList();
        return new BriefView(
                frames.frame(card, plan, "brief"), own, forms.of(spec, new Id("brief"), spec.brief()), follows(plan));
    }

    private List<Follows> follows(Plan plan) {
        List<Follows> all = new ArrayList<>();
        int pieces = plan.cutting().demands().stream().mapToInt(d -> d.count()).sum();
        all.add(new Follows(
                "",
                pieces + " pieces to cut from " + plan.cutting().sheets() + " sheets"
                        + (plan.cutting().toBuy() > 0
                                ? ", " + plan.cutting().toBuy() + " of them to buy"
                                : ", all in the drawer")));
        all.add(new Follows(
                "",
                Times.of(plan.assembly().total()) + " from the first stroke to the envelope, "
                        + Times.of(plan.assembly().hands()) + " of it with your hands"));
        List<RuleId> post = List.of(
                RuleId.ENVELOPE_SIZE,
                RuleId.ENVELOPE_THICKNESS,
                RuleId.ENVELOPE_WEIGHT,
                RuleId.OVERHANG,
                RuleId.STOCK_SHORT,
                RuleId.DEADLINE,
                RuleId.SMALL_PARTS,
                RuleId.WRITING);
        plan.findings().all().stream()
                .filter(f -> post.contains(f.rule()))
                .forEach(f -> all.add(new Follows(
                        f.severity().name().toLowerCase(java.util.Locale.ROOT),
                        wording.finding(f, plan.spec().units()))));
        return all;
    }
}
