package dev.schachtel.app.cards;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.multipart.MultipartFile;

import dev.schachtel.app.frame.Download;
import dev.schachtel.app.frame.Uploaded;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.Change;
import dev.schachtel.app.store.Place;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.model.RefusedException;

/** The home page, new cards, and what concerns a card as a whole. */
@Controller
class CardsController {
    private final CardService cards;
    private final Home home;
    private final BaseTiles bases;
    private final Workshops workshops;
    private final Plans plans;

    CardsController(CardService cards, Home home, BaseTiles bases, Workshops workshops, Plans plans) {
        this.bases = bases;
        this.cards = cards;
        this.home = home;
        this.workshops = workshops;
        this.plans = plans;
    }

    /** What is asked of the home page; what was put away just now is named with where it is. */
    record Asked(String sought, String order, String place, @Nullable Long gone, @Nullable Integer from) {
        HomeView.Wish wish() {
            String words = sought == null ? "" : sought;
            return new HomeView.Wish(
                    words.length() > 100 ? words.substring(0, 100) : words,
                    HomeView.Order.of(order == null ? "" : order),
                    Place.of(place == null ? "" : place),
                    from == null ? 0 : Math.max(0, from));
        }
    }

    @GetMapping("/")
    String home(@ModelAttribute Asked asked, Model model) {
        model.addAttribute("v", home.view(asked.wish(), gone(asked)));
        return "cards/home";
    }

    private Optional<HomeView.Gone> gone(Asked asked) {
        return Optional.ofNullable(asked.gone()).flatMap(id -> Stream.of(Place.DELETED, Place.ARCHIVED)
                .flatMap(p ->
                        cards.heads(p).stream().filter(h -> h.id() == id).map(h -> new HomeView.Gone(id, h.name(), p)))
                .findFirst());
    }

    /** Archives, deletes or puts back. */
    @PostMapping("/cards/{id}/put")
    String put(@PathVariable long id, @RequestParam String to) {
        Place place = Place.of(to);
        cards.put(id, place);
        return place == Place.BENCH ? "redirect:/" : "redirect:/?gone=" + id;
    }

    @PostMapping("/cards/{id}/rename")
    String rename(@PathVariable long id, @RequestParam String name) {
        if (name.isBlank()) {
            throw new RefusedException("name", "a card needs a name");
        }
        StoredCard card = cards.load(id);
        cards.change(new Change(id, card.version(), card.revision(), new Change.By("name", ""), s -> CardEdit.of(s)
                .set(new Id("card"), "name", name)));
        return "redirect:/";
    }

    /** A format as its picture: width and height in points at one scale. */
    record Drawn(Format format, int width, int height, String size) {}

    @GetMapping("/new")
    String fresh(Model model) {
        List<Drawn> drawn = Format.USUAL.stream()
                .map(f -> new Drawn(
                        f,
                        (int) (f.width().nanometres() / 2_500_000),
                        (int) (f.height().nanometres() / 2_500_000),
                        f.units().show(f.width()) + " × " + f.units().show(f.height()) + " "
                                + f.units().sign()))
                .toList();
        model.addAttribute("formats", drawn);
        model.addAttribute("bases", bases.all(workshops.now()));
        return "cards/new";
    }

    @PostMapping("/cards")
    String create(@ModelAttribute NewCard wish) {
        return "redirect:/cards/"
                + cards.create(wish.spec(workshops.now()), "new").id() + "/structure";
    }

    /** A card's stored form as it is, for one that can't be read. */
    @GetMapping("/cards/{id}/kept.json")
    ResponseEntity<byte[]> kept(@PathVariable long id) {
        return Download.of("card-" + id + ".json", MediaType.APPLICATION_JSON, cards.kept(id));
    }

    @GetMapping("/cards/{id}")
    String open(@PathVariable long id) {
        return "redirect:/cards/" + cards.load(id).id() + "/structure";
    }

    @PostMapping("/cards/import")
    String read(@RequestParam MultipartFile file) throws IOException {
        CardSpec spec = CardFile.readIncomplete(Uploaded.text(file.getBytes(), "$"));
        plans.affordable(spec);
        return "redirect:/cards/" + cards.create(spec, "read from file").id() + "/structure";
    }

    @PostMapping("/cards/{id}/duplicate")
    String duplicate(@PathVariable long id) {
        return "redirect:/cards/" + cards.duplicate(id).id() + "/structure";
    }

    @PostMapping("/cards/{id}/undo")
    String undo(@PathVariable long id, @RequestParam String back) {
        cards.undo(id);
        return "redirect:" + inside(id, back);
    }

    @PostMapping("/cards/{id}/redo")
    String redo(@PathVariable long id, @RequestParam String back) {
        cards.redo(id);
        return "redirect:" + inside(id, back);
    }

    @PostMapping("/cards/{id}/units")
    String units(@PathVariable long id, @RequestParam String to, @RequestParam String back) {
        StoredCard card = cards.load(id);
        cards.change(new Change(id, card.version(), card.revision(), new Change.By("units", ""), s -> CardEdit.of(s)
                .set(new Id("card"), "units", to)));
        return "redirect:" + inside(id, back);
    }

    /** Only addresses of this card are gone back to. */
    private static String inside(long id, String back) {
        String at = "/cards/" + id + "/";
        return back.startsWith(at) && back.matches("[a-z0-9/?=&-]+") ? back : at + "structure";
    }

    @ExceptionHandler
    @ResponseStatus(HttpStatus.UNPROCESSABLE_CONTENT)
    String refused(RefusedException e, Model model) {
        model.addAttribute("title", "This card file can’t be taken");
        model.addAttribute("where", e.path());
        model.addAttribute("reason", e.reason());
        return "frame/trouble";
    }
}
