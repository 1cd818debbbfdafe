package dev.schachtel.core.check;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Window;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** Card left beside openings: to the edge and between them at least 6 mm, 10 with film behind. Handbook chapter 2. */
final class MarginCheck implements Check {
    private static final Length PLAIN = Length.ofMillimetres(6);
    private static final Length WITH_FILM = Length.ofMillimetres(10);

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        for (Part part : build.parts()) {
            List<Cutout> cutouts = part.cutouts().stream()
                    .sorted(Comparator.comparing(Cutout::owner))
                    .toList();
            Outline sheet = leaf(build, part);
            for (int i = 0; i < cutouts.size(); i++) {
                edge(build, part, sheet, cutouts.get(i), report);
                for (int k = i + 1; k < cutouts.size(); k++) {
                    web(build, part, cutouts.get(i), cutouts.get(k), report);
                }
            }
        }
    }

    /** Where the part lies on the face; for a folded base that is the leaf, not the blank. */
    private static Outline leaf(Build build, Part part) {
        return part.owner().equals(Id.BASE)
                ? build.face()
                : part.outline().filled().placed(part.at().get(0));
    }

    private static Length asked(Build build, Cutout cutout) {
        boolean film =
                build.chambers().stream().anyMatch(c -> c.aperture().owner().equals(cutout.owner()));
        return film ? WITH_FILM : PLAIN;
    }

    private static void edge(Build build, Part part, Outline sheet, Cutout cutout, Report report) {
        Outline.Gap gap = sheet.marginOf(cutout.onFace());
        Length asked = asked(build, cutout);
        Report.Draft draft = report.on(RuleId.MARGIN_EDGE, cutout.owner())
                .parts(part.id())
                .names(part.name())
                .measured(gap.length(), asked)
                .at(gap.here());
        if (gap.length().isBelow(asked)) {
            draft.remedy(inside(build, sheet, cutout, asked));
            draft.mend();
        } else {
            draft.works();
        }
    }

    /** Moves the window's middle just far enough in, if there is room both ways. */
    private static Optional<Remedy> inside(Build build, Outline sheet, Cutout cutout, Length asked) {
        return build.spec().find(cutout.owner(), Window.class).flatMap(window -> {
            Placement now = Placement.at(window.across(), window.up());
            var box = sheet.bounds();
            Length halfW = cutout.form().width().half().plus(asked);
            Length halfH = cutout.form().height().half().plus(asked);
            Length left = Mm.length(box.left()).plus(halfW);
            Length right = Mm.length(box.right()).minus(halfW);
            Length low = Mm.length(box.bottom()).plus(halfH);
            Length high = Mm.length(box.top()).minus(halfH);
            if (left.isAbove(right) || low.isAbove(high)) {
                return Optional.empty();
            }
            Length x = Length.max(left, Length.min(right, now.across()));
            Length y = Length.max(low, Length.min(high, now.up()));
            return Optional.of(new Remedy(
                    Remedy.Act.MOVE_INSIDE,
                    Amount.of(x, y),
                    List.of(
                            new Change(window.id(), "across", x.toString()),
                            new Change(window.id(), "up", y.toString()))));
        });
    }

    private static void web(Build build, Part part, Cutout a, Cutout b, Report report) {
        Outline.Gap gap = a.onFace().gapTo(b.onFace());
        Length asked = Length.max(asked(build, a), asked(build, b));
        Report.Draft draft = report.on(RuleId.MARGIN_WEB, b.owner())
                .parts(part.id())
                .names(a.owner().value(), b.owner().value())
                .measured(gap.length(), asked)
                .at(gap.here().midway(gap.there()));
        if (gap.length().isBelow(asked)) {
            draft.mend();
        } else {
            draft.works();
        }
    }
}
