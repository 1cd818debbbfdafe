package dev.schachtel.app.cards;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.springframework.stereotype.Component;

import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.words.Times;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.SvgWriter;

/** Puts the home page together. */
@Component
class Home {
    private final CardService cards;
    private final Plans plans;
    private final Underway underway;

    Home(CardService cards, Plans plans, Underway underway) {
        this.cards = cards;
        this.plans = plans;
        this.underway = underway;
    }

    HomeView view() {
        Map<String, List<HomeView.Card>> sets = new LinkedHashMap<>();
        for (StoredCard card : cards.all()) {
            sets.computeIfAbsent(card.spec().set(), s -> new ArrayList<>()).add(card(card));
        }
        return new HomeView(
                sets.entrySet().stream()
                        .map(e -> new HomeView.Set(e.getKey().isBlank() ? "Single cards" : e.getKey(), e.getValue()))
                        .toList(),
                cards.broken().stream()
                        .map(b -> new HomeView.Broken(b.name(), b.reason(), "/cards/" + b.id() + "/kept.json"))
                        .toList(),
                underway.now());
    }

    private HomeView.Card card(StoredCard card) {
        Plan plan = plans.of(card.spec());
        int mend = plan.findings().count(Severity.MEND);
        int watch = plan.findings().count(Severity.WATCH);
        Units units = card.spec().units();
        var face = plan.build().face().bounds();
        int many = card.spec().brief().cards();
        String about = units.show(face.wide()) + " × " + units.show(face.high()) + " " + units.sign() + ", "
                + (many == 1 ? "1 card" : many + " cards");
        boolean bare =
                plan.spec().features().isEmpty() && plan.spec().elements().isEmpty();
        String next = mend > 0
                ? "Mend it"
                : bare
                        ? "Add a window"
                        : "Build it, " + Times.of(plan.assembly().total());
        return new HomeView.Card(
                card.id(),
                card.spec().name(),
                about,
                SvgWriter.write(Views.FRONT.of(plan.build(), Id.BASE), Look.picture(200, 230)),
                mend > 0 ? "mend" : watch > 0 ? "watch" : "works",
                mend > 0 ? mend + " to mend" : watch > 0 ? watch + " to watch" : "all works",
                next,
                "/cards/" + card.id() + (mend > 0 || bare ? "/structure" : "/build"));
    }
}
