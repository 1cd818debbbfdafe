package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Lettering;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Work;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.card.Showing;
import dev.schachtel.core.letters.TextLine;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.work.WorkKind;

/** The pictures that a piece shows: drawn on a part that moves, or cut out and glued behind openings. */
final class Showings {
    /** Between a picture and the edge of what it is seen in, mm. */
    private static final double MARGIN = 2;
    /** Of a round opening's width and height, what an upright box in it has of each. */
    private static final double IN_ROUND = Math.sqrt(0.5);

    private static final double LEAST = 3;

    private final Showing shows;
    private final BuildDraft draft;

    Showings(Showing shows, BuildDraft draft) {
        this.shows = shows;
        this.draft = draft;
    }

    /** Where a picture goes, how it is turned, and the room that it has. */
    record Spot(Placement at, Outline.Size room) {}

    /** The room for a picture in an opening. */
    static Outline.Size room(Opening opening) {
        boolean square = opening instanceof Opening.Rectangle || opening instanceof Opening.RoundedRectangle;
        double share = square ? 1 : IN_ROUND;
        return new Outline.Size(inside(Mm.of(opening.width()) * share), inside(Mm.of(opening.height()) * share));
    }

    private static Length inside(double side) {
        return Mm.length(Math.max(0, side - 2 * MARGIN));
    }

    private static boolean hasRoom(Spot spot) {
        return Mm.of(spot.room.width()) >= LEAST && Mm.of(spot.room.height()) >= LEAST;
    }

    /** Says where a place is too small to show anything; the least side counts. */
    private void judgeRoom(Id owner, List<Spot> spots) {
        if (shows.places() > 0 && spots.stream().anyMatch(s -> !hasRoom(s))) {
            Length least = spots.stream()
                    .flatMap(s -> Stream.of(s.room.width(), s.room.height()))
                    .reduce(Length::min)
                    .orElseThrow();
            draft.fault(Fault.mend(RuleId.PICTURES_TIGHT, new Source(owner, "shows"), least, Mm.length(LEAST)));
        }
    }

    private Optional<Picture> picture(int place) {
        return draft.workshop().picture(id(place));
    }

    private MaterialId id(int place) {
        return shows.pictures().get(place % shows.pictures().size());
    }

    /** Draws pictures or words on a part at places in its own coordinates. */
    void drawn(PartId part, List<Spot> spots) {
        judgeRoom(part.owner(), spots);
        List<Art.Tint> tints = new ArrayList<>();
        List<Art.Tint> words = lettered(part.owner(), spots);
        for (int i = 0; i < spots.size(); i++) {
            for (Art.Tint tint : words.isEmpty() ? tints(i, spots.get(i)) : words.subList(i, i + 1)) {
                tints.add(moved(tint, spots.get(i).at));
            }
        }
        if (!tints.isEmpty()) {
            draft.arts().add(shows.pictures().isEmpty() ? Art.words(part, tints) : new Art(part, id(0), false, tints));
            draft.work(Work.of(WorkKind.DRAW, part.owner(), SlabId.of(part)).times(spots.size()));
        }
    }

    private List<Art.Tint> lettered(Id owner, List<Spot> spots) {
        List<Art.Tint> all = new ArrayList<>();
        if (shows instanceof Showing.Words said) {
            List<String> over = said.over(spots.size());
            List<TextLine> lines = words(owner, spots);
            for (int i = 0; i < lines.size(); i++) {
                all.add(letters(over.get(i), lines.get(i), said));
            }
        }
        return all;
    }

    private List<Art.Tint> tints(int i, Spot spot) {
        return shows.pictures().isEmpty() || !hasRoom(spot)
                ? List.of()
                : picture(i)
                        .map(p -> PictureShape.of(p, spot.room.width(), spot.room.height()).tints().stream()
                                .map(t -> of(p, t))
                                .toList())
                        .orElse(List.of());
    }

    /** An area on a part that shows several pictures bears the picture's name too. */
    private static Art.Tint of(Picture picture, Art.Tint tint) {
        return new Art.Tint(picture.name().toLowerCase(Locale.ROOT) + " " + tint.name(), tint.colour(), tint.areas());
    }

    private static Art.Tint letters(String text, TextLine line, Showing.Words words) {
        List<Outline> all =
                line.letters().stream().flatMap(l -> l.outlines().stream()).toList();
        return new Art.Tint(text, words.ink(), all);
    }

    private static Art.Tint moved(Art.Tint tint, Placement at) {
        return new Art.Tint(
                tint.name(),
                tint.colour(),
                tint.areas().stream().map(a -> a.placed(at)).toList());
    }

