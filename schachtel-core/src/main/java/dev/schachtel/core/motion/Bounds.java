package dev.schachtel.core.motion;

import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Box;

/** The box round a sheet in space, mm. */
record Bounds(Vec least, Vec most) {
    static Bounds of(Contact.Lying sheet) {
        Box box = sheet.outline().bounds();
        Vec[] corners = {
            sheet.at().at(new Vec(box.left(), box.bottom(), 0)),
            sheet.at().at(new Vec(box.right(), box.bottom(), 0)),
            sheet.at().at(new Vec(box.left(), box.top(), 0)),
            sheet.at().at(new Vec(box.right(), box.top(), 0))
        };
        Vec least = corners[0];
        Vec most = corners[0];
        for (Vec c : corners) {
            least = new Vec(Math.min(least.x(), c.x()), Math.min(least.y(), c.y()), Math.min(least.z(), c.z()));
            most = new Vec(Math.max(most.x(), c.x()), Math.max(most.y(), c.y()), Math.max(most.z(), c.z()));
        }
        return new Bounds(least, most);
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
