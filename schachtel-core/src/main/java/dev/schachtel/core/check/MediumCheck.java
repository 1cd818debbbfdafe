package dev.schachtel.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Coat;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Pairing;
import dev.schachtel.core.material.Surfacing;
import dev.schachtel.core.material.Under;
import dev.schachtel.core.material.Workshop;

/**
 * Whether each medium does well on its paper and over what was laid before, by the maker's own table; whether a pen holds where
 * somebody writes. Of two that lie over each other that order counts which spoils less: the plan takes it.
 */
final class MediumCheck implements Check {
    @Override
    public void look(Build build, Workshop workshop, Report report) {
        new Judge(build, workshop, report).all();
    }

    /** A medium on a part, where it lies; everywhere if its coats don't say. */
    private record Laid(Id owner, PartId part, String name, Medium medium, List<Coat> coats, boolean colours) {
        boolean meets(Laid other) {
            return coats.isEmpty()
                    || other.coats.isEmpty()
                    || coats.stream().flatMap(c -> c.areas().stream()).anyMatch(a -> other.coats.stream()
                            .flatMap(c -> c.areas().stream())
                            .anyMatch(a::overlaps));
        }
    }

    private static List<Laid> laid(Build build) {
        List<Laid> all = new ArrayList<>();
        for (Surface s : build.surfaces()) {
            Surfacing kind = s.technique().kind();
            if (kind != Surfacing.RESIST
                    && kind.colours()
                    && build.part(s.part())
                            .map(Part::material)
                            .filter(Cardstock.class::isInstance)
                            .isPresent()) {
                all.add(new Laid(
                        s.owner(), s.part(), s.technique().name(), s.technique().medium(), s.coats(), kind.inks()));
            }
        }
        build.inkings().stream().findFirst().ifPresent(i -> build.inkings().stream()
                .flatMap(o -> o.parts().stream())
                .distinct()
                .forEach(p ->
                        all.add(new Laid(i.owner(), p, i.way().name(), i.shade().medium(), List.of(), false))));
        return all;
    }

    /** Goes through one card. */
    private record Judge(Build build, Workshop workshop, Report report) {
        void all() {
            List<Laid> all = laid(build);
            all.forEach(l -> build.part(l.part)
                    .ifPresent(part -> Under.of((Cardstock) part.material()).forEach(under -> paper(l, part, under))));
            for (int i = 0; i < all.size(); i++) {
                for (int k = 0; k < i; k++) {
                    over(all.get(k), all.get(i));
                }
            }
            build.zones(Zone.Use.WRITING).forEach(this::writing);
        }

        private void paper(Laid laid, Part part, Under under) {
            Pairing.of(workshop.pairings(), laid.medium, under)
                    .filter(p -> p.verdict() != Pairing.Verdict.GOOD)
                    .ifPresent(p -> {
                        Report.Draft draft = report.on(RuleId.MEDIUM_PAPER, laid.owner)
                                .parts(laid.part)
                                .names(laid.name, part.name(), under.title(), p.reason())
                                .remedy(way(laid, (Cardstock) part.material()))
                                .remedy(card(laid, part));
                        if (p.verdict() == Pairing.Verdict.FAULT) {
                            draft.mend();
                        } else {
                            draft.watch();
                        }
                    });
        }

        /** Another way of laying colour that does well on this paper. */
        private Optional<Remedy> way(Laid laid, Cardstock card) {
            return workshop.techniques().stream()
                    .filter(t -> laid.colours == t.kind().inks())
                    .filter(t -> isGood(t.medium(), card))
                    .findFirst()
                    .flatMap(t -> Lever.of(build.spec(), laid.owner, Pull.WAY).map(l -> l.to(t.id())));
        }

        /** Another card on which it does well, the nearest to it in colour. */
        private Optional<Remedy> card(Laid laid, Part part) {
            Cardstock now = (Cardstock) part.material();
            return workshop.all(Cardstock.class).stream()
                    .filter(c -> isGood(laid.medium, c))
                    .min(Comparator.comparingDouble(
                            c -> c.colour().lab().differenceTo(now.colour().lab())))
                    .flatMap(
                            c -> Lever.of(build.spec(), part.owner(), Pull.CARD).map(l -> l.to(c)));
        }

        private boolean isGood(Medium medium, Cardstock card) {
            return Under.of(card).stream().allMatch(u -> Pairing.of(workshop.pairings(), medium, u)
                    .filter(p -> p.verdict() != Pairing.Verdict.GOOD)
                    .isEmpty());
        }

        /** What lies wet on top comes last, whatever the table says. */
        private boolean isLast(Laid laid) {
            return laid.medium == Medium.GLOSS;
        }

        private void over(Laid first, Laid then) {
            if (!first.part.equals(then.part) || !first.meets(then)) {
                return;
            }
            boolean turned = isLast(first) != isLast(then)
                    ? isLast(first)
                    : Pairing.spoils(workshop.pairings(), then.medium, first.medium)
                            && !Pairing.spoils(workshop.pairings(), first.medium, then.medium);
            Laid lower = turned ? then : first;
            Laid upper = turned ? first : then;
            Pairing.of(workshop.pairings(), upper.medium, Under.of(lower.medium))
                    .filter(p -> p.verdict() != Pairing.Verdict.GOOD)
                    .ifPresent(p -> {
                        Report.Draft draft = report.on(RuleId.MEDIUM_OVER, upper.owner)
                                .parts(upper.part)
                                .names(
                                        upper.name,
                                        lower.name,
                                        build.part(upper.part).map(Part::name).orElse(""),
                                        p.reason());
                        if (p.verdict() == Pairing.Verdict.FAULT) {
                            draft.mend();
                        } else {
                            draft.watch();
                        }
                    });
        }

        private void writing(Zone zone) {
            for (Surface s : build.surfaces()) {
                Medium medium = s.technique().medium();
                boolean slick = medium == Medium.GLOSS || medium == Medium.PASTE || medium == Medium.POWDER;
                boolean there = s.slab().equals(zone.on())
                        && s.coats().stream().flatMap(c -> c.areas().stream()).anyMatch(zone.outline()::overlaps);
                if (slick && there) {
                    report.on(RuleId.WRITING_SLICK, s.owner())
                            .parts(s.part())
                            .names(
                                    s.technique().name(),
                                    build.part(s.part()).map(Part::name).orElse(""))
                            .remedy(Lever.adding(Pull.LINER))
                            .mend();
                }
            }
        }
    }
}
