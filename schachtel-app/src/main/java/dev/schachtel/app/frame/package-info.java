/** What is the same on every page of a card: top bar and work strip. Entry type: {@link dev.schachtel.app.frame.Frames}. */
@NullMarked
package dev.schachtel.app.frame;

import org.jspecify.annotations.NullMarked;
