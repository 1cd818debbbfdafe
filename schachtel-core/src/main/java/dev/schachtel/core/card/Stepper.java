package dev.schachtel.core.card;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Predicate;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** Strips side by side, each lying and standing in its own turn; folds flat both ways. */
@Kind(
        value = "stepper",
        title = "Stepper card",
        about = "Strips side by side that lie and stand in turn: side step, centre step, set-back middle.")
public record Stepper(
        @Asked(value = "Treads together", initial = "75 mm", inches = "3 in", min = "5 mm", max = "600 mm")
                Length treads,
        @Asked(value = "Rises together", initial = "90 mm", inches = "4 1/2 in", min = "5 mm", max = "600 mm")
                Length rises,
        @Asked(value = "Left", initial = "plain") StepZone left,
        @Asked(value = "Middle", initial = "stairs") StepZone middle,
        @Asked(value = "Right", initial = "plain") StepZone right,
        @Asked(value = "Card", initial = "slate-300", from = Asked.Choice.CARD) MaterialId card)
        implements Base, OwnSizes {
    @Override
    public Length width() {
        return left.width().plus(middle.width()).plus(right.width());
    }

    /** Opened flat. */
    @Override
    public Length height() {
        return treads.plus(rises);
    }

    /** All stairs must come out even in both sums. */
    @Override
    public Stepper sized(Length width, Length height, Length step) {
        Length even = step.times(evenSteps());
        Length rise = Length.max(even, rises.scaled(height, height()).roundedTo(even));
        Length tread = Length.max(even, even.times(height.minus(rise).wholeTimes(even)));
        List<StepZone> now = List.of(left, middle, right);
        List<StepZone> zones = new ArrayList<>();
        Length rest = width;
        for (int i = 0; i < now.size(); i++) {
            boolean last = now.subList(i + 1, now.size()).stream()
                    .noneMatch(z -> z.width().isPositive());
            Length wide =
                    last ? rest : now.get(i).width().scaled(width, width()).roundedTo(step);
            zones.add(now.get(i).sized(wide, tread, rise));
            rest = rest.minus(zones.get(i).width());
        }
        return new Stepper(tread, rise, zones.get(0), zones.get(1), zones.get(2), card);
    }

    /** The fewest parts into which all stairs can be divided evenly. */
    private long evenSteps() {
        long parts = 1;
        for (StepZone zone : List.of(left, middle, right)) {
            long more = parts;
            while (zone instanceof StepZone.Stairs s && parts % s.steps() != 0) {
                parts += more;
            }
        }
        return parts;
    }

    /** One face of a strip lies or stands: its length, front to back or foot to top. */
    public record Segment(boolean rise, Length length) {}

    /** A strip with its name and its segments from the front edge to the top back edge. */
    public record Zone(String name, StepZone kind, List<Segment> segments) {
        /** The name of a face of this strip, counted from the front. */
        public Id face(int index) {
            return new Id(name + "-" + (index + 1));
        }

        /** The name of the side of a rise that is seen from behind. */
        public Id back(int index) {
            return new Id(face(index) + "-back");
        }
    }

    /** The strips that are there, from the left. */
    public List<Zone> zones() {
        List<Zone> zones = new ArrayList<>();
        zones.add(new Zone("left", left, segments(left)));
        zones.add(new Zone("middle", middle, segments(middle)));
        zones.add(new Zone("right", right, segments(right)));
        return zones.stream().filter(z -> z.kind().width().isPositive()).toList();
    }

    private List<Segment> segments(StepZone kind) {
        if (kind instanceof StepZone.Box) {
            return List.of(new Segment(true, rises), new Segment(false, treads));
        }
        if (kind instanceof StepZone.SetBack s) {
            Length front = Length.min(s.front(), treads);
            return List.of(
                    new Segment(false, front), new Segment(true, rises), new Segment(false, treads.minus(front)));
        }
        if (kind instanceof StepZone.Stairs s) {
            List<Segment> all = new ArrayList<>();
            for (int i = 0; i < s.steps(); i++) {
                all.add(new Segment(true, s.rise()));
                all.add(new Segment(false, s.tread()));
            }
            return all;
        }
        return List.of(new Segment(false, treads), new Segment(true, rises));
    }

    @Override
    public List<Id> faces() {
        List<Id> all = named(s -> true, Zone::face);
        return all.isEmpty() ? List.of(Id.FRONT) : List.copyOf(all);
    }

    @Override
    public List<Id> reverses() {
        return named(Segment::rise, Zone::back);
    }

    private List<Id> named(Predicate<Segment> which, BiFunction<Zone, Integer, Id> name) {
        List<Id> all = new ArrayList<>();
        for (Zone zone : zones()) {
            for (int i = 0; i < zone.segments().size(); i++) {
                Segment segment = zone.segments().get(i);
                if (segment.length().isPositive() && which.test(segment)) {
                    all.add(name.apply(zone, i));
                }
            }
        }
        return all;
    }
}
