package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Work;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.card.Showing;
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

    private Optional<Picture> picture(int place) {
        return draft.workshop().picture(id(place));
    }

    private MaterialId id(int place) {
        return shows.pictures().get(place % shows.pictures().size());
    }

    /** Draws pictures on a part at places in its own coordinates. */
    void drawn(PartId part, List<Spot> spots) {
        List<Art.Tint> tints = new ArrayList<>();
        for (int i = 0; i < spots.size() && !shows.pictures().isEmpty(); i++) {
            Spot spot = spots.get(i);
            picture(i).filter(p -> hasRoom(spot)).ifPresent(p -> PictureShape.of(
                            p, spot.room.width(), spot.room.height())
                    .tints()
                    .forEach(t -> tints.add(new Art.Tint(
                            t.name(),
                            t.colour(),
                            t.areas().stream().map(a -> a.placed(spot.at)).toList()))));
        }
        if (!tints.isEmpty()) {
            draft.art(new Art(part, id(0), false, tints));
            draft.work(Work.of(WorkKind.DRAW, part.owner(), SlabId.of(part)).times(spots.size()));
        }
    }

    /** Cuts pictures out and glues them on what lies behind openings; the same picture in the same size is one part. */
    void behind(Id owner, Ground ground, MaterialId card, List<Spot> spots) {
        if (shows.pictures().isEmpty()) {
            return;
        }
        if (ground.isLast()) {
            draft.fault(RuleId.PICTURES_NOWHERE, new Source(owner, "shows"), "");
            return;
        }
        Materials stuff = new Materials(draft);
        Cardstock cut = stuff.card(card, new Source(owner, "pictureCard"));
        Material glue = stuff.glue(new Source(owner, "pictureCard"));
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
            draft.art(id, shape, false);
            draft.part(Part.of(id, name, cut, form.form(), form.outline())
                    .at(at)
                    .cutBy(Shapes.method(shape, draft.workshop())));
            draft.lay(SlabId.of(id), ground.under(), glue);
            draft.prop(id, ground.under());
        });
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
