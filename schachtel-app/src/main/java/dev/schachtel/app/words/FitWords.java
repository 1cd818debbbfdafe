package dev.schachtel.app.words;

import org.springframework.stereotype.Component;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.design.WhatHelps;

/** What must suit on a card, and what helps, in words. Answers are safe HTML. */
@Component
public class FitWords {
    private final Wording wording;

    FitWords(Wording wording) {
        this.wording = wording;
    }

    public String fit(Fit fit, Build build) {
        String part = build.part(fit.part()).map(Part::name).orElse("it");
        String said =
                wording.named("fit." + Wording.low(fit.sort().name()), piece(fit.owner()), "the " + inSentence(part));
        return said.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + said.substring(1);
    }

    /** A verb, and what it is done to. */
    public String step(WhatHelps.Step step, Build build) {
        if (step instanceof WhatHelps.Step.Placed placed) {
            return wording.named("help.placed." + Wording.low(placed.how().name()));
        }
        if (step instanceof WhatHelps.Step.Cut cut) {
            String part = build.part(cut.part()).map(Part::name).orElse("part");
            return wording.named("help.cut." + Wording.low(cut.how().name()), inSentence(part));
        }
        WhatHelps.Step.Changed changed = (WhatHelps.Step.Changed) step;
        String said = wording.remedy(changed.remedy(), build.spec().units());
        return changed.owner().equals(Id.BASE) ? said : said + ": " + piece(changed.owner());
    }

    private static String piece(Id id) {
        return id.equals(Id.BASE) ? "the card" : "“" + id.value().replace('-', ' ') + "”";
    }

    private static String inSentence(String name) {
        return name.substring(0, 1).toLowerCase(java.util.Locale.ROOT) + name.substring(1);
    }
}
