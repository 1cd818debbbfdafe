/** Pictures that come from outside, read within limits. */
@NullMarked
package dev.schachtel.core.images;

import org.jspecify.annotations.NullMarked;
