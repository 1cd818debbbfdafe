package dev.schachtel.core.assembly;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.material.HouseRules;

/** What rules look at: the engineered card and the maker's own ways. */
public record Shop(Build build, HouseRules house) {}
