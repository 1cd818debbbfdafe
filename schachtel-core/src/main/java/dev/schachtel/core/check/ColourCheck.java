package dev.schachtel.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Change;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.patience.Patience;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

/**
 * Layers stand out from what they lie on (CIEDE2000 of 10 or more), and words from their strip (contrast of 3 or more, as
 * WCAG 2 asks of large text). What is raised on foam has its shadow for a border and may have any colour.
 */
final class ColourCheck implements Check {
    private static final double LEAST_DIFFERENCE = 10;
    private static final int LEAST_CONTRAST = 300;
    /** So far round a piece its ground counts, mm. */
    private static final double BESIDE = 5;
    /** Pairs of outlines that are looked at in one step of work. */
    private static final int PAIRS = 4;

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        List<Pair> pairs = new ArrayList<>();
        List<Sheet> sheets = build.levels().stream()
                .filter(build::isCard)
                .map(l -> new Sheet(l, l.slab().bounds()))
                .toList();
        for (Joint joint : build.joints()) {
            if (joint.hold() == Joint.Hold.RESTS && !(joint.by() instanceof Foam)) {
                build.level(joint.upper())
                        .filter(level -> isSeen(build, sheets, level))
                        .ifPresent(level -> beneath(build, sheets, level).ifPresent(lower -> build.partAt(joint.upper())
                                .ifPresent(upper -> pair(build, upper, lower, level, pairs))));
            }
        }
        pairs.removeIf(p -> build.spec().isMeant(p.upper.owner(), p.lower.owner()) || areStrips(build, p));
        pairs.stream()
                .filter(Pair::runsTogether)
                .forEach(p -> p.say(report).remedy(p.meant()).watch());
        if (!pairs.isEmpty() && pairs.stream().noneMatch(Pair::runsTogether)) {
            pairs.stream().min(Comparator.comparingDouble(Pair::difference)).ifPresent(p -> p.say(report)
                    .works());
        }
        build.letterings().forEach(l -> l.inks()
                .forEach(ink -> text(new Written(l.owner(), l.part(), l.text(), ink), build, report)));
        build.arts().stream().filter(Art::isWords).forEach(a -> text(written(a), build, report));
    }

    /** Strips that make one thing together, such as an accordion, look alike as they should. */
    private static boolean areStrips(Build build, Pair pair) {
        return pair.upper.owner().equals(pair.lower.owner())
                && Stream.of(pair.upper, pair.lower).allMatch(p -> build.folds().stream()
                        .anyMatch(f -> f.part().equals(p.id())));
    }

    /** Sheets of card and the boxes round them, which are asked for again and again. */
    private record Sheet(Level level, Box box) {}

    /** Not hidden wholly by one sheet above it, unless the card is opened in between. */
    private static boolean isSeen(Build build, List<Sheet> sheets, Level level) {
        Box own = level.slab().bounds();
        Optional<Length> opens = build.mechanics().leaves().stream()
                .flatMap(leaf -> build.level(leaf.slab()).stream())
                .map(Level::bottom)
                .filter(bottom -> !bottom.isBelow(level.top()))
                .min(Comparator.naturalOrder());
        return sheets.stream()
                .filter(s -> s.box.holds(own))
                .map(Sheet::level)
                .filter(l -> !l.bottom().isBelow(level.top()))
                .filter(l -> opens.filter(leaf -> !l.bottom().isBelow(leaf)).isEmpty())
                .flatMap(l -> l.slab().footprints().stream())
                .peek(f -> Patience.take(1 + level.slab().footprints().size() / PAIRS))
                .noneMatch(f -> level.slab().footprints().stream().allMatch(f::covers));
    }

    /**
     * What is seen round it: the highest sheet that lies under it, a shadow layer of its own piece too; what it covers wholly
     * is not seen.
     */
    private static Optional<Part> beneath(Build build, List<Sheet> sheets, Level upper) {
        Box own = upper.slab().bounds();
        return sheets.stream()
                .filter(s -> s.box.touches(own))
                .filter(s -> !s.level.top().isAbove(upper.bottom()))
                .filter(s -> !s.level.slab().part().equals(upper.slab().part()))
                .sorted(Comparator.comparing((Sheet s) -> s.level.top()).reversed())
                .filter(s -> !own.holds(s.box) || !covers(upper, s.level))
                .map(Sheet::level)
                .filter(l -> l.slab().footprints().stream()
                        .anyMatch(f -> upper.slab().footprints().stream().anyMatch(f::overlaps)))
                .findFirst()
                .map(l -> l.slab().part())
                .flatMap(build::part);
    }

    private static boolean covers(Level upper, Level lower) {
        Patience.take(1
                + (long) lower.slab().footprints().size()
                        * upper.slab().footprints().size()
                        / PAIRS);
        return lower.slab().footprints().stream()
                .allMatch(f -> upper.slab().footprints().stream().anyMatch(u -> u.covers(f)));
    }

    private static void pair(Build build, Part upper, Part lower, Level level, List<Pair> pairs) {
        Optional<Colour> above = build.colour(upper.id());
        Optional<Colour> below = build.isInked(lower.id())
                ? build.ground(lower.id(), Outline.of(level.slab().bounds().grown(BESIDE)))
                : build.colour(lower.id());
        if (above.isPresent() && below.isPresent() && pairs.stream().noneMatch(p -> p.isLike(upper, lower))) {
            double difference = above.get().lab().differenceTo(below.get().lab());
            pairs.add(new Pair(upper, lower, difference));
        }
    }

    /** Words in one ink. */
    private record Written(Id owner, PartId part, String text, Colour ink) {}

    /** All that is written on something that shows it a piece at a time. */
    private static Written written(Art words) {
        String text = words.tints().stream()
                .map(Art.Tint::name)
                .filter(n -> !n.isEmpty())
                .distinct()
                .collect(Collectors.joining(" "));
        return new Written(
                words.part().owner(), words.part(), text, words.tints().get(0).colour());
    }

    private static void text(Written words, Build build, Report report) {
        build.part(words.part).ifPresent(part -> {
            if (part.material() instanceof Cardstock card) {
                Colour ground = build.ground(words.part).orElse(card.colour());
                int contrast = (int) Math.round(100 * words.ink.contrastWith(ground));
                Report.Draft draft = report.on(RuleId.TEXT_CONTRAST, words.owner)
                        .parts(words.part)
                        .names(words.text, card.name())
                        .measured(new Amount.Times(contrast), new Amount.Times(LEAST_CONTRAST));
                if (contrast < LEAST_CONTRAST) {
                    draft.watch();
                } else {
                    draft.works();
                }
            }
        });
    }

    private record Pair(Part upper, Part lower, double difference) {
        boolean runsTogether() {
            return difference < LEAST_DIFFERENCE;
        }

        /** The same two materials, the upper of the same piece. */
        boolean isLike(Part above, Part below) {
            return upper.owner().equals(above.owner())
                    && upper.material().equals(above.material())
                    && lower.material().equals(below.material());
        }

        /** The maker says that it is meant so. */
        Remedy meant() {
            return new Remedy(
                    Pull.MEANT,
                    new Amount.Count(1),
                    List.of(new Change(
                            upper.owner(), Change.MEANT, lower.owner().value())));
        }

        Report.Draft say(Report report) {
            return report.on(RuleId.RUNS_TOGETHER, upper.owner())
                    .parts(upper.id())
                    .names(upper.name(), lower.name())
                    .measured(new Amount.Count((int) Math.floor(difference)), new Amount.Count((int) LEAST_DIFFERENCE));
        }
    }
}
