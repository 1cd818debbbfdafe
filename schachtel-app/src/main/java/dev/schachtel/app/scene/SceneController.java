package dev.schachtel.app.scene;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

import dev.schachtel.app.frame.Download;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.scene.SceneDesk.Sight;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.structure.Shift;
import dev.schachtel.app.structure.StructureController.Seen;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.GroundLine;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.design.Arrange;
import dev.schachtel.core.edit.BoxEdit;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.PieceEdit;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.scene.Fact;
import dev.schachtel.core.scene.Layouts;
import dev.schachtel.core.scene.PieceAct;
import dev.schachtel.core.scene.PlacementSheet;
import dev.schachtel.core.scene.Room;
import dev.schachtel.core.scene.Scenery;
import dev.schachtel.core.scene.Sitting;
import dev.schachtel.core.scene.WordRoom;
import dev.schachtel.core.shape.Point;

/** The part Scene of the Decorate station. Changes are one revision each and show the whole page anew. */
@Controller
@RequestMapping("/cards/{id}/decorate")
class SceneController {
    private final CardService cards;
    private final Plans plans;
    private final SceneDesk desk;
    private final Workshops workshops;

    SceneController(CardService cards, Plans plans, SceneDesk desk, Workshops workshops) {
        this.cards = cards;
        this.plans = plans;
        this.desk = desk;
        this.workshops = workshops;
    }

    /** What the page shows besides the card. */
    record Place(@Nullable String on, @Nullable String pick) {
        Place {
            on = on == null || !on.matches(Id.PATTERN) ? "" : on;
            pick = pick == null || !pick.matches(MaterialId.PATTERN) ? "" : pick;
        }

        /** The picture that was picked in the box. */
        MaterialId picked() {
            if (pick.isEmpty()) {
                throw new RefusedException("picture", "choose one from the box");
            }
            return new MaterialId(pick);
        }
    }

    /** Where a picture was let go, in mm; nowhere if it was not dragged. */
    record Spot(@Nullable Double x, @Nullable Double y) {
        Optional<Point> point() {
            return x == null || y == null || !(Math.abs(x) < 3_000) || !(Math.abs(y) < 3_000)
                    ? Optional.empty()
                    : Optional.of(new Point(x, y));
        }
    }

    /** A remedy of a fact, by its number. */
    record Remedy(@Nullable String fact, @Nullable Integer way) {
        Remedy {
            fact = fact == null ? "" : fact;
            way = way == null ? Integer.valueOf(-1) : way;
        }
    }

    @GetMapping
    String page(@PathVariable long id, @ModelAttribute Seen seen, @ModelAttribute Place place, Model model) {
        return page(cards.load(id), seen.select(), place, model);
    }

    private String page(StoredCard card, String select, Place place, Model model) {
        model.addAttribute("v", desk.view(card, plans.of(card.spec()), new Sight(place.on(), select, place.pick())));
        model.addAttribute("pick", place.pick());
        model.addAttribute(
                "address",
                "/cards/" + card.id() + "/decorate?on=" + place.on() + "&select=" + select + "&pick=" + place.pick());
        return "scene/page";
    }

    /** Other layouts of the face, which take longer than the page. */
    @GetMapping("/layouts")
    String layouts(
            @PathVariable long id,
            @ModelAttribute Place place,
            @ModelAttribute LayoutsAsked asked,
            @RequestParam(defaultValue = "false") boolean further,
            Model model) {
        Plan plan = plans.of(cards.load(id).spec());
        model.addAttribute("at", "/cards/" + id + "/decorate");
        model.addAttribute("on", SceneDesk.face(plan, place.on()).value());
        model.addAttribute("others", desk.others(plan, SceneDesk.face(plan, place.on()), asked));
        model.addAttribute("rounds", asked.tries());
        model.addAttribute("wanted", asked.word());
        model.addAttribute("wishes", desk.wishes(asked.word()));
        model.addAttribute("counts", desk.counts(plan, SceneDesk.face(plan, place.on()), asked));
        model.addAttribute("further", further);
        model.addAttribute("most", SceneDesk.MOST_ROUNDS);
        return "scene/layouts";
    }