    /** What stands in each place, in one size that fits all; nothing where none has room. */
    private List<TextLine> words(Id owner, List<Spot> spots) {
        if (!(shows instanceof Showing.Words words) || spots.stream().anyMatch(s -> !hasRoom(s))) {
            return List.of();
        }
        List<String> over = words.over(spots.size());
        double least = Double.MAX_VALUE;
        for (int i = 0; i < spots.size(); i++) {
            Outline.Size room = spots.get(i).room;
            TextLine own = TextLine.within(over.get(i), words.letters(), room.width(), room.height());
            least = over.get(i).isEmpty() ? least : Math.min(least, own.xHeight());
        }
        if (least == Double.MAX_VALUE) {
            return List.of();
        }
        Length high = Mm.length(least);
        Letters.judge(
                TextLine.of(words.text(), words.letters(), high),
                new Source(owner, "shows.letters"),
                words.text(),
                draft);
        return over.stream().map(w -> TextLine.of(w, words.letters(), high)).toList();
    }

    /** Cuts pictures out and glues them on what lies behind openings; the same picture in the same size is one part. */
    void behind(Id owner, Ground ground, MaterialId card, List<Spot> spots) {
        if (shows.places() == 0) {
            return;
        }
        if (ground.isLast()) {
            draft.fault(RuleId.PICTURES_NOWHERE, new Source(owner, "shows"), "");
            return;
        }
        judgeRoom(owner, spots);
        if (shows instanceof Showing.Words words) {
            strips(words, owner, ground, card, spots);
            return;
        }
        Materials materials = new Materials(draft);
        Cardstock cut = materials.card(card, new Source(owner, "pictureCard"));
        Material glue = materials.glue(new Source(owner, "pictureCard"));
        Map<Opening.Pictured, List<Placement>> places = new LinkedHashMap<>();
        for (int i = 0; i < spots.size(); i++) {
            Spot spot = spots.get(i);
            if (hasRoom(spot) && picture(i).isPresent()) {
                places.computeIfAbsent(
                                new Opening.Pictured(id(i), spot.room.width(), spot.room.height()),
                                k -> new ArrayList<>())
                        .add(spot.at);
            }
        }
        places.forEach((shape, at) -> {
            PartId id = free(owner);
            Shapes form = Shapes.of(shape, draft.workshop());
            String name =
                    draft.workshop().picture(shape.picture()).map(Picture::name).orElse("Picture");
            draft.arts().add(id, shape, false);
            draft.part(Part.of(id, name, cut, form.form(), form.outline())
                    .at(at)
                    .cutBy(Shapes.method(shape, draft.workshop())));
            draft.lay(SlabId.of(id), ground.under(), glue);
            draft.prop(id, ground.under());
        });
    }

    /** A strip for each place with its share of the words. */
    private void strips(Showing.Words words, Id owner, Ground ground, MaterialId card, List<Spot> spots) {
        Materials materials = new Materials(draft);
        Cardstock cut = materials.card(card, new Source(owner, "pictureCard"));
        Material glue = materials.glue(new Source(owner, "pictureCard"));
        List<TextLine> lines = words(owner, spots);
        List<String> over = words.over(spots.size());
        for (int i = 0; i < lines.size(); i++) {
            if (!over.get(i).isEmpty()) {
                Spot spot = spots.get(i);
                PartId id = new PartId(owner, "words-" + (i + 1));
                Form form = Form.rectangle(spot.room.width(), spot.room.height());
                Outline sheet = Outline.rectangle(spot.room.width(), spot.room.height());
                draft.part(Part.of(id, "Words “" + over.get(i) + "”", cut, form, sheet)
                        .at(List.of(spot.at)));
                SlabId slab = SlabId.of(id);
                TextLine line = lines.get(i);
                draft.letter(new Lettering(
                        owner,
                        slab,
                        id,
                        over.get(i),
                        List.of(words.ink()),
                        line.xHeight(),
                        List.of(moved(letters(over.get(i), line, words), spot.at))));
                draft.work(Work.of(WorkKind.LETTER, owner, slab));
                draft.lay(slab, ground.under(), glue);
                draft.prop(id, ground.under());
            }
        }
    }

    private PartId free(Id owner) {
        PartId id = new PartId(owner, "picture");
        for (int n = 2; draft.part(id).isPresent(); n++) {
            id = new PartId(owner, "picture-" + n);
        }
        return id;
    }

    /** Places round a pivot, from there and back: each is upright in the opening once its turn has come. */
    static List<Spot> round(Point pivot, Placement opening, Outline.Size room, int count) {
        List<Spot> spots = new ArrayList<>();
        double dx = Mm.of(opening.across()) - pivot.x();
        double dy = Mm.of(opening.up()) - pivot.y();
        for (int i = 0; i < count; i++) {
            double turn = -2 * Math.PI * i / count;
            double x = dx * Math.cos(turn) - dy * Math.sin(turn);
            double y = dx * Math.sin(turn) + dy * Math.cos(turn);
            spots.add(new Spot(Placement.at(Mm.length(x), Mm.length(y)).turned(Angle.ofTurn(-i, count)), room));
        }
        return spots;
    }
}
