package dev.schachtel.core.assembly;

import java.awt.geom.Area;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

import dev.schachtel.core.Plain;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Leaf;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.Film;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.MaskingPaper;
import dev.schachtel.core.material.Ribbon;

/**
 * Builds a card from nothing but the steps of its plan, as a hand without a thought would, and writes down with the step's
 * number what can't be done. Shares no code with the planner or its rehearsal; areas are the JDK's.
 */
public final class Replay {
    private final Build build;
    private final HouseRules house;
    private final Set<PartId> cut = new HashSet<>();
    /** By part, the kinds of cutting that were done to it. */
    private final Map<PartId, Set<String>> opened = new HashMap<>();

    private final Map<PartId, Joining> fixed = new HashMap<>();
    private final Set<PartId> filled = new HashSet<>();
    private final Map<PartId, PartId> masked = new HashMap<>();
    private final Set<PartId> peeled = new HashSet<>();
    private final List<String> wrong = new ArrayList<>();
    /** Pieces whose words or pictures are on their sheet, and sheets that were printed on. */
    private final Set<Object> printed = new HashSet<>();

    private boolean frontLies;

    private Replay(Build build, HouseRules house) {
        this.build = build;
        this.house = house;
    }

    /** What can't be done, for one card of the batch. */
    public static List<String> of(Build build, HouseRules house, BuildPlan plan, int card) {
        Replay replay = new Replay(build, house);
        for (Step step : plan.steps()) {
            boolean goesThrough =
                    step.lot().first() <= card && card <= step.lot().last();
            if (goesThrough && step.round() == 0) {
                replay.step(step);
            }
        }
        replay.end();
        return replay.wrong;
    }

    private void say(Step step, String what) {
        wrong.add("step " + step.number() + " (" + step.op().id() + "): " + what);
    }

    private void step(Step step) {
        Op op = step.op();
        for (PartId part : op.effect().makes()) {
            if (!cut.add(part)) {
                say(step, part + " is cut a second time");
            }
        }
        boolean cuts = op.kind().id().endsWith("cut")
                || List.of("trim", "punch", "snip-foam").contains(op.kind().id());
        if (cuts) {
            op.parts().forEach(p -> opened.computeIfAbsent(p, k -> new HashSet<>())
                    .add(op.kind().id()));
        } else if (List.of("thread", "hang").contains(op.kind().id())) {
            throughHoles(step);
        }
        boolean surface = op.surface().isPresent();
        if (!cuts
                && !surface
                && !op.kind().id().equals("layout")
                && !op.kind().id().equals("mark")) {
            op.parts().stream().filter(p -> !isReady(p) && !cut.contains(p)).forEach(p -> say(step, p + " is not cut"));
        }
        if (op.kind().id().startsWith("fill")) {
            fill(step);
        }
        if (surface || List.of("draw", "letter").contains(op.kind().id())) {
            printed.add(op.owner());
            if (!surface || op.surface().orElseThrow().technique().kind().prints()) {
                printed.addAll(op.parts());
            }
        }
        mask(step);
        op.joins().ifPresent(j -> join(step, j));
        if (op.kind().id().equals("close") && op.joins().stream().noneMatch(j -> isInside(j.onto()))) {
            frontLies = true;
        }
    }

    /** A thread goes through what is open by then. */
    private void throughHoles(Step step) {
        for (Part part : build.parts()) {
            for (Cutout hole : part.cutouts()) {
                String by =
                        switch (hole.method()) {
                            case DIE -> "die-cut";
                            case ELECTRONIC -> "electronic-cut";
                            case PUNCH -> "punch";
                            default -> "knife-cut";
                        };
                boolean through = hole.sort() == Cutout.Sort.HOLE
                        && hole.owner().equals(step.op().owner());
                if (through && !opened.getOrDefault(part.id(), Set.of()).contains(by)) {
                    say(step, "there is no hole in " + part.id() + " yet");
                }
                if (through && !cut.contains(part.id())) {
                    say(step, part.id() + " is not cut yet");
                }
            }
        }
    }

    /** Masks lie while there is ink under which they are, and are off before anything is glued or written there. */
    private void mask(Step step) {
        Op op = step.op();
        PartId sheet = op.parts().isEmpty()
                ? new PartId(Id.BASE, "")
                : op.parts().get(op.parts().size() - 1);
        if (op.kind().id().equals("mask")) {
            masked.put(op.parts().get(0), sheet);
        } else if (op.kind().id().equals("unmask")) {
            masked.remove(op.parts().get(0));
            peeled.add(op.parts().get(0));
        } else if (op.surface().isPresent() && !op.kind().id().equals("clean")) {
            op.surface().orElseThrow().masks().stream()
                    .filter(m ->
                            masked.keySet().stream().noneMatch(on -> on.owner().equals(m)))
                    .forEach(m -> say(step, m + " doesn't lie there to keep ink off"));
        } else if (op.joins().isPresent() || op.kind().id().equals("letter")) {
            masked.forEach((on, under) -> {
                if (op.parts().contains(under)) {
                    say(step, on + " still lies on " + under);
                }
            });
        }
    }

    /** Ready squares; threads are cut where they are fixed. */
    private boolean isReady(PartId id) {
        return build.part(id)
                .filter(p -> p.material() instanceof Foam f && f.form() == Foam.Form.SQUARES
                        || p.material() instanceof Ribbon
                        || p.material() instanceof Embellishment)
                .isPresent();
    }

    private void fill(Step step) {
        for (Chamber chamber : build.chambers()) {
            if (chamber.owner().equals(step.op().owner())) {
                List<PartId> walls = new ArrayList<>(chamber.walls());
                walls.add(chamber.film());
                walls.stream().filter(w -> !fixed.containsKey(w)).forEach(w -> say(step, w + " does not close it yet"));
                filled.addAll(walls);
            }
        }
    }

