/** Pictures that come from outside, read within limits. */
@NullMarked
package dev.schachtel.app.images;

import org.jspecify.annotations.NullMarked;
