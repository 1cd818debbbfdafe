package dev.schachtel.core.check;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.material.Workshop;

/** One family of rules. Stateless; reports all it finds. */
interface Check {
    void look(Build build, Workshop workshop, Report report);
}
