package dev.schachtel.core.log;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

import dev.schachtel.core.learning.Lasting;
import dev.schachtel.core.learning.Pace;
import dev.schachtel.core.log.LogEntry.Drawn;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Take;
import dev.schachtel.core.material.Workshop;

/**
 * What builds say of the drawer: how much is really taken against what was planned, and what runs out first if all goes on as
 * before. Builds of the last {@value #REMEMBERED} days count.
 */
public final class Supplies {
    static final int REMEMBERED = 365;
    /** In less time than this no habit shows. */
    static final int SHORTEST = 30;
    /** What was taken by one build only may never be again. */
    private static final int LEAST = 2;

    private static final long SEED = 14;

    private final List<LogEntry> builds;
    private final Pace amounts;
    private final int days;

    private Supplies(List<LogEntry> builds, Pace amounts, int days) {
        this.builds = builds;
        this.amounts = amounts;
        this.days = days;
    }

    /** From the builds of a log, in any order. */
    public static Supplies of(List<LogEntry> log, LocalDate today) {
        List<LogEntry> builds = log.stream()
                .filter(e -> !e.day().isAfter(today) && age(e, today) <= REMEMBERED)
                .toList();
        Pace amounts =
                Pace.of(builds.stream().flatMap(e -> e.amounts().stream()).toList(), Pace.AMOUNTS);
        int days = builds.stream().mapToInt(e -> (int) age(e, today)).max().orElse(0);
        return new Supplies(builds, amounts, Math.max(SHORTEST, days));
    }

    private static long age(LogEntry build, LocalDate today) {
        return ChronoUnit.DAYS.between(build.day(), today);
    }

    /** How many times as much is taken of a material as is planned. */
    public Pace.Known of(MaterialId material) {
        return amounts.of(material.value());
    }

    /**
     * Something that will run out.
     *
     * @param material what it is
     * @param name as builds call it
     * @param of what it is counted in
     * @param left as the drawer says
     * @param seen builds that took some
     */
    public record Out(MaterialId material, String name, Take.Of of, double left, int seen, Lasting lasting) {}

    /** What several builds took, the first to run out first. */
    public List<Out> runOut(Workshop workshop) {
        Map<MaterialId, List<Double>> taken = new LinkedHashMap<>();
        Map<MaterialId, Drawn> latest = new LinkedHashMap<>();
        builds.stream().sorted(Comparator.comparing(LogEntry::day)).forEach(build -> {
            Map<MaterialId, Double> of = new LinkedHashMap<>();
            build.stock().stream().filter(d -> d.of().isUsedUp()).forEach(d -> {
                of.merge(thing(d), amount(d), Double::sum);
                latest.put(thing(d), d);
            });
            of.forEach((thing, sum) -> {
                if (sum > 0) {
                    taken.computeIfAbsent(thing, t -> new ArrayList<>()).add(sum);
                }
            });
        });
        List<Out> outs = new ArrayList<>();
        taken.forEach((thing, each) -> {
            Drawn d = latest.get(thing);
            OptionalDouble left = left(d, workshop);
            if (each.size() >= LEAST && left.isPresent()) {
                Lasting lasting = Lasting.of(each, left.getAsDouble(), days, SEED);
                outs.add(new Out(d.material(), d.name(), d.of(), left.getAsDouble(), each.size(), lasting));
            }
        });
        outs.sort(Comparator.comparingDouble(o -> o.lasting().likely()));
        return outs;
    }

    /** Rolls of one material stand in for each other, sheets of one size do. */
    private static MaterialId thing(Drawn d) {
        return d.of() == Take.Of.MILLIMETRES ? d.material() : d.item();
    }

    private double amount(Drawn d) {
        return d.taken() < 0 ? d.planned() * of(d.material()).median() : d.taken();
    }

    /** Empty where the drawer knows it no more. */
    private static OptionalDouble left(Drawn d, Workshop workshop) {
        return switch (d.of()) {
            case SHEETS ->
                workshop.sheets().stream()
                        .filter(s -> s.id().equals(d.item()))
                        .mapToDouble(Sheet::count)
                        .findFirst();
            case MILLIMETRES -> {
                List<Roll> rolls = workshop.rollsOf(d.material());
                double all = rolls.stream()
                        .mapToDouble(r -> r.left().nanometres() / 1e6)
                        .sum();
                yield rolls.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(all);
            }
            case PIECES ->
                workshop.all(Embellishment.class).stream()
                        .filter(e -> e.id().equals(d.item()))
                        .mapToDouble(Embellishment::owned)
                        .findFirst();
            case THOUSANDTHS -> thousandths(d.item(), workshop);
            case OFFCUTS, BACK -> OptionalDouble.empty();
        };
    }

    private static OptionalDouble thousandths(MaterialId id, Workshop workshop) {
        return workshop.shade(id)
                .map(s -> OptionalDouble.of(1000 * s.left()))
                .or(() -> workshop.find(id, Adhesive.class)
                        .filter(Adhesive::isPoured)
                        .map(a -> OptionalDouble.of(100.0 * a.left() / a.holds())))
                .orElse(OptionalDouble.empty());
    }
}
