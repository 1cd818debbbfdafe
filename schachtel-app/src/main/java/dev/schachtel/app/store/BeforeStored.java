package dev.schachtel.app.store;

import dev.schachtel.core.card.CardSpec;

/** What must have worked on a changed card before it is stored: a card that takes the program down is not there afterwards. */
public interface BeforeStored {
    /** Whatever it throws, the card stays as it was. */
    void see(CardSpec changed);
}
