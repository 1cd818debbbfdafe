package dev.schachtel.core.engineering;

import java.time.Duration;
import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.Treatment;
import dev.schachtel.core.material.Technique;

/** Surface work belongs to the sheet of the piece it is on; it takes no room. */
@AutoService(Engineer.class)
public final class TreatmentEngineer implements Engineer<Treatment> {
    @Override
    public Class<Treatment> engineers() {
        return Treatment.class;
    }

    @Override
    public void engineer(Treatment work, BuildDraft draft) {
        draft.sheet(work.on(), new Source(work.id(), "on")).ifPresent(sheet -> {
            Technique way = new Materials(draft).technique(work.way(), new Source(work.id(), "way"));
            int number = draft.inks()
                    .add(new Surface(
                            work.id(),
                            sheet.part(),
                            sheet.id(),
                            way,
                            work.colour(),
                            Duration.ofSeconds(work.seconds() > 0 ? work.seconds() : way.each()),
                            Duration.ofMinutes(work.drying() > 0 ? work.drying() : way.dryMinutes()),
                            work.laidOut(),
                            List.of(),
                            1));
            draft.afterwards(() -> place(number, sheet, work, draft));
        });
    }

    /** When all pieces lie: some work goes round them or between them. */
    private static void place(int number, Slab before, Treatment work, BuildDraft draft) {
        draft.slabs().stream()
                .filter(s -> s.id().equals(before.id()))
                .findFirst()
                .map(sheet -> new Coats(sheet, work.coverage() / 100.0, draft))
                .ifPresent(c -> draft.inks().place(number, c.of(work.where()), c.times(work.where())));
    }
}
