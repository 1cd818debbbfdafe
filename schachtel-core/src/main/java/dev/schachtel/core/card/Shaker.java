package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** Film behind a window and a closed foam dam round it, holding a filling. */
@Kind(
        value = "shaker",
        title = "Shaker",
        about = "Film behind a window, a foam dam round it, and something that tumbles.")
public record Shaker(
        Id id,
        @Asked(value = "Behind the window", initial = "window", from = Asked.Choice.WINDOW) Id window,
        @Asked(
                        value = "Film overlap",
                        initial = "8 mm",
                        inches = "5/16 in",
                        min = "0.1 mm",
                        max = "100 mm",
                        pull = Pull.OVERLAP)
                Length overlap,
        @Asked(
                        value = "Dam set back",
                        initial = "1.5 mm",
                        inches = "1/16 in",
                        min = "0 mm",
                        max = "50 mm",
                        pull = Pull.SETBACK)
                Length setback,
        @Asked(
                        value = "Foam width",
                        initial = "6 mm",
                        inches = "1/4 in",
                        min = "1 mm",
                        max = "50 mm",
                        pull = Pull.FOAM_WIDTH)
                Length foamWidth,
        @Asked(value = "Dam made as", initial = "strips", pull = Pull.DAM_MAKE) DamMake make,
        @Asked(value = "Strips round", initial = "12", min = "3", max = "60") int strips,
        @Asked(value = "Foam layers", initial = "1", min = "1", max = "6", pull = Pull.DAM_LAYERS) int layers,
        @Asked(value = "Foam", initial = "foam-tape-2", from = Asked.Choice.FOAM, pull = Pull.DAM_FOAM) MaterialId foam,
        @Asked(value = "Film", initial = "film", from = Asked.Choice.FILM) MaterialId film,
        @Asked(value = "Film held by", initial = "tape", from = Asked.Choice.ADHESIVE, pull = Pull.ADHESIVE)
                MaterialId filmFixing,
        @Asked(value = "Filling", initial = "discs-5", from = Asked.Choice.FILLING, pull = Pull.FILLING)
                MaterialId filling,
        @Asked(value = "Covered by filling, %", initial = "35", min = "1", max = "100") int cover)
        implements Feature, Carrier {}
