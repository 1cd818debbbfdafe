package dev.schachtel.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Slit;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * Card left beside openings: to the edge and between them at least 6 mm, 10 with film behind, 4 round a hole. Handbook
 * chapter 2. Of many openings of one piece the tightest place speaks for all.
 */
final class MarginCheck implements Check {
    private static final Length PLAIN = Length.ofMillimetres(6);
    private static final Length WITH_FILM = Length.ofMillimetres(10);
    private static final Length ROUND_A_HOLE = Length.ofMillimetres(4);

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        for (Part part : build.parts()) {
            List<Opening> openings = openings(build, part);
            Outline sheet = leaf(build, part);
            openings.stream()
                    .map(Opening::owner)
                    .distinct()
                    .sorted()
                    .forEach(owner -> edge(build, part, sheet, new Group(owner, openings), report));
            webs(part, openings, report);
        }
    }

    /** An opening with what must stay beside it. */
    private record Opening(Id owner, Outline onFace, boolean door, Length asked) {}

    private record Group(Id owner, List<Opening> all) {
        List<Opening> own() {
            return all.stream().filter(o -> o.owner().equals(owner)).toList();
        }
    }

    private record Tight(Opening a, Opening b, Outline.Gap gap) {
        Length lacking() {
            return Length.max(a.asked, b.asked).minus(gap.length());
        }
    }

    private static List<Opening> openings(Build build, Part part) {
        List<Opening> all = new ArrayList<>();
        for (Cutout cutout : part.cutouts()) {
            switch (cutout.sort()) {
                case WINDOW, SLOT -> all.add(new Opening(cutout.owner(), cutout.onFace(), false, asked(build, cutout)));
                case HOLE -> all.add(new Opening(cutout.owner(), cutout.onFace(), false, ROUND_A_HOLE));
                default -> {
                    // A notch belongs to the edge, and a pattern to its own part.
                }
            }
        }
        for (Slit slit : part.slits()) {
            if (slit.points().size() > 2) {
                Outline door = Outline.ofCorners(slit.onFace());
                all.add(new Opening(slit.owner(), door, true, PLAIN));
            }
        }
        return all;
    }

    /** Where the part lies on the face; for a folded base that is the leaf, not the blank. */
    private static Outline leaf(Build build, Part part) {
        boolean blank = part.owner().equals(Id.BASE) && part.id().which().isEmpty();
        return blank ? build.face() : part.outline().filled().placed(part.at().get(0));
    }

    private static Length asked(Build build, Cutout cutout) {
        boolean film = build.chambers().stream().anyMatch(c -> c.isDam() && c.behind(cutout.owner()));
        return film ? WITH_FILM : PLAIN;
    }

    private static void edge(Build build, Part part, Outline sheet, Group group, Report report) {
        record Found(Opening opening, Outline.Gap gap) {}
        List<Opening> own = group.own();
        Found worst = own.stream()
                .map(o -> new Found(o, sheet.marginOf(o.onFace())))
                .min(Comparator.comparing(
                        f -> f.gap().length().minus(f.opening().asked())))
                .orElseThrow();
        Length asked = worst.opening().asked();
        Report.Draft draft = report.on(RuleId.MARGIN_EDGE, group.owner())
                .parts(part.id())
                .names(part.name())
                .measured(worst.gap().length(), asked)
                .at(worst.gap().here());
        if (worst.gap().length().isBelow(asked)) {
            if (own.size() == 1) {
                draft.remedy(inside(build, sheet, worst.opening()));
            }
            draft.mend();
        } else {
            draft.works();
        }
    }

    /** Moves the piece just far enough in, if there is room both ways. */
    private static Optional<Remedy> inside(Build build, Outline sheet, Opening opening) {
        Box room = sheet.bounds().grown(-Mm.of(opening.asked()));
        Box box = opening.onFace().bounds();
        if (box.width() > room.width() || box.height() > room.height()) {
            return Optional.empty();
        }
        double dx = Math.max(0, room.left() - box.left()) + Math.min(0, room.right() - box.right());
        double dy = Math.max(0, room.bottom() - box.bottom()) + Math.min(0, room.top() - box.top());
        return Remedies.move(build, opening.owner(), new Point(dx, dy));
    }

    /** The tightest web between each two pieces; openings far apart are told by their boxes. */
    private static void webs(Part part, List<Opening> openings, Report report) {
        List<Opening> sorted = openings.stream()
                .sorted(Comparator.comparing((Opening o) -> o.onFace().bounds().left())
                        .thenComparing(Opening::owner))
                .toList();
        Map<String, Tight> worst = new TreeMap<>();
        for (int i = 0; i < sorted.size(); i++) {
            Opening a = sorted.get(i);
            double reach = a.onFace().bounds().right() + 2 * Mm.of(WITH_FILM);
            for (int k = i + 1;
                    k < sorted.size() && sorted.get(k).onFace().bounds().left() <= reach;
                    k++) {
                Opening b = sorted.get(k);
                boolean pair = a.door() && b.door() && a.owner().equals(b.owner());
                if (!pair && a.onFace().isWithin(b.onFace(), WITH_FILM.times(2))) {
                    Tight tight = new Tight(a, b, a.onFace().gapTo(b.onFace()));
                    worst.merge(pair(a, b), tight, (x, y) -> y.lacking().isAbove(x.lacking()) ? y : x);
                }
            }
        }
        worst.values().forEach(t -> web(part, t, report));
    }

    private static String pair(Opening a, Opening b) {
        return a.owner().compareTo(b.owner()) <= 0 ? a.owner() + " " + b.owner() : b.owner() + " " + a.owner();
    }

    private static void web(Part part, Tight tight, Report report) {
        boolean ordered = tight.a().owner().compareTo(tight.b().owner()) <= 0;
        Id first = ordered ? tight.a().owner() : tight.b().owner();
        Id second = ordered ? tight.b().owner() : tight.a().owner();
        Report.Draft draft = report.on(RuleId.MARGIN_WEB, second)
                .parts(part.id())
                .names(first.value(), second.value())
                .measured(
                        tight.gap().length(),
                        Length.max(tight.a().asked(), tight.b().asked()))
                .at(tight.gap().here().midway(tight.gap().there()));
        if (tight.lacking().isPositive()) {
            draft.mend();
        } else {
            draft.works();
        }
    }
}
