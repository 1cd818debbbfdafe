package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.SlotPath;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.LengthText;
import dev.schachtel.core.measure.LengthTextException;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.shape.Path;
import dev.schachtel.core.shape.Point;

/** The path of a connector's middle from what the maker says; a path of under 1 mm is noted and left as it is. */
record SlotLine(Path path) {
    private static final Length LEAST = Length.ofMillimetres(1);
    private static final int MOST_LEGS = 60;

    static SlotLine of(Id owner, SlotPath wish, BuildDraft draft) {
        Path path = path(owner, wish, draft);
        if (path.length().isBelow(LEAST)) {
            Source source = new Source(owner, wish instanceof SlotPath.Straight ? "path.rise" : "path");
            draft.fault(Fault.mend(RuleId.NO_TRAVEL, source, path.length(), LEAST));
        }
        return new SlotLine(path);
    }

    private static Path path(Id owner, SlotPath wish, BuildDraft draft) {
        if (wish instanceof SlotPath.Straight s) {
            Point from = Point.of(s.across(), s.up());
            return Path.through(List.of(from, Point.of(s.across().plus(s.run()), s.up().plus(s.rise()))));
        }
        if (wish instanceof SlotPath.Arc a) {
            return Path.arc(
                    Point.of(a.across(), a.up()), a.radius(), Angle.ofDegrees(a.from()), Angle.ofDegrees(a.sweep()));
        }
        SlotPath.Legs legs = (SlotPath.Legs) wish;
        try {
            return Path.through(corners(legs, draft.spec().units()));
        } catch (LengthTextException e) {
            draft.fault(RuleId.PATH_READ, new Source(owner, "path.legs"), String.valueOf(e.getMessage()));
            Point from = Point.of(legs.across(), legs.up());
            return Path.through(List.of(from, from.plus(1, 0)));
        }
    }

    /** Corners from legs such as "20 mm 0 mm; 10 mm 25 mm": pairs of lengths, each with its unit or in the card's. */
    private static List<Point> corners(SlotPath.Legs legs, Units units) {
        Length x = legs.across();
        Length y = legs.up();
        List<Point> corners = new ArrayList<>(List.of(Point.of(x, y)));
        for (String leg : legs.legs().split(";")) {
            if (leg.isBlank()) {
                continue;
            }
            List<String> both = pair(leg.strip());
            if (both.size() != 2 || corners.size() > MOST_LEGS) {
                throw new LengthTextException(
                        leg.strip(), 0, both.size() == 2 ? "is one leg too many" : "must be two lengths");
            }
            x = x.plus(LengthText.parse(both.get(0), units));
            y = y.plus(LengthText.parse(both.get(1), units));
            corners.add(Point.of(x, y));
        }
        return corners;
    }

    /** Splits at a comma, else behind the first unit. */
    private static List<String> pair(String leg) {
        if (leg.contains(",")) {
            return List.of(leg.split(",", 2));
        }
        String[] words = leg.split("(?<=mm|cm|in|\")\\s+", 2);
        return words.length == 2 ? List.of(words) : List.of(leg.split("\\s+", 2));
    }

    /** Writes down how long the way is. */
    void derive(Ledger ledger, SlotPath wish) {
        if (wish instanceof SlotPath.Straight s) {
            ledger.formula(
                    "Travel",
                    Amount.of(path.length()),
                    "on the slant: {0} across, {1} up",
                    ledger.term("", s.run(), "path.run"),
                    ledger.term("", s.rise(), "path.rise"));
        } else if (wish instanceof SlotPath.Arc a) {
            ledger.formula(
                    "Travel",
                    Amount.of(path.length()),
                    "{1}° of a circle, radius {0}",
                    ledger.term("", a.radius(), "path.radius"),
                    ledger.count("", Math.abs(a.sweep()), "path.sweep"));
        } else {
            ledger.formula("Travel", Amount.of(path.length()), "all legs together");
        }
    }
}
