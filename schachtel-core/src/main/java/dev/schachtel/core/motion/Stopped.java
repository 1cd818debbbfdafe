package dev.schachtel.core.motion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.pose.Rigid;

/**
 * A door that meets something before it is as far open as it should be. It is opened with the card as it stands, or opened flat where that isn't made
 * to stand.
 *
 * @param share of its way, from 0 to 1
 * @param door what of the door, or of what is stuck on it, meets that first
 * @param met what stays
 */
public record Stopped(Motion motion, double share, Space.Body door, Space.Body met) {
    /** Doors that open by themselves; what already holds one shut is left to {@link Course#blockers}. */
    static List<Stopped> of(Build build, Space space, List<Course> courses) {
        List<Stopped> all = new ArrayList<>();
        for (Course course : courses) {
            Motion motion = course.motion();
            boolean door = motion.move() instanceof Move.Fold
                    && !motion.keeping().guides().isEmpty();
            if (door && course.blockers().isEmpty()) {
                crossings(build, space, course).until(1).stream()
                        .min(Comparator.comparing(Contact::share))
                        .ifPresent(c -> all.add(stopped(course, c)));
            }
        }
        return all;
    }

    private static Stopped stopped(Course course, Contact contact) {
        boolean first = course.moving().contains(contact.one().level().slab().id());
        return new Stopped(
                course.motion(),
                contact.share(),
                first ? contact.one() : contact.other(),
                first ? contact.other() : contact.one());
    }

    private static Crossings crossings(Build build, Space space, Course course) {
        double open = build.mechanics().unfolding().isMadeToStand()
                ? build.mechanics().unfolding().shownShare()
                : 1;
        List<Rigid> panels = space.at(open).panels();
        Set<SlabId> moving = Set.copyOf(course.moving());
        List<SlabId> guides = course.motion().keeping().guides();
        return new Crossings(
                space.bodies(),
                share -> {
                    Rigid lifted = Track.moved(build, course.motion(), share);
                    Function<Space.Body, Rigid> places = body -> {
                        Rigid panel = panels.get(body.panel());
                        return moving.contains(body.level().slab().id()) ? panel.after(lifted) : panel;
                    };
                    return places;
                },
                (one, other) -> {
                    SlabId a = one.level().slab().id();
                    SlabId b = other.level().slab().id();
                    return moving.contains(a) != moving.contains(b) && !guides.contains(a) && !guides.contains(b);
                });
    }
}
