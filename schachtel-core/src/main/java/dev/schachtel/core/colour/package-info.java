/**
 * Which of the colours that one owns shade an area, where its shadows lie, what goes with what. Knows colours, shades and
 * outlines; nothing of cards.
 */
@NullMarked
package dev.schachtel.core.colour;

import org.jspecify.annotations.NullMarked;
