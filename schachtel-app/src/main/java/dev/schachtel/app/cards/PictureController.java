package dev.schachtel.app.cards;

import java.time.Duration;

import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

import dev.schachtel.app.store.NoSuchCardException;

/** Pictures of cards as files. */
@Controller
class PictureController {
    private final Tiles tiles;

    PictureController(Tiles tiles) {
        this.tiles = tiles;
    }

    /** The card as the home page shows it. The address holds a stamp of what is seen, so that it may be kept. */
    @GetMapping("/cards/{id}/picture.svg")
    ResponseEntity<String> picture(@PathVariable long id) {
        return tiles.picture(id)
                .map(svg -> ResponseEntity.ok()
                        .contentType(MediaType.valueOf("image/svg+xml"))
                        .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
                        .body(svg))
                .orElseThrow(() -> new NoSuchCardException(id));
    }
}
