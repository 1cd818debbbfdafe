package dev.schachtel.bench;

import java.util.List;
import java.util.Locale;
import java.util.Random;

import dev.schachtel.core.EdgeCards;
import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;

/** So many cards at the edges of what can be typed, each planned, kept and read back; of one component only, such as
 * {@code "door opens"}, where that is given. Run from a module's folder. */
public final class Edges {
    private static final int CARDS = 20_000;

    private Edges() {}

    public static void main(String[] args) {
        List<EdgeCards.Edge> edges = EdgeCards.edges().stream()
                .filter(e -> args.length == 0 || (e.kind() + " " + e.component()).equals(args[0]))
                .toList();
        int cards = Rounds.of(CARDS);
        int left = 0;
        for (int seed = 0; seed < cards; seed++) {
            CardSpec spec = EdgeCards.card(edges, new Random(seed));
            Plan plan = Planner.withoutRemedies(spec, TestCards.WORKSHOP);
            boolean whole = plan.findings().of(RuleId.NOT_WORKED_OUT).isEmpty()
                    && CardFile.readIncomplete(CardFile.write(spec)).equals(spec);
            if (!whole) {
                left++;
                System.out.println("card " + seed + ": " + plan.findings().of(RuleId.NOT_WORKED_OUT));
            }
        }
        System.out.printf(
                Locale.ROOT, "%,d cards of %,d edges, %d not worked out or not read back%n", cards, edges.size(), left);
    }
}
