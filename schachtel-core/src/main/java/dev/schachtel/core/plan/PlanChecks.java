package dev.schachtel.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;

import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.assembly.OrderRule;
import dev.schachtel.core.assembly.Rehearsal;
import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.Brief;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.check.Findings;
import dev.schachtel.core.check.Report;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.CutPlanner;
import dev.schachtel.core.cutting.Demand;
import dev.schachtel.core.cutting.LinearPlan;
import dev.schachtel.core.cutting.MatPlan;
import dev.schachtel.core.cutting.MaterialPlan;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Tools;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

/** What the plans say about the drawer and the calendar; the checks of the card itself know neither. */
final class PlanChecks {
    /** So much of a day is counted as time at the bench: 8 hours. */
    static final int BENCH_DAY = 8 * 60;

    private PlanChecks() {}

    /** What could not be worked out. */
    static Findings told(Fault why) {
        Report report = new Report();
        report.on(why.rule(), why.at().piece()).names(why.about()).mend();
        return report.findings();
    }

    /** Sheets that the plan takes against those in the drawer, by material. */
    static Findings stock(CutPlan cutting, Workshop workshop) {
        Report report = new Report();
        refused(cutting, report);
        for (MaterialPlan plan : cutting.materials()) {
            int taken = plan.taken();
            if (plan.toBuy() > 0) {
                report.on(RuleId.STOCK_SHORT, Id.BASE)
                        .names(plan.material().name())
                        .measured(new Amount.Count(taken), new Amount.Count(taken - plan.toBuy()))
                        .watch();
            }
        }
        cutting.mats().sheets().stream()
                .filter(m -> !m.inStock())
                .map(m -> m.sheet().material())
                .distinct()
                .forEach(id -> mats(cutting, id, report));
        rolls(cutting, report);
        unplaced(cutting, workshop, report);
        strokes(cutting, workshop.tools(), report);
        if (cutting.toBuy() == 0
                && cutting.rolls().stream().allMatch(LinearPlan::enough)
                && cutting.everythingPlaced()
                && cutting.sheets() > 0) {
            report.on(RuleId.STOCK_SHORT, Id.BASE)
                    .names("")
                    .measured(new Amount.Count(cutting.sheets()), new Amount.Count(cutting.sheets()))
                    .works();
        }
        return report.findings();
    }

    /** What fits a sheet, but not the way its grain or pattern must lie; what is too large or has no sheet is said elsewhere. */
    private static void unplaced(CutPlan cutting, Workshop workshop, Report report) {
        for (MaterialPlan plan : cutting.materials()) {
            plan.unplaced().stream()
                    .filter(d -> !cutting.isRefused()
                            && workshop.sheetsOf(plan.material().id()).stream().anyMatch(s -> fits(d, s)))
                    .map(Demand::part)
                    .distinct()
                    .forEach(p -> report.on(RuleId.UNPLACED, p.owner())
                            .parts(p.id())
                            .names(p.name(), plan.material().name())
                            .mend());
        }
    }

    private static boolean fits(Demand blank, Sheet sheet) {
        boolean straight =
                !blank.width().isAbove(sheet.width()) && !blank.height().isAbove(sheet.height());
        boolean turned =
                !blank.width().isAbove(sheet.height()) && !blank.height().isAbove(sheet.width());
        return straight || turned;
    }

    private static void strokes(CutPlan cutting, Tools tools, Report report) {
        List<Length> longer = cutting.numbered().stream()
                .flatMap(s -> s.strokes().stream())
                .filter(l -> l.isAbove(tools.trimmer()))
                .toList();
        if (!longer.isEmpty() && tools.trimmer().isPositive()) {
            report.on(RuleId.TRIMMER_SHORT, Id.BASE)
                    .names(Integer.toString(longer.size()))
                    .measured(Collections.max(longer), tools.trimmer())
                    .works();
        }
    }

    private static void rolls(CutPlan cutting, Report report) {
        for (LinearPlan roll : cutting.rolls()) {
            if (roll.widths().tooWide().isPositive()) {
                report.on(RuleId.ROLL_NARROW, Id.BASE)
                        .names(roll.material().name())
                        .measured(roll.widths().widest(), roll.widths().tooWide())
                        .mend();
            } else if (!roll.enough()) {
                report.on(RuleId.ROLL_SHORT, Id.BASE)
                        .names(roll.material().name())
                        .measured(roll.needed(), roll.needed().minus(roll.missing()))
                        .watch();
            }
        }
    }

