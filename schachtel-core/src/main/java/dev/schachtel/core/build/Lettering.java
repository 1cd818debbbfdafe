package dev.schachtel.core.build;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Colour;

/** Words stamped, printed or written on a part: whose, where, in which colour. */
public record Lettering(Id owner, PartId on, String text, Colour ink) {}
