package dev.schachtel.app.colours;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

import org.springframework.stereotype.Component;

import dev.schachtel.app.frame.Frames;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.structure.Field;
import dev.schachtel.app.structure.FieldForms;
import dev.schachtel.app.words.Times;
import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Coloured;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Colouring;
import dev.schachtel.core.colour.Recipe;
import dev.schachtel.core.design.Papers;
import dev.schachtel.core.design.SideBySide;
import dev.schachtel.core.design.UseUp;
import dev.schachtel.core.drawing.ShadeView;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.SvgWriter;

/** Puts recipes, maps and what stands side by side into what the page shows. */
@Component
class ColoursDesk {
    private static final Colour WHITE = new Colour(0xffffff);
    private static final Colour INK = new Colour(0x0f3a44);
    private static final String ACCENT = "accent:";
    /** What of a card's colouring stands as a row of buttons. */
    private static final List<String> BUTTONS = List.of("light", "strokes");

    private final Frames frames;
    private final FieldForms forms;
    private final ColourWords words;

    ColoursDesk(Frames frames, FieldForms forms, ColourWords words) {
        this.frames = frames;
        this.forms = forms;
        this.words = words;
    }

    static Optional<Colouring> colouring(CardSpec spec) {
        return spec.elements().stream()
                .filter(Colouring.class::isInstance)
                .map(Colouring.class::cast)
                .findFirst();
    }

    /** Whether a text can be the key of an area: a number among those of the card. */
    static boolean isKey(String area) {
        return area.matches("\\d{1,4}");
    }

    ColoursView view(StoredCard card, Plan plan, String area) {
        Build build = plan.build();
        Optional<Colouring> colouring = colouring(plan.spec());
        List<List<Coloured>> groups = groups(build);
        List<List<Coloured>> done = groups.stream().filter(g -> !isPlain(g)).toList();
        int chosen = isKey(area) ? Math.min(Integer.parseInt(area), done.size() - 1) : 0;
        List<ColoursView.Row> rows = new ArrayList<>();
        for (int i = 0; i < done.size(); i++) {
            rows.add(row(build, done.get(i), i, i == chosen));
        }
        SideBySide beside = SideBySide.of(build);
        List<Field> fields =
                colouring.map(c -> forms.of(plan.spec(), c.id(), c)).orElse(List.of());
        return new ColoursView(
                frames.frame(card, plan, "decorate"),
                colouring.map(c -> c.id().value()).orElse(""),
                pictures(build),
                SvgWriter.write(Views.face(build), Look.picture(380, 560)),
                told(build, done.size()),
                rows,
                groups.stream()
                        .filter(ColoursDesk::isPlain)
                        .map(g -> title(build, g))
                        .collect(Collectors.joining(", ")),
                done.isEmpty() ? Optional.empty() : Optional.of(chosen(plan, done.get(chosen), "" + chosen, colouring)),
                fields.stream().filter(f -> BUTTONS.contains(f.component())).toList(),
                fields.stream().filter(f -> !BUTTONS.contains(f.component())).toList(),
                uses(plan),
                beside.pairs().stream().map(words::beside).toList(),
                shares(beside),
                words.harmony(beside.harmony()),
                words.filters());
    }

    private static List<ColoursView.Share> shares(SideBySide beside) {
        List<ColoursView.Share> all = new ArrayList<>();
        double from = 0;
        for (SideBySide.Share share : beside.shares()) {
            all.add(new ColoursView.Share(share.colour().hex(), 100 * from, 100 * share.of()));
            from += share.of();
        }
        return all;
    }

    private static boolean isPlain(List<Coloured> group) {
        return group.get(0).recipe().steps() == Recipe.Steps.BARE;
    }

    private static int pictures(Build build) {
        return (int) build.arts().stream().filter(a -> !a.isWords()).count();
    }

    /** Areas of one picture with one name and one recipe, on all its copies. */
    private static List<List<Coloured>> groups(Build build) {
        Map<List<Object>, List<Coloured>> all = new LinkedHashMap<>();
        build.coloured().forEach(c -> all.computeIfAbsent(
                        List.of(c.picture(), c.region(), c.recipe().target(), c.narrow()), k -> new ArrayList<>())
                .add(c));
        return List.copyOf(all.values());
    }

    private static String told(Build build, int areas) {
        int cards = build.spec().brief().cards();
        long seconds = build.inkings().stream()
                .mapToLong(i -> i.way().setUp() + i.each().toSeconds() * cards)
                .sum();
        return areas + (areas == 1 ? " area, " : " areas, ") + build.inkings().size()
                + (build.inkings().size() == 1 ? " pen, " : " pens, ")
                + Times.of(java.time.Duration.ofSeconds(seconds))
                + " for " + cards + (cards == 1 ? " card" : " cards");
    }

    private static String title(Build build, List<Coloured> group) {
        int copies = group.stream()
                .mapToInt(c -> build.part(c.part()).map(p -> p.perCard()).orElse(1))
                .sum();
        Coloured one = group.get(0);
        return one.picture() + ", " + one.region() + (copies > 1 ? ", " + copies + " times" : "");
    }

    private ColoursView.Row row(Build build, List<Coloured> group, int index, boolean selected) {
        Coloured one = group.get(0);
        Recipe recipe = one.recipe();
        return new ColoursView.Row(
                "" + index,
                title(build, group),
                words.note(one),
                recipe.reaches() ? "" : "watch",
                one.strokes().stream()
                        .sorted()
                        .map(recipe.tones()::get)
                        .map(t -> new ColoursView.Swatch(
                                t.shade().name(),
                                t.result().hex(),
                                t.result().contrastWith(INK) < t.result().contrastWith(WHITE)))
                        .toList(),
                selected);
    }

