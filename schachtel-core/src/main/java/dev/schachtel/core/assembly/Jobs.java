package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.material.Hazard;
import dev.schachtel.core.schedule.Link;
import dev.schachtel.core.schedule.Problem;
import dev.schachtel.core.schedule.Task;
import dev.schachtel.core.work.Tool;
import dev.schachtel.core.work.Trait;

/**
 * Operations on lots as a problem for the scheduler. What is done once for all cards is one task; paste is laid in rounds
 * small enough for its stencil to be washed in time.
 */
final class Jobs {
    /** One operation on one lot, or one round of it. */
    record Job(int op, Lot lot, int round, int things) {}

    private static final int BOARDS = 0;
    private static final int WEIGHTS = 1;

    private final Before before;
    private final List<Before.Link> soon;
    private final List<Lot> lots;
    private final int cards;
    private final List<Job> jobs = new ArrayList<>();
    private final Map<Integer, Map<Integer, List<Integer>>> byOp = new HashMap<>();
    private final Map<String, Integer> families = new HashMap<>();

    Jobs(Before before, int cards, int together) {
        this.before = before;
        this.soon = before.soon();
        this.cards = cards;
        this.lots = lots(cards, together);
        for (int op = 0; op < before.ops().size(); op++) {
            boolean whole = before.ops().get(op).kind().has(Trait.WHOLE);
            for (Lot lot : whole ? List.of(Lot.whole(cards)) : lots) {
                add(op, lot);
            }
        }
    }

    static List<Lot> lots(int cards, int together) {
        if (together <= 0 || together >= cards) {
            return List.of(Lot.whole(cards));
        }
        List<Lot> lots = new ArrayList<>();
        for (int first = 1; first <= cards; first += together) {
            lots.add(new Lot(lots.size() + 1, first, Math.min(together, cards - first + 1)));
        }
        return lots;
    }

    private void add(int op, Lot lot) {
        Op what = before.ops().get(op);
        int rounds = rounds(op, lot);
        int things = things(what, lot);
        List<Integer> added = new ArrayList<>();
        for (int round = 0; round < rounds; round++) {
            int many = what.kind().has(Trait.WASHES) ? 1 : things * (round + 1) / rounds - things * round / rounds;
            added.add(jobs.size());
            jobs.add(new Job(op, lot, round, many));
        }
        byOp.computeIfAbsent(op, k -> new HashMap<>()).put(lot.number(), added);
    }

    private int things(Op op, Lot lot) {
        return lot.cards() == cards ? op.things() : (op.things() * lot.cards() + cards - 1) / cards;
    }

    /** How often paste is laid and its stencil washed, so that no stencil waits longer than it may. */
    private int rounds(int op, Lot lot) {
        Op what = before.ops().get(op);
        return soon.stream()
                .filter(l -> l.first() == op || l.then() == op)
                .flatMap(l -> l.rule().within(before.ops().get(l.first())).stream()
                        .map(most -> {
                            Op pasted = before.ops().get(l.first());
                            long work = pasted.work(things(pasted, lot)).toSeconds();
                            return (int)
                                    Math.min(things(pasted, lot), (work + most.toSeconds() - 1) / most.toSeconds());
                        }))
                .max(Integer::compare)
                .map(n -> Math.max(1, n))
                .orElse(1);
    }

    List<Job> all() {
        return jobs;
    }

    List<Lot> lots() {
        return lots;
    }

    Problem problem(int makers, HouseRules house) {
        List<Task> tasks = jobs.stream().map(this::task).toList();
        List<Link> links = new ArrayList<>();
        for (Before.Link link : before.telling()) {
            link(link, links);
        }
        rounds(links);
        return new Problem(
                tasks,
                links,
                makers,
                Tool.values().length,
                List.of(house.boards(), house.weights()),
                makers == 1 ? List.of() : holds());
    }

    /** Each card of the batch has its own parts: what is done for all cards at once holds those of every lot. */
    private List<List<Integer>> holds() {
        Hands hands = new Hands(before);
        List<List<Integer>> byOp =
                IntStream.range(0, before.ops().size()).mapToObj(hands::of).toList();
        return jobs.stream()
                .map(job -> lots.stream()
                        .filter(lot -> job.lot.isWhole() || lot.equals(job.lot))
                        .flatMap(lot -> byOp.get(job.op).stream().map(part -> lots.indexOf(lot) * hands.parts() + part))
                        .toList())
                .toList();
    }

    private Task task(Job job) {
        Op op = before.ops().get(job.op);
        int rest = (int) op.rest().toSeconds();
        return new Task(
                (int) op.setUp().toSeconds(),
                (int) op.work(job.things).toSeconds(),
                families.computeIfAbsent(op.family(), f -> families.size()),
                op.kind().tool().map(Tool::ordinal).orElse(Task.NONE),
                rest,
                rest == 0 ? Task.NONE : op.kind().has(Trait.PRESSED) ? WEIGHTS : BOARDS,
                op.hazard() == Hazard.NONE ? Task.NONE : op.hazard().ordinal(),
                0);
    }

    /** Between the same lots; between all lots and one where one of the two is done for all at once. */
    private void link(Before.Link link, List<Link> links) {
        long most = link.rule()
                .within(before.ops().get(link.first()))
                .map(Duration::toSeconds)
                .orElse(Link.ANY);
        byOp.get(link.first()).forEach((lot, from) -> byOp.get(link.then()).forEach((other, to) -> {
            if (most != Link.ANY && lot.equals(other)) {
                for (int i = 0; i < from.size(); i++) {
                    links.add(new Link(from.get(i), to.get(i), link.rule().dry(), most));
                }
            } else if (lot.equals(other) || lot == 0 || other == 0) {
                from.forEach(a ->
                        to.forEach(b -> links.add(new Link(a, b, link.rule().dry(), Link.ANY))));
            }
        }));
    }

    /** A stencil is clean before it is used again. */
    private void rounds(List<Link> links) {
        for (Before.Link link : soon) {
            byOp.get(link.first()).forEach((lot, pastes) -> {
                List<Integer> washes = byOp.get(link.then()).get(lot);
                for (int i = 1; i < pastes.size(); i++) {
                    links.add(new Link(washes.get(i - 1), pastes.get(i), false, Link.ANY));
                }
            });
        }
    }
}
