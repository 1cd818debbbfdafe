package dev.schachtel.app.decorate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

import org.springframework.stereotype.Component;

import dev.schachtel.app.frame.Frames;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.structure.Field;
import dev.schachtel.app.structure.FieldForms;
import dev.schachtel.app.words.Times;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Needed;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.card.Treatment;
import dev.schachtel.core.card.Worded;
import dev.schachtel.core.cutting.PressPlan;
import dev.schachtel.core.drawing.NeededView;
import dev.schachtel.core.drawing.PressView;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Hazard;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Pairing;
import dev.schachtel.core.material.Surfacing;
import dev.schachtel.core.material.Technique;
import dev.schachtel.core.material.Tools;
import dev.schachtel.core.material.Under;
import dev.schachtel.core.model.Reading;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.SvgWriter;
import dev.schachtel.core.shape.Mm;

/** Puts the surface work of a card into what the Decorate station shows. */
@Component
class DecorateDesk {
    private static final int MOST_HEIGHTS = 12;
    /** Less that is covered is not worth a word: a share of what is needed. */
    private static final double WORTH_SAYING = 0.05;

    private static final Map<Pairing.Verdict, String> VERDICTS = Map.of(
            Pairing.Verdict.GOOD, "goes well",
            Pairing.Verdict.HARD, "is hard work",
            Pairing.Verdict.FAULT, "spoils it");

    private final Frames frames;
    private final FieldForms forms;

    DecorateDesk(Frames frames, FieldForms forms) {
        this.frames = frames;
        this.forms = forms;
    }

    DecorateView view(StoredCard card, Plan plan) {
        Build build = plan.build();
        Look look = Look.picture(460, 640);
        return new DecorateView(
                frames.frame(card, plan, "decorate"),
                SvgWriter.write(Views.FRONT.of(build, Id.BASE).plain(), look),
                sheets(plan),
                heights(build),
                presses(plan),
                pressed(plan),
                pieces(plan),
                plan.workshop().techniques().stream()
                        .map(t -> new Field.Option(t.id().value(), t.name(), false))
                        .toList(),
                plan.workshop().techniques().stream().map(t -> way(plan, t)).toList(),
                Arrays.stream(Surfacing.values())
                        .map(k -> new Field.Option(word(k), word(k), false))
                        .toList(),
                plan.workshop().pairings().stream().map(DecorateDesk::line).toList(),
                media(Medium.DYE_INK),
                Arrays.stream(Under.values())
                        .map(u -> new Field.Option(Scalars.kebab(u.name()), u.title(), false))
                        .toList());
    }

    private static List<Field.Option> media(Medium now) {
        return Arrays.stream(Medium.values())
                .map(m -> new Field.Option(Scalars.kebab(m.name()), m.title(), m == now))
                .toList();
    }

    private static DecorateView.Line line(Pairing pairing) {
        return new DecorateView.Line(
                Scalars.kebab(pairing.medium().name()),
                Scalars.kebab(pairing.under().name()),
                pairing.medium().title() + " on " + pairing.under().title(),
                Arrays.stream(Pairing.Verdict.values())
                        .map(v -> new Field.Option(word(v), VERDICTS.get(v), v == pairing.verdict()))
                        .toList(),
                pairing.reason());
    }

    private static DecorateView.Entry way(Plan plan, Technique t) {
        boolean free = t.kind().hazard() == Hazard.NONE;
        return new DecorateView.Entry(
                t.id().value(),
                t.name(),
                t.tool(),
                t.setUp(),
                t.each(),
                t.dryMinutes(),
                t.washWithin(),
                word(t.kind()),
                Arrays.stream(Hazard.values())
                        .filter(h -> free || h == t.hazard())
                        .map(h -> new Field.Option(word(h), h == Hazard.NONE ? "no hazard" : word(h), h == t.hazard()))
                        .toList(),
                media(t.medium()),
                uses(plan.spec(), t.id()));
    }

