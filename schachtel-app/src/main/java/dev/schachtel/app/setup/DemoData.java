package dev.schachtel.app.setup;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Comparator;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

import dev.schachtel.app.store.CardService;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.files.CardFile;

/** Loads the demo cards into an empty database, so that the first look shows something. */
@Component
class DemoData implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);
    private final CardService cards;
    private final Workshops workshops;

    DemoData(CardService cards, Workshops workshops) {
        this.cards = cards;
        this.workshops = workshops;
    }

    @Override
    public void run(ApplicationArguments args) throws IOException {
        if (cards.count() > 0) {
            return;
        }
        int loaded = load("classpath*:demo/*.json") + load("classpath*:demo/bad/*.json");
        LOG.info("loaded {} demo cards", loaded);
    }

    private int load(String pattern) throws IOException {
        Resource[] files = new PathMatchingResourcePatternResolver().getResources(pattern);
        Arrays.sort(files, Comparator.comparing(Resource::getFilename));
        for (Resource file : files) {
            String text = file.getContentAsString(StandardCharsets.UTF_8);
            cards.create(CardFile.read(text, workshops.now()), "demo");
        }
        return files.length;
    }
}
