package dev.schachtel.core.design;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Change;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.colour.Harmony;
import dev.schachtel.core.colour.Recipe;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Lab;
import dev.schachtel.core.material.Workshop;

/**
 * Papers of the drawer for the sheet on which most pictures lie, best first: they stand out from it, it stands out from
 * what it lies on, and the hues go together. Each is tried on the card itself.
 *
 * @param sheet the piece whose card is chosen
 * @param best at most two that are better than what is there
 * @param accent a card for a small thing, which goes with the best and stands out from it
 * @param accented the card of now with that where something small is set off by a card of its own
 */
public record Papers(Id sheet, List<Choice> best, Optional<Cardstock> accent, Optional<Choice> accented) {
    private static final int MOST = 2;
    /** More difference than this between two colours isn't better any more: CIEDE2000. */
    private static final double PLENTY = 35;

    private static final double BORDER = 20;
    /** How much an angle that is off counts against a difference. */
    private static final double OFF = 0.3;
    /** So much less contrast for a drab accent. */
    private static final double VIVID = 0.5;

    public Papers {
        best = List.copyOf(best);
    }

    /**
     * One paper.
     *
     * @param card with it
     * @param least of all pictures on it, CIEDE2000
     */
    public record Choice(Cardstock paper, CardSpec card, Build build, double least, double score) {}

    /** Empty where no sheet that carries pictures can have another card. */
    public static Optional<Papers> of(CardSpec spec, Build now, Workshop workshop) {
        return carrier(now).flatMap(sheet -> Lever.of(spec, sheet, Pull.CARD).map(lever -> {
            double own = Judged.of(now, sheet).score();
            List<Choice> all = new ArrayList<>();
            for (Cardstock paper : workshop.all(Cardstock.class)) {
                Change change = lever.change(paper.id().value());
                CardSpec other = CardEdit.of(spec).set(change.piece(), change.component(), change.value());
                if (!other.equals(spec)) {
                    Build build = Engineering.engineer(other, workshop);
                    Judged judged = Judged.of(build, sheet);
                    all.add(new Choice(paper, other, build, judged.least, judged.score));
                }
            }
            List<Choice> best = all.stream()
                    .filter(c -> c.score > own && c.least >= Recipe.UNLIKE)
                    .sorted(Comparator.comparingDouble(Choice::score).reversed())
                    .limit(MOST)
                    .toList();
            Optional<Cardstock> accent = best.isEmpty() ? Optional.empty() : accent(best.get(0), workshop);
            return new Papers(sheet, best, accent, accent.flatMap(a -> accented(spec, a, sheet, workshop)));
        }));
    }

    /** With the accent on the first piece that can have it and hasn't. */
    private static Optional<Choice> accented(CardSpec spec, Cardstock accent, Id sheet, Workshop workshop) {
        return spec.pieces()
                .flatMap(p -> Lever.of(spec, p.id(), Pull.ACCENT).stream())
                .map(lever -> lever.change(accent.id().value()))
                .map(c -> CardEdit.of(spec).set(c.piece(), c.component(), c.value()))
                .filter(other -> !other.equals(spec))
                .findFirst()
                .map(other -> {
                    Build build = Engineering.engineer(other, workshop);
                    Judged judged = Judged.of(build, sheet);
                    return new Choice(accent, other, build, judged.least, judged.score);
                });
    }

    /** What most pictures lie on. */
    private static Optional<Id> carrier(Build build) {
        Map<Id, Integer> count = new LinkedHashMap<>();
        SideBySide.of(build).pairs().forEach(p -> count.merge(p.under(), p.count(), Integer::sum));
        return count.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey);
    }

    /** How a card does with its sheet as it is. */
    private record Judged(double least, double score) {
        static Judged of(Build build, Id sheet) {
            SideBySide beside = SideBySide.of(build);
            double least = beside.pairs().stream()
                    .filter(p -> p.under().equals(sheet))
                    .mapToDouble(SideBySide.Pair::difference)
                    .min()
                    .orElse(0);
            double off = beside.harmony().isClose() ? 0 : beside.harmony().off();
            return new Judged(least, Math.min(PLENTY, least) + Math.min(BORDER, border(build, sheet)) - OFF * off);
        }
    }

    /** The least difference between a sheet and what it lies on. */
    private static double border(Build build, Id sheet) {
        return build.partsOf(sheet).stream()
                .flatMap(p -> build.joints().stream()
                        .filter(j -> j.upper().equals(SlabId.of(p.id())))
                        .flatMap(j -> build.partAt(j.lower()).stream())
                        .flatMap(l -> build.colour(l.id()).stream())
                        .map(l -> build.colour(p.id()).orElse(l).lab().differenceTo(l.lab())))
                .min(Comparator.naturalOrder())
                .orElse(BORDER);
    }

    /** Vivid, unlike the paper, and by hue in its place. */
    private static Optional<Cardstock> accent(Choice best, Workshop workshop) {
        List<Lab> there = SideBySide.of(best.build).shares().stream()
                .map(s -> s.colour().lab())
                .toList();
        return workshop.all(Cardstock.class).stream()
                .filter(c -> !c.equals(best.paper))
                .max(Comparator.comparingDouble(c -> {
                    List<Lab> all = new ArrayList<>(there);
                    all.add(c.colour().lab());
                    double apart =
                            c.colour().lab().differenceTo(best.paper.colour().lab());
                    return Math.min(PLENTY, apart)
                            + VIVID * c.colour().lab().chroma()
                            - OFF * Harmony.of(all).off();
                }));
    }
}
