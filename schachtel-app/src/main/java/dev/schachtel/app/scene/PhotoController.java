package dev.schachtel.app.scene;

import java.io.IOException;

import org.springframework.http.CacheControl;
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

import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.scene.SceneController.Place;
import dev.schachtel.app.store.CardService;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.images.PhotoImage;

/** The photo of a layout, kept with its card. */
@Controller
@RequestMapping("/cards/{id}/decorate/photo")
class PhotoController {
    private final CardService cards;
    private final Plans plans;
    private final Photos photos;

    PhotoController(CardService cards, Plans plans, Photos photos) {
        this.cards = cards;
        this.plans = plans;
        this.photos = photos;
    }

    @PostMapping
    String keep(@PathVariable long id, @RequestParam MultipartFile file, @ModelAttribute Place place)
            throws IOException {
        Id face = face(id, place);
        photos.keep(id, face, PhotoImage.kept(file.getBytes()));
        return back(id, face);
    }

    @PostMapping("/turn")
    String turn(@PathVariable long id, @ModelAttribute Place place) {
        Id face = face(id, place);
        photos.change(id, face, PhotoImage::turned);
        return back(id, face);
    }

    @PostMapping("/remove")
    String remove(@PathVariable long id, @ModelAttribute Place place) {
        Id face = face(id, place);
        photos.forget(id, face);
        return back(id, face);
    }

    /** The photo itself; its address changes with it, so that it may be kept by the browser. */
    @GetMapping(produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> photo(@PathVariable long id, @ModelAttribute Place place) {
        return photos.jpeg(id, face(id, place))
                .map(jpeg -> ResponseEntity.ok()
                        .contentType(MediaType.IMAGE_JPEG)
                        .cacheControl(CacheControl.noCache().cachePrivate())
                        .body(jpeg))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    private Id face(long id, Place place) {
        return SceneDesk.face(plans.of(cards.load(id).spec()), place.on());
    }

    private static String back(long id, Id face) {
        return "redirect:/cards/" + id + "/decorate?on=" + face;
    }
}
