package dev.schachtel.core.card;

import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;

/** How an area of a picture should look on this card, whatever the picture itself says. */
public record Aim(
        @Asked("Picture") MaterialId picture,
        @Asked(value = "Area", coded = true) String region,
        @Asked("Looks") Wanted wanted) {
    /** What it should look like. */
    public sealed interface Wanted permits Wanted.Plain, Wanted.LikePaper, Wanted.LikeSheet {
        /** Of a colour. */
        @Kind(value = "colour", title = "a colour")
        record Plain(@Asked(value = "Colour", initial = "#587187") Colour colour) implements Wanted {}

        /** As a paper is. */
        @Kind(value = "paper", title = "like a paper")
        record LikePaper(@Asked(value = "Paper", initial = "cream-300", from = Asked.Choice.CARD) MaterialId paper)
                implements Wanted {}

        /** As a sheet of this card looks when it is inked. */
        @Kind(value = "sheet", title = "like a sheet of this card")
        record LikeSheet(@Asked(value = "Sheet", initial = "panel", from = Asked.Choice.PIECE) Id sheet)
                implements Wanted {}
    }

    /** Whether it is about this area. */
    public boolean isAbout(MaterialId of, String area) {
        return picture.equals(of) && region.equals(area);
    }
}
