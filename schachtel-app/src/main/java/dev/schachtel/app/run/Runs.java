package dev.schachtel.app.run;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.NoSuchCardException;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.core.design.UseUp;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.RunFile;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.run.RunEvent;
import dev.schachtel.core.run.RunPlan;
import dev.schachtel.core.run.RunState;
import dev.schachtel.core.run.RunStep;

/** Keeps runs. What is said is stored in one transaction before it is answered; what was stored is never changed. */
@Service
class Runs {
    private static final Logger LOG = LoggerFactory.getLogger(Runs.class);
    private final RunRepository runs;
    private final EventRepository events;
    private final CardService cards;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final ApplicationEventPublisher heard;

    Runs(
            Stored stored,
            CardService cards,
            TransactionTemplate transaction,
            Clock clock,
            ApplicationEventPublisher heard) {
        this.heard = heard;
        this.runs = stored.runs();
        this.events = stored.events();
        this.cards = cards;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** What is stored of runs. */
    @Component
    record Stored(RunRepository runs, EventRepository events) {}

    Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    /** The newest run of a card. */
    Optional<StoredRun> newest(long card) {
        return run(() -> runs.findFirstByCardIdOrderByIdDesc(card).flatMap(this::readable));
    }

    /** The newest runs of all cards, the newest of each card only. */
    List<StoredRun> newest(int most) {
        return run(() -> {
            Set<Long> seen = new HashSet<>();
            return runs.findTop20ByOrderByIdDesc().stream()
                    .filter(r -> seen.add(r.cardId()))
                    .flatMap(r -> readable(r).stream())
                    .limit(most)
                    .toList();
        });
    }

    /** The newest runs, several of one card too. */
    List<StoredRun> latest(int most) {
        return run(() -> runs.findAllByOrderByIdDesc(Limit.of(most)).stream()
                .flatMap(r -> readable(r).stream())
                .toList());
    }

    /**
     * A run as it is now.
     *
     * @throws NoSuchCardException if there is none
     */
    StoredRun load(long id) {
        return run(() -> stored(runs.findById(id).orElseThrow(() -> new NoSuchCardException(id))));
    }

    /** How many events there are; a page that knows as many is up to date. */
    long events(long id) {
        return run(() -> events.countByRunId(id));
    }

    /** A new run; the one that another window began meanwhile, if one did. */
    StoredRun begin(StoredCard card, Plan plan) {
        return run(() -> {
            cards.lock(card.id());
            return runs.findFirstByCardIdOrderByIdDesc(card.id())
                    .flatMap(this::readable)
                    .filter(r -> !r.state().isFinished())
                    .orElseGet(() -> stored(runs.save(fresh(card, plan))));
        });
    }

    /** A new run of the card as it is now, in which steps of the old one that are still there under their name are done. */
    StoredRun moveOver(StoredRun old, StoredCard card, Plan plan) {
        return run(() -> {
            RunEntity next = runs.save(fresh(card, plan));
            RunPlan steps = RunFile.read(next.frozen().plan());
            RunState before = old.state();
            List<EventEntity> kept = new ArrayList<>();
            for (RunEvent e : old.events()) {
                boolean still = before.done(e.step()).isPresent()
                        && steps.steps().stream().map(RunStep::key).anyMatch(e.step()::equals);
                if (e.kind() == RunEvent.Kind.TICKED || e.kind() == RunEvent.Kind.DONE && still) {
                    kept.add(new EventEntity(next.id(), e));
                }
            }
            events.saveAll(kept);
            return stored(next);
        });
    }

    /** A run that was done before, with all that was said in it. */
    void record(StoredCard card, Plan plan, List<RunEvent> said) {
        run(() -> {
            RunEntity entity = new RunEntity(
                    card.id(), card.revision(), frozen(card, plan), said.get(0).at());
            long id = runs.save(entity).id();
            events.saveAll(said.stream().map(e -> new EventEntity(id, e)).toList());
            events.flush();
            told(stored(entity));
            return id;
        });
    }

    private RunEntity fresh(StoredCard card, Plan plan) {
        return new RunEntity(card.id(), card.revision(), frozen(card, plan), now());
    }

    private static RunEntity.Frozen frozen(StoredCard card, Plan plan) {
        RunPlan steps =
                RunPlan.of(plan.assembly(), plan.build(), UseUp.takes(plan.build(), plan.cutting(), plan.workshop()));
        return new RunEntity.Frozen(
                CardFile.write(card.spec()), WorkshopFile.write(plan.workshop()), RunFile.write(steps));
    }

    /**
     * Stores what was said, and with a step that is done the beginning of the next one for the same maker.
     *
     * @throws RefusedException with the reason in plain words; nothing is stored then
     */
    StoredRun say(long id, RunEvent event) {
        return run(() -> {
            RunEntity entity = runs.lock(id).orElseThrow(() -> new NoSuchCardException(id));
            StoredRun before = stored(entity);
            String why = before.state().refuses(event);
            if (!why.isEmpty()) {
                throw new RefusedException("run", why);
            }
            if (before.events().stream().anyMatch(e -> e.id().equals(event.id()))) {
                return before;
            }
            events.save(new EventEntity(id, event));
            if (event.kind() == RunEvent.Kind.DONE) {
                next(id, event);
            }
            events.flush();
            return told(stored(entity));
        });
    }

    /** Whoever listens is told within the transaction, so that the log has what the run has. */
    private StoredRun told(StoredRun run) {
        if (run.state().isFinished()) {
            heard.publishEvent(new FinishedRuns.Ended(run.id()));
        }
        return run;
    }

    private void next(long id, RunEvent event) {
        StoredRun now = load(id);
        now.state()
                .next(event.maker(), event.at())
                .filter(s -> now.state().doing(s.key()).isEmpty())
                .ifPresent(step -> events.save(new EventEntity(
                        id,
                        new RunEvent(
                                event.id() + "+", event.at(), event.maker(), RunEvent.Kind.BEGUN, step.key(), 0, ""))));
    }

    /** Empty for one that can't be read, which is logged and left alone: one run takes no list along. */
    private Optional<StoredRun> readable(RunEntity run) {
        try {
            return Optional.of(stored(run));
        } catch (RefusedException e) {
            LOG.warn("run {} can't be read: {}", run.id(), e.getMessage());
            return Optional.empty();
        }
    }

    private StoredRun stored(RunEntity run) {
        return new StoredRun(
                run.id(),
                run.cardId(),
                run.revision(),
                run.frozen(),
                RunFile.read(run.frozen().plan()),
                events.findAllByRunIdOrderByIdAsc(run.id()).stream()
                        .map(EventEntity::event)
                        .toList(),
                run.begunAt());
    }

    private <T> T run(Supplier<T> work) {
        return java.util.Objects.requireNonNull(transaction.execute(status -> work.get()));
    }
}
