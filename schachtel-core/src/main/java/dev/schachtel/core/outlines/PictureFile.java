package dev.schachtel.core.outlines;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javax.xml.stream.XMLStreamReader;

import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.PathData;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.patience.Patience;
import dev.schachtel.core.patience.PatienceLostException;
import dev.schachtel.core.shape.Coverage;
import dev.schachtel.core.shape.Figures;
import dev.schachtel.core.shape.OutlineText;
import dev.schachtel.core.shape.Point;

/**
 * A picture for the box from an SVG file: every filled shape becomes a region of its colour, every line that is drawn one
 * of its width; what they cover together is cut out. Name, role and the rest may stand in the file as {@code data-role},
 * {@code data-looks}, {@code data-cut}, {@code data-foot}, {@code data-stance} and {@code data-owned}.
 */
public final class PictureFile {
    private static final int MOST_REGIONS = 200;
    private static final int MOST_POINTS = 20_000;
    /** Steps of work for one file; the most intricate picture that comes with the program takes a thirtieth. */
    private static final long MOST_WORK = 500_000;

    /** Holes and crumbs that are smaller, in mm2, are filled and left out. */
    private static final double CRUMB = 0.3;

    private int count;
    private final List<Drawn> drawn = new ArrayList<>();
    private final Map<String, String> said = new HashMap<>();
    private String title = "";

    private PictureFile() {}

    private record Drawn(String name, Colour colour, Coverage area) {}

    /**
     * Reads a picture.
     *
     * @throws RefusedException with what can't be taken, and the element it is in
     */
    public static Picture read(byte[] content, String name) {
        if (content.length > OutlineFile.LARGEST) {
            throw new RefusedException("file", "is larger than 5 MB");
        }
        PictureFile file = new PictureFile();
        try {
            return Patience.within(MOST_WORK, () -> {
                SvgWalk.read(content, file.new Shapes());
                return file.picture(name);
            });
        } catch (PatienceLostException e) {
            throw new RefusedException("file", "draws lines that cross each other too often; draw it with fewer");
        }
    }

    /** Takes what the file draws. */
    private final class Shapes implements SvgWalk.Sink {
        @Override
        public void file(XMLStreamReader svg) {
            for (String about :
                    List.of("data-role", "data-looks", "data-cut", "data-foot", "data-stance", "data-owned")) {
                said.put(about, SvgWalk.text(svg, about).strip());
            }
        }

        @Override
        public void title(String text) {
            title += text;
        }

        @Override
        public void shape(SvgLook look, String data, AffineTransform at, double error) {
            List<Coverage.Line> lines = new ArrayList<>();
            OutlineText.figures(data, 5 * error, figure -> {
                List<Point> points = figure.points();
                count += points.size();
                if (count > MOST_POINTS) {
                    throw new RefusedException("file", "holds more than 20,000 points; draw it with fewer");
                }
                lines.add(new Coverage.Line(points, figure.closed()));
            });
            String name = look.name().isEmpty() ? "part " + (drawn.size() + 1) : look.name();
            look.fill().ifPresent(colour -> add(name, colour, Coverage.filled(lines, look.evenOdd(), at)));
            if (look.width() > 0) {
                look.stroke()
                        .ifPresent(colour -> add(
                                look.fill().isPresent() ? name + " line" : name,
                                colour,
                                Coverage.drawn(lines, look.width(), at)));
            }
        }
    }

    private void add(String name, Colour colour, Coverage area) {
        if (!area.isEmpty()) {
            drawn.add(new Drawn(name, colour, area));
        }
        if (drawn.size() > MOST_REGIONS) {
            throw new RefusedException("file", "holds more than " + MOST_REGIONS + " coloured areas");
        }
    }

    private Picture picture(String fileName) {
        Coverage all = sized(Coverage.of(drawn.stream().map(Drawn::area).toList()));
        List<Picture.Region> regions = new ArrayList<>();
        for (Drawn d : drawn) {
            String path = Figures.text(d.area, all.left(), all.top(), 0);
            if (!path.isEmpty()) {
                regions.add(new Picture.Region(Scalars.shorten(d.name), d.colour, new PathData(path)));
            }
        }
        String outline = Figures.text(all, all.left(), all.top(), CRUMB);
        int pieces = Figures.outlines(outline).size();
        if (pieces != 1) {
            throw new RefusedException(
                    "file",
                    "falls into " + pieces
                            + " pieces once it is cut out; lay something under them that holds them together");
        }
        String name = title.isBlank() ? fileName : title;
        return new Picture(
                new MaterialId(word(name)),
                name.length() > 60 ? name.substring(0, 60) : name,
                choice("data-role", Picture.Role.class, Picture.Role.COMPANION),
                choice("data-looks", Picture.Looks.class, Picture.Looks.NEITHER),
                choice("data-cut", CutMethod.class, CutMethod.ELECTRONIC),
                hundredths(all.width()),
                hundredths(all.height()),
                hundredths(Math.max(0, SvgWalk.millimetres(said.get("data-foot")))),
                choice("data-stance", Picture.Stance.class, Picture.Stance.UPRIGHT),
                owned(),
                new PathData(outline),
                regions);
    }

    private static Coverage sized(Coverage all) {
        double least = Math.min(all.width(), all.height());
        double most = Math.max(all.width(), all.height());
        if (!(least >= 0.5 && most <= 3_000)) {
            throw new RefusedException(
                    "file",
                    String.format(
                            Locale.ROOT,
                            "draws %.1f × %.1f mm; from 0.5 mm to 3 m can be made",
                            all.width(),
                            all.height()));
        }
        return all;
    }

    private static Length hundredths(double mm) {
        return Length.ofMicrometres(10 * Math.round(mm * 100));
    }

    private int owned() {
        String text = said.get("data-owned");
        return text.matches("\\d{1,3}") ? Integer.parseInt(text) : 0;
    }

    private <E extends Enum<E>> E choice(String about, Class<E> type, E otherwise) {
        String text = said.get(about);
        for (E one : type.getEnumConstants()) {
            if (Scalars.kebab(one.name()).equals(text)) {
                return one;
            }
        }
        if (!text.isEmpty()) {
            throw new RefusedException(
                    "file", "says " + about + " '" + Scalars.shorten(text) + "', which is not known");
        }
        return otherwise;
    }

    /** Small letters and hyphens, as ids are. */
    private static String word(String name) {
        String plain = java.text.Normalizer.normalize(name, java.text.Normalizer.Form.NFD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-+|-+$", "");
        String word = plain.isEmpty() || !Character.isLetter(plain.charAt(0)) ? "picture-" + plain : plain;
        return word.substring(0, Math.min(40, word.length())).replaceAll("-+$", "");
    }
}
