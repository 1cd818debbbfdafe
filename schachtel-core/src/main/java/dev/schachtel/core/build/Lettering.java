package dev.schachtel.core.build;

import java.util.Optional;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Colour;

/**
 * Words that are read on a part.
 *
 * @param ink in which they are stamped, printed or written; empty where the part itself is the word
 */
public record Lettering(Id owner, PartId on, String text, Optional<Colour> ink) {}
