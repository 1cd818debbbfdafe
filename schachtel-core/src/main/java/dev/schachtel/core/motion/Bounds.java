package dev.schachtel.core.motion;

import java.util.List;

import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Box;

/** The box round a slab in space, mm. */
record Bounds(Vec least, Vec most) {
    /**
     * Round sheets of one outline.
     *
     * @param outline the box round it
     */
    static Bounds of(Box outline, List<Rigid> sheets) {
        Vec least = sheets.get(0).at(new Vec(outline.left(), outline.bottom(), 0));
        Vec most = least;
        for (Rigid sheet : sheets) {
            for (int corner = 0; corner < 4; corner++) {
                double x = corner % 2 == 0 ? outline.left() : outline.right();
                double y = corner < 2 ? outline.bottom() : outline.top();
                Vec at = sheet.at(new Vec(x, y, 0));
                least = least.least(at);
                most = most.most(at);
            }
        }
        return new Bounds(least, most);
    }

    Bounds union(Bounds other) {
        return new Bounds(least.least(other.least), most.most(other.most));
    }

    boolean touches(Bounds other) {
        return least.x() <= other.most.x()
                && other.least.x() <= most.x()
                && least.y() <= other.most.y()
                && other.least.y() <= most.y()
                && least.z() <= other.most.z()
                && other.least.z() <= most.z();
    }
}
