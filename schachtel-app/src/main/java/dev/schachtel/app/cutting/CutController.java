package dev.schachtel.app.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

import dev.schachtel.app.cards.CardService;
import dev.schachtel.app.cards.Plans;
import dev.schachtel.app.cards.StoredCard;
import dev.schachtel.app.frame.Frames;
import dev.schachtel.app.words.Html;
import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.Demand;
import dev.schachtel.core.cutting.MaterialPlan;
import dev.schachtel.core.cutting.SheetPlan;
import dev.schachtel.core.drawing.SheetView;
import dev.schachtel.core.exchange.Look;
import dev.schachtel.core.exchange.SvgWriter;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.plan.Plan;

/** The Cut station: sheets to one scale with their parts, the proof as a sentence, the cut list. */
@Controller
public class CutController {
    private final CardService cards;
    private final Plans plans;
    private final Frames frames;

    CutController(CardService cards, Plans plans, Frames frames) {
        this.cards = cards;
        this.plans = plans;
        this.frames = frames;
    }

    @GetMapping("/cards/{id}/cut")
    String page(@PathVariable long id, Model model) {
        StoredCard card = cards.load(id);
        model.addAttribute("v", view(card, plans.of(card.spec())));
        return "cutting/page";
    }

    private CutView view(StoredCard card, Plan plan) {
        Units units = card.spec().units();
        CutPlan cutting = plan.cutting();
        List<CutView.Material> materials = new ArrayList<>();
        int first = 1;
        for (MaterialPlan material : cutting.materials()) {
            materials.add(material(material, units, first));
            first += material.sheets().size();
        }
        return new CutView(
                frames.frame(card, plan, "cut"),
                materials,
                cutting.demands().stream().map(d -> row(d, units)).toList(),
                cutting.sheets() + (cutting.sheets() == 1 ? " sheet" : " sheets"),
                card.spec().brief().cards(),
                cutting.everythingPlaced());
    }

    private static CutView.Material material(MaterialPlan plan, Units units, int first) {
        Map<String, CutView.Picture> pictures = new LinkedHashMap<>();
        int number = first;
        for (SheetPlan sheet : plan.sheets()) {
            String key = sheet.sheet().id() + sheet.root().toString();
            CutView.Picture alike = pictures.get(key);
            pictures.put(key, alike == null ? picture(sheet, units, number) : again(alike));
            number++;
        }
        return new CutView.Material(
                plan.material().name(),
                List.copyOf(pictures.values()),
                proof(plan, units),
                stock(plan),
                plan.toBuy() > 0);
    }

    private static CutView.Picture again(CutView.Picture p) {
        return new CutView.Picture(p.number(), p.svg(), p.caption(), p.alike() + 1);
    }

    private static CutView.Picture picture(SheetPlan sheet, Units units, int number) {
        double scale = 190.0 / 305;
        int width = (int) (sheet.sheet().width().nanometres() / 1e6 * scale) + 16;
        int height = (int) (sheet.sheet().height().nanometres() / 1e6 * scale) + 16;
        Look look = Look.still(width, height, units);
        String caption = units.show(sheet.sheet().width()) + " × "
                + units.show(sheet.sheet().height()) + " " + units.sign();
        return new CutView.Picture(number, SvgWriter.write(SheetView.of(sheet).plain(), look), caption, 1);
    }

    private static String proof(MaterialPlan plan, Units units) {
        if (!plan.unplaced().isEmpty()) {
            return plan.sheets().isEmpty()
                    ? "No sheet of this in the drawer."
                    : plan.unplaced().get(0).part().name() + " fits no sheet.";
        }
        int n = plan.sheets().size();
        String sheets = n == 1 ? "1 sheet" : n + " sheets";
        return plan.provedLeast()
                ? sheets + "; none can do with fewer."
                : sheets + "; " + plan.proof().sheets() + " at least.";
    }

    private static String stock(MaterialPlan plan) {
        return plan.toBuy() > 0 ? plan.toBuy() + " to buy" : "";
    }

    private static CutView.Row row(Demand demand, Units units) {
        Form form = demand.part().form();
        String size = form.sort() == Form.Sort.ROUND || form.sort() == Form.Sort.RING
                ? Html.of(form.width(), units) + (form.sort() == Form.Sort.RING ? " ring" : " round")
                : Html.result(Amount.of(form.width(), form.height()), units);
        return new CutView.Row(
                demand.letter(),
                demand.part().name(),
                size,
                demand.part().material().name(),
                demand.count(),
                demand.part().perCard(),
                method(demand),
                demand.grain() == Grain.NONE ? "" : demand.grain() == Grain.UP ? "grain up" : "grain across");
    }

    private static String method(Demand demand) {
        String own = demand.part().method().name().toLowerCase(Locale.ROOT);
        boolean window = demand.part().cutouts().stream().anyMatch(c -> c.method() == CutMethod.DIE);
        return window ? own + ", then die" : own;
    }
}
