package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A ribbon across a sheet from edge to edge, with a bow on it or without. */
@Kind(
        value = "ribbon",
        title = "Ribbon",
        about = "A ribbon from edge to edge, its ends behind the sheet, with a bow if you like.")
public record RibbonAcross(
        Id id,
        @Asked(value = "Lies on", initial = "panel", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Ribbon kind", initial = "ribbon-10", from = Asked.Choice.RIBBON) MaterialId ribbon,
        @Asked(value = "Middle, from the foot", initial = "25 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up,
        @Asked(value = "Each end behind", initial = "0 mm", min = "0 mm", max = "100 mm") Length behind,
        @Asked(value = "Bow", initial = "false") boolean bow,
        @Asked(value = "Bow, from the left", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                Length across,
        @Asked(value = "Held by", initial = "glue", from = Asked.Choice.ADHESIVE) MaterialId fixing)
        implements Element {}
