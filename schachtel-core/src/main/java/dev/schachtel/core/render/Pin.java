package dev.schachtel.core.render;

import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.shape.Point;

/** A finding's mark on a drawing: its key, how bad it is, where, and the figure beside it. */
public record Pin(String key, Severity severity, Id owner, Point at, String text) {}
