package dev.schachtel.app.frame;

import java.util.List;

import org.springframework.stereotype.Component;

import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.words.Times;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.plan.Plan;

/** Top bar and work strip for one card. */
@Component
public class Frames {
    private final CardService cards;
    private final Jumps jumps;

    Frames(CardService cards, Jumps jumps) {
        this.cards = cards;
        this.jumps = jumps;
    }

    /** The bar and the strip as a page shows them. */
    public record Frame(
            StoredCard card, List<Tab> tabs, String station, List<CardService.Named> others, List<String> jumps) {
        public boolean inches() {
            return card.spec().units() == dev.schachtel.core.measure.Units.INCH;
        }
    }

    /** One folded tab: its live line starts with a verdict's shape where it needs attention. */
    public record Tab(String name, String href, String line, String shape, boolean open) {}

    public Frame frame(StoredCard card, Plan plan, String station) {
        String at = "/cards/" + card.id() + "/";
        List<Tab> tabs = List.of(
                tab("Brief", at, brief(plan), "", station),
                structure(plan, at, station),
                tab("Decorate", at, decorate(plan), "", station),
                tab("Cut", at, cut(plan), plan.cutting().everythingPlaced() ? "" : "mend", station),
                tab("Build", at, build(plan), "", station));
        return new Frame(card, tabs, station, cards.besides(card), jumps.names(plan));
    }

    private static Tab tab(String name, String at, String line, String shape, String station) {
        String address = name.toLowerCase(java.util.Locale.ROOT);
        return new Tab(name, at + address, line, shape, address.equals(station));
    }

    private static String brief(Plan plan) {
        int cards = plan.spec().brief().cards();
        String occasion = plan.spec().brief().occasion();
        return (cards == 1 ? "1 card" : cards + " cards") + (occasion.isBlank() ? "" : " for " + shorten(occasion));
    }

    private static String shorten(String text) {
        return text.length() > 24 ? text.substring(0, 23) + "…" : text;
    }

    private static Tab structure(Plan plan, String at, String station) {
        int parts = plan.build().parts().stream().mapToInt(p -> p.perCard()).sum();
        int mend = plan.findings().count(Severity.MEND);
        int watch = plan.findings().count(Severity.WATCH);
        String line = parts
                + (parts == 1 ? " part" : " parts")
                + (mend > 0 ? ", " + mend + " to mend" : watch > 0 ? ", " + watch + " to watch" : ", all works");
        return tab("Structure", at, line, mend > 0 ? "mend" : watch > 0 ? "watch" : "works", station);
    }

    private static String decorate(Plan plan) {
        int works = plan.build().surfaces().size();
        long drying = plan.build().surfaces().stream()
                .mapToLong(s -> s.drying().toMinutes())
                .sum();
        int pieces = plan.build().arts().size();
        String scene = pieces == 0 ? "" : pieces == 1 ? "1 picture" : pieces + " pictures";
        if (works == 0) {
            return pieces == 0 ? "plain surfaces" : scene;
        }
        return (pieces == 0 ? "" : scene + ", ")
                + (works == 1 ? "1 piece of work" : works + " pieces of work")
                + (drying > 0 ? ", " + drying + " min to dry" : "");
    }

    private static String cut(Plan plan) {
        int sheets = plan.cutting().sheets();
        return plan.cutting().everythingPlaced()
                ? sheets + (sheets == 1 ? " sheet, " : " sheets, ")
                        + plan.cutting().percentUsed() + " % used"
                : "something fits no sheet";
    }

    private static String build(Plan plan) {
        long drying = plan.assembly().drying().toMinutes();
        return Times.of(plan.assembly().total())
                + (drying > 0 ? ", " + Times.of(plan.assembly().drying()) + " of it drying" : "");
    }
}
