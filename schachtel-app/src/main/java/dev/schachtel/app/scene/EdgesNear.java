package dev.schachtel.app.scene;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Face;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.scene.Scenery;
import dev.schachtel.core.shape.Mm;

/** The edges under which the chosen picture or strip of words may go. */
final class EdgesNear {
    private EdgesNear() {}

    /** Those that it reaches, unless all lies flat there, and those under which it goes already. */
    static List<SceneView.Edge> of(Plan plan, Id piece, Optional<Scenery> scenery) {
        CardSpec spec = plan.spec();
        Map<Id, Double> depths = new LinkedHashMap<>();
        spec.tucks().stream().filter(t -> t.piece().equals(piece)).forEach(t -> depths.put(t.under(), 0.0));
        scenery.filter(s -> plan.build().face(s.on()).filter(Face::isUnder).isEmpty())
                .ifPresent(s -> s.meetings(piece).forEach(m -> depths.put(m.other(), m.depth())));
        return depths.entrySet().stream()
                .map(e -> new SceneView.Edge(
                        e.getKey().value(),
                        name(plan, e.getKey()),
                        spec.isTucked(piece, e.getKey()),
                        spec.isTucked(piece, e.getKey()) ? depth(e.getValue(), spec.units()) : ""))
                .toList();
    }

    /** What a piece is called: what it says, or its picture. */
    private static String name(Plan plan, Id piece) {
        Build build = plan.build();
        return build.letterings().stream()
                .filter(l -> l.owner().equals(piece))
                .findFirst()
                .map(l -> "“" + l.text() + "”")
                .or(() -> build.partsOf(piece).stream().findFirst().map(Part::name))
                .orElse(piece.value());
    }

    private static String depth(double mm, Units units) {
        return mm > 0 ? " by " + units.show(Mm.length(mm)) + " " + units.sign() : "";
    }
}
