package dev.schachtel.core.motion;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.Id;

/**
 * Every movement of a card, played through, how it stands and how it opens.
 *
 * @param stands for a card that is made to stand
 */
public record Movements(List<Course> courses, Optional<Tipping> stands, Opening opening) {
    public Movements {
        courses = List.copyOf(courses);
    }

    public static Movements of(Build build) {
        Space space = new Space(build);
        return new Movements(new Clearance(build).courses(), Tipping.given(build, space), Opening.of(build, space));
    }

    /** The movements of a piece. */
    public List<Course> of(Id owner) {
        return courses.stream().filter(c -> c.motion().owner().equals(owner)).toList();
    }
}
