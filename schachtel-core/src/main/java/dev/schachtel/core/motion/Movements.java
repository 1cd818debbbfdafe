package dev.schachtel.core.motion;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.Id;

/**
 * Every movement of a card, played through, how it stands and how it opens.
 *
 * @param stands for a card that is made to stand
 * @param stopped doors that don't open as far as they should
 */
public record Movements(List<Course> courses, Optional<Tipping> stands, Opening opening, List<Stopped> stopped) {
    public Movements {
        courses = List.copyOf(courses);
        stopped = List.copyOf(stopped);
    }

    public static Movements of(Build build) {
        Space space = new Space(build);
        List<Course> courses = new Clearance(build).courses();
        return new Movements(
                courses, Tipping.given(build, space), Opening.of(build, space), Stopped.of(build, space, courses));
    }

    /** The movements of a piece. */
    public List<Course> of(Id owner) {
        return courses.stream().filter(c -> c.motion().owner().equals(owner)).toList();
    }
}
