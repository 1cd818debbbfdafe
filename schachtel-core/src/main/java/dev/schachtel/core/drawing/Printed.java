package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Lettering;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

/** The words printed on a part, in their inks; where the typeface has none of the letters, as plain writing. */
final class Printed {
    private Printed() {}

    static List<Mark> on(Build build, Level level) {
        List<Mark> marks = new ArrayList<>();
        for (Lettering words : build.letterings()) {
            if (words.on().equals(level.slab().id()) && words.isInked()) {
                for (Art.Tint tint : words.letters()) {
                    tint.areas().forEach(a -> marks.add(letter(a, tint, words)));
                }
                if (words.letters().isEmpty()) {
                    Box box = level.slab().bounds();
                    marks.add(new Mark.Caption(
                            box.centre(), box.width(), box.height(), Words.of(words.text()), words.owner()));
                }
            }
        }
        return marks;
    }

    private static Mark letter(Outline outline, Art.Tint tint, Lettering words) {
        return new Mark.Area(outline, new Fill.Plain(tint.colour()), Meaning.WORKED, Optional.of(words.owner()));
    }
}
