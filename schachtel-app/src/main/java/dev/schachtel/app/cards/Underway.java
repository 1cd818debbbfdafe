package dev.schachtel.app.cards;

import java.util.List;

/** Tells the home page what is being made; whoever keeps runs answers it. */
public interface Underway {
    /**
     * A run that is not finished.
     *
     * @param drying what dries now and until when, in words; empty if nothing does
     */
    record Run(String card, String href, String words, String drying) {}

    List<Run> now();
}
