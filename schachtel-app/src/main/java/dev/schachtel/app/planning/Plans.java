package dev.schachtel.app.planning;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;

import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.assembly.Assembly;
import dev.schachtel.core.assembly.AssemblySearch;
import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.assembly.FoundOrder;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.check.Findings;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.CutPlanner;
import dev.schachtel.core.cutting.CutSearch;
import dev.schachtel.core.cutting.FoundCuts;
import dev.schachtel.core.design.Adding;
import dev.schachtel.core.design.Arrange;
import dev.schachtel.core.design.HouseQuestions;
import dev.schachtel.core.files.FoundFile;
import dev.schachtel.core.learning.Pace;
import dev.schachtel.core.material.Die;
import dev.schachtel.core.material.Envelope;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.patience.Patience;
import dev.schachtel.core.patience.PatienceLostException;
import dev.schachtel.core.plan.DateLine;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.run.Outlooks;

/** Plans cards; remembers the last few, since planning is pure and a page often asks for the same card again. */
@Component
public class Plans {
    private static final Logger LOG = LoggerFactory.getLogger(Plans.class);
    private static final int KEPT = 64;
    private static final int SEARCHES = 12;
    private static final int ROUNDS = 20;
    private static final int BUILD_ROUNDS = 200;
    /** Steps of work for which a page looks for a better build plan. */
    private static final long MOMENT = 80_000;

    private final Workshops workshops;
    private final MakersPace makers;
    private final FoundPlans found;
    private final Clock clock;
    private final Cache<InWorkshop, Plan> recent = keeping(KEPT);
    private final Cache<InWorkshop, Findings> remedies = keeping(KEPT);
    private final Cache<InWorkshop, CutSearch> searches = keeping(SEARCHES);
    private final Cache<InWorkshop, AssemblySearch> builds = keeping(SEARCHES);

    private final Cache<Paced, List<HouseQuestions.Question>> ways = keeping(KEPT);

    /** Comparisons hold for the pace by which they were made. */
    private record Paced(InWorkshop key, Pace pace) {}

    private static <K, V> Cache<K, V> keeping(int most) {
        return Caffeine.newBuilder().maximumSize(most).build();
    }

    Plans(Workshops workshops, FoundPlans found, Clock clock, MakersPace makers) {
        this.makers = makers;
        this.workshops = workshops;
        this.found = found;
        this.clock = clock;
    }

    /** A piece added where it fits best. */
    public Adding.Added add(CardSpec spec, String kind, Optional<Id> on) {
        return Adding.add(spec, kind, on, workshops.now());
    }

    /**
     * Pieces put in line: centre-across, centre-up, align-across, align-up, spread-across or spread-up.
     *
     * @throws RefusedException if how is none of these, or the pieces have no place of their own
     */
    public CardSpec arrange(CardSpec spec, List<Id> ids, String how) {
        if (ids.isEmpty()) {
            throw new RefusedException("pieces", "there is nothing to put in line");
        }
        Arrange arrange = Arrange.of(spec, workshops.now());
        boolean up = how.endsWith("-up");
        return switch (how) {
            case "centre-across", "centre-up" -> arrange.centre(ids.get(0), up);
            case "align-across", "align-up" -> arrange.align(ids, up);
            case "spread-across", "spread-up" -> arrange.spread(ids, up);
            default -> throw new RefusedException(how, "there is no such way to put things in line");
        };
    }

    /**
     * A die of the register.
     *
     * @throws RefusedException if there is none of this name
     */
    public Die die(String id) {
        return workshops.now().dies().stream()
                .filter(d -> d.id().value().equals(id))
                .findFirst()
                .orElseThrow(() -> new RefusedException(id, "is not in the die register"));
    }

    /** With remedies if they were asked for before: trying them out takes several times as long as planning. */
    public Plan of(CardSpec spec) {
        InWorkshop key = new InWorkshop(spec, workshops.now());
        Plan plan = known(key);
        Findings tried = remedies.getIfPresent(key);
        return (tried == null ? plan : plan.withRemediesOf(tried)).on(today());
    }

    /** For one look at very many cards: what pages ask for again and again stays known. */
    public Plan once(CardSpec spec) {
        InWorkshop key = new InWorkshop(spec, workshops.now());
        Plan plan = recent.getIfPresent(key);
        return (plan == null ? planned(key) : plan).on(today());
    }

    /** With the remedies of its findings, each tried out. */
    public Plan mended(CardSpec spec) {
        InWorkshop key = new InWorkshop(spec, workshops.now());
        remedies.get(key, k -> Planner.remedies(k.spec(), k.workshop()));
        return of(spec);
    }

    /**
     * The plan of a card from outside, with its remedies.
     *
     * @throws RefusedException if it takes more work to plan than a card may
     */
    public Plan affordable(CardSpec spec) {
        try {
            return Patience.within(Patience.FOR_STRANGERS, () -> mended(spec));
        } catch (PatienceLostException e) {
            throw new RefusedException("$", e.getMessage() + " to plan; use fewer pieces, or simpler shapes");
        }
    }

    /**
     * The card with a remedy taken: one of those of a finding, counted from 0.
     *
     * @throws RefusedException if the finding has none such any more
     */
    public CardSpec mend(CardSpec spec, String finding, int way) {
        return mended(spec).findings().all().stream()
                .filter(f -> f.key().equals(finding)
                        && way >= 0
                        && way < f.remedies().size())
                .map(f -> f.remedies().get(way).taken(spec))
                .findFirst()
                .orElseThrow(() -> new RefusedException(finding, "this is mended already"));
    }

