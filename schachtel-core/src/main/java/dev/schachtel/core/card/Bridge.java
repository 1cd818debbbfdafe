package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A strip across an opening or a step, with pieces hanging from it. */
@Kind(value = "bridge", title = "Bridge", about = "A strip across, with pieces that hang from it and swing.")
public record Bridge(
        Id id,
        @Asked(value = "Lies on", initial = "panel", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Opening spanned", initial = "60 mm", inches = "2 1/2 in", min = "5 mm", max = "600 mm")
                Length opening,
        @Asked(value = "Strip high", initial = "10 mm", inches = "3/8 in", min = "3 mm", max = "200 mm") Length height,
        @Asked(value = "Tabs", initial = "12 mm", inches = "1/2 in", min = "3 mm", max = "100 mm") Length tab,
        @Asked(value = "Middle, from the left", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                Length across,
        @Asked(value = "Strip's foot, from the foot", initial = "70 %", min = "-3 m", max = "3 m", pull = Pull.UP)
                Length up,
        @Asked(value = "Hanging pieces", initial = "3", min = "0", max = "40", pull = Pull.HANGING) int pieces,
        @Asked(value = "Piece wide", initial = "10 mm", inches = "3/8 in", min = "2 mm", max = "200 mm")
                Length pieceWidth,
        @Asked(value = "Piece high", initial = "14 mm", inches = "9/16 in", min = "2 mm", max = "300 mm")
                Length pieceHeight,
        @Asked(value = "Drop", initial = "8 mm", inches = "5/16 in", min = "0 mm", max = "300 mm", pull = Pull.DROP)
                Length drop,
        @Asked(value = "Clear at the ends", initial = "5 mm", inches = "3/16 in", min = "0 mm", max = "100 mm")
                Length edge,
        @Asked(value = "Thread kind", initial = "thread", from = Asked.Choice.THREAD) MaterialId thread,
        @Asked(value = "Strip card", initial = "slate-300", from = Asked.Choice.CARD) MaterialId card,
        @Asked(value = "Piece card", initial = "damson-300", from = Asked.Choice.CARD) MaterialId pieceCard,
        @Asked(value = "Held by", initial = "tape", from = Asked.Choice.ADHESIVE, pull = Pull.ADHESIVE)
                MaterialId fixing)
        implements Feature, Carrier {}
