package dev.schachtel.core.design;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Levers;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.tolerance.Odds;
import dev.schachtel.core.tolerance.Simulation;

/**
 * What would make more cards come out well, best first: another way of laying, of cutting, more play, a wider border. Each is tried on the
 * card with the same dice, and left out where it makes something new that would have to be mended.
 */
public final class WhatHelps {
    private static final int MOST = 4;
    /** Fits that spoil fewer cards are not worth a change. */
    private static final double SPOILS = 0.99;

    private static final int LOOKED_AT = 4;
    /** What must be gained: a card in a hundred that works, or three that look right. */
    private static final double WORKS_MORE = 0.01;

    private static final double LOOKS_MORE = 0.03;
    /** More room is tried in these amounts; micrometres. */
    private static final List<Integer> MORE = List.of(400, 800, 1600, 3200);

    private final CardSpec spec;
    private final Workshop workshop;
    private final Checked now;
    private final Simulation before;

    private WhatHelps(CardSpec spec, Workshop workshop) {
        this.spec = spec;
        this.workshop = workshop;
        this.now = Checked.of(spec, workshop);
        this.before = Simulation.of(now.build(), workshop);
    }

    /** What is done otherwise. */
    public sealed interface Step {
        /** An input of the card gets another value. */
        record Changed(Id owner, Remedy remedy) implements Step {}

        /** Pieces are laid another way. */
        record Placed(HouseRules.Placing how) implements Step {}

        /** A part is cut another way. */
        record Cut(PartId part, CutMethod how) implements Step {}
    }

    /** A step, and how many cards work and look right with it. */
    public record Help(Step step, Odds works, Odds looks) {}

    /** At most four, best first; none where nothing is worth it. */
    public static List<Help> of(CardSpec spec, Workshop workshop) {
        return new WhatHelps(spec, workshop).best();
    }

    /** The card and the workshop with a step taken. */
    public static HouseQuestions.Taken take(CardSpec spec, Workshop workshop, Step step) {
        if (step instanceof Step.Placed placed) {
            HouseRules rules = workshop.house().with(placed.how());
            return new HouseQuestions.Taken(spec, workshop.with(workshop.techniques(), rules));
        }
        if (step instanceof Step.Cut cut) {
            String part = cut.part().toString();
            Optional<CutChoice> old = spec.cut(part);
            CutChoice choice = new CutChoice(
                    part,
                    Optional.of(cut.how()),
                    old.flatMap(CutChoice::from),
                    old.filter(CutChoice::middle).isPresent(),
                    old.map(CutChoice::spares).orElse(0));
            return new HouseQuestions.Taken(CardEdit.of(spec).cut(choice), workshop);
        }
        return new HouseQuestions.Taken(((Step.Changed) step).remedy().taken(spec), workshop);
    }

    private List<Help> best() {
        List<Help> all = new ArrayList<>();
        Arrays.stream(HouseRules.Placing.values())
                .filter(how -> how != workshop.house().placing())
                .flatMap(how -> tried(new Step.Placed(how)).stream())
                .max(Comparator.comparing(this::gain))
                .ifPresent(all::add);
        before.worst().stream()
                .filter(r -> r.odds().share() < SPOILS)
                .map(Simulation.Result::fit)
                .limit(LOOKED_AT)
                .forEach(fit -> {
                    eased(fit).ifPresent(all::add);
                    cut(fit).ifPresent(all::add);
                    closed(fit).ifPresent(all::add);
                });
        return all.stream()
                .filter(this::isWorthIt)
                .sorted(Comparator.comparing(this::gain).reversed())
                .limit(MOST)
                .toList();
    }

    private boolean isWorthIt(Help help) {
        double works = help.works().share() - before.works().share();
        double looks = help.looks().share() - before.looks().share();
        return works >= WORKS_MORE || (looks >= LOOKS_MORE && works >= 0);
    }

    /** A card that works counts twice one that looks right. */
    private double gain(Help help) {
        return 2 * (help.works().share() - before.works().share())
                + help.looks().share()
                - before.looks().share();
    }

    /** The least more room with which nearly all come out well; else what comes nearest. */
    private Optional<Help> eased(Fit fit) {
        Optional<Lever> lever = fit.eases().flatMap(s -> Lever.at(spec, s));
        if (lever.isEmpty()) {
            return Optional.empty();
        }
        Optional<Help> best = Optional.empty();
        for (int more : MORE) {
            Optional<Help> next =
                    lever.get().by(Length.ofMicrometres(more)).flatMap(r -> tried(new Step.Changed(fit.owner(), r)));
            double won = next.map(this::gain).orElse(0.0) - best.map(this::gain).orElse(0.0);
            if (won > WORKS_MORE) {
                best = next;
            }
        }
        return best;
    }

    /** What is cut by hand is cut by a tool. */
    private Optional<Help> cut(Fit fit) {
        boolean electronic = workshop.tools().matWidth().isPositive();
        return now.build()
                .part(fit.part())
                .map(Part::method)
                .filter(m -> electronic && (m == CutMethod.KNIFE || m == CutMethod.SCISSORS))
                .flatMap(m -> tried(new Step.Cut(fit.part(), CutMethod.ELECTRONIC)));
    }

    /** A dam of one piece has no joints. */
    private Optional<Help> closed(Fit fit) {
        return fit.sort() == Fit.Sort.DAM_CLOSED
                ? Levers.onePiece(spec, workshop, fit.owner()).flatMap(r -> tried(new Step.Changed(fit.owner(), r)))
                : Optional.empty();
    }

    /** Empty for what can't be done, or makes more to mend. */
    private Optional<Help> tried(Step step) {
        try {
            HouseQuestions.Taken taken = take(spec, workshop, step);
            Checked after = taken.spec().equals(spec) ? now : Checked.of(taken.spec(), taken.workshop());
            if (after.mends() > now.mends()) {
                return Optional.empty();
            }
            Simulation then = Simulation.of(after.build(), taken.workshop());
            return Optional.of(new Help(step, then.works(), then.looks()));
        } catch (RefusedException e) {
            return Optional.empty();
        }
    }
}
