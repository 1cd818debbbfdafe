package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.shape.Outline;

/** What is drawn so far, and what is seen of a piece that goes under edges of it. An edge that is not drawn yet hides nothing. */
final class Edges {
    private final Build build;
    private final Map<Id, List<Outline>> drawn = new HashMap<>();

    Edges(Build build) {
        this.build = build;
    }

    void draw(Id piece, List<Outline> outlines) {
        drawn.computeIfAbsent(piece, k -> new ArrayList<>()).addAll(outlines);
    }

    /** What of an outline on a piece is not under an edge. */
    List<Outline> seen(Id piece, Outline outline) {
        List<Outline> over = build.spec().tucks().stream()
                .filter(t -> t.piece().equals(piece))
                .flatMap(t -> drawn.getOrDefault(t.under(), List.of()).stream())
                .toList();
        return over.isEmpty() ? List.of(outline) : outline.less(over);
    }
}
