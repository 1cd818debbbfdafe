/** What is kept about somebody: shown, and taken out of everything. Whatever keeps names does so as {@link
 * dev.schachtel.app.people.KeepsNames}. Entry type: {@link dev.schachtel.app.people.Erasing}. */
@NullMarked
package dev.schachtel.app.people;

import org.jspecify.annotations.NullMarked;
