/** The page on which somebody sees what is kept about a person, and erases it. Entry type: {@link
 * dev.schachtel.app.people.People}. */
@NullMarked
package dev.schachtel.app.people;

import org.jspecify.annotations.NullMarked;
