package dev.schachtel.app.people;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.stream.Stream;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The copies of everything that were made before a dangerous act. They keep what is erased. */
@Component
class Copies {
    private final String folder;

    Copies(@Value("${schachtel.copies:}") String folder) {
        this.folder = folder;
    }

    /** The days on which they were made, the oldest first; none where nobody knows of a folder. */
    List<LocalDate> days() {
        if (folder.isBlank() || !Files.isDirectory(Path.of(folder))) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(Path.of(folder))) {
            return files.filter(f -> f.toString().endsWith(".sql"))
                    .map(f -> LocalDate.ofInstant(
                            Instant.ofEpochMilli(f.toFile().lastModified()), ZoneId.systemDefault()))
                    .sorted()
                    .toList();
        } catch (IOException unreadable) {
            return List.of();
        }
    }

    String folder() {
        return folder;
    }
}
