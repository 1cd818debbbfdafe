package dev.schachtel.app.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.material.Workshop;

/** The card files that come with the program, in the order of their names. */
public final class DemoCards {
    private DemoCards() {}

    /** Cards that work. */
    public static List<CardSpec> good(Workshop workshop) {
        return read("classpath*:demo/*.json", workshop);
    }

    /** Cards that each show a fault. */
    public static List<CardSpec> bad(Workshop workshop) {
        return read("classpath*:demo/bad/*.json", workshop);
    }

    private static List<CardSpec> read(String pattern, Workshop workshop) {
        try {
            Resource[] files = new PathMatchingResourcePatternResolver().getResources(pattern);
            Arrays.sort(files, Comparator.comparing(Resource::getFilename));
            List<CardSpec> cards = new ArrayList<>();
            for (Resource file : files) {
                cards.add(CardFile.read(file.getContentAsString(StandardCharsets.UTF_8), workshop));
            }
            return cards;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
