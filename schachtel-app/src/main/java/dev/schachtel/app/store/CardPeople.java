package dev.schachtel.app.store;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import dev.schachtel.core.log.Acquaintance;
import dev.schachtel.core.model.Json;
import dev.schachtel.core.model.RefusedException;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Whom cards are made for, in every revision. */
@Component
public class CardPeople {
    private static final String BRIEF = "brief";
    private static final String RECIPIENT = "recipient";
    private static final String OCCASION = "occasion";
    private final RevisionRepository revisions;

    CardPeople(RevisionRepository revisions) {
        this.revisions = revisions;
    }

    /** Takes a name, as {@link Acquaintance#same} gives it, out of all revisions of all cards. */
    @Transactional
    public void erase(String name) {
        for (RevisionEntity revision : revisions.findAllBySpecContaining("\"" + RECIPIENT + "\"")) {
            String without = without(revision.spec(), name);
            if (!without.equals(revision.spec())) {
                revision.rewrite(without, revision.createdAt());
                revisions.save(revision);
            }
        }
    }

    /** A card file without a name in its brief; the same text where it isn't there. */
    public static String without(String cardFile, String name) {
        JsonNode file;
        try {
            file = Json.parse(cardFile);
        } catch (RefusedException e) {
            return cardFile;
        }
        boolean there =
                Acquaintance.same(file.path(BRIEF).path(RECIPIENT).asString("")).equals(name);
        if (!there || !(file.get(BRIEF) instanceof ObjectNode brief)) {
            return cardFile;
        }
        brief.put(RECIPIENT, "");
        brief.put(OCCASION, "");
        return Json.write(file);
    }
}