    /** Puts a picture on the face: there, or where it has most room. */
    @PostMapping("/put")
    String put(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @ModelAttribute Place place,
            @ModelAttribute Spot spot,
            Model model) {
        Picture picture = picture(place);
        StoredCard card = change(id, seen, "put " + picture.id(), spec -> {
            int placed = BoxEdit.count(picture.id(), spec);
            if (picture.owned() > 0 && placed >= picture.owned()) {
                throw new RefusedException(
                        "picture",
                        "is on the card " + placed + " times, and you own no more; say so in the box if you do");
            }
            Scenery scenery = scenery(spec, place);
            Point at = spot.point().orElseGet(() -> Room.of(scenery, picture, 1));
            return Room.placed(spec, scenery.on(), picture, new Room.Put(at, 1, Room.card(workshops.now())));
        });
        return page(card, last(card), place, model);
    }

    /** Puts a strip of words where they have most room. */
    @PostMapping("/words")
    String words(@PathVariable long id, @ModelAttribute Seen seen, @ModelAttribute Place place, Model model) {
        StoredCard card = change(id, seen, "words", spec -> WordRoom.placed(spec, scenery(spec, place)));
        return page(card, seen.select(), place, model);
    }

    /** Moves a piece. */
    @PostMapping("/move")
    String move(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @ModelAttribute Place place,
            @ModelAttribute Shift shift,
            Model model) {
        return page(change(id, seen, "move " + shift.piece(), shift::apply), seen.select(), place, model);
    }

    /** Does something to the chosen piece. */
    @PostMapping("/do")
    String act(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @ModelAttribute Place place,
            @RequestParam String what,
            Model model) {
        if (!seen.select().matches(Id.PATTERN)) {
            throw new RefusedException("piece", "choose a piece first");
        }
        PieceAct act = PieceAct.of(what);
        Id piece = new Id(seen.select());
        StoredCard card = change(
                id,
                seen,
                what + " " + seen.select(),
                spec -> act == PieceAct.REMOVE
                                && SceneDesk.words(spec, seen.select()).isPresent()
                        ? CardEdit.of(spec).remove(piece)
                        : act.apply(spec, piece, workshops.now()));
        return page(card, act == PieceAct.REMOVE ? "" : seen.select(), place, model);
    }

    /** Lines the chosen piece up: in the middle of its face, or with all of the same picture. */
    @PostMapping("/arrange")
    String arrange(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @ModelAttribute Place place,
            @RequestParam String how,
            Model model) {
        StoredCard card = change(id, seen, "arrange " + seen.select(), spec -> {
            Scenery scenery = scenery(spec, place);
            List<Id> alike = Rank.alike(scenery, seen.select());
            Arrange arrange = Arrange.of(spec, workshops.now());
            return switch (Rank.of(how)) {
                case MIDDLE -> arrange.centre(alike.get(0), false);
                case FEET -> arrange.feet(alike);
                case SPREAD -> arrange.spread(alike, false);
            };
        });
        return page(card, seen.select(), place, model);
    }

    /** Draws the face's ground line there, or takes it away. */
    @PostMapping("/line")
    String line(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @ModelAttribute Place place,
            @RequestParam(defaultValue = "") String up,
            Model model) {
        StoredCard card = change(id, seen, "ground line", spec -> {
            Id on = SceneDesk.face(plans.of(spec), place.on());
            Optional<Id> now = SceneDesk.line(spec, on).map(GroundLine::id);
            if (up.isBlank()) {
                return now.map(line -> CardEdit.of(spec).remove(line)).orElse(spec);
            }
            String kind = RecordType.word(GroundLine.class);
            Id line = now.orElseGet(() -> CardEdit.of(spec).nextId(kind));
            CardSpec with = now.isPresent()
                    ? spec
                    : PieceEdit.of(CardEdit.of(spec).add(kind), line).on(on).card();
            return CardEdit.of(with).set(line, "up", up);
        });
        return page(card, seen.select(), place, model);
    }

    /** Brings pieces here whose own face is gone. */
    @PostMapping("/aside")
    String aside(@PathVariable long id, @ModelAttribute Seen seen, @ModelAttribute Place place, Model model) {
        StoredCard card = change(id, seen, "aside", spec -> {
            Plan plan = plans.of(spec);
            CardSpec now = spec;
            for (Motif m : SceneDesk.aside(plan)) {
                now = PieceEdit.of(now, m.id())
                        .on(SceneDesk.face(plan, place.on()))
                        .card();
            }
            return now;
        });
        return page(card, seen.select(), place, model);
    }

