package dev.schachtel.core.assembly;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

import dev.schachtel.core.build.Build;

/** Which operation comes before which, by which rules; operations by their index. */
record Before(List<Link> links, int size) {
    /** One rule between two operations. */
    record Link(OrderRule rule, int first, int then) {}

    static Before of(List<Op> ops, Build build) {
        List<Link> links = new ArrayList<>();
        OrderRule[] rules = OrderRule.values();
        for (int a = 0; a < ops.size(); a++) {
            for (int b = 0; b < ops.size(); b++) {
                if (a == b) {
                    continue;
                }
                for (OrderRule rule : rules) {
                    if (rule.applies(ops.get(a), ops.get(b), build)) {
                        links.add(new Link(rule, a, b));
                    }
                }
            }
        }
        return new Before(links, ops.size());
    }

    /** The operations directly before each, without those that another one between them implies. */
    List<BitSet> direct() {
        List<BitSet> all = predecessors();
        List<BitSet> reach = closure(all);
        List<BitSet> direct = new ArrayList<>();
        for (BitSet before : all) {
            BitSet kept = (BitSet) before.clone();
            before.stream().forEach(p -> kept.andNot(reach.get(p)));
            direct.add(kept);
        }
        return direct;
    }

    List<BitSet> predecessors() {
        List<BitSet> all = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            all.add(new BitSet(size));
        }
        links.forEach(l -> all.get(l.then()).set(l.first()));
        return all;
    }

    private List<BitSet> closure(List<BitSet> all) {
        List<BitSet> reach = new ArrayList<>();
        all.forEach(b -> reach.add((BitSet) b.clone()));
        for (int k = 0; k < size; k++) {
            for (BitSet set : reach) {
                if (set.get(k)) {
                    set.or(reach.get(k));
                }
            }
        }
        return reach;
    }
}
