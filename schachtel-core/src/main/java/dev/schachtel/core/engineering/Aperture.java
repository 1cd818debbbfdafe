package dev.schachtel.core.engineering;

import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.shape.Placement;

/** An opening that was cut: what it is cut in, its shape, its middle on the face. */
record Aperture(Ground in, Opening opening, Placement middle, Cutout cutout) {}
