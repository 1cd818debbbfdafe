package dev.schachtel.core.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;

import dev.schachtel.core.measure.Length;

/**
 * Reads a closed outline written as SVG path data (SVG 2, chapter 9), one unit a millimetre, y down. All commands are
 * known; curves are flattened with at most 0.005 mm of chord error. Only the first subpath counts. Never throws for a bad
 * text: the answer says what is wrong with it.
 */
public final class OutlineText {
    /** Outlines with more corners are simplified. */
    public static final int MOST = 2_000;
    /** How far simplifying may move the line: a quarter of what a die holds. */
    public static final Length SIMPLIFIED_BY = Length.ofMicrometres(25);

    private static final int LONGEST = 200_000;
    private static final Map<Character, Integer> FIGURES =
            Map.of('m', 2, 'l', 2, 'h', 1, 'v', 1, 'c', 6, 's', 4, 'q', 4, 't', 2, 'a', 7, 'z', 0);

    private final String text;
    private final PathPen pen = new PathPen();
    private int at;

    private OutlineText(String text) {
        this.text = text;
    }

    /** What came of a text. */
    public sealed interface Answer {
        <R> R tell(Cases<R> cases);

        /** A sound outline; its lower left corner is the origin, y up. Corners: as given, before simplifying. */
        record Read(Outline outline, int corners, boolean simplified) implements Answer {
            @Override
            public <R> R tell(Cases<R> c) {
                return c.read(this);
            }
        }

        /** It can't be taken. */
        record Refused(Fault fault, int position) implements Answer {
            @Override
            public <R> R tell(Cases<R> c) {
                return c.refused(this);
            }
        }
    }

    /** Why an outline can't be taken. */
    public enum Fault {
        /** Not path data; the position is that of the first letter not understood. */
        UNREADABLE,
        /** Its end is more than 0.1 mm from its start. */
        OPEN,
        /** It crosses itself. */
        CROSSING,
        /** Fewer than three corners, or no area. */
        EMPTY,
        /** More than 200,000 corners. */
        TOO_MANY
    }

    /** One answer for each case. */
    public interface Cases<R> {
        R read(Answer.Read read);

        R refused(Answer.Refused refused);
    }

    public static Answer read(String text) {
        return new OutlineText(text).read();
    }

    /**
     * All figures of path data as lines of points, y down as they are written; curves differ from their chords by this
     * much at most, in the data's own unit; each is given as soon as it is read, so that whoever takes them may stop. Reading ends where the data is no longer understood, as SVG asks.
     */
    public static void figures(String text, double error, Consumer<Figure> each) {
        OutlineText reader = new OutlineText(text);
        PathPen pen = new PathPen(Point.ORIGIN, error);
        char command = ' ';
        while (reader.skip()) {
            char c = text.charAt(reader.at);
            if (Character.isLetter(c)) {
                command = c;
                reader.at++;
            }
            char kind = Character.toLowerCase(command);
            Integer count = FIGURES.get(kind);
            if (count == null || kind == 'z' && !Character.isLetter(c)) {
                break;
            }
            if (pen.began() && (kind == 'm' || pen.closed() && kind != 'z')) {
                each.accept(new Figure(pen.points(), pen.closed()));
                PathPen next = pen.next();
                if (kind != 'm') {
                    next.draw('M', new double[] {next.at().x(), next.at().y()});
                }
                pen = next;
            }
            double[] figures = reader.figures(command, count);
            if (figures.length != count
                    || !pen.draw(command, figures)
                    || pen.points().size() > LONGEST) {
                break;
            }
            command = kind == 'm' ? (command == 'm' ? 'l' : 'L') : command;
        }
        if (pen.began()) {
            each.accept(new Figure(pen.points(), pen.closed()));
        }
    }

    /** One figure of path data. */
    public record Figure(List<Point> points, boolean closed) {
        public Figure {
            points = List.copyOf(points);
        }
    }

    private Answer read() {
        char command = ' ';
        while (skip()) {
            char c = text.charAt(at);
            if (Character.isLetter(c)) {
                command = c;
                at++;
            } else if (Character.toLowerCase(command) == 'z' || command == ' ') {
                return refused(Fault.UNREADABLE);
            } else if (Character.toLowerCase(command) == 'm' && pen.began()) {
                command = command == 'm' ? 'l' : 'L';
            }
            Integer count = FIGURES.get(Character.toLowerCase(command));
            if (count == null) {
                return refused(Fault.UNREADABLE);
            }
            if (Character.toLowerCase(command) == 'm' && pen.began()) {
                break;
            }
            double[] figures = figures(command, count);
            if (figures.length != count || !pen.draw(command, figures)) {
                return refused(Fault.UNREADABLE);
            }
            if (pen.points().size() > LONGEST) {
                return refused(Fault.TOO_MANY);
            }
        }
        return judge(pen.points());
    }

    private Answer judge(List<Point> points) {
        List<Point> corners = new ArrayList<>(points);
        if (corners.size() > 2 && !pen.closed()) {
            if (corners.get(0).distanceTo(corners.get(corners.size() - 1)) > 0.1) {
                return refused(Fault.OPEN);
            }
            corners.remove(corners.size() - 1);
        }
        if (corners.size() < 3) {
            return refused(Fault.EMPTY);
        }
        boolean simplify = corners.size() > MOST;
        List<Point> kept = simplify ? Geo.simplified(corners, Mm.of(SIMPLIFIED_BY)) : corners;
        List<Point> upright = kept.stream().map(p -> new Point(p.x(), -p.y())).toList();
        if (!Geo.isSimple(upright)) {
            return refused(Fault.CROSSING);
        }
        Outline outline = Outline.ofCorners(upright);
        Box box = outline.bounds();
        if (outline.area().squareMillimetres() <= 0) {
            return refused(Fault.EMPTY);
        }
        return new Answer.Read(outline.moved(new Point(-box.left(), -box.bottom())), corners.size(), simplify);
    }

    private Answer refused(Fault fault) {
        return new Answer.Refused(fault, Math.min(at, text.length()));
    }

    private double[] figures(char command, int count) {
        double[] all = new double[count];
        boolean arc = Character.toLowerCase(command) == 'a';
        for (int i = 0; i < count; i++) {
            skip();
            int end = arc && (i == 3 || i == 4) ? Math.min(text.length(), at + 1) : figureEnd();
            try {
                all[i] = Double.parseDouble(text.substring(at, end));
            } catch (NumberFormatException e) {
                return new double[0];
            }
            at = end;
        }
        return all;
    }

    private int figureEnd() {
        int i = at;
        boolean point = false;
        boolean power = false;
        while (i < text.length()) {
            char c = text.charAt(i);
            boolean sign =
                    (c == '-' || c == '+') && (i == at || "e".indexOf(Character.toLowerCase(text.charAt(i - 1))) >= 0);
            boolean first = c == '.' && !point && !power;
            boolean exponent = String.valueOf(c).toLowerCase(Locale.ROOT).equals("e") && !power && i > at;
            if (!(c >= '0' && c <= '9') && !sign && !first && !exponent) {
                break;
            }
            point |= first;
            power |= exponent;
            i++;
        }
        return i;
    }

    private boolean skip() {
        while (at < text.length() && (Character.isWhitespace(text.charAt(at)) || text.charAt(at) == ',')) {
            at++;
        }
        return at < text.length();
    }
}
