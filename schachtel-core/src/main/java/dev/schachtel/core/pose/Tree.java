package dev.schachtel.core.pose;

import java.util.List;

/**
 * By which hinge each panel hangs on the one before it.
 *
 * @param parent of each panel its hinge; -1 for one that hangs on nothing
 * @param laid of each hinge how its second panel lies flat on its first
 */
record Tree(List<Hinge> hinges, int[] parent, List<Rigid> laid) {
    static Tree of(List<Hinge> hinges, int[] parent) {
        return new Tree(hinges, parent, hinges.stream().map(Hinge::laid).toList());
    }

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
        int h = parent[panel];
        Rigid step = hinges.get(h).bent(laid.get(h), angles[h]);
        return isForward(panel) ? step : step.inverse();
    }

    /** Where a panel lies, worked out from the first one; what is known already isn't worked out again. */
    Rigid placed(int panel, double[] angles, Rigid[] known) {
        Rigid there = known[panel];
        if (there == null) {
            there = parent[panel] < 0
                    ? Rigid.FLAT
                    : placed(before(panel), angles, known).after(step(panel, angles));
            known[panel] = there;
        }
        return there;
    }
}
