package dev.schachtel.app.scene;

import java.io.IOException;
import java.nio.charset.StandardCharsets;

import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

import dev.schachtel.app.frame.Download;
import dev.schachtel.app.scene.SceneController.Place;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.edit.BoxEdit;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.outlines.PictureFile;
import dev.schachtel.core.render.PictureSvg;

/** The picture box, beside the card that is being decorated; what is changed is changed for all cards. */
@Controller
@RequestMapping("/cards/{id}/decorate/pictures")
class BoxController {
    private final Workshops workshops;
    private final CardService cards;

    BoxController(Workshops workshops, CardService cards) {
        this.workshops = workshops;
        this.cards = cards;
    }

    /** A picture from a file goes into the box. */
    @PostMapping
    String read(@PathVariable long id, @RequestParam MultipartFile file, @ModelAttribute Place place)
            throws IOException {
        String said = file.getOriginalFilename();
        String name = said == null ? "" : said.replaceAll("\\.[^.]*$", "");
        Picture read = PictureFile.read(file.getBytes(), name.isBlank() ? "Picture" : name);
        workshops.change(w -> w.pictured(new BoxEdit(w.pictures()).put(read)));
        return back(id, place, read.id().value());
    }

    /** One thing about a picture as it was typed. */
    @PostMapping("/set")
    String set(
            @PathVariable long id,
            @ModelAttribute Place place,
            @RequestParam String what,
            @RequestParam(defaultValue = "") String value) {
        MaterialId picture = place.picked();
        workshops.change(w -> {
            BoxEdit box = new BoxEdit(w.pictures());
            return w.pictured(what.equals("height") ? box.sized(picture, value) : box.set(picture, what, value));
        });
        return back(id, place, picture.value());
    }

    /** The name and colour of one of its areas. */
    @PostMapping("/region")
    String region(
            @PathVariable long id,
            @ModelAttribute Place place,
            @RequestParam(defaultValue = "-1") int number,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String colour) {
        MaterialId picture = place.picked();
        if (!colour.matches(Colour.PATTERN)) {
            throw new RefusedException("colour", "must be like #2f6b4f");
        }
        workshops.change(
                w -> w.pictured(new BoxEdit(w.pictures()).region(picture, number, name, Colour.parse(colour))));
        return back(id, place, picture.value());
    }

    /** Takes a picture out of the box unless this card has it. */
    @PostMapping("/remove")
    String remove(@PathVariable long id, @ModelAttribute Place place) {
        MaterialId picture = place.picked();
        if (BoxEdit.isUsed(picture, cards.load(id).spec())) {
            throw new RefusedException("picture", "is on this card; take it off the card first");
        }
        workshops.change(w -> w.pictured(new BoxEdit(w.pictures()).remove(picture)));
        return back(id, place, "");
    }

    /** A picture of the box as a file. */
    @GetMapping("/{picture}.svg")
    ResponseEntity<byte[]> file(@PathVariable long id, @PathVariable String picture) {
        MaterialId asked = new Place("", picture).picked();
        Picture found = workshops
                .now()
                .picture(asked)
                .orElseThrow(() -> new RefusedException(asked.value(), "is not in the box"));
        return Download.of(
                found.name() + ".svg",
                MediaType.parseMediaType("image/svg+xml"),
                PictureSvg.write(found).getBytes(StandardCharsets.UTF_8));
    }

    private static String back(long id, Place place, String pick) {
        return "redirect:/cards/" + id + "/decorate?on=" + place.on() + "&pick=" + pick;
    }
}
