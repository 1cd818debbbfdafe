package dev.schachtel.core.files;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

import dev.schachtel.core.material.Picture;
import dev.schachtel.core.outlines.PictureFile;

/** The pictures that a new installation starts with: the funicular's hill, one SVG file each. */
public final class StandardPictures {
    private static final List<Picture> ALL = new String(bytes("pictures.txt"), StandardCharsets.UTF_8)
            .lines()
            .map(name -> PictureFile.read(svg(name), name))
            .toList();

    private StandardPictures() {}

    public static List<Picture> all() {
        return ALL;
    }

    /** The file of one of them, by its name. */
    static byte[] svg(String name) {
        return bytes("pictures/" + name + ".svg");
    }

    private static byte[] bytes(String file) {
        try (InputStream in = StandardPictures.class.getResourceAsStream(file)) {
            if (in == null) {
                throw new IllegalStateException(file + " is missing beside " + StandardPictures.class);
            }
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
