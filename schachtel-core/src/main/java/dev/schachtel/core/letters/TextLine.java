package dev.schachtel.core.letters;

import java.util.List;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.patience.Lately;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * One line of words as outlines, about the middle of what they take.
 *
 * @param letters from the left; those without a shape, such as spaces, are left out
 * @param box what all letters take, mm; empty words take nothing
 * @param foot the middle of the line on which they stand
 * @param xHeight how high small letters are, mm
 * @param missing what the typeface has no letter for, each once
 */
public record TextLine(List<Letter> letters, Box box, Point foot, double xHeight, String missing) {
    private static final int KEPT = 200;
    private static final Lately<Asked, TextLine> KNOWN = new Lately<>(KEPT);

    public TextLine {
        letters = List.copyOf(letters);
    }

    /**
     * A letter.
     *
     * @param place of its middle along the line, 0 at the left end and 1 at the right
     */
    public record Letter(String text, double place, List<Outline> outlines) {
        public Letter {
            outlines = List.copyOf(outlines);
        }

        Letter moved(Point by) {
            return new Letter(
                    text, place, outlines.stream().map(o -> o.moved(by)).toList());
        }
    }

    private record Asked(String text, Typeface face, Line line) {
        TextLine work() {
            return line.set(Run.of(text, face));
        }
    }

    /** Straight, with small letters so high. */
    public static TextLine of(String text, Typeface face, Length xHeight) {
        return KNOWN.get(new Asked(text, face, new Line.Straight(xHeight)), Asked::work);
    }

    /** Straight, as large as fits into a width and a height. */
    public static TextLine within(String text, Typeface face, Length width, Length height) {
        return KNOWN.get(new Asked(text, face, new Line.Within(width, height)), Asked::work);
    }

    /**
     * Round a circle on which its letters stand.
     *
     * @param radius not 0; less than 0 if the circle's middle lies above the words
     */
    public static TextLine bent(String text, Typeface face, Length xHeight, Length radius) {
        return KNOWN.get(new Asked(text, face, new Line.Bent(xHeight, radius)), Asked::work);
    }

    /** All letters as they are cut from one sheet: those that run into each other are one piece. */
    public List<Outline> pieces() {
        return Outline.union(letters.stream().flatMap(l -> l.outlines.stream()).toList());
    }
}