    private static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }

    static boolean uses(CardSpec spec, MaterialId way) {
        return spec.elements().stream()
                .flatMap(e -> Reading.choosing(spec, e.id(), Asked.Choice.TECHNIQUE)
                        .flatMap(component -> Reading.material(spec, e.id(), component))
                        .stream())
                .anyMatch(way::equals);
    }

    /**
     * A kind of work by its word.
     *
     * @throws RefusedException if there is none of that name
     */
    static Surfacing kind(String word) {
        return Arrays.stream(Surfacing.values())
                .filter(k -> word(k).equals(word))
                .findFirst()
                .orElseThrow(() -> new RefusedException("'" + word + "'", "is no kind of surface work"));
    }

    private List<DecorateView.Sheet> sheets(Plan plan) {
        Build build = plan.build();
        Map<PartId, String> letters = build.letters();
        Map<PartId, List<Surface>> byPart = new LinkedHashMap<>();
        build.surfaces().stream()
                .sorted(Comparator.comparing(s -> step(plan, s)))
                .forEach(s ->
                        byPart.computeIfAbsent(s.part(), k -> new ArrayList<>()).add(s));
        List<DecorateView.Sheet> sheets = new ArrayList<>();
        byPart.forEach((id, works) -> build.part(id)
                .ifPresent(part -> sheets.add(new DecorateView.Sheet(
                        letters.getOrDefault(id, ""),
                        part.name(),
                        part.material().name(),
                        works.stream().map(s -> work(plan, s, part)).toList()))));
        return sheets;
    }

    private static int step(Plan plan, Surface surface) {
        return plan.assembly().steps().stream()
                .filter(s -> s.op().surface().filter(surface::equals).isPresent())
                .map(Step::number)
                .findFirst()
                .orElse(Integer.MAX_VALUE);
    }

    private DecorateView.Work work(Plan plan, Surface surface, Part part) {
        Optional<Piece> owner = plan.spec().piece(surface.owner());
        Needed needed = Needed.of(plan.build(), surface);
        boolean less = needed.coveredArea().shareOf(needed.neededArea()) > WORTH_SAYING;
        int pieces = part.perCard() * plan.spec().brief().cards();
        String time = Times.of(surface.each().multipliedBy(pieces))
                + (surface.times() > 1 ? ", set down " + surface.times() + " times on each" : "")
                + (surface.drying().isZero() ? "" : ", dries " + Times.of(surface.drying()))
                + (surface.technique().washWithin() > 0
                        ? ", wash within " + surface.technique().washWithin() + " min"
                        : "");
        return new DecorateView.Work(
                surface.owner().value(),
                step(plan, surface),
                surface.technique().name(),
                owner.map(DecorateDesk::words).orElse(""),
                surface.colour().hex(),
                time,
                surface.technique().hazard() != Hazard.NONE,
                (less ? told(needed) : "")
                        + (surface.times() > 1 ? " The lines where two impressions meet are drawn." : ""),
                less || surface.times() > 1
                        ? NeededView.of(plan.build(), surface)
                                .map(s -> SvgWriter.write(s, Look.picture(96, 96)))
                                .orElse("")
                        : "",
                owner.map(p -> forms.of(plan.spec(), p.id(), p)).orElse(List.of()));
    }

    /** What it is for, or what is written. */
    private static String words(Piece work) {
        return work instanceof Worded written
                ? "“" + written.text() + "”"
                : work instanceof Treatment treatment ? treatment.words().strip() : "";
    }

    private static String told(Needed needed) {
        double seen = needed.neededArea().squareMillimetres() / 100;
        double all = seen + needed.coveredArea().squareMillimetres() / 100;
        return String.format(
                Locale.ROOT,
                "%.0f of %.0f cm² are needed: the rest comes to lie under other pieces, and 2 mm more are inked.",
                seen,
                all);
    }

    private static List<DecorateView.Press> presses(Plan plan) {
        Tools tools = plan.workshop().tools();
        return PressPlan.of(plan.build(), tools).lays().stream()
                .map(l -> new DecorateView.Press(
                        SvgWriter.write(
                                PressView.of(l, Mm.of(tools.pressWidth()), Mm.of(tools.pressHeight())),
                                Look.picture(150, 150)),
                        "Press " + (l.times() == 1 ? "once" : l.times() + " times"),
                        l.stamps().stream().map(DecorateDesk::stamped).collect(Collectors.joining(", "))))
                .toList();
    }

    private static String stamped(PressPlan.Placed p) {
        return p.stamp().name() + " × " + p.stamp().pieces()
                + (p.stamp().isPressedTwice() ? " (large: press twice)" : "");
    }

    private static String pressed(Plan plan) {
        PressPlan all = PressPlan.of(plan.build(), plan.workshop().tools());
        String large = all.tooLarge().isEmpty()
                ? ""
                : "Too large for the press: "
                        + all.tooLarge().stream().map(PressPlan.Stamp::name).collect(Collectors.joining(", ")) + ".";
        return all.lays().isEmpty()
                ? large
                : all.presses() + (all.presses() == 1 ? " press" : " presses")
                        + " on as many sheets, stamps 6 mm apart. " + large;
    }

    /** What stands out from the face, the highest first. */
    private static List<DecorateView.Tall> heights(Build build) {
        double face = build.front().map(l -> l.top().nanometres() / 1e6).orElse(0.0);
        double all = Math.max(0.1, build.thickness().nanometres() / 1e6 - face);
        Map<String, Double> tops = new LinkedHashMap<>();
        for (Level level : build.levels()) {
            double top = level.top().nanometres() / 1e6 - face;
            if (top > 0.01) {
                build.part(level.slab().part()).ifPresent(p -> tops.merge(p.name(), top, Math::max));
            }
        }
        return tops.entrySet().stream()
                .sorted(Map.Entry.<String, Double>comparingByValue().reversed())
                .limit(MOST_HEIGHTS)
                .map(e -> new DecorateView.Tall(e.getKey(), String.format(Locale.ROOT, "%.1f mm", e.getValue()), (int)
                        Math.round(100 * e.getValue() / all)))
                .toList();
    }

    private static List<Field.Option> pieces(Plan plan) {
        List<Field.Option> all = new ArrayList<>();
        plan.spec().base().faces().forEach(f -> all.add(new Field.Option(f.value(), name(f), false)));
        plan.spec()
                .pieces()
                .filter(p -> !(p instanceof Base) && !(p instanceof Treatment))
                .filter(p ->
                        plan.build().partsOf(p.id()).stream().anyMatch(part -> part.material() instanceof Cardstock))
                .forEach(p -> all.add(new Field.Option(
                        p.id().value(), name(p.id()), p.id().value().equals("panel"))));
        return all;
    }

    private static String name(Id id) {
        return id.value().replace('-', ' ');
    }
}
