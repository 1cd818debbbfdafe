/** Acts that are done once, however often a form is sent. Knows no act; any form takes part by a key of its own. */
@NullMarked
package dev.schachtel.app.once;

import org.jspecify.annotations.NullMarked;
