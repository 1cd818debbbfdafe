package dev.schachtel.core.card;

/** Something laid on, or done to a surface, for its looks. */
public sealed interface Element extends Piece
        permits Sentiment,
                Greeting,
                Motif,
                Word,
                GroundLine,
                Treatment,
                Colouring,
                Gems,
                RibbonAcross,
                ThreadLine,
                RoundedCorners,
                Mask {}
