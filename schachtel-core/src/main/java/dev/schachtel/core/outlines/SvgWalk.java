package dev.schachtel.core.outlines;

import java.awt.geom.AffineTransform;
import java.io.ByteArrayInputStream;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Locale;
import java.util.Set;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/**
 * Goes through the shapes of an SVG file and tells each with its place in millimetres, y down. Units follow the width, height and viewBox of the file; without a
 * unit a figure is 1/96 in, as the standard has it. A file with a DTD, a script or a reference is refused whole.
 */
final class SvgWalk {
    private static final double PIXEL = 25.4 / 96;
    private static final double ERROR = 0.004;
    private static final int DEEPEST = 200;
    private static final int MOST = 200_000;
    private static final Set<String> REFUSED = Set.of("script", "foreignObject", "image", "use", "iframe", "animate");
    /** Shapes in these are not drawn. */
    private static final Set<String> UNSEEN = Set.of("defs", "clipPath", "mask", "pattern", "marker", "symbol");

    private final Deque<AffineTransform> transforms = new ArrayDeque<>();
    private final Deque<SvgLook> looks = new ArrayDeque<>();
    private final Sink sink;
    private int unseen;
    private int elements;

    private SvgWalk(Sink sink) {
        this.sink = sink;
    }

    /** Is told what a file holds. */
    interface Sink {
        /** The outermost element. */
        default void file(XMLStreamReader svg) {}

        /** A line of text in a title. */
        default void title(String text) {}

        /** One shape. Data: as path data in its own unit; at: from there to millimetres; error: what curves may lose, in its own unit. */
        void shape(SvgLook look, String data, AffineTransform at, double error);
    }

