package dev.schachtel.app.log;

import java.io.IOException;

import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

import dev.schachtel.core.images.PhotoImage;
import dev.schachtel.core.model.RefusedException;

/** Photos of a build. */
@Controller
@RequestMapping("/log/{id}/photo")
class LogPhotoController {
    private static final int MOST = 12;
    private final Logbook log;
    private final LogPhotoRepository photos;

    LogPhotoController(Logbook log, LogPhotoRepository photos) {
        this.log = log;
        this.photos = photos;
    }

    @PostMapping
    @Transactional
    public String keep(@PathVariable long id, @RequestParam MultipartFile file) throws IOException {
        log.load(id).orElseThrow(() -> new NoSuchBuildException(id));
        if (photos.countByBuildId(id) >= MOST) {
            throw new RefusedException(
                    "photo", "there are " + MOST + " photos of this build already; remove one first");
        }
        photos.save(new LogPhotoEntity(id, PhotoImage.kept(file.getBytes()), log.now()));
        return "redirect:/log?build=" + id;
    }

    @PostMapping("/remove")
    @Transactional
    public String remove(@PathVariable long id, @RequestParam long photo) {
        photos.deleteByIdAndBuildId(photo, id);
        return "redirect:/log?build=" + id;
    }

    @GetMapping("/{photo}")
    ResponseEntity<byte[]> photo(@PathVariable long id, @PathVariable long photo) {
        return photos.findByIdAndBuildId(photo, id)
                .map(p -> ResponseEntity.ok()
                        .contentType(MediaType.IMAGE_JPEG)
                        .cacheControl(CacheControl.noCache().cachePrivate())
                        .body(p.image()))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }
}
