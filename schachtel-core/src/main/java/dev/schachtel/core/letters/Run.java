package dev.schachtel.core.letters;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Figures;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * Letters one after another, before it is known how large they are and on what line they stand.
 *
 * @param width in x-heights
 * @param missing what the typeface has no letter for, each once
 */
record Run(List<Glyph> glyphs, double width, String missing) {
    /** A letter, how far it stands from the first, and how far the next one stands from it, in x-heights. */
    record Glyph(String text, Shape shape, double from, double advance) {
        double middle() {
            return from + advance / 2;
        }
    }

    static Run of(String text, Typeface face) {
        Glyphs all = Glyphs.of(face);
        List<Glyph> glyphs = new ArrayList<>();
        StringBuilder missing = new StringBuilder();
        double at = 0;
        for (int letter : text.codePoints().toArray()) {
            Optional<Glyphs.Glyph> found = all.glyph(Character.isWhitespace(letter) ? ' ' : letter);
            if (found.isPresent()) {
                double advance = found.get().advance();
                glyphs.add(new Glyph(Character.toString(letter), found.get().shape(), at, advance));
                at += advance;
            } else if (missing.indexOf(Character.toString(letter)) < 0) {
                missing.appendCodePoint(letter);
            }
        }
        return new Run(glyphs, at, missing.toString());
    }

    /** Straight, with an x-height of so many millimetres. */
    TextLine straight(double xHeight) {
        return placed(xHeight, letter -> {
            AffineTransform at = AffineTransform.getScaleInstance(xHeight, xHeight);
            at.translate(letter.from - width / 2, 0);
            return at;
        });
    }

    /** Each letter stands on the circle under its own middle; of a radius less than 0 the middle lies above. */
    TextLine bent(double xHeight, double radius) {
        return placed(xHeight, letter -> {
            double along = (letter.middle() - width / 2) * xHeight;
            AffineTransform at = AffineTransform.getRotateInstance(-along / radius, 0, -radius);
            at.scale(xHeight, xHeight);
            at.translate(-letter.advance / 2, 0);
            return at;
        });
    }

    private TextLine placed(double xHeight, Function<Glyph, AffineTransform> place) {
        List<TextLine.Letter> letters = new ArrayList<>();
        for (Glyph glyph : glyphs) {
            List<Outline> outlines = Figures.outlines(place.apply(glyph).createTransformedShape(glyph.shape));
            if (!outlines.isEmpty()) {
                letters.add(new TextLine.Letter(glyph.text, glyph.middle() / width, outlines));
            }
        }
        Box takes = letters.stream()
                .flatMap(l -> l.outlines().stream())
                .map(Outline::bounds)
                .reduce(Box::union)
                .orElse(new Box(0, 0, 0, 0));
        Point back = new Point(-takes.centre().x(), -takes.centre().y());
        double wide = takes.width() / 2;
        double high = takes.height() / 2;
        return new TextLine(
                letters.stream().map(l -> l.moved(back)).toList(),
                new Box(-wide, -high, wide, high),
                back,
                xHeight,
                missing);
    }
}
