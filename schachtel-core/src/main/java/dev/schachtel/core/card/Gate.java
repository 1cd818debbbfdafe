package dev.schachtel.core.card;

import java.util.List;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A middle with a flap at each side, which meet or overlap in front of it. */
@Kind(value = "gate", title = "Gate card", about = "Two flaps close in front of a middle, like a gate.")
public record Gate(
        @Asked(value = "Width, closed", min = "25 mm", max = "600 mm") Length width,
        @Asked(value = "Height, closed", min = "25 mm", max = "600 mm") Length height,
        @Asked(value = "Flaps", initial = "meeting") Closing closing,
        @Asked(value = "Gap where they meet", initial = "0.8 mm", min = "0 mm", max = "100 mm", pull = Pull.FLAP_GAP)
                Length gap,
        @Asked(value = "Overlap", initial = "12 mm", inches = "1/2 in", min = "0 mm", max = "300 mm") Length overlap,
        @Asked(value = "Left flap, %", initial = "50", min = "5", max = "95", pull = Pull.FLAP_SHARE) int leftShare,
        @Asked(value = "Left flap, lower by", initial = "0 mm", min = "0 mm", max = "500 mm", pull = Pull.FLAP_LOWER)
                Length leftLower,
        @Asked(value = "Right flap, lower by", initial = "0 mm", min = "0 mm", max = "500 mm", pull = Pull.FLAP_LOWER)
                Length rightLower,
        @Asked(value = "Edge of the left flap", initial = "straight") Edge edge,
        @Asked(value = "Edge of the right flap", initial = "straight") Edge rightEdge,
        @Asked(value = "Edge, deep", initial = "5 mm", inches = "3/16 in", min = "0.5 mm", max = "60 mm")
                Length edgeDepth,
        @Asked(value = "Card", initial = "slate-300", from = Asked.Choice.CARD) MaterialId card)
        implements Base {
    /** The left flap; it closes last when the flaps overlap. */
    public static final Id LEFT = new Id("left-flap");
    /** The right flap. */
    public static final Id RIGHT = new Id("right-flap");

    /** How the flaps come together. */
    public enum Closing {
        MEETING,
        OVERLAPPING
    }

    /** How the free edge of a flap is cut; its crease side stays whole. */
    public enum Edge {
        STRAIGHT,
        SCALLOPED
    }

    @Override
    public List<Id> faces() {
        return List.of(LEFT, RIGHT, Id.INSIDE);
    }

    @Override
    public List<Id> reverses() {
        return List.of(Id.OUTSIDE_BACK);
    }
}
