package dev.schachtel.core.letters;

import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.GeneralPath;
import java.awt.geom.Path2D;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.GlyphData;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** The letters of one typeface by the font library: read once, lengths in x-heights, y up from the line they stand on. */
final class Glyphs {
    private static final Map<Typeface, Glyphs> KNOWN = new EnumMap<>(Typeface.class);

    /** One file of letters. */
    private record Source(TrueTypeFont font, CmapLookup letters) {}

    /** A letter's shape, and how far the next one stands from it. */
    record Glyph(Path2D shape, double advance) {}

    private final List<Source> sources;
    private final double xHeight;
    private final Map<Integer, Optional<Glyph>> read = new ConcurrentHashMap<>();

    private Glyphs(List<Source> sources) throws IOException {
        this.sources = sources;
        Source first = sources.get(0);
        this.xHeight = new Area(first.font
                        .getGlyph()
                        .getGlyph(first.letters.getGlyphId('x'))
                        .getPath())
                .getBounds2D()
                .getMaxY();
    }

    static Glyphs of(Typeface face) {
        synchronized (KNOWN) {
            return KNOWN.computeIfAbsent(face, Glyphs::load);
        }
    }

    private static Glyphs load(Typeface face) {
        try {
            List<Source> all = new ArrayList<>();
            for (String file : face.files()) {
                try (InputStream in = Glyphs.class.getResourceAsStream(file + ".ttf")) {
                    if (in == null) {
                        throw new IllegalStateException("the program has no " + file);
                    }
                    TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(in));
                    all.add(new Source(font, font.getUnicodeCmapLookup()));
                }
            }
            return new Glyphs(all);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Empty for what the typeface has no letter for. */
    Optional<Glyph> glyph(int codePoint) {
        return read.computeIfAbsent(codePoint, this::find);
    }

    /** The font library reads from one place in its file at a time. */
    private synchronized Optional<Glyph> find(int codePoint) {
        for (Source source : sources) {
            int id = source.letters.getGlyphId(codePoint);
            if (id != 0) {
                try {
                    GlyphData drawn = source.font.getGlyph().getGlyph(id);
                    GeneralPath path = drawn == null ? new GeneralPath() : drawn.getPath();
                    AffineTransform scale = AffineTransform.getScaleInstance(1 / xHeight, 1 / xHeight);
                    return Optional.of(
                            new Glyph(new Path2D.Double(path, scale), source.font.getAdvanceWidth(id) / xHeight));
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            }
        }
        return Optional.empty();
    }
}
