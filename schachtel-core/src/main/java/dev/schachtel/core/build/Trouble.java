package dev.schachtel.core.build;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;

/** Why a piece could not be engineered as asked. What was done instead follows from the sort. */
public record Trouble(Sort sort, Source source, String about, Amount measured, Amount limit) {
    /** Measured in lengths along the card. */
    public Trouble(Sort sort, Source source, String about, Length measured, Length limit) {
        this(sort, source, about, Amount.of(measured), Amount.of(limit));
    }

    /** What went wrong. */
    public enum Sort {
        /** A material, filling or envelope that the workshop lacks; a plain stand-in is used. */
        NO_MATERIAL,
        /** A material that can't do what it was chosen for; a plain stand-in is used. */
        WRONG_MATERIAL,
        /** What the piece lies on or belongs to is not there; the piece is left out. */
        NO_GROUND,
        /** Pieces lie on each other in a circle; the piece is left out. */
        CIRCLE,
        /** Straight strips can't follow this window; a one-piece ring is engineered. */
        STRIPS_DONT_FOLLOW,
        /** Too wide to be bent round; engineered all the same. */
        TOO_WIDE_TO_BEND,
        /** Nothing is left of it after what is taken off each side; it is drawn 0.001 mm small. */
        NOTHING_LEFT,
        /** An outline ends away from its start; a rectangle is engineered. */
        OUTLINE_OPEN,
        /** An outline crosses itself; a rectangle is engineered. */
        OUTLINE_CROSSES,
        /** An outline's text can't be read, or holds no area; a rectangle is engineered. */
        OUTLINE_UNREADABLE,
        /** An outline with very many corners was simplified. */
        OUTLINE_SIMPLIFIED,
        /** A shaped card has no straight edge to score along; it is joined by a strip. */
        NO_STRAIGHT_EDGE,
        /** A slot's legs can't be read; a straight slot of 1 mm is engineered. */
        PATH_UNREADABLE,
        /** A movement has no way to go; it is engineered standing still. */
        NO_TRAVEL,
        /** Treads or rises of one strip differ from the others'; measured against asked. */
        STEPS_DO_NOT_CLOSE,
        /** The face can't reach the hinge at this lean; it is drawn lying. */
        CAN_NOT_STAND,
        /** A stop bar is lower than the face is thick and 1 mm more. */
        STOP_TOO_LOW,
        /** A band is wider on one axis than on the other. */
        BAND_UNEVEN,
        /** The picture on a pull strip does not fill its window all the way; engaged against needed. */
        PICTURE_SHORT,
        /** A window spans more degrees of a wheel than one picture has. */
        PICTURES_RUN_TOGETHER,
        /** No finger reaches the rim of a wheel; reach against needed. */
        RIM_OUT_OF_REACH,
        /** More hanging pieces than swing freely; how many against how many may. */
        TOO_MANY_HANGING,
        /** A hanging piece reaches below where 5 mm above the table are left. */
        HANGS_TOO_LOW,
        /** A panel is in a pouch already; the second one is left out. */
        WRAPPED_TWICE,
        /** The inner die is as large as the outer; the frame is left out. */
        NO_BAND
    }

    public Id owner() {
        return source.piece();
    }
}
