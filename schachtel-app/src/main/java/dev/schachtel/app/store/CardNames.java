package dev.schachtel.app.store;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

import dev.schachtel.app.names.Erasing;
import dev.schachtel.app.names.KeepsNames;

/** Names in cards: in every state that they ever had, in what changed them, and in what they are called. */
@Component
class CardNames implements KeepsNames {
    private static final String STATES = "A card, or an earlier state of one";
    private static final String CALLED = "What a card or its set is called";
    private static final String ABOUT = "What a change of a card is called";
    private static final int LONGEST = 200;
    /** States of a card read at a time; to show what would be erased the newest are enough: a long life has very many that are alike. */
    private static final int AT_A_TIME = 200;

    private final RevisionRepository revisions;
    private final CardRepository cards;
    private final JdbcTemplate database;

    CardNames(RevisionRepository revisions, CardRepository cards, JdbcTemplate database) {
        this.revisions = revisions;
        this.cards = cards;
        this.database = database;
    }

    /** Each card is locked before it is looked at: a change that somebody makes meanwhile waits, and none is lost. */
    @Override
    public void erase(Erasing erasing) {
        Set<Long> with = new TreeSet<>(revisions.cardsWith(erasing.word()));
        with.addAll(cards.with(erasing.word()));
        for (long id : with) {
            cards.lock(id).ifPresent(card -> erase(card, erasing));
        }
    }

    private void erase(CardEntity card, Erasing erasing) {
        List<Long> states = revisions.with(card.id(), erasing.word());
        int read = erasing.isMeant() ? states.size() : Math.min(AT_A_TIME, states.size());
        erasing.unread(states.size() - read);
        for (int i = 0; i < read; i += AT_A_TIME) {
            erase(revisions.texts(states.subList(i, Math.min(read, i + AT_A_TIME))), erasing);
        }
        String name = erasing.text(CALLED, card.name(), LONGEST);
        String set = erasing.text(CALLED, card.setName(), LONGEST);
        if (erasing.isMeant()) {
            card.call(name, set);
        }
    }

    private void erase(List<RevisionRepository.Texts> states, Erasing erasing) {
        List<Object[]> others = new ArrayList<>();
        for (RevisionRepository.Texts old : states) {
            String spec = erasing.card(STATES, old.spec());
            String about = erasing.text(ABOUT, old.about(), LONGEST);
            if (!(spec.equals(old.spec()) && about.equals(old.about()))) {
                others.add(new Object[] {spec, about, old.id()});
            }
        }
        if (erasing.isMeant()) {
            database.batchUpdate("update revision set spec = ?, about = ? where id = ?", others);
        }
    }
}
