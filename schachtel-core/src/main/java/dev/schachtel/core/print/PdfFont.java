package dev.schachtel.core.print;

import java.io.IOException;
import java.io.InputStream;

import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;

/**
 * The letters of one document, embedded: Latin, Greek, Cyrillic and the signs of typesetting, from the free font that comes
 * with the PDF library. It has one weight; headings are drawn with an outline of their own.
 */
final class PdfFont {
    private static final String FILE = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
    private static final float OUTLINE = 0.035f;
    private static final int MISSING = '?';
    private final PDFont font;
    private final CmapLookup letters;

    private PdfFont(PDFont font, CmapLookup letters) {
        this.font = font;
        this.letters = letters;
    }

    /** Only letters that are used go into the document. */
    static PdfFont of(PDDocument document) throws IOException {
        try (InputStream in = PDDocument.class.getResourceAsStream(FILE)) {
            if (in == null) {
                throw new IllegalStateException("the PDF library has no " + FILE);
            }
            TrueTypeFont face = new TTFParser().parse(new RandomAccessReadBuffer(in));
            // Looking for joined letters takes most of the time of a page of words; this font has none that matter.
            face.setEnableGsub(false);
            return new PdfFont(PDType0Font.load(document, face, true), face.getUnicodeCmapLookup());
        }
    }

    /** Writes at the place where the ink stands. */
    void show(PDPageContentStream ink, int size, boolean heading, String words) throws IOException {
        ink.setFont(font, size);
        ink.setRenderingMode(heading ? RenderingMode.FILL_STROKE : RenderingMode.FILL);
        if (heading) {
            ink.setLineWidth(size * OUTLINE);
        }
        ink.showText(plain(words));
        ink.setRenderingMode(RenderingMode.FILL);
    }

    /** What the font has no letter for becomes a question mark, what is no letter a space. */
    private String plain(String words) {
        StringBuilder plain = new StringBuilder();
        words.codePoints()
                .map(c -> Character.isISOControl(c) ? ' ' : c)
                .map(c -> letters.getGlyphId(c) == 0 ? MISSING : c)
                .forEach(plain::appendCodePoint);
        return plain.toString();
    }
}
