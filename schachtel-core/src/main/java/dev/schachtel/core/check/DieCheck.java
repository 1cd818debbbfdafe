package dev.schachtel.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Change;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Die;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

/** What is die cut in a size that the maker chose has its die in the register; else the nearest is offered. */
final class DieCheck implements Check {
    /** A size that is die cut, and whose piece asks for it. */
    private record Wish(Id owner, Form form) {}

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        Set<Id> said = new HashSet<>();
        for (Part part : build.parts()) {
            List<Wish> wishes = new ArrayList<>();
            if (part.method() == CutMethod.DIE) {
                wishes.add(new Wish(part.owner(), part.form()));
            }
            part.cutouts().stream()
                    .filter(c -> c.method() == CutMethod.DIE)
                    .forEach(c -> wishes.add(new Wish(c.owner(), c.form())));
            wishes.stream()
                    .filter(w -> isChosen(build, w) && said.add(w.owner))
                    .forEach(w -> judge(build, workshop, w, report));
        }
    }

    private static boolean isChosen(Build build, Wish wish) {
        return shape(wish.form.sort()).isPresent()
                && (Lever.of(build.spec(), wish.owner, Pull.DIAMETER).isPresent()
                        || Lever.of(build.spec(), wish.owner, Pull.WIDTH).isPresent());
    }

    private static void judge(Build build, Workshop workshop, Wish wish, Report report) {
        Id owner = wish.owner;
        Form form = wish.form;
        Optional<Die.Shape> shape = shape(form.sort());
        List<Die> alike =
                workshop.dies().stream().filter(d -> d.shape() == shape.get()).toList();
        if (alike.stream().anyMatch(d -> d.cuts(form.width(), form.height()))) {
            return;
        }
        Optional<Die> nearest =
                alike.stream().min(Comparator.comparing((Die d) -> far(d, form)).thenComparing(Die::id));
        Report.Draft draft = report.on(RuleId.DIE_MISSING, owner)
                .names(nearest.map(Die::name).orElse("none of this shape"))
                .measured(
                        Amount.of(form.width(), form.height()),
                        nearest.map(d -> Amount.of(d.width(), d.height())).orElse(new Amount.Count(0)));
        nearest.ifPresent(d -> draft.remedy(take(build, wish, d)));
        draft.watch();
    }

    private static Optional<Die.Shape> shape(Form.Sort sort) {
        return switch (sort) {
            case ROUND -> Optional.of(Die.Shape.ROUND);
            case OVAL -> Optional.of(Die.Shape.OVAL);
            case RECTANGLE -> Optional.of(Die.Shape.RECTANGLE);
            case ROUNDED -> Optional.of(Die.Shape.ROUNDED);
            case ARCH -> Optional.of(Die.Shape.ARCH);
            default -> Optional.empty();
        };
    }

    private static Length far(Die die, Form form) {
        return Length.max(
                die.width().minus(form.width()).abs(),
                die.height().minus(form.height()).abs());
    }

    /** The levers that set the size which is cut: the diameter, or width and height, that are now what is asked for. */
    private static Optional<Remedy> take(Build build, Wish wish, Die die) {
        List<Change> changes = new ArrayList<>();
        set(build, wish.owner, Pull.DIAMETER, wish.form.width(), die.width()).ifPresent(changes::add);
        if (changes.isEmpty()) {
            set(build, wish.owner, Pull.WIDTH, wish.form.width(), die.width()).ifPresent(changes::add);
            set(build, wish.owner, Pull.HEIGHT, wish.form.height(), die.height())
                    .ifPresent(changes::add);
        }
        return changes.isEmpty()
                ? Optional.empty()
                : Optional.of(new Remedy(Pull.WIDTH, Amount.of(die.width(), die.height()), changes));
    }

    private static Optional<Change> set(Build build, Id owner, Pull pull, Length now, Length to) {
        return Lever.all(build.spec(), owner, pull).stream()
                .filter(l -> l.length().filter(now::equals).isPresent())
                .map(l -> l.change(to.toString()))
                .findFirst();
    }
}
