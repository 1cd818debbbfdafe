package dev.schachtel.app.shades;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

import org.springframework.stereotype.Component;

import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.core.design.Together;
import dev.schachtel.core.design.UseUp;
import dev.schachtel.core.plan.Plan;

/** What the maker's cards take together of pens, glue, tape and small things, and by when it is needed. */
@Component
class Wishes {
    /** The newest. */
    private static final int LOOKED_AT = 40;

    private static final int MOST = 12;
    /** Cards named. */
    private static final int NAMED = 3;

    private final CardService cards;
    private final Plans plans;

    Wishes(CardService cards, Plans plans) {
        this.cards = cards;
        this.plans = plans;
    }

    List<ShadesView.Wish> all() {
        List<Together.Taking> takings = new ArrayList<>();
        for (StoredCard card : cards.all().stream()
                .sorted(Comparator.comparing(StoredCard::changedAt).reversed())
                .limit(LOOKED_AT)
                .toList()) {
            Plan plan = plans.of(card.spec());
            takings.add(new Together.Taking(
                    card.spec().name(),
                    card.spec().brief().due(),
                    UseUp.of(plan.build(), plan.cutting(), plan.workshop())));
        }
        return Together.of(takings).stream()
                .filter(w -> w.share() > w.there() / 2)
                .limit(MOST)
                .map(Wishes::words)
                .toList();
    }

    private static ShadesView.Wish words(Together.Wish wish) {
        String names =
                wish.cards().stream().limit(NAMED).map(n -> "“" + n + "”").collect(Collectors.joining(", "));
        int more = wish.cards().size() - NAMED;
        String by = wish.by()
                .map(d -> ", the first by " + d.format(DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH)))
                .orElse("");
        return new ShadesView.Wish(
                wish.name(),
                (wish.isShort() ? "They take " + times(wish) + " what is there" : "They take more than half") + ": "
                        + names + (more > 0 ? " and " + more + " more" : "") + by + ".",
                wish.isShort() ? "mend" : "watch");
    }

    private static String times(Together.Wish wish) {
        return wish.there() <= 0
                ? "more than"
                : wish.share() < 1.05 * wish.there()
                        ? "a little more than"
                        : String.format(Locale.ROOT, "%.1f times", wish.share() / wish.there());
    }
}
