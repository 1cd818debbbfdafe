package dev.schachtel.core.scene;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.build.Severity;
import dev.schachtel.core.scene.Fact.Fix;
import dev.schachtel.core.scene.Fact.Kind;
import dev.schachtel.core.scene.Scenery.Tumbling;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;

/**
 * What pieces do to a shaker: on its film they hide the filling; on its floor they leave gaps in which it gets stuck, which
 * are wider than nothing and narrower than one of its pieces and 1 mm. Handbook chapter 10, how it sits.
 */
final class InShaker {
    /** On film, so much may be hidden, percent. */
    private static final double MOST_HIDDEN = 50;

    private static final double PLAY = 1;
    /** What is nearer than this leaves no gap, mm. */
    private static final double SHUT = 0.3;

    private final Scenery scenery;
    private final Tumbling tumbling;
    private final Measured measured;
    private final List<Fact> facts = new ArrayList<>();

    InShaker(Scenery scenery, Tumbling tumbling, Measured measured) {
        this.scenery = scenery;
        this.tumbling = tumbling;
        this.measured = measured;
    }

    List<Fact> facts() {
        if (tumbling.onFilm()) {
            hides();
        } else {
            stuck();
        }
        return facts;
    }

    private void hides() {
        List<Outline> pieces = scenery.pieces().stream().map(Placed::outline).toList();
        double hidden = 100 - measured.uncovered(scenery.face(), pieces);
        Severity severity = hidden > MOST_HIDDEN ? Severity.WATCH : Severity.WORKS;
        facts.add(
                Fact.whole(Kind.HIDES, severity, hidden, scenery.face().bounds().centre()));
    }

    private void stuck() {
        List<Placed> in = scenery.pieces().stream()
                .filter(p -> tumbling.clear().overlaps(p.outline()))
                .toList();
        for (int i = 0; i < in.size(); i++) {
            Placed p = in.get(i);
            gap(p, List.of(p), Mm.of(tumbling.clear().marginOf(p.outline()).length()));
            for (Placed other : in.subList(0, i)) {
                gap(p, List.of(p, other), measured.between(p.outline(), other.outline()));
            }
        }
    }

    private void gap(Placed p, List<Placed> about, double wide) {
        if (wide > SHUT && wide < tumbling.grain() + PLAY) {
            List<Fix> some = new ArrayList<>(Fixes.aside(p, tumbling.grain() + PLAY + 0.1 - wide));
            some.addAll(Fixes.aside(p, -(wide - SHUT / 2)));
            facts.add(Fact.of(Kind.STUCK, Severity.WATCH, about, wide, some));
        }
    }
}
