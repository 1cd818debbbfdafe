package dev.schachtel.app.log;

import java.util.List;
import java.util.Map;

import org.springframework.stereotype.Component;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;

import dev.schachtel.app.planning.MakersPace;
import dev.schachtel.core.learning.Pace;
import dev.schachtel.core.learning.Timing;

/** The pace of makers, from the newest builds of the log; worked out once for the same timings. */
@Component
class KnownPace implements MakersPace {
    private static final int KEPT = 20;
    private final Logbook log;
    private final Cache<List<Timing>, Pace> known =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    KnownPace(Logbook log) {
        this.log = log;
    }

    @Override
    public Pace of(String maker) {
        Map<String, List<Timing>> makers =
                PaceDesk.makers(log.latest().stream().map(Logbook.Kept::entry).toList());
        String who = maker.isEmpty() ? makers.keySet().stream().findFirst().orElse("") : maker;
        return of(makers.getOrDefault(who, List.of()));
    }

    Pace of(List<Timing> timings) {
        return known.get(timings, Pace::of);
    }
}
