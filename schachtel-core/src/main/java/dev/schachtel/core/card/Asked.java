package dev.schachtel.core.card;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * What one component of a record asks the maker for. Texts of lengths carry their unit; "50 %" as an initial value means
 * that share of the base's width or height when a piece starts, and has no meaning in a file.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Asked {
    /** The field's label, as a maker would say it. */
    String value();

    /** Taken when a card file leaves it out and when a new piece starts; empty: must be given. */
    String initial() default "";

    /** Taken instead of {@link #initial} when a piece starts on a card worked in inches. */
    String inches() default "";

    /** Taken instead of both when a piece starts, and never for a file; may be a share, too. */
    String starts() default "";

    /** Least value, for lengths and whole numbers; both ends count. */
    String min() default "";

    /** Greatest value, for lengths and whole numbers; both ends count. For texts the most letters, 200 if empty. */
    String max() default "";

    /** For materials and references: what may be chosen. */
    Choice from() default Choice.ANY;

    /** For a shape: how much of the base's width it takes at most when its piece starts, in percent; 0: as it is. */
    int widest() default 0;

    /** Whether a text is code, such as a key or an outline: no words of the maker's. */
    boolean coded() default false;

    /** Whether the page writes it in mm whatever the ruler. */
    boolean thickness() default false;

    /** Whether each of its choices is offered as a kind of its own when a card is started. */
    boolean variant() default false;

    /** Where nothing may be chosen: what the page calls that. */
    String none() default "nothing";

    /** What changing it does, for remedies. */
    Pull pull() default Pull.NONE;

    /** What a material or reference may be. */
    enum Choice {
        ANY,
        CARD,
        FILM,
        /** Foam that is cut: tape or sheet. */
        FOAM,
        /** Tape, glue or foam: what a piece may be held by that may stand off its ground. */
        FIXING,
        /** Tape or glue: for what must lie flat. */
        ADHESIVE,
        /** The same, or adhesive in sheets: for what is stuck with all of its back. */
        WHOLE_BACK,
        FILLING,
        ENVELOPE,
        THREAD,
        RIBBON,
        /** A gem, a pearl, an eye or a sequin. */
        EMBELLISHMENT,
        /** Paper for masks. */
        MASKING,
        /** A face of the base, or a piece that offers one. */
        GROUND,
        /** The same, or a side of the base that looks away from the front. */
        SIDE,
        /** The fold of the base, or one at what stands in that. */
        FOLD,
        /** A face of the base, or any piece. */
        PIECE,
        /** A picture from the box. */
        PICTURE,
        /** A pen, ink or powder. */
        SHADE,
        /** A way of working on surfaces. */
        TECHNIQUE,
        /** Surface work of this card. */
        WORK,
        /** A panel. */
        LAYER,
        /** A piece that cuts openings. */
        WINDOW
    }
}