    private ColoursView.Chosen chosen(Plan plan, List<Coloured> group, String key, Optional<Colouring> by) {
        Build build = plan.build();
        Coloured one = group.get(0);
        List<ColoursView.Stroke> strokes = new ArrayList<>();
        for (int i = 1; i <= one.strokes().size(); i++) {
            Recipe.Tone tone = one.recipe().tones().get(one.strokes().get(i - 1));
            strokes.add(new ColoursView.Stroke(
                    i + " " + tone.shade().name(), svg(build, one, i, false, Look.picture(84, 64))));
        }
        return new ColoursView.Chosen(
                title(build, group),
                svg(
                        build,
                        one,
                        one.strokes().size(),
                        true,
                        Look.still(380, 260, build.spec().units())),
                strokes,
                words.strokes(build, group),
                key,
                one.recipe().target().hex(),
                by.map(c -> aims(plan, c, one)).orElse(List.of()));
    }

    /** What an area can be made to look like: its own colour, a card of the drawer, a sheet of this card. */
    private static List<Field.Option> aims(Plan plan, Colouring by, Coloured one) {
        String now = picture(plan.build(), one).stream()
                .flatMap(p -> by.aims().stream().filter(a -> a.isAbout(p, one.region())))
                .map(a -> Aims.word(a.wanted()))
                .findFirst()
                .orElse("");
        List<Field.Option> all = new ArrayList<>();
        all.add(new Field.Option("", "as the picture has it", now.isEmpty()));
        if (now.startsWith(Aims.COLOUR)) {
            all.add(new Field.Option(now, "a colour of its own", true));
        }
        plan.build().levels().stream()
                .filter(l -> plan.build().isCard(l)
                        && plan.build().art(l.slab().part()).isEmpty())
                .map(l -> l.slab().part().owner())
                .distinct()
                .forEach(id -> all.add(
                        option(Aims.SHEET + id, "like “" + id.value().replace('-', ' ') + "” as it is inked", now)));
        plan.workshop()
                .all(Cardstock.class)
                .forEach(c -> all.add(option(Aims.PAPER + c.id(), "like " + c.name(), now)));
        return all;
    }

    private static Field.Option option(String value, String label, String now) {
        return new Field.Option(value, label, value.equals(now));
    }

    private static Optional<MaterialId> picture(Build build, Coloured one) {
        return build.art(one.part()).map(Art::picture);
    }

    /** The card with the area of this key aimed at something. */
    static CardSpec aimed(CardSpec spec, Plan plan, String key, String wanted) {
        List<List<Coloured>> done =
                groups(plan.build()).stream().filter(g -> !isPlain(g)).toList();
        if (!isKey(key) || Integer.parseInt(key) >= done.size()) {
            throw new RefusedException("area", "the card is another by now; look again");
        }
        Coloured one = done.get(Integer.parseInt(key)).get(0);
        MaterialId picture = picture(plan.build(), one).orElseThrow();
        return colouring(spec)
                .map(c -> CardEdit.of(spec).with(c.aiming(picture, one.region(), Aims.read(wanted))))
                .orElse(spec);
    }

    private static String svg(Build build, Coloured one, int strokes, boolean numbered, Look look) {
        return ShadeView.of(build, one, strokes, numbered)
                .map(s -> SvgWriter.write(s, look))
                .orElse("");
    }

    /** Papers that would do better, which takes a card engineered for each of the drawer. */
    Optional<ColoursView.Papers> papers(Plan plan) {
        return Papers.of(plan.spec(), plan.build(), plan.workshop())
                .map(p -> new ColoursView.Papers(
                        p.sheet().value(),
                        p.best().stream()
                                .map(c -> new ColoursView.Paper(
                                        c.paper().id().value(),
                                        c.paper().name(),
                                        words.least(c.least()),
                                        SvgWriter.write(Views.face(c.build()), Look.picture(120, 150))))
                                .toList(),
                        p.accent().map(Cardstock::name).orElse(""),
                        p.accented()
                                .map(c -> new ColoursView.Paper(
                                        ACCENT + c.paper().id(),
                                        c.paper().name(),
                                        "an accent for something small",
                                        SvgWriter.write(Views.face(c.build()), Look.picture(120, 150))))));
    }

    /** The card with one of them. */
    static CardSpec taken(CardSpec spec, Plan plan, String paper) {
        boolean accent = paper.startsWith(ACCENT);
        String id = accent ? paper.substring(ACCENT.length()) : paper;
        return Papers.of(spec, plan.build(), plan.workshop()).stream()
                .flatMap(p -> accent ? p.accented().stream() : p.best().stream())
                .filter(c -> c.paper().id().value().equals(id))
                .findFirst()
                .map(Papers.Choice::card)
                .orElseThrow(() -> new RefusedException("paper", "the card is another by now; look again"));
    }

    private List<ColoursView.Use> uses(Plan plan) {
        List<UseUp.Use> uses = UseUp.of(plan.build(), plan.cutting(), plan.workshop());
        List<ColoursView.Use> all = new ArrayList<>(
                uses.stream().filter(UseUp.Use::isShort).map(words::runsShort).toList());
        if (!uses.isEmpty()) {
            all.add(words.enough(uses.get(0), all.isEmpty()));
        }
        return all;
    }
}
