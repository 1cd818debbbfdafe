package dev.schachtel.core.drawing;

import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.Id;

/** The views of a card. */
public enum Views {
    FRONT,
    OPENED_FLAT,
    TAKEN_APART,
    SECTION;

    /** This view of a card; the selected piece gets its own dimensions, and the section runs through it. */
    public Scene of(Build build, Id selected) {
        return switch (this) {
            case FRONT -> new FrontView(build, selected).scene();
            case OPENED_FLAT -> new FlatView(build).scene();
            case TAKEN_APART -> new ApartView(build).scene();
            case SECTION -> new SectionView(build, Optional.of(selected), 0.8).scene();
        };
    }

    /** The section as it stands beside the front view: narrow, names only. */
    public static Scene besideFront(Build build, Id selected, boolean lying) {
        return new SectionView(build, Optional.of(selected), lying ? 0.3 : 2.4).scene();
    }
}
