/** The page Colours of the stock: pens, inks and powders that one owns, measured and read from charts, and palettes of photos. */
@NullMarked
package dev.schachtel.app.shades;

import org.jspecify.annotations.NullMarked;
