package dev.schachtel.core.check;

import java.awt.geom.Area;
import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.Plain;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.shape.Outline;

import static java.lang.Math.max;

/** Card left beside openings, by brute force. */
final class PlainOpenings {
    private final Build build;
    private final Verdicts verdicts;

    PlainOpenings(Build build, Verdicts verdicts) {
        this.build = build;
        this.verdicts = verdicts;
    }

    private record Hole(Object owner, Area area, double asked, boolean door) {}

    void judge() {
        for (Part part : build.parts()) {
            List<Hole> holes = new ArrayList<>();
            for (Cutout c : part.cutouts()) {
                boolean film = build.chambers().stream()
                        .anyMatch(ch -> ch.isDam()
                                && ch.apertures().stream()
                                        .anyMatch(a -> a.owner().equals(c.owner())));
                switch (c.sort()) {
                    case WINDOW, SLOT -> holes.add(new Hole(c.owner(), Plain.area(c.onFace()), film ? 10 : 6, false));
                    case HOLE -> holes.add(new Hole(c.owner(), Plain.area(c.onFace()), 4, false));
                    default -> {
                        // Notches and patterns belong to the edge.
                    }
                }
            }
            part.slits().stream()
                    .filter(s -> s.points().size() > 2)
                    .forEach(s -> holes.add(new Hole(s.owner(), Plain.area(Outline.ofCorners(s.onFace())), 6, true)));
            boolean base = part.id().toString().equals("base");
            Area sheet = Plain.area(
                    base
                            ? build.face()
                            : part.outline().placed(part.at().get(0)).filled());
            for (Hole hole : holes) {
                verdicts.below(RuleId.MARGIN_EDGE, hole.owner, Flat.inside(sheet, hole.area), hole.asked);
            }
            for (int i = 0; i < holes.size(); i++) {
                for (int k = i + 1; k < holes.size(); k++) {
                    Hole a = holes.get(i);
                    Hole b = holes.get(k);
                    if (!(a.door && b.door && a.owner.equals(b.owner))) {
                        String first = a.owner.toString();
                        String second = b.owner.toString();
                        verdicts.below(
                                RuleId.MARGIN_WEB,
                                first.compareTo(second) <= 0 ? second : first,
                                Flat.apart(a.area, b.area),
                                max(a.asked, b.asked));
                    }
                }
            }
        }
    }
}
