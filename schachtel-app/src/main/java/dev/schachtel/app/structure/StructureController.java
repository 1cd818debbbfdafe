package dev.schachtel.app.structure;

import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.multipart.MultipartFile;

import dev.schachtel.app.planning.Chances;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.Change;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Folded;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.design.HouseQuestions;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.material.Die;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.outlines.OutlineFile;
import dev.schachtel.core.render.SpaceJson;

/** Pages and changes of the Structure station. A change answers the regions that it touches. */
@Controller
@RequestMapping("/cards/{id}/structure")
public class StructureController {
    private final CardService cards;
    private final StructureDesk desk;
    private final Plans plans;
    private final Chances chances;
    private final SurelyDesk surely;

    StructureController(CardService cards, StructureDesk desk, Plans plans, Chances chances, SurelyDesk surely) {
        this.chances = chances;
        this.surely = surely;
        this.cards = cards;
        this.desk = desk;
        this.plans = plans;
    }

    /**
     * What the page was showing when a change was asked for.
     *
     * @param window made by the browser's window, so that what two of them type is not taken for one
     */
    public record Seen(String select, String view, Long version, Long revision, String window) {
        public Seen {
            window = window == null || window.length() > 40 ? "" : window;
            select = select == null ? "" : select;
            view = view == null ? "" : view;
            version = version == null ? Long.valueOf(0) : version;
            revision = revision == null ? Long.valueOf(0) : revision;
        }

        /** A change to what was shown. */
        public Change change(long card, String about, UnaryOperator<CardSpec> edit) {
            return new Change(card, version, revision, new Change.By(about, window), edit);
        }
    }

    @GetMapping
    String page(@PathVariable long id, @ModelAttribute Seen seen, Model model) {
        model.addAttribute("v", desk.mended(cards.load(id), seen.select(), seen.view()));
        return "structure/page";
    }

