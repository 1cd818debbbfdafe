/** What keeps names of people, and how one is taken out: whatever keeps names does so as {@link
 * dev.schachtel.app.names.KeepsNames}. Entry type: {@link dev.schachtel.app.names.Erasing}. */
@NullMarked
package dev.schachtel.app.names;

import org.jspecify.annotations.NullMarked;
