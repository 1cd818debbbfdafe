/** The words for what the core answers as data: findings, sizes, steps. Entry type: {@link dev.schachtel.app.words.Wording}. */
@NullMarked
package dev.schachtel.app.words;

import org.jspecify.annotations.NullMarked;
