package dev.schachtel.app.scene;

import java.util.List;
import java.util.Optional;

import dev.schachtel.app.frame.Frames.Frame;
import dev.schachtel.app.structure.Field;

/**
 * What the part Scene shows. Texts that end in Html or Svg are safe.
 *
 * @param on the face that is looked at
 * @param select the chosen piece; empty for none
 * @param words the chosen words, if words are chosen
 * @param edges under which the chosen picture or words may go
 * @param line how high its ground line is; empty without one
 */
public record SceneView(
        Frame frame,
        String on,
        String select,
        List<Field.Option> faces,
        List<Tile> box,
        Optional<About> about,
        String svg,
        Optional<Chosen> chosen,
        List<Told> told,
        List<Under> under,
        Kept kept,
        Optional<String> words,
        List<Edge> edges,
        Optional<Aside> aside,
        String line,
        List<Other> others) {
    /** A picture of the box: how many of it are on this card. */
    public record Tile(String id, String name, String count, String svg, boolean picked) {}

    /** The picked picture of the box, to be changed. */
    public record About(
            String id,
            String name,
            String height,
            String foot,
            int owned,
            List<Area> areas,
            List<Field.Option> roles,
            List<Field.Option> looks,
            List<Field.Option> stances,
            List<Field.Option> methods) {}

    /** A coloured area of the picked picture. */
    public record Area(String name, String colour) {}

    /** The chosen piece with what can be done to it, its back if it stands on foam, and where it likes to lie, as JSON. */
    public record Chosen(
            String id,
            String name,
            String height,
            boolean pinned,
            boolean locked,
            boolean trimmed,
            boolean carriesOn,
            int alike,
            boolean sized,
            String behindSvg,
            String snaps) {}

    /** Another piece, under whose edge the chosen one may go, whether it does, and how far. */
    public record Edge(String id, String name, boolean tucked, String depth) {}

    /** A fact in words, with what helps. */
    public record Told(
            String key,
            String shape,
            String title,
            String words,
            List<String> fixes,
            String piece,
            boolean canBeMeant) {}

    /** What lies under a piece. */
    public record Under(String name, String holds) {}

    /**
     * How the layout is kept.
     *
     * @param photo when the photo was taken, as part of its address; empty without one
     * @param order what is laid, first to last
     * @param lost what is so small that lifting film may not bring it back
     */
    public record Kept(String photo, String order, String lost) {}

    /** Pieces whose face is gone: how many, and which faces those were. */
    public record Aside(int count, String face, int faces) {}

    /** How many of a picture a layout may have. */
    public record Count(String picture, String name, int least, int most) {}

    /** Another layout. */
    public record Other(int number, String name, String state, String svg) {}

    public int toWatch() {
        return (int) told.stream().filter(t -> !t.shape.equals("works")).count();
    }
}
