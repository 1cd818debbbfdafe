package dev.schachtel.core.check;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.Reading;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Die;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

/** What is die cut in a size that the maker chose has its die in the register; else the nearest is offered. */
final class DieCheck implements Check {
    private static final String DIAMETER = "shape.diameter";

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        Set<Id> said = new HashSet<>();
        for (Part part : build.parts()) {
            if (part.method() == CutMethod.DIE) {
                judge(build, workshop, part.owner(), part.form(), said, report);
            }
            for (Cutout cutout : part.cutouts()) {
                if (cutout.method() == CutMethod.DIE) {
                    judge(build, workshop, cutout.owner(), cutout.form(), said, report);
                }
            }
        }
    }

    private static void judge(Build build, Workshop workshop, Id owner, Form form, Set<Id> said, Report report) {
        Optional<Die.Shape> shape = shape(form.sort());
        boolean chosen = Reading.length(build.spec(), owner, DIAMETER).isPresent()
                || Reading.length(build.spec(), owner, "shape.width").isPresent();
        if (shape.isEmpty() || !chosen || !said.add(owner)) {
            return;
        }
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
        nearest.ifPresent(d -> draft.remedy(take(build, owner, d)));
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

    private static Remedy take(Build build, Id owner, Die die) {
        boolean round = Reading.length(build.spec(), owner, DIAMETER).isPresent();
        List<Change> changes = round
                ? List.of(new Change(owner, DIAMETER, die.width().toString()))
                : List.of(
                        new Change(owner, "shape.width", die.width().toString()),
                        new Change(owner, "shape.height", die.height().toString()));
        return new Remedy(Remedy.Act.TAKE_DIE, Amount.of(die.width(), die.height()), changes);
    }
}