    static void read(byte[] content, Sink sink) {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, false);
        SvgWalk reader = new SvgWalk(sink);
        try {
            reader.walk(factory.createXMLStreamReader(new ByteArrayInputStream(content)));
        } catch (XMLStreamException e) {
            throw new RefusedException("file", "is not sound XML: line " + line(e));
        }
    }

    private static int line(XMLStreamException e) {
        return e.getLocation() == null ? 0 : e.getLocation().getLineNumber();
    }

    private void walk(XMLStreamReader xml) throws XMLStreamException {
        transforms.push(new AffineTransform());
        looks.push(SvgLook.PLAIN);
        boolean title = false;
        while (xml.hasNext()) {
            switch (xml.next()) {
                case XMLStreamConstants.DTD, XMLStreamConstants.ENTITY_REFERENCE ->
                    throw new RefusedException("file", "declares entities; such files are not read");
                case XMLStreamConstants.START_ELEMENT -> {
                    title = transforms.size() == 2 && xml.getLocalName().equals("title");
                    start(xml);
                }
                case XMLStreamConstants.CHARACTERS -> {
                    if (title) {
                        sink.title(xml.getText().strip());
                    }
                }
                case XMLStreamConstants.END_ELEMENT -> {
                    title = false;
                    transforms.pop();
                    looks.pop();
                    unseen -= UNSEEN.contains(xml.getLocalName()) ? 1 : 0;
                }
                default -> {
                    // Texts and comments draw nothing.
                }
            }
        }
    }

    private void start(XMLStreamReader xml) {
        String name = xml.getLocalName();
        if (++elements > MOST || transforms.size() > DEEPEST) {
            throw new RefusedException("file", "has more than " + MOST + " elements, or is nested too deep");
        }
        if (REFUSED.contains(name)) {
            throw new RefusedException("file", "holds <" + name + ">: scripts, pictures and references are not read");
        }
        if (elements == 1 && !name.equals("svg")) {
            throw new RefusedException("file", "is XML, but no SVG");
        }
        unseen += UNSEEN.contains(name) ? 1 : 0;
        AffineTransform now = new AffineTransform(transforms.peek());
        now.concatenate(Transforms.parse(text(xml, "transform")));
        if (name.equals("svg")) {
            now.concatenate(view(xml, elements == 1));
        }
        transforms.push(now);
        SvgLook look = looks.peek().with(xml);
        looks.push(look);
        if (elements == 1) {
            sink.file(xml);
        }
        String data = unseen == 0 ? data(xml, name) : "";
        if (!data.isEmpty()) {
            sink.shape(look, data, now, ERROR / Math.max(1e-6, Transforms.scale(now)));
        }
    }

    /** The shape as path data in its own coordinates; empty for what is no shape. */
    private static String data(XMLStreamReader xml, String name) {
        return switch (name) {
            case "path" -> text(xml, "d");
            case "polygon" -> "M" + text(xml, "points") + "Z";
            case "polyline" -> "M" + text(xml, "points");
            case "rect" -> rectangle(xml);
            case "circle" -> ellipse(xml, figure(xml, "r"), figure(xml, "r"));
            case "ellipse" -> ellipse(xml, figure(xml, "rx"), figure(xml, "ry"));
            default -> "";
        };
    }

    private static String rectangle(XMLStreamReader xml) {
        double w = figure(xml, "width");
        double h = figure(xml, "height");
        double rx = Math.min(w / 2, Math.max(figure(xml, "rx"), text(xml, "rx").isEmpty() ? figure(xml, "ry") : 0));
        double ry = Math.min(h / 2, Math.max(figure(xml, "ry"), text(xml, "ry").isEmpty() ? figure(xml, "rx") : 0));
        if (!(w > 0) || !(h > 0)) {
            return "";
        }
        String arc = "a" + rx + " " + ry + " 0 0 1 ";
        return "M" + (figure(xml, "x") + rx) + " " + figure(xml, "y") + "h" + (w - 2 * rx)
                + (rx > 0 ? arc + rx + " " + ry : "") + "v" + (h - 2 * ry)
                + (rx > 0 ? arc + -rx + " " + ry : "") + "h" + (2 * rx - w)
                + (rx > 0 ? arc + -rx + " " + -ry : "") + "v" + (2 * ry - h)
                + (rx > 0 ? arc + rx + " " + -ry : "") + "z";
    }

    private static String ellipse(XMLStreamReader xml, double rx, double ry) {
        if (!(rx > 0) || !(ry > 0)) {
            return "";
        }
        String arc = "a" + rx + " " + ry + " 0 1 0 ";
        return "M" + (figure(xml, "cx") - rx) + " " + figure(xml, "cy") + arc + 2 * rx + " 0" + arc + -2 * rx + " 0z";
    }

    /** What turns the file's figures into millimetres; a nested svg is only moved. */
    private static AffineTransform view(XMLStreamReader xml, boolean outermost) {
        if (!outermost) {
            return AffineTransform.getTranslateInstance(figure(xml, "x"), figure(xml, "y"));
        }
        String[] box = text(xml, "viewBox").strip().split("[\\s,]+");
        double width = millimetres(text(xml, "width"));
        double height = millimetres(text(xml, "height"));
        if (box.length != 4) {
            return AffineTransform.getScaleInstance(PIXEL, PIXEL);
        }
        double w = number(box[2]);
        double h = number(box[3]);
        if (!(w > 0) || !(h > 0)) {
            throw new RefusedException("file", "has an empty viewBox");
        }
        double x = width > 0 ? width / w : height > 0 ? height / h : PIXEL;
        double y = height > 0 ? height / h : x;
        double both = Math.min(x, y);
        AffineTransform view = AffineTransform.getScaleInstance(both, both);
        view.translate(-number(box[0]), -number(box[1]));
        return view;
    }

    static double millimetres(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        double unit = plain.endsWith("mm")
                ? 1
                : plain.endsWith("cm")
                        ? 10
                        : plain.endsWith("in")
                                ? 25.4
                                : plain.endsWith("pt") ? 25.4 / 72 : plain.endsWith("%") ? 0 : PIXEL;
        return plain.isEmpty() ? 0 : number(plain.replaceAll("[a-z%]+$", "")) * unit;
    }

    private static double figure(XMLStreamReader xml, String name) {
        String text = text(xml, name).strip();
        return text.isEmpty() ? 0 : number(text.replaceAll("px$", ""));
    }

    static double number(String text) {
        try {
            double value = Double.parseDouble(text.strip());
            if (Math.abs(value) <= 1e7) {
                return value;
            }
        } catch (NumberFormatException e) {
            throw new RefusedException("file", "has '" + Scalars.shorten(text) + "' where a number belongs");
        }
        throw new RefusedException("file", "has the figure " + Scalars.shorten(text) + ", which is no size");
    }

    static String text(XMLStreamReader xml, String name) {
        String value = xml.getAttributeValue(null, name);
        return value == null ? "" : value;
    }
}
