package dev.schachtel.app.supplies;

import java.io.IOException;
import java.util.Optional;

import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.util.UriComponentsBuilder;

import dev.schachtel.app.frame.Download;
import dev.schachtel.app.frame.Uploaded;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.edit.StockEdit;
import dev.schachtel.core.material.Die;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.print.StockCsv;

import jakarta.servlet.http.HttpServletResponse;

/** The Stock page: what is in the drawer, what a card takes of it, what to buy. */
@Controller
@RequestMapping("/stock")
public class StockController {
    private static final int LARGEST = 2 * 1024 * 1024;
    private final Workshops workshops;
    private final StockDesk desk;
    private final Shorts shorts;

    StockController(Workshops workshops, StockDesk desk, Shorts shorts) {
        this.workshops = workshops;
        this.desk = desk;
        this.shorts = shorts;
    }

    /** What the page shows: a part of it, one material picked, and the card it is looked at against. */
    public record Seen(String part, String pick, Optional<Long> card) {
        public Seen {
            part = part == null ? "" : part;
            pick = pick == null ? "" : pick;
        }

        StockDesk.Look look() {
            return new StockDesk.Look(StockView.Part.of(part), pick, card);
        }

        /** The page with this looked at. */
        public String to(String what, String material) {
            return "/stock" + query(what, material);
        }

        public String query(String what, String material) {
            UriComponentsBuilder to = UriComponentsBuilder.newInstance()
                    .queryParam("part", StockView.Part.of(what).word());
            if (material.matches(MaterialId.PATTERN)) {
                to.queryParam("pick", material);
            }
            card.ifPresent(c -> to.queryParam("card", c));
            return to.toUriString();
        }

        String address() {
            return to(part, pick);
        }
    }

    @GetMapping
    String page(@ModelAttribute Seen seen, Model model) {
        model.addAttribute("v", desk.view(workshops.now(), seen.look()));
        model.addAttribute("seen", seen);
        model.addAttribute("aside", workshops.aside());
        model.addAttribute("lost", workshops.isLost());
        return "supplies/page";
    }

    /** What runs short; it takes a plan of every card, and tells what is known so far. */
    @GetMapping("/short")
    String runsShort(@ModelAttribute Seen seen, Model model) {
        model.addAttribute("shorts", shorts.in(workshops.now()));
        model.addAttribute("seen", seen);
        return "supplies/short";
    }

    /** One value of one entry as it was typed, or to be counted up or down. */
    record Typed(String id, String component, String value, Integer nudge) {
        Typed {
            id = id == null ? "" : id;
            component = component == null ? "" : component;
            value = value == null ? "" : value;
        }

        String meant() {
            return nudge != null && value.matches("\\d{1,6}")
                    ? "" + Math.max(0, Integer.parseInt(value) + Integer.signum(nudge))
                    : value;
        }
    }

    /** What is refused is said beside the field; what is taken shows the whole page anew. */
    @PostMapping("/set")
    String set(
            @ModelAttribute Seen seen,
            @ModelAttribute Typed typed,
            @RequestHeader(name = "HX-Request", required = false) String part,
            HttpServletResponse response,
            Model model) {
        workshops.change(w -> edit(w).set(StockEdit.id(typed.id()), typed.component(), typed.meant()));
        if (part == null) {
            return "redirect:" + seen.address();
        }
        response.setHeader("HX-Retarget", "#page");
        response.setHeader("HX-Reselect", "#page");
        response.setHeader("HX-Reswap", "outerHTML");
        return page(seen, model);
    }

    @PostMapping("/sheets")
    String sheet(
            @RequestParam String material,
            @RequestParam String width,
            @RequestParam String height,
            @RequestParam(defaultValue = "shop") String origin,
            @ModelAttribute Seen seen) {
        Sheet.Origin from = origin.equals("offcut") ? Sheet.Origin.OFFCUT : Sheet.Origin.SHOP;
        workshops.change(w -> edit(w).addSheet(StockEdit.id(material), width, height, from));
        return "redirect:" + seen.address();
    }

    @PostMapping("/rolls")
    String roll(
            @RequestParam String material,
            @RequestParam String width,
            @RequestParam String full,
            @ModelAttribute Seen seen) {
        workshops.change(w -> edit(w).addRoll(StockEdit.id(material), width, full));
        return "redirect:" + seen.address();
    }

    /** A new sort of gems and the like, as it was typed. */
    record Fresh(String name, Embellishment.Sort sort, String width, String height, String colour) {
        Fresh {
            name = name == null ? "" : name;
            sort = sort == null ? Embellishment.Sort.GEM : sort;
            width = width == null ? "" : width;
            height = height == null ? "" : height;
            colour = colour == null ? "" : colour;
        }
    }

    @PostMapping("/embellishments")
    String embellishment(@ModelAttribute Fresh fresh, @ModelAttribute Seen seen) {
        workshops.change(
                w -> edit(w).addEmbellishment(fresh.name, fresh.sort, fresh.width, fresh.height, fresh.colour));
        return "redirect:" + seen.address();
    }

    @PostMapping("/dies")
    String die(
            @RequestParam Die.Shape shape,
            @RequestParam String width,
            @RequestParam(defaultValue = "") String height,
            @RequestParam(defaultValue = "") String set,
            @ModelAttribute Seen seen) {
        workshops.change(w -> edit(w).addDie(shape, width, height, set));
        return "redirect:" + seen.address();
    }

    @PostMapping("/remove")
    String remove(@RequestParam String id, @ModelAttribute Seen seen) {
        workshops.change(w -> edit(w).remove(StockEdit.id(id)));
        return "redirect:" + seen.address();
    }

    @GetMapping("/stock.csv")
    ResponseEntity<byte[]> csv() {
        return Download.of(
                "stock.csv", MediaType.parseMediaType("text/csv;charset=UTF-8"), StockCsv.write(workshops.now()));
    }

    @PostMapping("/import")
    String read(@RequestParam MultipartFile file) throws IOException {
        if (file.getSize() > LARGEST) {
            throw new RefusedException("list", "is larger than 2 MB");
        }
        String text = Uploaded.text(file.getBytes(), "list");
        workshops.change(w -> StockCsv.read(text, w));
        return "redirect:/stock";
    }

    private static StockEdit edit(Workshop workshop) {
        return StockEdit.of(workshop, Units.MM);
    }
}
