package dev.schachtel.app.log;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Pageable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;

import dev.schachtel.app.run.Finished;
import dev.schachtel.app.run.FinishedRuns;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.LogFile;
import dev.schachtel.core.log.Acquaintance;
import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.model.RefusedException;

/** Keeps builds. A run that ends becomes one by itself; nothing in it changes when card, stock or rules change later. */
@Service
public class Logbook {
    private static final Logger LOG = LoggerFactory.getLogger(Logbook.class);
    /** Builds on one page of the list. */
    static final int SHOWN = 40;
    /** Builds that what was learned comes from. */
    private static final int LEARNED = 200;

    private static final int KEPT = 2_000;
    private final LoggedRepository builds;
    private final FinishedRuns runs;
    private final Workshops workshops;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final Cache<Key, Kept> read =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    private record Key(long id, long version) {}

    Logbook(
            LoggedRepository builds,
            FinishedRuns runs,
            Workshops workshops,
            TransactionTemplate transaction,
            Clock clock) {
        this.builds = builds;
        this.runs = runs;
        this.workshops = workshops;
        this.transaction = transaction;
        this.clock = clock;
    }

    /**
     * A build as it is kept.
     *
     * @param cardId the card that it was built of, which may be another by now, or gone
     * @param cardFile the card as it was built
     */
    public record Kept(
            long id, long version, LogEntry entry, Instant ended, @Nullable Long cardId, @Nullable String cardFile) {
        /** Empty where there is none, or none that can be read any more. */
        public Optional<CardSpec> card() {
            try {
                return cardFile == null ? Optional.empty() : Optional.of(CardFile.read(cardFile));
            } catch (RefusedException e) {
                return Optional.empty();
            }
        }
    }

    /** Runs that ended before there was a log are put into it. */
    @EventListener(ApplicationReadyEvent.class)
    void catchUp() {
        for (Finished run : runs.latest()) {
            if (!builds.existsByRunId(run.id())) {
                run(() -> {
                    ended(new FinishedRuns.Ended(run.id()));
                    return run.id();
                });
            }
        }
    }

    /** What was said at the bench is kept whatever becomes of the log; a build that can't be kept now is tried again at the next start. */
    @EventListener
    void ended(FinishedRuns.Ended ended) {
        try {
            runs.of(ended.run()).ifPresent(this::put);
        } catch (RefusedException e) {
            LOG.warn("run {} is not in the log yet: {}", ended.run(), e.getMessage());
        }
    }

    private long put(Finished run) {
        CardSpec card = CardFile.read(run.cardFile());
        LocalDate day = LocalDate.ofInstant(run.ended(), ZoneId.systemDefault());
        LogEntry fresh = LogEntry.of(card, run.plan(), run.events(), run.mishaps(), day);
        Optional<LoggedBuild> old = builds.findByRunId(run.id());
        LoggedBuild build = old.orElseGet(() -> new LoggedBuild(run.id(), run.card(), run.cardFile(), run.ended()));
        build.ended(run.ended());
        LogEntry entry = old.map(o -> LogFile.read(o.document()).again(fresh)).orElse(fresh);
        hold(build, entry, Optional.of(card));
        return builds.save(build).id();
    }

    static void hold(LoggedBuild build, LogEntry entry, Optional<CardSpec> card) {
        build.holds(
                LogFile.write(entry),
                new LoggedBuild.Shown(
                        entry.name(),
                        Sought.about(entry),
                        entry.planned(),
                        entry.taken(),
                        entry.mishaps().size(),
                        Sought.words(entry, card)));
    }

    /** A page of the newest builds in which all these words are found, three at most; pages count from 0. */
    List<LoggedRepository.Row> find(String words, int page) {
        return rows(words, PageRequest.of(page, SHOWN));
    }

    private List<LoggedRepository.Row> rows(String words, Pageable page) {
        if (words.isBlank()) {
            return builds.newest(page);
        }
        List<String> sought = new ArrayList<>(
                Arrays.stream(Acquaintance.same(words).split(" ")).limit(3).toList());
        while (sought.size() < 3) {
            sought.add("");
        }
        return builds.find(sought.get(0), sought.get(1), sought.get(2), page);
    }

