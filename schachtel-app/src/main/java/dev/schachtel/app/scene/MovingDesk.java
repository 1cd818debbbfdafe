package dev.schachtel.app.scene;

import java.util.List;
import java.util.Optional;

import org.springframework.stereotype.Component;

import dev.schachtel.app.structure.Shift;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.scene.Placed;
import dev.schachtel.core.scene.Scenery;
import dev.schachtel.core.scene.Sitting;

/** What would come of a piece where it is held just now: nothing is kept. */
@Component
class MovingDesk {
    /** More would not be read while the hand moves. */
    private static final int MOST = 2;

    private final SceneWords words;

    MovingDesk(SceneWords words) {
        this.words = words;
    }

    /**
     * How it would lie.
     *
     * @param height how far it would stand out, in words; empty if it would not be on the face
     * @param trouble what would be said of it, the worst first
     */
    record Held(String height, List<String> trouble) {}

    Held held(Plan plan, Id face, Shift shift) {
        Workshop workshop = plan.workshop();
        CardSpec moved = shift.apply(plan.spec());
        Build build = Engineering.engineer(moved, workshop);
        Optional<Scenery> scenery = Scenery.of(build, workshop, face);
        Id piece = new Id(shift.piece());
        return new Held(
                scenery.flatMap(s -> s.pieces().stream()
                                .filter(p -> p.id().equals(piece))
                                .findFirst())
                        .map(Placed::above)
                        .map(words::standsOut)
                        .orElse(""),
                scenery.map(Sitting::plain).orElse(List.of()).stream()
                        .filter(f ->
                                f.severity() != Severity.WORKS && f.pieces().contains(piece))
                        .limit(MOST)
                        .map(f -> words.told(f).title())
                        .toList());
    }
}