    /** Puts the chosen piece under the edge of another, or takes it out again. */
    @PostMapping("/tuck")
    String tuck(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @ModelAttribute Place place,
            @RequestParam String under,
            Model model) {
        if (!seen.select().matches(Id.PATTERN) || !under.matches(Id.PATTERN)) {
            throw new RefusedException("piece", "choose a piece, and one that it goes under");
        }
        StoredCard card = change(id, seen, "tuck " + seen.select(), spec -> CardEdit.of(spec)
                .tucked(new Id(seen.select()), new Id(under)));
        return page(card, seen.select(), place, model);
    }

    /** Takes the remedy of a fact. */
    @PostMapping("/sit")
    String sit(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @ModelAttribute Place place,
            @ModelAttribute Remedy remedy,
            Model model) {
        StoredCard card = change(id, seen, "sit " + remedy.fact(), spec -> Sitting.of(scenery(spec, place)).stream()
                .filter(f -> f.key().equals(remedy.fact()))
                .flatMap(f -> f.fix(remedy.way()).stream())
                .findFirst()
                .map(Fact.Fix::edit)
                .orElseThrow(() -> new RefusedException("scene", "sits otherwise by now; look again"))
                .apply(spec));
        return page(card, seen.select(), place, model);
    }

    /** Silences a piece of advice on this card. */
    @PostMapping("/meant")
    String meant(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @ModelAttribute Place place,
            @RequestParam String fact,
            Model model) {
        StoredCard card = change(id, seen, "meant " + fact, spec -> {
            boolean said = Sitting.of(scenery(spec, place)).stream()
                    .anyMatch(f -> f.key().equals(fact) && f.canBeMeant());
            if (!said) {
                throw new RefusedException("scene", "sits otherwise by now; look again");
            }
            return CardEdit.of(spec).meantSo(fact);
        });
        return page(card, seen.select(), place, model);
    }

    /** Takes another layout. */
    @PostMapping("/layout")
    String layout(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @ModelAttribute Place place,
            @ModelAttribute LayoutsAsked other,
            Model model) {
        StoredCard card = change(id, seen, "layout", spec -> {
            List<Layouts.Other> all = layouts(plans.of(spec), place, other);
            if (other.number() < 0 || other.number() >= all.size()) {
                throw new RefusedException("layout", "is not there any more; look again");
            }
            return all.get(other.number()).card();
        });
        return page(card, seen.select(), place, model);
    }

    /** The face at 1:1 to lay pieces on. */
    @GetMapping("/placement.pdf")
    ResponseEntity<byte[]> placement(
            @PathVariable long id,
            @ModelAttribute Place place,
            @RequestParam(defaultValue = "false") boolean mirrored) {
        CardSpec spec = cards.load(id).spec();
        String title = spec.name() + ", placement" + (mirrored ? ", mirrored" : "");
        return Download.of(
                title + ".pdf",
                MediaType.APPLICATION_PDF,
                PlacementSheet.pdf(title, spec.units(), scenery(spec, place), mirrored));
    }

    /** What was added comes last. */
    private static String last(StoredCard card) {
        List<Element> all = card.spec().elements();
        return all.get(all.size() - 1).id().value();
    }

    private Picture picture(Place place) {
        MaterialId word = place.picked();
        return workshops.now().picture(word).orElseThrow(() -> new RefusedException(word.value(), "is not in the box"));
    }

    private static List<Layouts.Other> layouts(Plan plan, Place place, LayoutsAsked other) {
        return SceneDesk.layouts(plan, SceneDesk.face(plan, place.on()), other);
    }

    private Scenery scenery(CardSpec spec, Place place) {
        Plan plan = plans.of(spec);
        return Scenery.of(plan.build(), plan.workshop(), SceneDesk.face(plan, place.on()))
                .orElseThrow(() -> new RefusedException("face", "can't carry pictures"));
    }

    private StoredCard change(long id, Seen seen, String about, UnaryOperator<CardSpec> edit) {
        return cards.change(seen.change(id, about, edit));
    }
}
