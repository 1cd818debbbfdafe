package dev.schachtel.core.scene;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Face;
import dev.schachtel.core.build.Lettering;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Depicted;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Layer;
import dev.schachtel.core.card.MeantSo;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.motion.Poses;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;

/**
 * One face with the pictures on it, as it is seen from before.
 *
 * @param on the piece or face of the base that carries it
 * @param face its outline
 * @param above how far pieces may stand over its upper edge and stay on the shut card, where it is a panel that stands before others, mm
 * @param ground its colour
 * @param pieces pictures on it from the back to the front
 * @param words what is read on it
 * @param meant advice that is not wanted on this card
 * @param lines heights of lines that feet stand on, mm
 * @param tumbling the shaker on whose film or floor the pieces lie
 * @param written whether the maker writes on it
 * @param tucked pieces that go under an edge, and those whose edge it is
 * @param free of pieces: windows, and what moving parts pass over
 * @param others what else lies on it, such as cut-outs, frames and plates
 */
public record Scenery(
        Id on,
        Outline face,
        double above,
        Colour ground,
        List<Placed> pieces,
        List<Words> words,
        List<Outline> free,
        List<Outline> others,
        Set<String> meant,
        Set<Id> tucked,
        List<Double> lines,
        Optional<Tumbling> tumbling,
        boolean written) {
    /** A sheet is what is written on if it covers so much of the place for it. */
    private static final double HALF = 0.5;
    /** What the area of a picture is called that should be seen wholly. */
    private static final String FACE = "face";

    public Scenery {
        pieces = List.copyOf(pieces);
        words = List.copyOf(words);
        free = List.copyOf(free);
        others = List.copyOf(others);
        meant = Set.copyOf(meant);
        tucked = Set.copyOf(tucked);
        lines = List.copyOf(lines);
    }

    /**
     * Something to read, in mm.
     *
     * @param owner the piece that says it
     * @param onStrip whether they are on a piece of card of their own
     * @param outline its strip
     * @param letters the box that they take of it
     * @param xHeight how high small letters are
     * @param above how far its top stands out from the face
     */
    public record Words(Id owner, boolean onStrip, Outline outline, Outline letters, double xHeight, double above) {}

    /**
     * What tumbles before or behind the pieces.
     *
     * @param clear where it can be
     * @param grain the diameter of one, mm
     * @param onFilm whether the pieces lie on its film; else on its floor
     */
    public record Tumbling(Outline clear, double grain, boolean onFilm) {}

    /**
     * Another piece, or strip of words, that one meets.
     *
     * @param depth how far it goes over or under its edge, mm; 0 if they only touch
     */
    public record Meeting(Id other, double depth) {}

    /** All that a piece or a strip of words meets, and could go under the edge of. */
    public List<Meeting> meetings(Id piece) {
        Map<Id, Outline> sheets = new LinkedHashMap<>();
        pieces.forEach(p -> sheets.put(p.id(), p.outline()));
        words.stream().filter(Words::onStrip).forEach(w -> sheets.put(w.owner(), w.outline()));
        Outline own = sheets.remove(piece);
        return own == null
                ? List.of()
                : sheets.entrySet().stream()
                        .filter(e -> own.overlaps(e.getValue()))
                        .map(e -> new Meeting(e.getKey(), Math.max(0, -Measured.apart(own, e.getValue()))))
                        .toList();
    }

    /** The same scene with other pieces. */
    Scenery with(List<Placed> other) {
        return new Scenery(
                on, face, above, ground, other, words, free, others, meant, tucked, lines, tumbling, written);
    }

    /** The same scene with a piece in place of the one of its id. */
    Scenery with(Placed other) {
        return with(
                pieces.stream().map(p -> p.id().equals(other.id()) ? other : p).toList());
    }

    Scenery without(Placed gone) {
        return with(pieces.stream().filter(p -> !p.id().equals(gone.id())).toList());
    }

    /** The same scene with a piece before all others. */
    Scenery plus(Placed more) {
        List<Placed> all = new ArrayList<>(pieces);
        all.add(more);
        return with(all);
    }

    /** What is on a face; empty if the card has none of that name. */
    public static Optional<Scenery> of(Build build, Workshop workshop, Id on) {
        return build.face(on)
                .flatMap(face -> build.level(face.slab()).map(level -> read(build, workshop, face, level)));
    }

    /** A side that looks away from the front carries pictures that lie flat, and has the windows of its leaf. */
    private static Scenery reverse(Build build, Workshop workshop, Face face, Level leaf) {
        List<Placed> pieces = new ArrayList<>();
        build.levels().forEach(level -> build.art(level.slab().part())
                .flatMap(art -> placed(build, workshop, level, art, leaf))
                .filter(p -> p.piece().on().equals(face.name()))
                .map(p -> p.with(face.seen(p.outline())))
                .map(p -> p.standingOut(Mm.of(leaf.bottom().minus(level.bottom()))))
                .ifPresent(pieces::add));
        List<Outline> free = build.part(leaf.slab().part()).stream()
                .flatMap(p -> p.cutouts().stream())
                .map(c -> face.seen(c.onFace()))
                .filter(face.outline()::overlaps)
                .toList();
        return new Scenery(
                face.name(),
                face.outline(),
                0,
                build.colour(leaf.slab().part()).orElse(new Colour(0xffffff)),
                pieces,
                List.of(),
                free,
                List.of(),
                meant(build),
                Set.of(),
                List.of(),
                Optional.empty(),
                false);
    }

    private static Set<String> meant(Build build) {
        return build.spec().meantSo().stream().map(MeantSo::fact).collect(Collectors.toSet());
    }

    private static Scenery read(Build build, Workshop workshop, Face sheet, Level carrier) {
        if (sheet.isUnder()) {
            return reverse(build, workshop, sheet, carrier);
        }
        Id on = sheet.name();
        Outline face = sheet.outline().filled();
        List<Placed> pieces = new ArrayList<>();
        build.levels().stream().sorted(Comparator.comparing(Level::top)).forEach(level -> build.art(
                        level.slab().part())
                .flatMap(art -> placed(build, workshop, level, art, carrier))
                .filter(p -> p.piece().on().equals(on))
                .ifPresent(pieces::add));
        List<Words> words = build.letterings().stream()
                .filter(w -> w.isInked() && isSeen(build, w) == Views.isSeen(build, on))
                .flatMap(w -> words(build, w, carrier))
                .filter(w -> face.overlaps(w.outline()))
                .toList();
        Colour ground = build.colour(carrier.slab().part()).orElse(new Colour(0xffffff));
        Set<String> meant = meant(build);
        boolean written = build.zones(Zone.Use.WRITING).stream()
                .anyMatch(z -> !Views.isSeen(build, on)
                        && face.shared(z.outline()).shareOf(z.outline().area()) >= HALF);
        Set<Id> tucked = build.spec().tucks().stream()
                .flatMap(t -> Stream.of(t.piece(), t.under()))
                .collect(Collectors.toSet());
        return new Scenery(
                on,
                face,
                above(build, sheet),
                ground,
                pieces,
                words,
                free(build, carrier),
                others(build, sheet, carrier),
                meant,
                tucked,
                lines(build, carrier, face.bounds()),
                tumbling(build, carrier),
                written);
    }

    private static double above(Build build, Face sheet) {
        boolean panel = build.mechanics().unfolding().panels().stream()
                .anyMatch(p -> p.slab().equals(sheet.slab()));
        double top = sheet.outline().bounds().top();
        return panel ? Math.max(0, build.face().bounds().top() - top) : 0;
    }

    private static List<Double> lines(Build build, Level carrier, Box face) {
        return build.zones(Zone.Use.FEET).stream()
                .filter(z -> z.on().equals(carrier.slab().id()))
                .map(z -> z.outline().bounds())
                .filter(line -> line.left() < face.right() && line.right() > face.left())
                .map(Box::top)
                .toList();
    }

    private static Optional<Tumbling> tumbling(Build build, Level carrier) {
        return build.chambers().stream()
                .filter(Chamber::isDam)
                .filter(c -> c.film().equals(carrier.slab().part())
                        || c.behind().equals(carrier.slab().id()))
                .findFirst()
                .map(c -> new Tumbling(
                        c.clear(),
                        Mm.of(c.filling().diameter()),
                        c.film().equals(carrier.slab().part())));
    }

    private static boolean isSeen(Build build, Lettering words) {
        return build.level(words.on()).filter(l -> Views.isSeen(build, l)).isPresent();
    }

    private static Stream<Words> words(Build build, Lettering words, Level carrier) {
        return build.level(words.on()).stream().flatMap(l -> {
            double above = Mm.of(l.top().minus(carrier.top()));
            Optional<Outline> letters = words.extent().map(Outline::of);
            return words.isOnStrip()
                    ? l.slab().footprints().stream()
                            .map(strip -> new Words(
                                    words.owner(), true, strip, letters.orElse(strip), words.xHeight(), above))
                    : letters.stream().map(all -> new Words(words.owner(), false, all, all, words.xHeight(), above));
        });
    }

    private static Optional<Placed> placed(Build build, Workshop workshop, Level level, Art art, Level carrier) {
        Optional<Picture> picture = workshop.picture(art.picture());
        Optional<Depicted> piece = build.spec()
                .piece(art.part().owner())
                .filter(Depicted.class::isInstance)
                .map(Depicted.class::cast);
        if (picture.isEmpty() || piece.isEmpty()) {
            return Optional.empty();
        }
        Part part = build.part(art.part()).orElseThrow();
        Box whole = part.outline().placed(part.at().get(0)).bounds();
        return Optional.of(new Placed(
                piece.get(),
                picture.get(),
                level.slab().footprints().get(0),
                scale(piece.get().shape(), picture.get()),
                Mm.of(level.top().minus(carrier.top())),
                build.colour(part.id()).orElse(new Colour(0xffffff)),
                piece.get().mirrored()
                        ? picture.get().looks().mirrored()
                        : picture.get().looks(),
                art.tints().stream()
                        .filter(t -> t.name().equals(FACE))
                        .flatMap(t -> t.areas().stream())
                        .map(a -> a.placed(part.at().get(0)).bounds())
                        .reduce(Box::union)
                        .map(f -> Placed.shares(f, whole))));
    }

    private static double scale(Opening shape, Picture picture) {
        return Math.min(Mm.of(shape.width()) / Mm.of(picture.width()), Mm.of(shape.height()) / Mm.of(picture.height()));
    }

    /** Card on the face that is neither a picture nor words, nor a panel that would be a face of its own. */
    private static List<Outline> others(Build build, Face on, Level carrier) {
        return build.levels().stream()
                .filter(l -> build.isCard(l) && !l.bottom().isBelow(carrier.top()))
                .filter(l -> {
                    Id owner = l.slab().part().owner();
                    boolean layer = build.spec().find(owner, Layer.class).isPresent();
                    boolean words =
                            build.letterings().stream().anyMatch(w -> w.owner().equals(owner));
                    return !layer
                            && !words
                            && !owner.equals(Id.BASE)
                            && build.art(l.slab().part()).isEmpty()
                            && Views.isSeen(build, owner) == Views.isSeen(build, on.name());
                })
                .flatMap(l -> l.slab().footprints().stream())
                .filter(on.outline()::overlaps)
                .toList();
    }

    /** All that is not to be covered: words, other things, and what must stay free. */
    List<Outline> obstacles() {
        return Stream.of(words.stream().map(Words::outline), others.stream(), free.stream())
                .flatMap(s -> s)
                .toList();
    }

    /** A flap cut into a sheet, such as a door: of the same part and as high. */
    private static boolean isLeafOf(Level sheet, Level other) {
        return other.slab().part().equals(sheet.slab().part())
                && !other.slab().id().equals(sheet.slab().id())
                && other.top().equals(sheet.top());
    }

    /** Openings, flaps, and what is passed over by what moves before the face; what moves behind it is in nobody's way. */
    private static List<Outline> free(Build build, Level carrier) {
        List<Outline> free = new ArrayList<>();
        build.part(carrier.slab().part()).stream()
                .flatMap(p -> p.cutouts().stream())
                .map(Cutout::onFace)
                .forEach(free::add);
        build.levels().stream()
                .filter(l -> isLeafOf(carrier, l))
                .flatMap(l -> l.slab().footprints().stream())
                .forEach(free::add);
        for (Motion motion : build.mechanics().motions()) {
            boolean here = motion.keeping().guides().contains(carrier.slab().id());
            if (here) {
                motion.moving().stream()
                        .flatMap(id -> build.level(id).stream())
                        .filter(l -> !l.bottom().isBelow(carrier.top()))
                        .flatMap(l -> l.slab().footprints().stream())
                        .forEach(f -> free.add(Poses.sweep(f, motion)));
            }
        }
        return free;
    }
}
