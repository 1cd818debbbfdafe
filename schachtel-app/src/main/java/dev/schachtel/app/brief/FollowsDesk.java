package dev.schachtel.app.brief;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import org.springframework.stereotype.Component;

import dev.schachtel.app.build.OutlookDesk;
import dev.schachtel.app.log.Logbook;
import dev.schachtel.app.words.Html;
import dev.schachtel.app.words.Wording;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.Brief;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.log.Acquaintance;
import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.log.Risk;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.tolerance.Enough;
import dev.schachtel.core.work.WorkKind;

/** What follows from a brief: from the checks, the cut plan, and what was built before. */
@Component
class FollowsDesk {
    private static final int RISKS = 2;
    private static final List<RuleId> OF_THE_POST = List.of(
            RuleId.DEADLINE,
            RuleId.ENVELOPE_SIZE,
            RuleId.ENVELOPE_THICKNESS,
            RuleId.ENVELOPE_WEIGHT,
            RuleId.OVERHANG,
            RuleId.STOCK_SHORT,
            RuleId.SMALL_PARTS,
            RuleId.WRITING);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
    private final Wording wording;
    private final Logbook log;
    private final OutlookDesk outlook;

    FollowsDesk(Wording wording, Logbook log, OutlookDesk outlook) {
        this.outlook = outlook;
        this.wording = wording;
        this.log = log;
    }

    /** One consequence: its verdict's shape, if it has one, its words, and ways out. */
    public record Follows(String shape, String html, String key, List<WayOut> ways, Optional<Set> set) {
        Follows(String shape, String html) {
            this(shape, html, "", List.of(), Optional.empty());
        }
    }

    /** A remedy by its place among those of its finding. */
    public record WayOut(int index, String html) {}

    /** A number of the brief that can be raised at once, by so much. */
    public record Set(String component, int now, int more, String verb) {}

    List<Follows> of(Plan plan) {
        List<Follows> all = new ArrayList<>();
        List<Acquaintance.Built> built = log.built();
        known(plan, built).ifPresent(all::add);
        plan.findings().all().stream()
                .filter(f -> OF_THE_POST.contains(f.rule()))
                .forEach(f -> all.add(follows(f, plan.spec().units())));
        all.add(new Follows("", outlook.range(plan)));
        outlook.inTime(plan).ifPresent(words -> all.add(new Follows("", words)));
        int pieces = plan.cutting().demands().stream().mapToInt(d -> d.count()).sum();
        all.add(new Follows(
                "",
                pieces + " pieces to cut from " + plan.cutting().sheets() + " sheets"
                        + (plan.cutting().toBuy() > 0
                                ? ", " + plan.cutting().toBuy() + " of them to buy"
                                : ", all in the drawer")));
        all.add(spares(plan.spec().brief(), built));
        risks(plan, built).forEach(words -> all.add(new Follows("", words)));
        return all;
    }

    /** Whether somebody has the same card, the same picture or one of the set already; else what they have no card of yet. */
    private Optional<Follows> known(Plan plan, List<Acquaintance.Built> built) {
        String who = plan.spec().brief().recipient().strip();
        Acquaintance known = Acquaintance.of(who, plan.spec(), built);
        String name = "“" + Html.escape(who) + "”";
        if (known.closest().isPresent()) {
            Acquaintance.Had had = known.closest().get();
            String card = "“" + Html.escape(had.card()) + "” on " + DAY.format(had.day());
            return Optional.of(new Follows(
                    "watch",
                    switch (had.like()) {
                        case CARD -> name + " got this card already: " + card + ".";
                        case PICTURE -> name + " got a card with the same picture: " + card + ".";
                        default -> name + " got a card of this set: " + card + ".";
                    }));
        }
        return known.had().isEmpty() || known.without().isEmpty()
                ? Optional.empty()
                : Optional.of(new Follows(
                        "",
                        name + " has no " + Html.escape(known.without().get(0).toLowerCase(Locale.ROOT)) + " yet."));
    }

    /** As many spares as make enough good ones nineteen times in twenty, by what went wrong in the log so far. */
    private static Follows spares(Brief brief, List<Acquaintance.Built> built) {
        int made = built.stream()
                .mapToInt(b -> b.entry().made() + b.entry().spoiled())
                .sum();
        int wrong = built.stream()
                .map(Acquaintance.Built::entry)
                .mapToInt((LogEntry e) -> e.mishaps().size())
                .sum();
        double good = Enough.good(Math.max(made, wrong), wrong);
        int make = Enough.toMake(brief.cards(), good);
        int spare = make - brief.cards();
        String so = wrong == 0
                ? "By the book one piece in twenty goes wrong"
                : "So far " + wrong + " of " + made + " cards had a mishap";
        String words = so + ": of each small part make " + make + ", then " + brief.cards()
                + " come out well nineteen times in twenty.";
        boolean has = brief.spares() >= spare;
        return new Follows(
                has ? "works" : "",
                words,
                "",
                List.of(),
                has
                        ? Optional.empty()
                        : Optional.of(new Set(
                                "spares",
                                brief.spares(),
                                spare - brief.spares(),
                                "Plan " + spare + (spare == 1 ? " spare" : " spares"))));
    }

    /** The kinds of work of this card that went wrong more often than work in general. */
    private List<String> risks(Plan plan, List<Acquaintance.Built> built) {
        Map<String, WorkKind> works = new LinkedHashMap<>();
        plan.assembly().steps().stream().map(s -> s.op().kind()).forEach(k -> works.put(k.id(), k));
        List<LogEntry> entries = built.stream().map(Acquaintance.Built::entry).toList();
        int cards = plan.spec().brief().cards();
        return Risk.of(entries, works.keySet(), cards).stream()
                .limit(RISKS)
                .map(r ->
                        "“" + wording.name(works.get(r.work())) + "” went wrong " + times(r.wrong()) + " on " + r.made()
                                + " cards: for " + cards + (cards == 1 ? " card" : " cards") + " make " + r.make()
                                + " of what goes through it.")
                .toList();
    }

    private static String times(int count) {
        return count == 1 ? "once" : count == 2 ? "twice" : count + " times";
    }

    private Follows follows(Finding f, Units units) {
        List<WayOut> ways = new ArrayList<>();
        for (int i = 0; i < f.remedies().size(); i++) {
            ways.add(new WayOut(i, wording.remedy(f, f.remedies().get(i), units)));
        }
        return new Follows(
                f.severity().name().toLowerCase(java.util.Locale.ROOT),
                wording.finding(f, units),
                f.key(),
                ways,
                Optional.empty());
    }
}
