package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Face;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Depicted;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.shape.Outline;

/** One sheet with the pieces of its scene, in the order of their height. */
final class FaceView {
    private final Build build;
    private final Edges edges;
    private final List<Mark> marks = new ArrayList<>();

    FaceView(Build build) {
        this.build = build;
        this.edges = new Edges(build);
    }

    /** What a face is the upper side of; for a piece that offers none its uppermost card. */
    static Optional<Level> carrier(Build build, Id on) {
        return build.face(on).flatMap(f -> build.level(f.slab())).or(() -> build.levels().stream()
                .filter(l -> l.slab().part().owner().equals(on) && build.isCard(l))
                .max(Comparator.comparing(Level::top)));
    }

    /** A sheet with all that lies on it. */
    static Scene of(Build build, Id on, Level sheet) {
        FaceView view = new FaceView(build);
        view.area(sheet, Meaning.CUT);
        build.levels().stream()
                .filter(l -> !l.slab().id().equals(sheet.slab().id()))
                .filter(l -> view.isSeen(l)
                        && (root(build, l.slab().id()).equals(sheet.slab().id()) || isOn(build, l, on)))
                .forEach(l -> view.area(l, Meaning.CUT));
        return new Scene("Face", sheet.slab().bounds(), new Scene.Room(10, 10, 10, 10), true, view.marks);
    }

    /** A side that looks away from the front, turned over, with what is stuck to it. */
    static Scene under(Build build, Face face) {
        FaceView view = new FaceView(build);
        Level leaf = build.level(face.slab()).orElseThrow();
        Part sheet = build.part(leaf.slab().part()).orElseThrow();
        view.marks.add(new Mark.Area(
                face.outline(), new Fill.Made(sheet.material()), Meaning.CUT, Optional.of(sheet.owner())));
        sheet.cutouts().stream()
                .map(c -> face.seen(c.onFace()))
                .filter(face.outline()::overlaps)
                .forEach(o ->
                        view.marks.add(new Mark.Area(o, new Fill.Empty(), Meaning.CUT, Optional.of(sheet.owner()))));
        build.levels().stream()
                .filter(l -> isOn(build, l, face.name()) && view.isSeen(l))
                .forEach(l -> view.turned(l, face));
        return new Scene("Face", face.outline().bounds(), new Scene.Room(10, 10, 10, 10), true, view.marks);
    }

    private void turned(Level level, Face face) {
        Part part = build.part(level.slab().part()).orElseThrow();
        level.slab()
                .footprints()
                .forEach(o -> marks.add(new Mark.Area(
                        face.seen(o), new Fill.Made(part.material()), Meaning.CUT, Optional.of(part.owner()))));
        build.art(part.id())
                .ifPresent(art -> part.at().forEach(at -> art.tints().forEach(tint -> tint.areas()
                        .forEach(a -> marks.add(new Mark.Area(
                                a.placed(at),
                                new Fill.Plain(tint.colour()),
                                Meaning.WORKED,
                                Optional.of(part.owner())))))));
    }

    /** One part by itself with what is drawn and printed on it; empty for one without a sheet. */
    static Optional<Scene> alone(Build build, PartId id) {
        return build.level(SlabId.of(id)).map(level -> {
            FaceView view = new FaceView(build);
            Part part = build.part(id).orElseThrow();
            view.turned(
                    level,
                    new Face(
                            part.owner(),
                            level.slab().id(),
                            level.slab().footprints().get(0),
                            Optional.empty()));
            view.marks.addAll(Printed.on(build, level));
            return new Scene("Part", level.slab().bounds(), new Scene.Room(10, 10, 10, 10), true, view.marks);
        });
    }

    /** Said to lie there, even if another sheet is between. */
    private static boolean isOn(Build build, Level level, Id on) {
        return build.spec()
                .piece(level.slab().part().owner())
                .filter(p -> p instanceof Depicted d && d.on().equals(on))
                .isPresent();
    }

    List<Mark> marks() {
        return marks;
    }

    /** What a scene lies on, however many of its pieces are between. */
    static SlabId root(Build build, SlabId slab) {
        SlabId at = slab;
        for (int i = 0; i < build.joints().size(); i++) {
            Id owner = build.level(at).map(l -> l.slab().part().owner()).orElse(Id.BASE);
            SlabId now = at;
            Optional<SlabId> under = build.spec().find(owner, Element.class).isEmpty()
                    ? Optional.empty()
                    : build.joints().stream()
                            .filter(j -> j.upper().equals(now) && j.hold() == Joint.Hold.RESTS)
                            .map(Joint::lower)
                            .findFirst();
            if (under.isEmpty()) {
                return at;
            }
            at = under.get();
        }
        return at;
    }

    boolean isSeen(Level level) {
        return !(build.part(level.slab().part()).orElseThrow().material() instanceof Foam);
    }

    /** A sheet with its picture and its words. */
    void area(Level level, Meaning edge) {
        PartId id = level.slab().part();
        Part part = build.part(id).orElseThrow();
        for (Outline outline : level.slab().footprints()) {
            edges.seen(part.owner(), outline)
                    .forEach(o -> marks.add(
                            new Mark.Area(o, new Fill.Made(part.material()), edge, Optional.of(part.owner()))));
        }
        build.art(id).ifPresent(art -> part.at().forEach(at -> art.tints().forEach(tint -> tint.areas().stream()
                .flatMap(a -> edges.seen(part.owner(), a.placed(at)).stream())
                .forEach(a -> marks.add(
                        new Mark.Area(a, new Fill.Plain(tint.colour()), Meaning.WORKED, Optional.of(part.owner())))))));
        edges.draw(part.owner(), level.slab().footprints());
        marks.addAll(Printed.on(build, level));
    }
}
