/** Words as outlines, from the typefaces that come with the program. */
@NullMarked
package dev.schachtel.core.letters;

import org.jspecify.annotations.NullMarked;
