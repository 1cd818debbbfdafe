package dev.schachtel.core.render;

import java.util.List;
import java.util.Locale;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.drawing.Side;
import dev.schachtel.core.drawing.SpaceView;
import dev.schachtel.core.model.Json;
import dev.schachtel.core.motion.Space;
import dev.schachtel.core.motion.Track;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Coarse;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Ring;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * The card in space for a page, once: it turns and opens it by itself. Outlines are rings of x and y, the outer one first, within 0.05 mm.
 * A way is a list of places at even shares; a place is the four columns of a turn and shift, x y z each, and what lies between two of them is filled
 * in straight (exact to {@value Track#EXACT} mm).
 */
public final class SpaceJson {
    /** With the error of a chord, within 0.05 mm. */
    private static final double COARSE = 0.04;

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private SpaceJson() {}

    public static String write(Build build) {
        return Json.write(of(SpaceView.of(build)));
    }

    /**
     * A finding's place.
     *
     * @param at on the card as it is drawn
     * @param parts on one of which it is, if one of them is there
     */
    public record Found(Id owner, Severity severity, Point at, List<PartId> parts) {
        public Found {
            parts = List.copyOf(parts);
        }
    }

    /** Where findings are: the panel that each moves with, and the place on that. */
    public static String pins(Space space, List<Found> findings) {
        ArrayNode all = NODES.arrayNode();
        for (Found found : findings) {
            space.sheetAt(found.at, found.parts).ifPresent(body -> {
                ObjectNode node = all.addObject();
                node.put("of", found.owner.value())
                        .put("panel", body.panel())
                        .put("severity", found.severity.name().toLowerCase(java.util.Locale.ROOT));
                ArrayNode at = node.putArray("at");
                point(at, found.at);
                at.add(round(Mm.of(body.level().top()), 1000));
            });
        }
        return Json.write(all);
    }

    private static ObjectNode of(SpaceView view) {
        ObjectNode all = NODES.objectNode();
        all.put("standing", view.standing().name().toLowerCase(java.util.Locale.ROOT));
        all.put("shown", view.shown());
        ObjectNode sides = all.putObject("sides");
        for (Side side : Side.values()) {
            sides.putArray(side.name().toLowerCase(Locale.ROOT))
                    .add(side.eye().round())
                    .add(side.eye().over());
        }
        ArrayNode sheets = all.putArray("sheets");
        view.sheets().forEach(s -> sheets.add(sheet(s)));
        ArrayNode bends = all.putArray("bends");
        view.bends().forEach(b -> bends.add(bend(b)));
        ArrayNode panels = all.putArray("panels");
        view.panels().forEach(t -> panels.add(way(t)));
        ArrayNode movers = all.putArray("movers");
        for (SpaceView.Mover mover : view.movers()) {
            ObjectNode node = movers.addObject();
            node.put("of", mover.owner().value()).put("rest", mover.rest());
            node.set("way", way(mover.way()));
        }
        return all;
    }

    /** Degrees round the card and over the board. */
    private static ObjectNode sheet(SpaceView.Sheet sheet) {
        ObjectNode node = NODES.objectNode();
        node.put("of", sheet.owner().value())
                .put("substance", sheet.substance().name().toLowerCase(java.util.Locale.ROOT))
                .put("colour", sheet.colour().hex())
                .put("bottom", round(sheet.bottom(), 1000))
                .put("top", round(sheet.top(), 1000))
                .put("panel", sheet.panel())
                .put("mover", sheet.mover());
        node.set("rings", rings(sheet.outline()));
        paints(node.putArray("over"), sheet.over());
        paints(node.putArray("under"), sheet.under());
        return node;
    }

    private static void paints(ArrayNode into, List<SpaceView.Paint> paints) {
        for (SpaceView.Paint paint : paints) {
            ObjectNode node = into.addObject();
            node.put("colour", paint.colour().hex()).put("opacity", round(paint.opacity(), 1000));
            node.set("rings", rings(paint.area()));
        }
    }

    private static ObjectNode bend(SpaceView.Bend bend) {
        ObjectNode node = NODES.objectNode();
        node.put("on", bend.hinge().on())
                .put("turns", bend.hinge().turns())
                .put("low", round(bend.on(), 1000))
                .put("high", round(bend.turns(), 1000))
                .put("colour", bend.colour().hex());
        ArrayNode line = node.putArray("line");
        point(line, bend.hinge().from());
        point(line, bend.hinge().to());
        return node;
    }

    private static ArrayNode rings(Outline outline) {
        Outline coarse = Coarse.of(outline, COARSE);
        ArrayNode rings = NODES.arrayNode();
        ring(rings.addArray(), coarse.outer());
        coarse.holes().forEach(h -> ring(rings.addArray(), h));
        return rings;
    }

    private static void ring(ArrayNode into, Ring ring) {
        ring.flattened().forEach(p -> point(into, p));
    }

    private static void point(ArrayNode into, Point p) {
        into.add(round(p.x(), 1000)).add(round(p.y(), 1000));
    }

    /** What never moves is said once. */
    private static ArrayNode way(Track track) {
        ArrayNode all = NODES.arrayNode();
        List<Rigid> places = track.places();
        boolean still = places.stream().allMatch(places.get(0)::equals);
        (still ? places.subList(0, 1) : places).forEach(p -> place(all.addArray(), p));
        return all;
    }

    private static void place(ArrayNode into, Rigid place) {
        for (Vec axis : List.of(place.across(), place.up(), place.out())) {
            into.add(round(axis.x(), 1e6)).add(round(axis.y(), 1e6)).add(round(axis.z(), 1e6));
        }
        Vec o = place.origin();
        into.add(round(o.x(), 1e4)).add(round(o.y(), 1e4)).add(round(o.z(), 1e4));
    }

    private static double round(double value, double power) {
        double rounded = Math.round(value * power) / power;
        return rounded == 0 ? 0 : rounded;
    }
}
