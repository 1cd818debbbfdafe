package dev.schachtel.app.scene;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
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
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Face;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Feature;
import dev.schachtel.core.card.GroundLine;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Layer;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.card.Worded;
import dev.schachtel.core.drawing.UndersideView;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.PictureSvg;
import dev.schachtel.core.render.Pin;
import dev.schachtel.core.render.SvgWriter;
import dev.schachtel.core.scene.CarriedOn;
import dev.schachtel.core.scene.Fact;
import dev.schachtel.core.scene.HowMany;
import dev.schachtel.core.scene.Layouts;
import dev.schachtel.core.scene.Placed;
import dev.schachtel.core.scene.Scenery;
import dev.schachtel.core.scene.Sitting;
import dev.schachtel.core.scene.Snaps;

/** Puts the scene on a face into what the page shows. */
@Component
class SceneDesk {
    static final int ROUNDS = 3_000;
    static final int MOST_ROUNDS = 24_000;
    /** What is smaller in one direction stays on lifting film, or falls from it; mm. */
    private static final double SMALL = 8;

    private final Frames frames;
    private final SceneWords words;
    private final Photos photos;

    SceneDesk(Frames frames, SceneWords words, Photos photos) {
        this.frames = frames;
        this.words = words;
        this.photos = photos;
    }

    /** What is looked at: a face, a chosen piece, a picked picture. */
    record Sight(String on, String select, String pick) {}

    SceneView view(StoredCard card, Plan plan, Sight look) {
        Id on = face(plan, look.on);
        Optional<Motif> chosen =
                look.select.matches(Id.PATTERN) ? plan.spec().find(new Id(look.select), Motif.class) : Optional.empty();
        String link = "/cards/" + card.id() + "/decorate?on=" + on + "&select=";
        Optional<Scenery> scenery = Scenery.of(plan.build(), plan.workshop(), on);
        List<Fact> facts = scenery.map(Sitting::of).orElse(List.of());
        Optional<Worded> worded = look.select.matches(Id.PATTERN) ? words(plan.spec(), look.select) : Optional.empty();
        Id marked = chosen.map(Motif::id).or(() -> worded.map(Worded::id)).orElse(Id.BASE);
        String svg = SvgWriter.write(
                Views.face(plan.build(), on, scenery.map(Scenery::lines).orElse(List.of()))
                        .plain(),
                Look.chosen(420, 600, plan.spec().units(), marked, link).pinned(pins(facts)));
        return new SceneView(
                frames.frame(card, plan, "decorate"),
                on.value(),
                marked.equals(Id.BASE) ? "" : marked.value(),
                faces(plan, on),
                box(plan, look.pick),
                plan.workshop().pictures().stream()
                        .filter(p -> p.id().value().equals(look.pick))
                        .findFirst()
                        .map(SceneDesk::about),
                svg,
                chosen.map(m -> chosen(plan, m, scenery)),
                facts.stream().map(words::told).toList(),
                under(plan.build(), scenery),
                kept(card, on, scenery),
                worded.map(Worded::text),
                marked.equals(Id.BASE) ? List.of() : EdgesNear.of(plan, marked, scenery),
                told(aside(plan)),
                line(plan.spec(), on).map(l -> plan.spec().units().show(l.up())).orElse(""),
                List.of());
    }

    /** Where each trouble of a piece is seen. */
    private static List<Pin> pins(List<Fact> facts) {
        return facts.stream()
                .filter(f -> f.severity() != Severity.WORKS && !f.pieces().isEmpty())
                .map(f -> new Pin(f.key(), f.severity(), f.pieces().get(0), f.at(), ""))
                .toList();
    }

    private SceneView.Kept kept(StoredCard card, Id on, Optional<Scenery> scenery) {
        List<Placed> pieces = scenery.map(Scenery::pieces).orElse(List.of());
        String photo =
                photos.takenAt(card.id(), on).map(t -> "" + t.toEpochMilli()).orElse("");
        String order = pieces.stream().map(p -> p.picture().name()).collect(Collectors.joining(", "));
        String lost = pieces.stream()
                .filter(p -> Math.min(
                                p.outline().bounds().width(),
                                p.outline().bounds().height())
                        < SMALL)
                .map(p -> p.picture().name())
                .distinct()
                .collect(Collectors.joining(", "));
        return new SceneView.Kept(photo, order, lost);
    }

