package dev.schachtel.core.motion;

import java.util.List;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.Id;

/** Every movement of a card, played through, how it stands and how it opens. */
public record Movements(List<Course> courses, List<Balance> balances, Opening opening) {
    public Movements {
        courses = List.copyOf(courses);
        balances = List.copyOf(balances);
    }

    public static Movements of(Build build) {
        return new Movements(
                new Clearance(build).courses(),
                build.mechanics().stances().stream()
                        .map(s -> Balance.of(s, build))
                        .toList(),
                Opening.of(build));
    }

    /** The movements of a piece. */
    public List<Course> of(Id owner) {
        return courses.stream().filter(c -> c.motion().owner().equals(owner)).toList();
    }
}
