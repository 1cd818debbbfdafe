package dev.schachtel.core.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Map;

import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.filter.Filter;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDNumberTreeNode;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDMarkInfo;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDParentTreeValue;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDMarkedContent;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDPropertyList;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.StandardStructureTypes;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

import dev.schachtel.core.measure.Units;

/**
 * A document whose letters are embedded and whose text and drawings are tagged, so that programs that read aloud find
 * headings, lines and figures in order.
 */
final class PdfDocument {
    static {
        // Half the time of a booklet with many pictures went into the last sixth of its size.
        System.setProperty(Filter.SYSPROP_DEFLATELEVEL, "2");
    }

    private final PDDocument document;
    private final PdfFont font;
    private final PDRectangle usual;
    private final PDStructureElement root;
    private final Map<Integer, PDParentTreeValue> parents = new HashMap<>();

    private PdfDocument(PDDocument document, PDRectangle usual, PDStructureElement root) throws IOException {
        this.document = document;
        this.font = PdfFont.of(document);
        this.usual = usual;
        this.root = root;
    }

    /** Writes what stands in a document. */
    interface Content {
        void write(PdfDocument document) throws IOException;
    }

    /** A document in English on paper as it is usual with these units; one empty page if nothing is written. */
    static byte[] written(String title, Units units, Content content) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (PDDocument file = new PDDocument()) {
            file.getDocumentInformation().setTitle(title);
            file.getDocumentCatalog().setLanguage("en");
            PDViewerPreferences shown = new PDViewerPreferences(new COSDictionary());
            shown.setDisplayDocTitle(true);
            file.getDocumentCatalog().setViewerPreferences(shown);
            PDMarkInfo marked = new PDMarkInfo();
            marked.setMarked(true);
            file.getDocumentCatalog().setMarkInfo(marked);
            PDStructureTreeRoot tree = new PDStructureTreeRoot();
            file.getDocumentCatalog().setStructureTreeRoot(tree);
            PDStructureElement all = new PDStructureElement(StandardStructureTypes.DOCUMENT, tree);
            tree.appendKid(all);
            PDRectangle usual = units == Units.INCH ? PDRectangle.LETTER : PDRectangle.A4;
            PdfDocument document = new PdfDocument(file, usual, all);
            content.write(document);
            if (file.getNumberOfPages() == 0) {
                file.addPage(new PDPage(usual));
            }
            PDNumberTreeNode numbers = new PDNumberTreeNode(PDParentTreeValue.class);
            numbers.setNumbers(document.parents);
            tree.setParentTree(numbers);
            tree.setParentTreeNextKey(document.parents.size());
            file.save(out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** The usual paper, upright. */
    PDRectangle usual() {
        return usual;
    }

    /** A new page. */
    Side side(PDRectangle size) throws IOException {
        PDPage page = new PDPage(size);
        document.addPage(page);
        page.setStructParents(parents.size());
        COSArray kids = new COSArray();
        parents.put(parents.size(), new PDParentTreeValue(kids));
        return new Side(page, kids, new PDPageContentStream(document, page));
    }

    /** Draws something. */
    interface Drawn {
        void draw() throws IOException;
    }

    /** One page. Millimetres from its lower left corner. */
    final class Side implements AutoCloseable {
        private final PDPage page;
        private final COSArray kids;
        private final PDPageContentStream ink;
        private boolean open = true;

        private Side(PDPage page, COSArray kids, PDPageContentStream ink) {
            this.page = page;
            this.kids = kids;
            this.ink = ink;
        }

        PDPageContentStream ink() {
            return ink;
        }

        void text(int points, double x, double y, String words) throws IOException {
            text(points, false, x, y, words);
        }

        void text(int points, boolean heading, double x, double y, String words) throws IOException {
            String type = heading ? StandardStructureTypes.H : StandardStructureTypes.P;
            tagged(new PDStructureElement(type, root), () -> {
                ink.beginText();
                ink.newLineAtOffset((float) (x * SheetPdf.POINT), (float) (y * SheetPdf.POINT));
                font.show(ink, points, heading, words);
                ink.endText();
            });
        }

        /** A drawing with words for those who don't see it. */
        void figure(String words, Drawn drawn) throws IOException {
            PDStructureElement figure = new PDStructureElement(StandardStructureTypes.Figure, root);
            figure.setAlternateDescription(words);
            tagged(figure, drawn);
        }

        /** Marks that only help the eye or the hand. */
        void aside(Drawn drawn) throws IOException {
            ink.beginMarkedContent(COSName.ARTIFACT);
            drawn.draw();
            ink.endMarkedContent();
        }

        private void tagged(PDStructureElement element, Drawn drawn) throws IOException {
            COSDictionary number = new COSDictionary();
            number.setInt(COSName.MCID, kids.size());
            COSName name = COSName.getPDFName(element.getStructureType());
            ink.beginMarkedContent(name, PDPropertyList.create(number));
            drawn.draw();
            ink.endMarkedContent();
            element.setPage(page);
            element.appendKid(new PDMarkedContent(name, number));
            root.appendKid(element);
            kids.add(element);
        }

        @Override
        public void close() throws IOException {
            if (open) {
                ink.close();
                open = false;
            }
        }
    }
}
