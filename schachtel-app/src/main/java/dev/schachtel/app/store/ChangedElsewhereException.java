package dev.schachtel.app.store;

/** Somebody changed the card in between; the change asked for was kept aside as a revision of its own. */
public final class ChangedElsewhereException extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final long card;
    private final long aside;

    ChangedElsewhereException(long card, long aside) {
        super("card " + card + " was changed elsewhere; this change is kept as revision " + aside);
        this.card = card;
        this.aside = aside;
    }

    public long card() {
        return card;
    }

    public long aside() {
        return aside;
    }
}
