package dev.schachtel.core.assembly;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;

import dev.schachtel.core.patience.Patience;
import dev.schachtel.core.schedule.Problem;
import dev.schachtel.core.schedule.Task;

/** Which operation comes before which, by which rules; operations by their index. Without circles. */
record Before(List<Op> ops, List<Link> links, List<BuildPlan.Contradiction> contradictions) {
    /** Steps of work for an operation, besides those for each pair of two. */
    private static final int OPERATION = 200;

    private static final int LINK = 2;

    /** One rule between two operations. */
    record Link(OrderRule rule, int first, int then) {}

    static Before of(List<Op> ops, Shop shop, List<OrderRule> all) {
        boolean surfaces = ops.stream().anyMatch(o -> o.kind().isSurface());
        List<OrderRule> rules = all.stream()
                .filter(r -> surfaces || !(r instanceof SurfaceOrder || r instanceof PenOrder))
                .toList();
        Patience.take(OPERATION * (long) ops.size() + (long) ops.size() * ops.size());
        List<Link> links = new ArrayList<>();
        for (int a = 0; a < ops.size(); a++) {
            Op first = ops.get(a);
            List<OrderRule> concerned =
                    rules.stream().filter(r -> r.concerns(first)).toList();
            for (int b = 0; b < ops.size(); b++) {
                for (OrderRule rule : concerned) {
                    if (a != b && rule.follows(first, ops.get(b), shop)) {
                        links.add(new Link(rule, a, b));
                    }
                }
            }
        }
        return withoutCircles(ops, links);
    }

    /** As long as there is a circle the weakest rule in a shortest one gives way. */
    private static Before withoutCircles(List<Op> ops, List<Link> all) {
        List<Link> links = new ArrayList<>(all);
        List<BuildPlan.Contradiction> found = new ArrayList<>();
        List<Link> circle = circle(ops, links);
        while (!circle.isEmpty()) {
            Link weakest = circle.stream()
                    .min(Comparator.comparing((Link l) -> l.rule().strength()))
                    .orElseThrow();
            found.add(new BuildPlan.Contradiction(
                    circle.stream()
                            .map(l -> new BuildPlan.Bound(l.rule(), ops.get(l.first()), ops.get(l.then())))
                            .toList(),
                    circle.indexOf(weakest)));
            links.remove(weakest);
            circle = circle(ops, links);
        }
        return new Before(ops, links, found);
    }

    private static List<Link> circle(List<Op> ops, List<Link> links) {
        Patience.take(LINK * (1 + (long) links.size()));
        List<Task> tasks = ops.stream().map(o -> Task.of(0, 0)).toList();
        List<dev.schachtel.core.schedule.Link> plain = links.stream()
                .map(l -> dev.schachtel.core.schedule.Link.of(l.first(), l.then()))
                .toList();
        Problem problem = Problem.of(tasks, plain);
        return problem.circle().stream()
                .map(l -> links.stream()
                        .filter(x -> x.first() == l.before() && x.then() == l.after())
                        .max(Comparator.comparing(x -> x.rule().strength()))
                        .orElseThrow())
                .toList();
    }

    /** The links by which something must follow soon. */
    List<Link> soon() {
        return links.stream()
                .filter(l -> l.rule().within(ops.get(l.first())).isPresent())
                .toList();
    }

    /** The links that say something: those left out follow from others, drying included. */
    List<Link> telling() {
        List<BitSet> direct = direct();
        return links.stream()
                .filter(l -> direct.get(l.then()).get(l.first())
                        || l.rule().within(ops.get(l.first())).isPresent())
                .toList();
    }

    /** The operations directly before each, without those that another one between them implies. */
    List<BitSet> direct() {
        List<BitSet> dry = sets();
        List<BitSet> direct = sets();
        for (Link l : links) {
            direct.get(l.then()).set(l.first());
            if (l.rule().dry()) {
                dry.get(l.then()).set(l.first());
            }
        }
        List<BitSet> reach = closure(dry);
        for (int i = 0; i < ops.size(); i++) {
            BitSet kept = direct.get(i);
            dry.get(i).stream().forEach(p -> kept.andNot(reach.get(p)));
        }
        return direct;
    }

    /** What comes after each by some chain of links. */
    List<BitSet> after() {
        List<BitSet> next = sets();
        links.forEach(l -> next.get(l.first()).set(l.then()));
        return closure(next);
    }

    private List<BitSet> sets() {
        List<BitSet> all = new ArrayList<>();
        ops.forEach(o -> all.add(new BitSet(ops.size())));
        return all;
    }

    private List<BitSet> closure(List<BitSet> all) {
        List<BitSet> reach = new ArrayList<>();
        all.forEach(b -> reach.add((BitSet) b.clone()));
        for (int k = 0; k < ops.size(); k++) {
            for (BitSet set : reach) {
                if (set.get(k)) {
                    set.or(reach.get(k));
                }
            }
        }
        return reach;
    }
}