    /** The newest builds, read once and remembered while they stay as they are. */
    public List<Kept> latest() {
        List<LoggedRepository.Row> rows = builds.newest(PageRequest.of(0, LEARNED));
        Map<Long, Kept> known = new HashMap<>();
        List<Long> unknown = new ArrayList<>();
        for (LoggedRepository.Row row : rows) {
            Kept kept = read.getIfPresent(new Key(row.id(), row.version()));
            if (kept == null) {
                unknown.add(row.id());
            } else {
                known.put(row.id(), kept);
            }
        }
        if (!unknown.isEmpty()) {
            builds.findAllById(unknown).forEach(b -> known(b).ifPresent(k -> known.put(k.id(), k)));
        }
        return rows.stream()
                .map(r -> known.get(r.id()))
                .filter(java.util.Objects::nonNull)
                .toList();
    }

    private Optional<Kept> known(LoggedBuild build) {
        try {
            Kept kept = kept(build);
            read.put(new Key(kept.id(), kept.version()), kept);
            return Optional.of(kept);
        } catch (RefusedException e) {
            LOG.warn("build {} of the log can't be read: {}", build.id(), e.getMessage());
            return Optional.empty();
        }
    }

    static Kept kept(LoggedBuild b) {
        return new Kept(b.id(), b.version(), LogFile.read(b.document()), b.endedAt(), b.cardId(), b.card());
    }

    /** Everything that can be read, the oldest first, to take away. */
    List<Acquaintance.Built> everything() {
        return builds.findAllByOrderByEndedAtAscIdAsc().stream()
                .flatMap(b -> known(b).stream())
                .map(k -> new Acquaintance.Built(k.entry(), k.card()))
                .toList();
    }

    /** The newest builds with their cards, to look who has what. */
    public List<Acquaintance.Built> built() {
        return latest().stream()
                .map(k -> new Acquaintance.Built(k.entry(), k.card()))
                .toList();
    }

    /** The kinds of work at which something went wrong in the newest builds, each as often as it did. */
    public List<String> mishaps() {
        return latest().stream()
                .flatMap(k -> k.entry().mishaps().stream())
                .map(LogEntry.Wrong::work)
                .toList();
    }

    /** Empty if it is gone: a run may be deleted while somebody reads it. */
    public Optional<Kept> load(long id) {
        return builds.findById(id).flatMap(this::known);
    }

    /**
     * Changes what is said about a build.
     *
     * @throws NoSuchBuildException if it is gone
     */
    void change(long id, UnaryOperator<LogEntry> change) {
        run(() -> {
            LoggedBuild build = builds.lock(id).orElseThrow(() -> new NoSuchBuildException(id));
            Kept kept = kept(build);
            hold(build, change.apply(kept.entry()), kept.card());
            return builds.saveAndFlush(build).id();
        });
    }

    /** Writes builds in afterwards; answers the last one. */
    long add(List<Acquaintance.Built> more, @Nullable Long cardId) {
        return run(() -> {
            long last = 0;
            for (Acquaintance.Built built : more) {
                Instant ended = built.entry()
                        .day()
                        .atTime(LocalTime.NOON)
                        .atZone(ZoneId.systemDefault())
                        .toInstant();
                String card = built.card().map(CardFile::write).orElse(null);
                LoggedBuild build = new LoggedBuild(null, cardId, card, ended);
                hold(build, built.entry(), built.card());
                last = builds.save(build).id();
            }
            return last;
        });
    }

    void remove(long id) {
        run(() -> {
            builds.deleteById(id);
            return id;
        });
    }

    Workshops workshops() {
        return workshops;
    }

    LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    Instant now() {
        return clock.instant();
    }

    private <T> T run(Supplier<T> work) {
        return java.util.Objects.requireNonNull(transaction.execute(status -> work.get()));
    }
}
