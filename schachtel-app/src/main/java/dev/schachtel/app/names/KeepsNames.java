package dev.schachtel.app.names;

/** Keeps texts in which somebody's name may stand. */
public interface KeepsNames {
    /**
     * Gives every text in which the name may stand to {@link Erasing}, and keeps what comes back where {@link Erasing#isMeant}: else it
     * is only looked at. One after the other, so that very many take no more memory than one.
     */
    void erase(Erasing erasing);
}