    /** From today to the day it is wanted for; empty if none is set. */
    public Optional<DateLine> dates(Plan plan) {
        return DateLine.of(plan, today());
    }

    /** An envelope of the workshop. */
    public Optional<Envelope> envelope(CardSpec spec) {
        return workshops.now().envelope(spec.brief().envelope());
    }

    /** Whether remedies were tried out, so that a finding without one has none. */
    public boolean isMended(CardSpec spec) {
        return remedies.getIfPresent(new InWorkshop(spec, workshops.now())) != null;
    }

    /** Without what a day means for it: what is kept must not grow old. With what was found by looking longer before. */
    private Plan known(InWorkshop key) {
        return recent.get(key, this::planned);
    }

    private Plan planned(InWorkshop key) {
        Plan plan = Planner.withoutRemedies(key.spec(), key.workshop());
        FoundFile before = found.of(key.spec(), key.workshop());
        if (!before.cuts().equals(FoundCuts.NONE)) {
            plan = plan.with(cutSearch(key, plan, before).plan());
        }
        return before.order().equals(FoundOrder.NONE)
                ? plan
                : plan.with(orderSearch(key, plan, before).plan());
    }

    private CutSearch cutSearch(InWorkshop key, Plan plan, FoundFile before) {
        return searches.get(
                key,
                k -> from(
                        before.cuts(), FoundCuts.NONE, found -> CutPlanner.search(plan.build(), k.workshop(), found)));
    }

    private AssemblySearch orderSearch(InWorkshop key, Plan plan, FoundFile before) {
        return builds.get(
                key,
                k -> from(
                        before.order(), FoundOrder.NONE, found -> Assembly.search(plan.build(), k.workshop(), found)));
    }

    /** What an older program found may not suit this one; then it is looked for anew. */
    private static <F, S> S from(F before, F none, Function<F, S> search) {
        try {
            return search.apply(before);
        } catch (IllegalArgumentException e) {
            LOG.info("what was found before is looked for anew: {}", e.getMessage());
            return search.apply(none);
        }
    }

    /** How far the search for fewer sheets has come. */
    public record Sought(int rounds, boolean done) {}

    /** Looks further for a cut plan with fewer sheets, for so long; from then on it is the card's plan. */
    public Sought improve(CardSpec spec, Duration budget) {
        InWorkshop key = new InWorkshop(spec, workshops.now());
        Plan plan = known(key);
        CutSearch search = cutSearch(key, plan, found.of(spec, key.workshop()));
        synchronized (search) {
            long until = System.nanoTime() + budget.toNanos();
            while (!search.done() && System.nanoTime() < until) {
                search.run(ROUNDS);
            }
            CutPlan better = search.plan();
            if (better.sheets() < plan.cutting().sheets() || search.done()) {
                recent.put(key, known(key).with(better));
                found.change(spec, key.workshop(), f -> f.with(search.found()));
            }
            return new Sought(search.rounds(), search.done());
        }
    }

    /** Looks for a better build plan a little longer; from then on it is the card's plan. Empty if none was found. */
    public Optional<Plan> better(CardSpec spec) {
        InWorkshop key = new InWorkshop(spec, workshops.now());
        Plan plan = known(key);
        AssemblySearch search = orderSearch(key, plan, found.of(spec, key.workshop()));
        synchronized (search) {
            if (search.done() && plan.assembly().equals(search.plan())) {
                return Optional.empty();
            }
            for (long steps = 0; !search.done() && steps < MOMENT; ) {
                steps += 1
                        + Patience.counted(() -> {
                                    search.run(BUILD_ROUNDS);
                                    return search;
                                })
                                .steps();
            }
            Plan better = known(key).with(search.plan());
            recent.put(key, better);
            if (better.assembly().equals(plan.assembly())) {
                return Optional.empty();
            }
            found.change(spec, key.workshop(), f -> f.with(search.found()));
            return Optional.of(better.on(today()));
        }
    }

    /** What makers do differently on this card; with what each way costs once that was worked out. */
    public HouseAnswers ways(CardSpec spec) {
        InWorkshop key = new InWorkshop(spec, workshops.now());
        List<HouseQuestions.Question> known = ways.getIfPresent(new Paced(key, makers.of("")));
        return known == null
                ? new HouseAnswers(HouseQuestions.asked(spec, key.workshop()), false)
                : new HouseAnswers(known, true);
    }

    /** Works out what each way costs. */
    public void compare(CardSpec spec) {
        InWorkshop key = new InWorkshop(spec, workshops.now());
        ways.get(
                new Paced(key, makers.of("")),
                p -> HouseQuestions.of(p.key.spec(), p.key.workshop(), plan -> lasts(plan, p.pace)));
    }

    /** By the book as planned; else with each step at the median of what was timed. */
    private static Duration lasts(BuildPlan plan, Pace pace) {
        return pace.timed().isEmpty() ? plan.total() : Outlooks.usual(plan, pace::of);
    }

    /**
     * House rules with their answers.
     *
     * @param compared whether their costs are worked out
     */
    public record HouseAnswers(List<HouseQuestions.Question> questions, boolean compared) {}

    /** The card's plan with its build plan looked for a moment longer. */
    public Plan built(CardSpec spec) {
        return better(spec).orElseGet(() -> of(spec));
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }
}
