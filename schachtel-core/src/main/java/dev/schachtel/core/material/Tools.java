package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/** What the maker's tools can take: longest trimmer cut, and the roller machine's plates. */
public record Tools(Length trimmer, Length plateWidth, Length plateLength) {}
