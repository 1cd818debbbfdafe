package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/**
 * What the maker's tools can take, and how the maker cuts.
 *
 * @param trimmer longest stroke
 * @param plateWidth of the roller machine's plates
 * @param matWidth of the electronic cutter's mat
 * @param pressWidth of the stamping press
 * @param kerf what a stroke of the trimmer takes away; 0 for a blade that only parts
 * @param squareUp trimmed off the left and the foot of every sheet before anything else, 0 for sheets taken as square
 * @param keep offcuts at least this long and wide go to the offcut box
 * @param offset whether the stop of the trimmer is set by what was measured, so that pieces come out as asked
 */
public record Tools(
        Length trimmer,
        Length plateWidth,
        Length plateLength,
        Length matWidth,
        Length matHeight,
        Length pressWidth,
        Length pressHeight,
        Length kerf,
        Length squareUp,
        Length keep,
        boolean offset) {
    /** How often something this long goes through the roller machine; once where its plates have no length. */
    public int passes(Length length) {
        int whole = plateLength.isZero() ? 1 : length.wholeTimes(plateLength);
        boolean exact = plateLength.isZero() || length.isMultipleOf(plateLength);
        return Math.max(1, exact ? whole : whole + 1);
    }

    /** The same with the stop set by what was measured, or as asked. */
    public Tools offset(boolean on) {
        return new Tools(
                trimmer,
                plateWidth,
                plateLength,
                matWidth,
                matHeight,
                pressWidth,
                pressHeight,
                kerf,
                squareUp,
                keep,
                on);
    }
}
