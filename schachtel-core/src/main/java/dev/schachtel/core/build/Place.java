package dev.schachtel.core.build;

import dev.schachtel.core.shape.Point;

/** Where on the face a finding is shown. */
public record Place(Point at) {}
