package dev.schachtel.core.check;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Face;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.motion.Contact;
import dev.schachtel.core.motion.Links;
import dev.schachtel.core.motion.Movements;
import dev.schachtel.core.motion.Opening;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/** What follows the opening card opens with it all the way, goes through nothing, and lies inside the shut card. */
final class UnfoldingCheck implements Check {
    /** Room left beside the other piece, mm. */
    private static final double BESIDE = 1;
    /** Less can't be seen at the edge, mm. */
    private static final double SEEN = 0.05;

    private final Opening opening;

    UnfoldingCheck(Movements movements) {
        this.opening = movements.opening();
    }

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        Unfolding unfolding = build.mechanics().unfolding();
        boolean said = build.faults().stream().anyMatch(f -> f.rule() == RuleId.OPENS);
        if (!opening.gapes().isEmpty() && !said) {
            report.on(RuleId.OPENS, Id.BASE)
                    .names(opening.gapes())
                    .measured(degrees(unfolding, opening.opens()), degrees(unfolding, 1))
                    .at(build.face().bounds().centre())
                    .mend();
        }
        opening.contacts().forEach(c -> contact(build, unfolding, c, report));
        hidden(build, unfolding, report);
    }

    /** How far the widest hinge that is driven is open. */
    private static Amount degrees(Unfolding unfolding, double share) {
        double all = unfolding.hinges().stream()
                .filter(h -> !h.follows())
                .mapToDouble(h -> Math.abs(h.open() - h.shut()))
                .max()
                .orElse(0);
        return Amount.degrees(Math.floor(all * share));
    }

    private static void contact(Build build, Unfolding unfolding, Contact contact, Report report) {
        Level one = contact.one().level();
        Level other = contact.other().level();
        boolean first = movable(build, one) >= movable(build, other);
        Level culprit = first ? one : other;
        Level victim = first ? other : one;
        Report.Draft draft = report.on(RuleId.OPENS_FREE, culprit.slab().part().owner())
                .parts(culprit.slab().part(), victim.slab().part())
                .names(culprit.slab().name(), victim.slab().name())
                .measured(degrees(unfolding, contact.share()), degrees(unfolding, 1))
                .at(contact.place());
        Outline moved = (first ? contact.one() : contact.other()).outline();
        Outline stays = (first ? contact.other() : contact.one()).outline();
        ways(build, culprit, moved.bounds(), stays.bounds()).forEach(draft::remedy);
        draft.mend();
    }

    /** What is stuck on something is moved rather than that; the base stays. */
    private static int movable(Build build, Level level) {
        Id owner = level.slab().part().owner();
        return owner.equals(Id.BASE)
                ? 0
                : build.spec().find(owner, Element.class).isPresent() ? 2 : 1;
    }

    /** Past the other to either side: along the fold, or on the face that it lies on. */
    private static Stream<Remedy> ways(Build build, Level level, Box own, Box there) {
        Id owner = level.slab().part().owner();
        List<Point> ways = List.of(
                new Point(there.right() - own.left() + BESIDE, 0),
                new Point(there.left() - own.right() - BESIDE, 0),
                new Point(0, there.top() - own.bottom() + BESIDE),
                new Point(0, there.bottom() - own.top() - BESIDE));
        return ways.stream().flatMap(w -> Remedies.move(build, owner, seen(build, level, w)).stream());
    }

    /** A way on the shut card as it is on the face that a piece hangs behind. */
    private static Point seen(Build build, Level level, Point way) {
        return build.joints().stream()
                .filter(j -> j.lower().equals(level.slab().id()))
                .flatMap(j -> build.faces().stream()
                        .filter(f -> f.isUnder() && f.slab().equals(j.upper())))
                .map(f -> turned(f, way))
                .findFirst()
                .orElse(way);
    }

    private static Point turned(Face face, Point way) {
        return face.over()
                .map(o -> o.upright() ? new Point(-way.x(), way.y()) : new Point(way.x(), -way.y()))
                .orElse(way);
    }

    /** Whatever is stuck on what stands up lies between the pages when the card is shut. */
    private static void hidden(Build build, Unfolding unfolding, Report report) {
        Set<SlabId> panels = unfolding.hinges().stream()
                .filter(Hinge::follows)
                .flatMap(h -> Stream.of(h.turns()))
                .map(p -> unfolding.panels().get(p))
                .map(Panel::slab)
                .filter(s -> build.level(s)
                        .filter(l -> !l.slab().part().owner().equals(Id.BASE))
                        .isPresent())
                .collect(Collectors.toSet());
        for (SlabId id : new Links(build).carriedBy(panels)) {
            build.level(id)
                    .filter(l -> !panels.contains(id))
                    .ifPresent(l -> l.slab().footprints().forEach(f -> shows(build, l, f, report)));
        }
    }

    private static void shows(Build build, Level level, Outline footprint, Report report) {
        Box card = build.face().bounds();
        Box own = footprint.bounds();
        double x = inwards(own.left(), own.right(), card.left(), card.right());
        double y = inwards(own.bottom(), own.top(), card.bottom(), card.top());
        double out = Math.max(Math.abs(x), Math.abs(y));
        if (out > SEEN) {
            report.on(RuleId.POP_UP_SHOWS, level.slab().part().owner())
                    .parts(level.slab().part())
                    .names(level.slab().name())
                    .thick(Mm.length(out), Mm.length(0))
                    .at(own.centre())
                    .remedy(Remedies.move(build, level.slab().part().owner(), seen(build, level, new Point(x, y))))
                    .mend();
        }
    }

    /** How far something must be moved to lie between two ends. */
    private static double inwards(double from, double to, double least, double most) {
        return from < least ? least - from : to > most ? most - to : 0;
    }
}
