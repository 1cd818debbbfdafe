package dev.schachtel.app.measuring;

import java.util.Map;

import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriComponentsBuilder;

import dev.schachtel.app.frame.Download;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.edit.MeasureEdit;
import dev.schachtel.core.material.Measured;
import dev.schachtel.core.material.Method;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.print.TestStrips;

/** Ten pieces of one way of cutting or laying are measured, one after the other. */
@Controller
@RequestMapping("/log/measure")
public class MeasureController {
    private final Workshops workshops;
    private final MeasureDesk desk;

    MeasureController(Workshops workshops, MeasureDesk desk) {
        this.workshops = workshops;
        this.desk = desk;
    }

    /**
     * What was typed.
     *
     * @param asked how large the piece should be
     * @param got how large it is
     * @param sure whether it holds however far off it is
     */
    public record Typed(String way, String asked, String got, Boolean sure) {
        public Typed {
            way = way == null || way.isBlank() ? "trimmer" : way;
            asked = asked == null ? "" : asked;
            got = got == null ? "" : got;
            sure = Boolean.TRUE.equals(sure);
        }

        Method known() {
            for (Method w : Method.values()) {
                if (Scalars.kebab(w.name()).equals(way)) {
                    return w;
                }
            }
            throw new RefusedException("way", "is no way of cutting or laying");
        }
    }

    @GetMapping
    String page(@ModelAttribute Typed typed, Model model) {
        model.addAttribute("v", desk.view(workshops.now(), typed.known(), typed));
        return "measuring/page";
    }

    /** Puts a piece down; one that is very far off is asked about first. */
    @PostMapping
    String add(@ModelAttribute Typed typed) {
        MeasureEdit edit = new MeasureEdit(workshops.now(), typed.known());
        Measured piece = edit.read(typed.asked(), typed.got());
        if (edit.isDoubtful(piece) && !typed.sure()) {
            return here(typed, typed.got());
        }
        workshops.change(w -> new MeasureEdit(w, piece.way()).add(piece));
        return here(typed, "");
    }

    @PostMapping("/undo")
    String undo(@ModelAttribute Typed typed) {
        Method way = typed.known();
        workshops.change(w -> new MeasureEdit(w, way).undo());
        return here(typed, "");
    }

    /** By the book again. */
    @PostMapping("/forget")
    String forget(@ModelAttribute Typed typed) {
        Method way = typed.known();
        workshops.change(w -> new MeasureEdit(w, way).forget());
        return here(typed, "");
    }

    /** Whether trimmer programs set the stop by what was measured. */
    @PostMapping("/offset")
    String offset(@ModelAttribute Typed typed, @RequestParam boolean on) {
        workshops.change(w -> w.with(w.sheets(), w.rolls(), w.tools().offset(on)));
        return here(typed, "");
    }

    @GetMapping("/strips.pdf")
    ResponseEntity<byte[]> strips() {
        return Download.of("test-strips.pdf", MediaType.APPLICATION_PDF, TestStrips.pdf(Units.MM));
    }

    private static String here(Typed typed, String got) {
        UriComponentsBuilder to = UriComponentsBuilder.fromPath("/log/measure").queryParam("way", typed.way());
        if (!typed.asked().isBlank()) {
            to.queryParam("asked", "{asked}");
        }
        if (!got.isBlank()) {
            to.queryParam("got", "{got}");
        }
        return "redirect:"
                + to.buildAndExpand(Map.of("asked", typed.asked(), "got", got))
                        .encode()
                        .toUriString();
    }
}
