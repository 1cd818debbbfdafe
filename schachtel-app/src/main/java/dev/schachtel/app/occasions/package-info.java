/** Days for which cards are wanted. Entry type: {@link dev.schachtel.app.occasions.Occasions}. */
@NullMarked
package dev.schachtel.app.occasions;

import org.jspecify.annotations.NullMarked;