    private void join(Step step, Joining joining) {
        PartId ground = partOf(joining.onto());
        for (PartId part : joining.laid()) {
            build.letterings().stream()
                    .filter(l -> l.isInked()
                            && l.part().equals(part)
                            && !printed.contains(l.owner())
                            && !printed.contains(part))
                    .forEach(l -> say(step, "the words of " + part + " are not on it yet"));
            if (fixed.containsKey(part)) {
                say(step, part + " is fixed a second time");
            }
            if (joining.side() == Joining.Side.BACK && liesDown(ground)) {
                say(step, "the back of " + ground + " can't be reached for " + part);
            }
            if (joining.side() == Joining.Side.FRONT) {
                onFront(step, joining, part);
            }
            boolean stuck = build.part(part)
                            .filter(p -> p.material() instanceof Cardstock)
                            .isPresent()
                    && joining.side() == Joining.Side.FRONT;
            if (stuck && house.inside() == HouseRules.Inside.BEFORE_FRONT && isInside(joining.onto()) && frontLies) {
                say(step, part + " goes inside when the front lies already");
            }
        }
        if (joining.by().isEmpty() && joining.side() == Joining.Side.BACK) {
            throughSlot(step, joining, ground);
        }
        joining.laid().forEach(p -> fixed.put(p, joining));
    }

    /** A sheet lies down when it, or what carries it, was laid on something with its back to that. */
    private boolean liesDown(PartId sheet) {
        Joining own = fixed.get(sheet);
        return own != null && own.side() == Joining.Side.FRONT;
    }

    private void onFront(Step step, Joining joining, PartId part) {
        boolean byFoam = joining.by().filter(Foam.class::isInstance).isPresent();
        boolean foamThere = isFoam(part)
                || isFoam(partOf(joining.onto()))
                || fixed.entrySet().stream()
                        .anyMatch(e -> isFoam(e.getKey())
                                && e.getValue().side() == Joining.Side.BACK
                                && partOf(e.getValue().onto()).equals(part));
        if (byFoam && !foamThere) {
            say(step, part + " should stand on foam, and none is laid");
        }
        Level level = build.level(SlabId.of(part)).orElse(null);
        if (level == null) {
            return;
        }
        Area own = Plain.area(level.slab().footprints());
        fixed.forEach((other, how) -> {
            boolean beside = how.side() == Joining.Side.FRONT && how.onto().equals(joining.onto());
            Level over = build.level(SlabId.of(other)).orElse(null);
            if (beside
                    && over != null
                    && over.bottom().compareTo(level.top()) >= 0
                    && Plain.share(own, Plain.area(over.slab().footprints()), 0.01)) {
                say(step, part + " belongs under " + other + ", which lies already");
            }
        });
    }

    /** Whatever sticks to it must come through the slot with it. */
    private void throughSlot(Step step, Joining joining, PartId sheet) {
        Part holed = build.part(sheet).orElseThrow();
        Level plane = build.level(joining.onto()).orElseThrow();
        for (PartId part : joining.laid()) {
            Area slots = Plain.area(holed.cutouts().stream()
                    .filter(c -> c.sort() == Cutout.Sort.SLOT && c.owner().equals(part.owner()))
                    .map(Cutout::onFace)
                    .toList());
            for (PartId rider : chain(part)) {
                Level level = build.level(SlabId.of(rider)).orElseThrow();
                Area body = Plain.area(level.slab().footprints());
                if (level.top().isAbove(plane.bottom()) && Plain.size(Plain.less(body, slots)) > 0.1) {
                    say(step, rider + " is larger than the slot it goes through");
                }
            }
        }
    }

    private Set<PartId> chain(PartId from) {
        Set<PartId> all = new HashSet<>();
        boolean more = true;
        while (more) {
            more = false;
            for (Map.Entry<PartId, Joining> e : fixed.entrySet()) {
                PartId on = partOf(e.getValue().onto());
                more |= (on.equals(from) || all.contains(on)) && all.add(e.getKey());
            }
        }
        return all;
    }

    private void end() {
        for (Part part : build.parts()) {
            if (part.material() instanceof MaskingPaper) {
                if (!peeled.contains(part.id())) {
                    wrong.add(part.id() + " is never taken off");
                }
            } else if (!fixed.containsKey(part.id()) && !part.id().toString().equals("base")) {
                wrong.add("no step fixes " + part.id());
            }
            if (!cut.contains(part.id()) && !isReady(part.id())) {
                wrong.add("no step cuts " + part.id());
            }
            if (part.material() instanceof Film && !filled.contains(part.id())) {
                wrong.add("nothing is filled behind " + part.id());
            }
        }
    }

    private boolean isInside(SlabId slab) {
        Set<SlabId> inside = new HashSet<>();
        build.mechanics().leaves().stream().map(Leaf::over).forEach(inside::add);
        boolean more = true;
        while (more) {
            more = false;
            for (var joint : build.joints()) {
                switch (joint.hold()) {
                    case RESTS -> more |= inside.contains(joint.lower()) && inside.add(joint.upper());
                    case HANGS -> more |= inside.contains(joint.upper()) && inside.add(joint.lower());
                    default -> {
                        // The others carry nothing.
                    }
                }
            }
        }
        return inside.contains(slab);
    }

    private boolean isFoam(PartId id) {
        return build.part(id).filter(p -> p.material() instanceof Foam).isPresent();
    }

    private PartId partOf(SlabId slab) {
        return build.level(slab).orElseThrow().slab().part();
    }
}
