package dev.schachtel.app.structure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import org.springframework.stereotype.Component;

import dev.schachtel.app.frame.Frames;
import dev.schachtel.app.lessons.Lessons;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.words.Html;
import dev.schachtel.app.words.Wording;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Depicted;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.edit.Positions;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.motion.SideViews;
import dev.schachtel.core.plan.Plan;

/** Puts the Structure page together from a plan. */
@Component
class StructureDesk {
    private static final Map<Severity, String> VERDICTS =
            Map.of(Severity.MEND, "Mend", Severity.WATCH, "Watch", Severity.WORKS, "Works");
    private final Plans plans;
    private final Frames frames;
    private final FieldForms forms;
    private final Wording wording;
    private final SurelyDesk surely;
    private final HeldDesk held;
    private final Lessons lessons;
    private final MotionPlayer player;
    private final Addables addables = new Addables();

    StructureDesk(Plans plans, Frames frames, FieldForms forms, Said said) {
        this.plans = plans;
        this.frames = frames;
        this.forms = forms;
        this.wording = said.wording();
        this.surely = said.surely();
        this.held = said.held();
        this.lessons = said.lessons();
        this.player = new MotionPlayer();
    }

    /** What puts things into words. */
    @Component
    record Said(Wording wording, SurelyDesk surely, HeldDesk held, Lessons lessons) {}

    /** With remedies, which are tried out first if they weren't yet. */
    StructureView mended(StoredCard card, String select, String view) {
        plans.mended(card.spec());
        return view(card, select, view);
    }

    /** At once: with remedies if they are known. */
    StructureView view(StoredCard card, String select, String view) {
        boolean tried = plans.isMended(card.spec());
        Plan plan = plans.of(card.spec());
        Checked checked = new Checked(plan.build(), plan.movements(), plan.findings());
        CardSpec spec = card.spec();
        Piece piece = chosen(spec, select);
        Shown shown = view.isEmpty() ? Shown.of(first(plan.build())) : Shown.named(view);
        List<Line> own = new ArrayList<>();
        List<Line> leans = new ArrayList<>();
        ledger(plan.build(), piece.id(), own, leans);
        Frames.Frame frame = frames.frame(card, plan, "structure");
        return new StructureView(
                frame,
                piece.id().value(),
                Shown.word(shown.view()),
                selected(plan, piece),
                own.stream().map(l -> line(l, spec.units())).toList(),
                leans.stream().map(l -> line(l, spec.units())).toList(),
                found(plan, tried),
                tried,
                addables.all(),
                StructureDrawings.of(
                        checked,
                        piece.id(),
                        shown,
                        "/cards/" + card.id() + "/structure?view=" + shown.name() + "&select="),
                player.of(checked, piece.id(), shown.view()),
                views(plan),
                new StructureView.Arranging(
                        !Positions.of(piece).isEmpty(), piece instanceof Base ? List.of() : frame.others()),
                surely.of(plan, piece.id()),
                held.of(plan, piece.id()),
                Units.tenths(plan.build().thickness()));
    }

    private record Line(Derivation derivation) {}

    private StructureView.Line line(Line line, Units units) {
        Derivation d = line.derivation();
        String result = Html.result(d.result(), units);
        return new StructureView.Line(d.name(), result, wording.derivation(d, units));
    }

    private static Piece chosen(CardSpec spec, String select) {
        if (select.matches(Id.PATTERN)) {
            return spec.piece(new Id(select)).orElse(spec.base());
        }
        return spec.features().isEmpty()
                ? spec.base()
                : spec.features().get(spec.features().size() - 1);
    }

    /** What stands by itself is seen in the round first. */
    private static Views first(Build build) {
        return build.mechanics().unfolding().standsByItself() ? Views.IN_THE_ROUND : Views.FRONT;
    }

    private StructureView.Selected selected(Plan plan, Piece piece) {
        Map<?, String> letters = plan.build().letters();
        List<String> own = plan.build().partsOf(piece.id()).stream()
                .map(p -> letters.get(p.id()))
                .toList();
        String kind = RecordType.title(piece.getClass());
        String name = FieldForms.name(piece.id());
        boolean base = piece instanceof Base;
        String title = base ? kind : name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
        int count = plan.build().partsOf(piece.id()).stream()
                .mapToInt(p -> p.perCard())
                .sum();
        String about = (kind.equalsIgnoreCase(title) ? "" : kind.toLowerCase(Locale.ROOT) + ", ")
                + (count == 0 ? "an opening" : count == 1 ? "1 part" : count + " parts");
        return new StructureView.Selected(
                title,
                about,
                own,
                forms.of(plan.spec(), piece.id(), piece),
                !base,
                forms.dies(),
                piece instanceof Depicted,
                lessons.of(piece).stream().map(Lessons.Lesson::words).toList());
    }

    /** The piece's own sizes, then those of other pieces that its inputs come from. */
    private static void ledger(Build build, Id id, List<Line> own, List<Line> leans) {
        Set<Id> others = new LinkedHashSet<>();
        for (Derivation d : build.derivationsOf(id)) {
            own.add(new Line(d));
            d.terms().forEach(t -> others.add(t.source().piece()));
        }
        build.spec().piece(id).ifPresent(p -> grounds(p).forEach(others::add));
        others.remove(id);
        for (Id other : others) {
            build.derivationsOf(other).stream().limit(2).map(Line::new).forEach(leans::add);
        }
    }

    private static List<Id> grounds(Piece piece) {
        RecordType recordType = RecordType.of(piece.getClass());
        return recordType.components().stream()
                .filter(b -> b.type() == Id.class && !b.name().equals("id"))
                .map(b -> (Id) recordType.get(piece, b))
                .toList();
    }

    private List<StructureView.Found> found(Plan plan, boolean tried) {
        Map<String, List<Lessons.Lesson>> learned = lessons.ofRules();
        return plan.findings().all().stream()
                .map(f -> found(
                        f,
                        plan.spec().units(),
                        tried,
                        learned.getOrDefault(f.rule().name(), List.of())))
                .toList();
    }

    private static String lessons(List<Lessons.Lesson> learned) {
        return learned.stream()
                .map(l -> " <em class=\"lesson\">" + Html.escape(l.words()) + "</em>")
                .collect(Collectors.joining());
    }

    private StructureView.Found found(Finding finding, Units units, boolean tried, List<Lessons.Lesson> learned) {
        List<StructureView.WayOut> ways = new ArrayList<>();
        for (int i = 0; i < finding.remedies().size(); i++) {
            ways.add(new StructureView.WayOut(
                    i, wording.remedy(finding, finding.remedies().get(i), units)));
        }
        return new StructureView.Found(
                finding.key(),
                finding.severity().name().toLowerCase(Locale.ROOT),
                VERDICTS.get(finding.severity()),
                (tried ? wording.finding(finding, units) : wording.found(finding, units)) + lessons(learned),
                finding.owner().value(),
                finding.place().isPresent(),
                ways,
                finding.rule() == RuleId.NOT_WORKED_OUT);
    }

    private static List<String> views(Plan plan) {
        return Arrays.stream(Views.values())
                .filter(v -> v != Views.FROM_THE_SIDE || SideViews.areThere(plan.build()))
                .map(Shown::word)
                .toList();
    }
}
