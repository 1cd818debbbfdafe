package dev.schachtel.app.log;

import java.util.Optional;

import org.springframework.stereotype.Component;

import dev.schachtel.app.words.Wording;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.print.LogPdf;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.SvgWriter;

/** Builds of the log as pictures and as pages to print. */
@Component
class DrawnBuilds {
    private final Logbook log;
    private final Wording words;

    DrawnBuilds(Logbook log, Wording words) {
        this.log = log;
        this.words = words;
    }

    /** The front of the card as it was built, as SVG for a page; empty for a build without its card. */
    Optional<String> front(Logbook.Kept kept) {
        return kept.card().map(c -> SvgWriter.write(Views.FRONT.of(built(c), Id.BASE), Look.picture(150, 190)));
    }

    byte[] page(Logbook.Kept kept) {
        return LogPdf.write(
                kept.entry(),
                kept.card().map(this::built),
                kept.card().map(CardSpec::units).orElse(Units.MM),
                work -> PaceDesk.kind(work).map(words::name).orElse(work));
    }

    private Build built(CardSpec card) {
        return Engineering.engineer(card, log.workshops().now());
    }
}
