package dev.schachtel.core.card;

import java.time.LocalDate;
import java.util.Optional;

import dev.schachtel.core.material.MaterialId;

/** Who it is for, how many, by when, and how it gets there. */
public record Brief(
        @Asked(value = "For whom", initial = " ") String recipient,
        @Asked(value = "Occasion", initial = " ") String occasion,
        @Asked(value = "Cards", initial = "1", min = "1", max = "500") int cards,
        @Asked(value = "Spares of each small part", initial = "0", min = "0", max = "100") int spares,
        @Asked(value = "Also spares of what easily goes wrong", initial = "false") boolean byRisk,
        @Asked(value = "Posted", initial = "false") boolean posted,
        @Asked(value = "Envelope", initial = "long", from = Asked.Choice.ENVELOPE) MaterialId envelope,
        @Asked(value = "Ready by") Optional<LocalDate> due,
        @Asked(value = "Goes to a child under three", initial = "false") boolean smallChild,
        @Asked(value = "Makers", initial = "1", min = "1", max = "12") int makers,
        @Asked(value = "Cards at a time (0 for the fastest)", initial = "0", min = "0", max = "500") int together) {
    public static final Brief PLAIN =
            new Brief("", "", 1, 0, false, false, new MaterialId("long"), Optional.empty(), false, 1, 0);

    /** For somebody else. */
    public Brief madeFor(String who, String what) {
        return new Brief(who, what, cards, spares, byRisk, posted, envelope, due, smallChild, makers, together);
    }
}
