package dev.schachtel.core.pose;

import java.util.List;

/**
 * By which hinge each panel hangs on the one before it.
 *
 * @param parent of each panel its hinge; -1 for one that hangs on nothing
 */
record Tree(List<Hinge> hinges, int[] parent) {
    /** The panel that this one hangs on. */
    int before(int panel) {
        Hinge hinge = hinges.get(parent[panel]);
        return hinge.second() == panel ? hinge.first() : hinge.second();
    }

    boolean isForward(int panel) {
        return hinges.get(parent[panel]).second() == panel;
    }

    /** How a panel lies on the one before it. */
    Rigid step(int panel, double[] angles) {
        Rigid step = hinges.get(parent[panel]).at(angles[parent[panel]]);
        return isForward(panel) ? step : step.inverse();
    }

    /** Where a panel lies, worked out from the first one. */
    Rigid placed(int panel, double[] angles) {
        return parent[panel] < 0 ? Rigid.FLAT : placed(before(panel), angles).after(step(panel, angles));
    }
}
