package dev.schachtel.app.occasions;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

import dev.schachtel.core.model.RefusedException;

/** Keeps days for which cards are wanted: only those that somebody typed. */
@Service
public class Occasions {
    private static final int MOST = 500;
    static final int TEXT = 100;
    private final OccasionRepository occasions;

    Occasions(OccasionRepository occasions) {
        this.occasions = occasions;
    }

    /**
     * What is wanted.
     *
     * @param yearly whether it comes again every year on that day
     * @param card that is meant for it, if one is
     */
    public record Wanted(String who, String what, LocalDate day, boolean yearly, @Nullable Long card) {
        /** When it comes next, from a day on; the day itself counts. 29 February is kept on the 28th in other years. */
        public LocalDate next(LocalDate from) {
            if (!yearly || !day.isBefore(from)) {
                return day;
            }
            LocalDate same = day.withYear(from.getYear());
            return same.isBefore(from) ? day.withYear(from.getYear() + 1) : same;
        }
    }

    /** A day that is kept. */
    public record Occasion(long id, Wanted wanted) {}

    /** What comes next, from a day on. */
    public List<Occasion> from(LocalDate day) {
        return occasions.findAll().stream()
                .map(OccasionEntity::occasion)
                .filter(o -> !o.wanted().next(day).isBefore(day))
                .sorted(Comparator.comparing((Occasion o) -> o.wanted().next(day))
                        .thenComparing(Occasion::id))
                .toList();
    }

    /**
     * Keeps a day.
     *
     * @throws RefusedException if it says neither who nor what, or there are too many
     */
    public void add(Wanted wanted) {
        if (wanted.who().isBlank() && wanted.what().isBlank()) {
            throw new RefusedException("occasion", "must say for whom, or what for");
        }
        if (wanted.who().length() > TEXT || wanted.what().length() > TEXT) {
            throw new RefusedException("occasion", "is longer than " + TEXT + " letters");
        }
        if (occasions.count() >= MOST) {
            throw new RefusedException("occasion", "there are " + MOST + " already; remove one first");
        }
        occasions.save(new OccasionEntity(wanted));
    }

    public void remove(long id) {
        occasions.deleteById(id);
    }
}
