package dev.schachtel.core.card;

/** Something the card does: a window to look through, a shaker, a moving part. */
public sealed interface Feature extends Piece
        permits Window,
                Row,
                Grid,
                Shaker,
                Pouch,
                Rider,
                Rolling,
                PullStrip,
                Wheel,
                Hanging,
                Bridge,
                Door,
                Pocket,
                Frame,
                CoverPlate,
                ThreadLoop,
                Band,
                PopUpBox,
                PopUpRoof,
                FloatingLayer,
                VFold {}
