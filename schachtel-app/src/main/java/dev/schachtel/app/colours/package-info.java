/** The part Colours of the Decorate station: which shades go where, in which order, and what they look like beside each other. */
@NullMarked
package dev.schachtel.app.colours;

import org.jspecify.annotations.NullMarked;
