package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Coloured;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/** The map for one area of a picture: where it is dark, middle and light, numbered in the order of the strokes. */
public final class ShadeView {
    /** How much of an area that is not meant is seen, 0 to 1. */
    private static final double FAINT = 0.25;

    private static final double RIM = 1;

    private ShadeView() {}

    /**
     * A picture as it lies on the card with one area told.
     *
     * @param strokes how many of the area's strokes are done
     * @param numbered whether each stroke bears its number
     */
    public static Optional<Scene> of(Build build, Coloured area, int strokes, boolean numbered) {
        return build.part(area.part()).map(part -> {
            List<Mark> marks = new ArrayList<>();
            Placement turned = Placement.ORIGIN.turned(part.at().get(0).turn());
            Colour card = ((Cardstock) part.material()).colour();
            add(marks, part.outline().placed(turned), card, Meaning.CUT, part);
            build.art(part.id()).ifPresent(art -> faint(marks, art, area, card, turned));
            List<List<Outline>> tones = area.shading().tones(area.looks().size());
            List<Integer> order = area.strokes();
            for (int i = 0; i < Math.min(strokes, order.size()); i++) {
                int tone = order.get(i);
                tones.get(tone)
                        .forEach(o -> add(marks, o.placed(turned), area.looks().get(tone), Meaning.EDGE, part));
            }
            for (int i = 0; numbered && i < order.size(); i++) {
                number(marks, tones.get(order.get(i)), i + 1, turned, part.id());
            }
            return new Scene(
                    area.picture() + ", " + area.region(),
                    extent(build, area, turned).grown(RIM),
                    Scene.Room.NONE,
                    false,
                    marks);
        });
    }

    /** Of the picture that the area is of: all that hangs together with it. */
    private static Box extent(Build build, Coloured area, Placement turned) {
        List<Box> all = new ArrayList<>(build.art(area.part()).stream()
                .flatMap(a -> a.tints().stream())
                .flatMap(t -> t.areas().stream())
                .map(o -> o.placed(turned).bounds())
                .toList());
        Box box = area.shading().tones().stream()
                .flatMap(List::stream)
                .map(o -> o.placed(turned).bounds())
                .reduce(Box::union)
                .orElseThrow();
        for (int before = -1; before != all.size(); ) {
            before = all.size();
            for (Box one : List.copyOf(all)) {
                if (one.touches(box)) {
                    box = box.union(one);
                    all.remove(one);
                }
            }
        }
        return box;
    }

    private static void faint(List<Mark> marks, Art art, Coloured area, Colour card, Placement turned) {
        for (Art.Tint tint : art.tints()) {
            if (!tint.name().equals(area.region())) {
                Colour pale = card.mixed(tint.colour(), FAINT);
                tint.areas()
                        .forEach(o -> marks.add(new Mark.Area(
                                o.placed(turned),
                                new Fill.Plain(pale),
                                Meaning.WORKED,
                                Optional.of(art.part().owner()))));
            }
        }
    }

    private static void add(List<Mark> marks, Outline outline, Colour colour, Meaning edge, Part part) {
        marks.add(new Mark.Area(outline, new Fill.Plain(colour), edge, Optional.of(part.owner())));
    }

    private static void number(List<Mark> marks, List<Outline> tone, int number, Placement turned, PartId part) {
        tone.stream()
                .max(Comparator.comparing(Outline::area))
                .map(o -> o.placed(turned))
                .ifPresent(o -> marks.add(new Mark.Letter(inside(o), Mark.Shift.NONE, "" + number, part)));
    }

    /** A place well inside: the middle of the longest stretch of some level lines. */
    private static Point inside(Outline outline) {
        double low = outline.bounds().bottom();
        double high = outline.bounds().height();
        Point best = outline.centroid();
        double widest = 0;
        for (int i = 1; i < 8; i++) {
            double y = low + high * i / 8;
            for (Outline.Span span : outline.across(y)) {
                double wide = Math.min(span.to() - span.from(), 2 * Math.min(y - low, low + high - y) + 1);
                if (wide > widest) {
                    widest = wide;
                    best = new Point((span.from() + span.to()) / 2, y);
                }
            }
        }
        return best;
    }
}
