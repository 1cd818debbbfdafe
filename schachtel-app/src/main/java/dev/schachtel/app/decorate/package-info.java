/** The Decorate station: surfaces and their work in order, the technique book. Entry type: {@link
 * dev.schachtel.app.decorate.DecorateController}. */
@NullMarked
package dev.schachtel.app.decorate;

import org.jspecify.annotations.NullMarked;