    /** The card in space, for the page that turns it. */
    @GetMapping(path = "/space.json", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    String space(@PathVariable long id) {
        return SpaceJson.write(plans.of(cards.load(id).spec()).build());
    }

    /** The findings again with their remedies, which take longer than what follows from a change. */
    @GetMapping("/remedies")
    String remedies(@PathVariable long id, @ModelAttribute Seen seen, Model model) {
        model.addAttribute("v", desk.mended(cards.load(id), seen.select(), seen.view()));
        return "structure/remedies";
    }

    /** What would make more cards come out well, which takes several cards to be tried. */
    @GetMapping("/helps")
    String helps(@PathVariable long id, @ModelAttribute Seen seen, Model model) {
        model.addAttribute("helps", surely.helps(plans.of(cards.load(id).spec())));
        model.addAttribute("at", "/cards/" + id + "/structure");
        return "structure/helps";
    }

    /** Takes what would help: into the card, or into the house's rules. */
    @PostMapping("/help")
    String help(@PathVariable long id, @ModelAttribute Seen seen, @RequestParam int way, Model model) {
        StoredCard card = cards.load(id);
        HouseQuestions.Taken taken = chances.take(card.spec(), way);
        if (!chances.settle(taken)) {
            card = change(
                    id, seen, "what helps", spec -> chances.take(spec, way).spec());
        }
        return whole(card, seen.select(), seen.view(), model);
    }

    /** A component set from typed text; the field itself stays as it is typed. */
    @PostMapping("/set")
    String set(@PathVariable long id, @ModelAttribute Seen seen, @ModelAttribute Typed typed, Model model) {
        StoredCard card = change(id, seen, typed.about(), spec -> typed.apply(spec));
        boolean stays = typed.nudge() == 0 && !typed.reshapes();
        model.addAttribute("v", desk.view(card, seen.select(), seen.view()));
        model.addAttribute("withFields", !stays);
        return "structure/changed";
    }

    /** Takes a shape and its size from a drawing made elsewhere. */
    @PostMapping("/outline")
    String outline(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @RequestParam String piece,
            @RequestParam String component,
            @RequestParam MultipartFile file)
            throws IOException {
        OutlineFile.Read read = OutlineFile.read(file.getBytes());
        change(id, seen, "outline of " + piece, spec -> CardEdit.of(spec)
                .outlined(id(piece), component, read.path(), read.size()));
        return "redirect:/cards/" + id + "/structure?select=" + piece;
    }

    /** Takes a shape and its size from the die register. */
    @PostMapping("/die")
    String die(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @RequestParam String component,
            @RequestParam String die,
            Model model) {
        Die taken = plans.die(die);
        StoredCard card = change(id, seen, "die for " + seen.select(), spec -> CardEdit.of(spec)
                .shapedBy(id(seen.select()), component, taken));
        return whole(card, seen.select(), seen.view(), model);
    }

    /** Adds a piece where it fits best, on what is named if anything is. */
    @PostMapping("/add")
    String add(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @RequestParam String kind,
            @RequestParam(defaultValue = "") String on,
            Model model) {
        CardSpec now = cards.load(id).spec();
        Optional<Id> ground = on.isEmpty() ? standing(now, seen.select()) : Optional.of(id(on));
        Id piece = plans.add(now, kind, ground).piece();
        StoredCard card = change(
                id, seen, "add " + kind, spec -> plans.add(spec, kind, ground).spec());
        return whole(card, piece.value(), seen.view(), model);
    }

    /** What stands up is added to while it is selected. */
    private static Optional<Id> standing(CardSpec spec, String selected) {
        return spec.pieces()
                .filter(p -> p instanceof Folded && p.id().value().equals(selected))
                .map(Piece::id)
                .findFirst();
    }

    /** Moves the selected piece: by millimetres from a drag, or by steps of the card's ruler from keys. */
    @PostMapping("/move")
    String move(@PathVariable long id, @ModelAttribute Seen seen, @ModelAttribute Shift shift, Model model) {
        StoredCard card = change(id, seen, "move " + shift.piece(), spec -> shift.apply(spec));
        return whole(card, shift.piece(), seen.view(), model);
    }

    /** Puts pieces in line. */
    @PostMapping("/arrange")
    String arrange(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @RequestParam String how,
            @RequestParam(defaultValue = "") String also,
            Model model) {
        List<Id> ids = Stream.concat(Stream.of(seen.select()), Arrays.stream(also.split(",")))
                .filter(s -> !s.isBlank())
                .distinct()
                .map(StructureController::id)
                .toList();
        StoredCard card = change(id, seen, "arrange " + how, spec -> plans.arrange(spec, ids, how));
        return whole(card, seen.select(), seen.view(), model);
    }

    /** Puts a copy of a piece on another card, which is not shown. */
    @PostMapping("/copy")
    String copy(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @RequestParam String piece,
            @RequestParam long to,
            Model model) {
        StoredCard from = cards.load(id);
        Piece copied = from.spec()
                .piece(id(piece))
                .filter(p -> !(p instanceof Base))
                .orElseThrow(() -> new RefusedException(piece, "there is no such piece to copy"));
        StoredCard target = cards.load(to);
        cards.change(new Change(
                to,
                target.version(),
                target.revision(),
                new Change.By("copy " + piece, seen.window()),
                spec -> CardEdit.of(spec).paste(copied)));
        model.addAttribute("copied", target.spec().name());
        return whole(from, piece, seen.view(), model);
    }

    @PostMapping("/remove")
    String remove(@PathVariable long id, @ModelAttribute Seen seen, @RequestParam String piece, Model model) {
        StoredCard card =
                change(id, seen, "remove " + piece, spec -> CardEdit.of(spec).remove(id(piece)));
        return whole(card, "", seen.view(), model);
    }

    /** Takes the remedy that a finding offers. */
    @PostMapping("/mend")
    String mend(
            @PathVariable long id,
            @ModelAttribute Seen seen,
            @RequestParam String finding,
            @RequestParam int way,
            Model model) {
        StoredCard card = change(id, seen, "mend " + finding, spec -> plans.mend(spec, finding, way));
        return whole(card, seen.select(), seen.view(), model);
    }

    private StoredCard change(long id, Seen seen, String about, UnaryOperator<CardSpec> edit) {
        return cards.change(seen.change(id, about, edit));
    }

    private String whole(StoredCard card, String select, String view, Model model) {
        StructureView page = desk.view(card, select, view);
        model.addAttribute("v", page);
        model.addAttribute(
                "address", "/cards/" + card.id() + "/structure?select=" + page.select() + "&view=" + page.view());
        return "structure/page";
    }

    static Id id(String text) {
        if (!text.matches(Id.PATTERN)) {
            throw new RefusedException("piece", "there is no such piece");
        }
        return new Id(text);
    }
}
