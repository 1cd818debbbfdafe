package dev.schachtel.core.build;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.shape.Outline;

/** An opening cut into a part: who asked for it, its form, where it lies on the face, and how it is cut. */
public record Cutout(Id owner, Form form, Outline onFace, CutMethod method) {}
