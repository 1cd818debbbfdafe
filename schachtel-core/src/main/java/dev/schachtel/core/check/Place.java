package dev.schachtel.core.check;

import dev.schachtel.core.shape.Point;

/** Where on the face a finding is shown. */
public record Place(Point at) {}
