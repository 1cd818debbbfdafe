package dev.schachtel.core.print;

import java.util.List;

import dev.schachtel.core.drawing.Mark;
import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.shape.Point;

/** What stands on a scene in words, for machines that draw and people who sort: the letter and name of a part. */
record Letters(Point at, String words) {
    /** In millimetres. */
    static final double HIGH = 4;

    static List<Letters> of(Scene scene) {
        return scene.marks().stream()
                .filter(Mark.Letter.class::isInstance)
                .map(Mark.Letter.class::cast)
                .map(l -> new Letters(l.at(), l.letter() + " " + l.part()))
                .toList();
    }
}