    /** The layouts that differ, as they would look. */
    List<SceneView.Other> others(Plan plan, Id on, LayoutsAsked look) {
        List<SceneView.Other> all = new ArrayList<>();
        for (Layouts.Other other : layouts(plan, on, look)) {
            Build build = Engineering.engineer(other.card(), plan.workshop());
            int watch = (int) Scenery.of(build, plan.workshop(), on).map(Sitting::plain).orElse(List.of()).stream()
                    .filter(f -> f.severity() != Severity.WORKS)
                    .count();
            String svg = SvgWriter.write(Views.face(build, on).plain(), Look.picture(72, 130));
            int more = other.card().elements().size() - plan.spec().elements().size();
            String state = watch == 0 ? "all well" : watch + " to watch";
            all.add(new SceneView.Other(
                    all.size(),
                    words.wish(other.layout().wish()),
                    more == 0 ? state : words.pieces(more) + ", " + state,
                    svg));
        }
        return all;
    }

    static List<Layouts.Other> layouts(Plan plan, Id on, LayoutsAsked look) {
        return Layouts.of(plan.spec(), plan.workshop(), on, look.ask());
    }

    /** Pictures of which there may be more or fewer: small ones that are scattered, and those that are there twice. */
    List<SceneView.Count> counts(Plan plan, Id on, LayoutsAsked look) {
        Map<MaterialId, List<Placed>> there = new LinkedHashMap<>();
        Scenery.of(plan.build(), plan.workshop(), on).map(Scenery::pieces).orElse(List.of()).stream()
                .filter(p -> !p.isGround())
                .forEach(p -> there.computeIfAbsent(p.picture().id(), k -> new ArrayList<>())
                        .add(p));
        return there.entrySet().stream()
                .filter(e ->
                        e.getValue().size() > 1 || e.getValue().get(0).picture().role() == Picture.Role.SCATTER)
                .map(e -> {
                    HowMany asked = look.numbers().stream()
                            .filter(h -> h.picture().equals(e.getKey()))
                            .findFirst()
                            .orElseGet(() -> new HowMany(
                                    e.getKey(),
                                    e.getValue().size(),
                                    e.getValue().size()))
                            .owned(plan.spec(), plan.workshop(), on);
                    return new SceneView.Count(
                            e.getKey().value(), e.getValue().get(0).picture().name(), asked.least(), asked.most());
                })
                .toList();
    }

    List<Field.Option> wishes(String chosen) {
        List<Field.Option> all = new ArrayList<>(List.of(new Field.Option("", "anything", chosen.isEmpty())));
        for (Layouts.Wish wish : Layouts.Wish.values()) {
            String word = Scalars.kebab(wish.name());
            all.add(new Field.Option(word, words.wish(wish), word.equals(chosen)));
        }
        return all;
    }

    /** The face asked for, else the panel, else the front. */
    static Id face(Plan plan, String asked) {
        return grounds(plan).stream()
                .filter(g -> g.value().equals(asked))
                .findFirst()
                .orElseGet(() -> grounds(plan).get(0));
    }

    /** Layers that are seen from the front, from the top down, then faces of the base and of features, then what lies inside. */
    private static List<Id> grounds(Plan plan) {
        List<Face> faces = new ArrayList<>(plan.build().faces());
        Collections.reverse(faces);
        return faces.stream()
                .sorted(Comparator.comparing(f -> rank(plan, f.name())))
                .map(Face::name)
                .toList();
    }

    private static int rank(Plan plan, Id face) {
        boolean layer = plan.spec().find(face, Layer.class).isPresent();
        boolean feature = plan.spec().find(face, Feature.class).isPresent();
        return (layer ? 0 : feature ? 2 : 1) + (Views.isSeen(plan.build(), face) ? 0 : 3);
    }

    private static List<Field.Option> faces(Plan plan, Id on) {
        return grounds(plan).stream()
                .map(g -> new Field.Option(g.value(), g.value().replace('-', ' '), g.equals(on)))
                .toList();
    }

    private List<SceneView.Tile> box(Plan plan, String pick) {
        Map<MaterialId, Integer> placed = new LinkedHashMap<>();
        for (Element e : plan.spec().elements()) {
            if (e instanceof Motif m && m.shape() instanceof Opening.Pictured p) {
                placed.merge(p.picture(), 1, Integer::sum);
            }
        }
        return plan.workshop().pictures().stream()
                .map(p -> new SceneView.Tile(
                        p.id().value(),
                        p.name(),
                        count(placed.getOrDefault(p.id(), 0), p),
                        PictureSvg.small(p, 64, 58),
                        p.id().value().equals(pick)))
                .toList();
    }

    private static SceneView.About about(Picture p) {
        return new SceneView.About(
                p.id().value(),
                p.name(),
                Units.MM.show(p.height()),
                Units.MM.show(p.foot()),
                p.owned(),
                p.regions().stream()
                        .map(r -> new SceneView.Area(r.name(), r.colour().hex()))
                        .toList(),
                options(Picture.Role.values(), p.role()),
                options(Picture.Looks.values(), p.looks()),
                options(Picture.Stance.values(), p.stance()),
                options(CutMethod.values(), p.method()));
    }

