package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/**
 * An envelope, measured inside and standing: width is never above height.
 *
 * @param thickest what a letter in it may measure; an example only, limits differ by country and change
 * @param heaviest grams, 1 or more, that such a letter may weigh; an example only, as before
 */
public record Envelope(MaterialId id, String name, Length width, Length height, Length thickest, int heaviest) {}
