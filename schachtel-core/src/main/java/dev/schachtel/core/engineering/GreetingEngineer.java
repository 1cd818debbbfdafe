package dev.schachtel.core.engineering;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.Greeting;
import dev.schachtel.core.card.Where;
import dev.schachtel.core.material.Technique;

/** Words stamped on a face: surface work with its drying, and what is read there. */
@AutoService(Engineer.class)
public final class GreetingEngineer implements Engineer<Greeting> {
    @Override
    public Class<Greeting> engineers() {
        return Greeting.class;
    }

    @Override
    public void engineer(Greeting words, BuildDraft draft) {
        draft.ground(words.on(), new Source(words.id(), "on")).ifPresent(face -> {
            LetteredStrip shape = LetteredStrip.of(words);
            shape.judge(words, draft);
            if (words.text().isBlank()) {
                return;
            }
            draft.letter(shape.lettering(words, face.part(), face.slab()));
            Technique way = new Materials(draft).technique(words.way(), new Source(words.id(), "way"));
            draft.inks()
                    .add(new Surface(
                            words.id(),
                            face.part(),
                            face.slab(),
                            way,
                            words.ink(),
                            Duration.ofSeconds(way.each()),
                            Duration.ofMinutes(way.dryMinutes()),
                            false,
                            List.of(),
                            1,
                            new Where.Whole(),
                            Optional.empty(),
                            List.of()));
        });
    }
}