    private static List<Field.Option> options(Enum<?>[] all, Enum<?> now) {
        return Arrays.stream(all)
                .map(e -> {
                    String word = e.name().toLowerCase(Locale.ROOT);
                    return new Field.Option(word, word, e == now);
                })
                .toList();
    }

    private static String count(int placed, Picture p) {
        String owned = p.owned() > 0 ? " of " + p.owned() : "";
        return placed == 0 ? (p.owned() > 0 ? p.owned() + " owned" : "") : placed + owned + " placed";
    }

    private static SceneView.Chosen chosen(Plan plan, Motif m, Optional<Scenery> scenery) {
        Optional<Picture> picture =
                m.shape() instanceof Opening.Pictured p ? plan.workshop().picture(p.picture()) : Optional.empty();
        boolean raised = plan.workshop().find(m.fixing(), Foam.class).isPresent();
        boolean turned = plan.build().face(m.on()).filter(Face::isUnder).isPresent();
        return new SceneView.Chosen(
                m.id().value(),
                picture.map(Picture::name).orElse("Cut-out"),
                raised ? "raised" : turned ? "" : "flat",
                m.pinned(),
                m.locked(),
                m.trimmed(),
                new CarriedOn(plan.spec(), m, plan.workshop()).isAsked(),
                scenery.map(s -> alike(s, m)).orElse(1),
                picture.map(Picture::isFree).orElse(true),
                UndersideView.of(plan.build(), new PartId(m.id(), ""))
                        .map(s -> SvgWriter.write(
                                s, Look.still(190, 130, plan.spec().units())))
                        .orElse(""),
                scenery.flatMap(s -> s.pieces().stream()
                                .filter(p -> p.id().equals(m.id()))
                                .findFirst()
                                .map(p -> json(Snaps.of(s, p))))
                        .orElse(""));
    }

    private static String json(Snaps snaps) {
        return "{\"across\":" + lines(snaps.across()) + ",\"up\":" + lines(snaps.up()) + ",\"from\":" + snaps.from()
                + ",\"ground\":"
                + snaps.ground().stream()
                        .map(y -> y.isNaN() ? "null" : number(y))
                        .collect(Collectors.joining(",", "[", "]"))
                + "}";
    }

    private static String lines(List<Snaps.Line> lines) {
        return lines.stream()
                .map(l -> "[" + number(l.by()) + "," + number(l.at()) + "]")
                .collect(Collectors.joining(",", "[", "]"));
    }

    private static String number(double mm) {
        return String.format(Locale.ROOT, "%.2f", mm);
    }

    /** Words can be moved and taken away here; the rest is said of them in Structure. */
    static Optional<Worded> words(CardSpec spec, String select) {
        return spec.piece(new Id(select)).filter(Worded.class::isInstance).map(Worded.class::cast);
    }

    private static int alike(Scenery scenery, Motif m) {
        boolean here = scenery.pieces().stream().anyMatch(p -> p.id().equals(m.id()));
        return here ? Rank.alike(scenery, m.id().value()).size() : 1;
    }

    static Optional<GroundLine> line(CardSpec spec, Id on) {
        return spec.elements().stream()
                .filter(e -> e instanceof GroundLine l && l.on().equals(on))
                .map(GroundLine.class::cast)
                .findFirst();
    }

    /** Pieces that lie on a face which the card doesn't have any more. */
    static List<Motif> aside(Plan plan) {
        return plan.spec().elements().stream()
                .filter(Motif.class::isInstance)
                .map(Motif.class::cast)
                .filter(m -> plan.build().face(m.on()).isEmpty())
                .toList();
    }

    private static Optional<SceneView.Aside> told(List<Motif> aside) {
        List<String> faces = aside.stream()
                .map(m -> "“" + m.on().value().replace('-', ' ') + "”")
                .distinct()
                .toList();
        return aside.isEmpty()
                ? Optional.empty()
                : Optional.of(new SceneView.Aside(aside.size(), String.join(" and ", faces), faces.size()));
    }

    /** The foam under each raised piece. */
    private static List<SceneView.Under> under(Build build, Optional<Scenery> scenery) {
        List<SceneView.Under> all = new ArrayList<>();
        for (Placed p : scenery.map(Scenery::pieces).orElse(List.of())) {
            for (Part part : build.partsOf(p.id())) {
                if (part.material() instanceof Foam foam) {
                    String pads = part.perCard() + (part.perCard() == 1 ? " square" : " squares");
                    String high = String.format(
                            Locale.ROOT, "%.1f mm, ", foam.thickness().nanometres() / 1e6);
                    all.add(new SceneView.Under(p.picture().name(), high + pads));
                }
            }
        }
        return all;
    }
}
