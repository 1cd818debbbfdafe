package dev.schachtel.core.engineering;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.Treatment;
import dev.schachtel.core.material.Technique;

/**
 * Surface work belongs to the sheet of the piece it is on; it takes no room, but may raise its sheet. What is done with what
 * is left of other work takes that one's way and colour, at two fifths of the strength (estimate).
 */
@AutoService(Engineer.class)
public final class TreatmentEngineer implements Engineer<Treatment> {
    private static final double LEFT_OVER = 0.4;

    @Override
    public Class<Treatment> engineers() {
        return Treatment.class;
    }

    @Override
    public void engineer(Treatment work, BuildDraft draft) {
        draft.sheet(work.on(), new Source(work.id(), "on")).ifPresent(sheet -> {
            Treatment inked = inked(work, draft);
            Technique way = new Materials(draft).technique(inked.way(), new Source(inked.id(), "way"));
            int number = draft.inks()
                    .add(new Surface(
                            work.id(),
                            sheet.part(),
                            sheet.id(),
                            way,
                            inked.colour(),
                            Duration.ofSeconds(work.seconds() > 0 ? work.seconds() : way.each()),
                            Duration.ofMinutes(work.drying() > 0 ? work.drying() : way.dryMinutes()),
                            work.laidOut(),
                            List.of(),
                            1,
                            work.where(),
                            inked.leftFrom(),
                            List.of()));
            draft.raise(sheet.id(), way.raises());
            draft.afterwards(() -> place(number, sheet, inked, draft));
        });
    }

    /** With the way and the colour of what it is done with; on its own where that can't be. */
    private static Treatment inked(Treatment work, BuildDraft draft) {
        if (work.leftFrom().isEmpty()) {
            return work;
        }
        Optional<Treatment> first = work.leftFrom()
                .flatMap(id -> draft.spec().find(id, Treatment.class))
                .filter(f -> f.leftFrom().isEmpty() && !f.id().equals(work.id()));
        if (first.isEmpty()) {
            draft.fault(
                    RuleId.NOTHING_LEFT_OVER,
                    new Source(work.id(), "leftFrom"),
                    work.leftFrom().get().value());
        }
        return first.map(f -> work.inkedAs(f.way(), f.colour(), work.leftFrom()))
                .orElseGet(() -> work.inkedAs(work.way(), work.colour(), Optional.empty()));
    }

    /** When all pieces lie: some work goes round them or between them. */
    private static void place(int number, Slab before, Treatment work, BuildDraft draft) {
        double strength = work.leftFrom().isPresent() ? LEFT_OVER : 1;
        draft.slabs().stream()
                .filter(s -> s.id().equals(before.id()))
                .findFirst()
                .map(sheet -> new Coats(sheet, strength * work.coverage() / 100.0, draft))
                .ifPresent(c -> draft.inks()
                        .place(
                                number,
                                c.of(work.where()),
                                c.times(work.where()),
                                draft.inks().masks(before.id(), work.id(), draft.spec())));
    }
}
