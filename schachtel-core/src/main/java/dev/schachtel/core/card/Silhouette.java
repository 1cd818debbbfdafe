package dev.schachtel.core.card;

import dev.schachtel.core.measure.Length;

/** The outline of a shaped card. */
public sealed interface Silhouette
        permits Silhouette.Ticket,
                Silhouette.Arch,
                Silhouette.Pennant,
                Silhouette.House,
                Silhouette.Lantern,
                Silhouette.Own {
    /** Overall width. */
    Length width();

    /** Overall height. */
    Length height();

    /** Corners bitten out. */
    @Kind(value = "ticket", title = "Ticket")
    record Ticket(
            @Asked(value = "Width", initial = "90 mm", inches = "3 1/2 in", min = "25 mm", max = "600 mm") Length width,
            @Asked(value = "Height", initial = "140 mm", inches = "5 1/2 in", min = "25 mm", max = "600 mm")
                    Length height)
            implements Silhouette {}

    /** A half circle on top. */
    @Kind(value = "arch", title = "Arch")
    record Arch(
            @Asked(value = "Width", initial = "90 mm", inches = "3 1/2 in", min = "25 mm", max = "600 mm") Length width,
            @Asked(value = "Height", initial = "140 mm", inches = "5 1/2 in", min = "25 mm", max = "600 mm")
                    Length height)
            implements Silhouette {}

    /** A point at the foot. */
    @Kind(value = "pennant", title = "Pennant")
    record Pennant(
            @Asked(value = "Width", initial = "90 mm", inches = "3 1/2 in", min = "25 mm", max = "600 mm") Length width,
            @Asked(value = "Height", initial = "140 mm", inches = "5 1/2 in", min = "25 mm", max = "600 mm")
                    Length height)
            implements Silhouette {}

    /** A wall and a roof. */
    @Kind(value = "house", title = "House")
    record House(
            @Asked(value = "Width", initial = "90 mm", inches = "3 1/2 in", min = "25 mm", max = "600 mm") Length width,
            @Asked(value = "Height", initial = "140 mm", inches = "5 1/2 in", min = "25 mm", max = "600 mm")
                    Length height)
            implements Silhouette {}

    /** Six-sided with a cap. */
    @Kind(value = "lantern", title = "Lantern")
    record Lantern(
            @Asked(value = "Width", initial = "90 mm", inches = "3 1/2 in", min = "25 mm", max = "600 mm") Length width,
            @Asked(value = "Height", initial = "140 mm", inches = "5 1/2 in", min = "25 mm", max = "600 mm")
                    Length height)
            implements Silhouette {}

    /** A closed outline of the maker's own, as SVG path data, scaled to this width and height. */
    @Kind(value = "own", title = "Own outline")
    record Own(
            @Asked(value = "Width", initial = "90 mm", inches = "3 1/2 in", min = "25 mm", max = "600 mm") Length width,
            @Asked(value = "Height", initial = "140 mm", inches = "5 1/2 in", min = "25 mm", max = "600 mm")
                    Length height,
            @Asked(value = "Outline (path data)", initial = "M0 0H90V140H0Z", max = "4000000", coded = true)
                    String path)
            implements Silhouette {}
}
