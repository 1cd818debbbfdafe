package dev.schachtel.core.card;

import dev.schachtel.core.measure.Length;

/** Of a base whose overall sizes follow from sizes of its own. */
public interface OwnSizes {
    /**
     * The same in other overall sizes, as it lies shut, with its own sizes in proportion and in whole steps.
     *
     * @return no larger than asked, and smaller by less than a step for each of its parts where steps don't come out even
     */
    Base sized(Length width, Length height, Length step);
}
