package dev.schachtel.app.supplies;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.edit.StockEdit;
import dev.schachtel.core.material.Die;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.print.StockCsv;

/** The Stock page: what is in the drawer, what a card takes of it, what to buy. */
@Controller
@RequestMapping("/stock")
public class StockController {
    private static final int LARGEST = 2 * 1024 * 1024;
    private final Workshops workshops;
    private final StockDesk drawer;

    StockController(Workshops workshops, StockDesk drawer) {
        this.workshops = workshops;
        this.drawer = drawer;
    }

    @GetMapping
    String page(@RequestParam Optional<Long> card, Model model) {
        return show(card, model);
    }

    private String show(Optional<Long> card, Model model) {
        model.addAttribute("v", drawer.view(workshops.now(), card));
        model.addAttribute("aside", workshops.aside());
        model.addAttribute("card", card.map(String::valueOf).orElse(""));
        return "supplies/page";
    }

    @PostMapping("/set")
    String set(
            @RequestParam String id,
            @RequestParam String component,
            @RequestParam String value,
            @RequestParam Optional<Long> card,
            Model model) {
        workshops.change(w -> edit(w).set(StockEdit.id(id), component, value));
        show(card, model);
        return "supplies/changed";
    }

    @PostMapping("/sheets")
    String sheet(
            @RequestParam String material,
            @RequestParam String width,
            @RequestParam String height,
            @RequestParam(defaultValue = "shop") String origin,
            @RequestParam Optional<Long> card) {
        Sheet.Origin from = origin.equals("offcut") ? Sheet.Origin.OFFCUT : Sheet.Origin.SHOP;
        workshops.change(w -> edit(w).addSheet(StockEdit.id(material), width, height, from));
        return back(card);
    }

    @PostMapping("/rolls")
    String roll(
            @RequestParam String material,
            @RequestParam String width,
            @RequestParam String full,
            @RequestParam Optional<Long> card) {
        workshops.change(w -> edit(w).addRoll(StockEdit.id(material), width, full));
        return back(card);
    }

    @PostMapping("/dies")
    String die(
            @RequestParam Die.Shape shape,
            @RequestParam String width,
            @RequestParam(defaultValue = "") String height,
            @RequestParam(defaultValue = "") String set,
            @RequestParam Optional<Long> card) {
        workshops.change(w -> edit(w).addDie(shape, width, height, set));
        return back(card);
    }

    @PostMapping("/remove")
    String remove(@RequestParam String id, @RequestParam Optional<Long> card) {
        workshops.change(w -> edit(w).remove(StockEdit.id(id)));
        return back(card);
    }

    @GetMapping("/stock.csv")
    ResponseEntity<byte[]> csv() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("stock.csv")
                                .build()
                                .toString())
                .body(StockCsv.write(workshops.now()).getBytes(StandardCharsets.UTF_8));
    }

    @PostMapping("/import")
    String read(@RequestParam MultipartFile file) throws IOException {
        if (file.getSize() > LARGEST) {
            throw new RefusedException("list", "is larger than 2 MB");
        }
        String text = new String(file.getBytes(), StandardCharsets.UTF_8);
        workshops.change(w -> StockCsv.read(text, w));
        return "redirect:/stock";
    }

    private static StockEdit edit(Workshop workshop) {
        return StockEdit.of(workshop, Units.MM);
    }

    private static String back(Optional<Long> card) {
        return "redirect:/stock" + card.map(c -> "?card=" + c).orElse("");
    }
}
