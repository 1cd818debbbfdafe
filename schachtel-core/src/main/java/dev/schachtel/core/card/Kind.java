package dev.schachtel.core.card;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** How a record of a sealed family is told apart in card files, and what pages call it. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.TYPE)
public @interface Kind {
    /** The word in the file: small letters and hyphens. */
    String value();

    /** What the page calls it. */
    String title();

    /** One plain sentence for somebody who has never made one. */
    String about() default "";

    /** What adding one does, for remedies. */
    Pull pull() default Pull.NONE;
}