    private static void refused(CutPlan cutting, Report report) {
        if (cutting.isRefused()) {
            int blanks = (int) Math.min(
                    Integer.MAX_VALUE,
                    cutting.demands().stream().mapToLong(d -> d.count()).sum());
            report.on(RuleId.TOO_MANY_PARTS, Id.BASE)
                    .measured(new Amount.Count(blanks), new Amount.Count(CutPlanner.MOST))
                    .mend();
        }
    }

    private static void mats(CutPlan cutting, MaterialId material, Report report) {
        List<MatPlan> all = cutting.mats().sheets().stream()
                .filter(m -> m.sheet().material().equals(material))
                .toList();
        int there = (int) all.stream().filter(MatPlan::inStock).count();
        String name = all.get(0).parts().get(0).demand().part().material().name();
        report.on(RuleId.STOCK_SHORT, Id.BASE)
                .names(name + ", on the cutter’s mat")
                .measured(new Amount.Count(all.size()), new Amount.Count(there))
                .watch();
    }

    /** Rules that can't all be kept, with the pieces they are about: to mend if one gave way that warns or forbids, else to watch. */
    static Findings order(BuildPlan assembly) {
        Report report = new Report();
        for (BuildPlan.Contradiction c : assembly.contradictions()) {
            BuildPlan.Bound weak = c.circle().get(c.gaveWay());
            Report.Draft draft = report.on(RuleId.ORDER_CONTRADICTS, Id.BASE)
                    .names(c.circle().stream()
                            .map(b -> b.first().owner())
                            .distinct()
                            .map(id -> "“" + id.words() + "”")
                            .collect(Collectors.joining(" and ")));
            if (weak.rule().strength().compareTo(OrderRule.Strength.WARNS) < 0) {
                draft.watch();
            } else {
                draft.mend();
            }
        }
        return report.findings();
    }

    /** What hands could not do, with the number of the step; to mend. */
    static Findings buildable(Build build, BuildPlan assembly) {
        Report report = new Report();
        for (Rehearsal.Found found : Rehearsal.of(build, assembly)) {
            report.on(rule(found.fault()), found.part().owner())
                    .parts(found.part())
                    .names(
                            name(build, found.part()),
                            found.other().map(o -> name(build, o)).orElse(""))
                    .measured(new Amount.Count(found.step()), new Amount.Count(0))
                    .mend();
        }
        return report.findings();
    }

    private static RuleId rule(Rehearsal.Fault fault) {
        return switch (fault) {
            case NOT_MADE, MADE_TWICE -> RuleId.PART_CUT;
            case NOT_FIXED, FIXED_TWICE -> RuleId.PART_FIXED;
            case HELD_BY_NOTHING -> RuleId.PART_HELD;
            case OUT_OF_REACH -> RuleId.PART_REACHED;
            case DOES_NOT_PASS -> RuleId.PART_PASSES;
        };
    }

    private static String name(Build build, PartId id) {
        return build.part(id).map(Part::name).orElse("");
    }

    /**
     * Whether the work with all its drying fits into the days from this one to the one it is wanted for, both counted;
     * to watch when it takes more than half of them. Nothing without a date.
     */
    static Findings deadline(Brief brief, BuildPlan assembly, LocalDate today) {
        Report report = new Report();
        brief.due().ifPresent(due -> {
            long days = Math.max(0, ChronoUnit.DAYS.between(today, due) + 1);
            long left = Math.min(Integer.MAX_VALUE, days * BENCH_DAY);
            long takes = assembly.total().toMinutes();
            Report.Draft draft = report.on(RuleId.DEADLINE, Id.BASE)
                    .names(due.toString())
                    .measured(new Amount.Minutes((int) takes), new Amount.Minutes((int) left));
            if (takes > left) {
                draft.mend();
            } else if (2 * takes > left) {
                draft.watch();
            } else {
                draft.works();
            }
        });
        return report.findings();
    }
}
