package dev.schachtel.core.files;

import java.util.Map;

import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.assembly.Joining;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Bond;
import dev.schachtel.core.build.Bonds;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.check.Findings;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.Json;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.motion.Course;
import dev.schachtel.core.motion.Movements;
import dev.schachtel.core.render.PathData;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A plan as JSON, for programs: lengths in millimetres as exact decimal texts, times in seconds. One way only. */
public final class PlanJson {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    /** SVG path data in millimetres; as in any SVG y runs down, so what lies above the foot is negative. */
    private static final PathData PATHS = new PathData(1, 0, 0, 3);

    private PlanJson() {}

    /** What is engineered, what was found, what is cut, and in which order it is put together. */
    public static String write(
            Build build, Movements movements, Findings findings, CutPlan cutting, BuildPlan assembly) {
        ObjectNode all = NODES.objectNode();
        all.put("name", build.spec().name());
        all.put("thickness", mm(build.thickness()));
        ArrayNode flats = all.putArray("flat");
        build.mechanics().flats().forEach(f -> flats.addObject()
                .put("name", f.name())
                .put("width", mm(f.width()))
                .put("height", mm(f.height())));
        parts(build, all.putArray("parts"));
        slabs(build, all.putArray("slabs"));
        joints(build, all.putArray("joints"));
        bonds(build, all.putArray("bonds"));
        build.derivations().forEach(d -> size(d, all.withArray("sizes").addObject()));
        motions(movements, all.putArray("motions"));
        findings(findings, all.putArray("findings"));
        all.putObject("cutting").put("sheets", cutting.sheets()).put("everythingPlaced", cutting.everythingPlaced());
        steps(assembly, all.putArray("steps"));
        return Json.write(all);
    }

    private static String mm(Length length) {
        return AmountJson.mm(length);
    }

    private static void parts(Build build, ArrayNode parts) {
        Map<PartId, String> letters = build.letters();
        for (Part part : build.parts()) {
            parts.addObject()
                    .put("id", part.id().toString())
                    .put("letter", letters.get(part.id()))
                    .put("name", part.name())
                    .put("material", part.material().id().value())
                    .put("form", Scalars.kebab(part.form().sort().name()))
                    .put("width", mm(part.form().width()))
                    .put("height", mm(part.form().height()))
                    .put("perCard", part.perCard())
                    .put("stacked", part.stacked())
                    .put("method", Scalars.kebab(part.method().name()))
                    .put("stays", !build.isAside(part.id()))
                    .put("outline", PATHS.of(part.outline()))
                    .set("at", places(part));
        }
    }

    private static ArrayNode places(Part part) {
        ArrayNode at = NODES.arrayNode();
        part.at().forEach(p -> at.addObject()
                .put("across", mm(p.across()))
                .put("up", mm(p.up()))
                .put("turned", p.turn().degrees()));
        return at;
    }

    /** Every thickness of the closed card: of which part, how high, and what it covers on the face. */
    private static void slabs(Build build, ArrayNode slabs) {
        for (Level level : build.levels()) {
            ObjectNode slab = slabs.addObject()
                    .put("id", level.slab().id().value())
                    .put("part", level.slab().part().toString())
                    .put("bottom", mm(level.bottom()))
                    .put("top", mm(level.top()));
            ArrayNode covers = slab.putArray("covers");
            level.slab().footprints().forEach(f -> covers.add(PATHS.of(f)));
        }
    }

    private static void joints(Build build, ArrayNode joints) {
        for (Joint joint : build.joints()) {
            joints.addObject()
                    .put("upper", joint.upper().value())
                    .put("lower", joint.lower().value())
                    .put("hold", Scalars.kebab(joint.hold().name()))
                    .put("by", joint.by().id().value())
                    .put("thickness", mm(joint.thickness()));
        }
    }

    private static void bonds(Build build, ArrayNode bonds) {
        for (Bond bond : Bonds.of(build)) {
            bonds.addObject()
                    .put("one", bond.one().value())
                    .put("other", bond.other().value())
                    .put("freedom", Scalars.kebab(bond.freedom().name()));
        }
    }

    /** A size with its sum: so many times each term, or a formula with its terms by number. */
    private static void size(Derivation d, ObjectNode node) {
        node.put("piece", d.owner().value()).put("name", d.name());
        amount(node, "is", d.result());
        if (!d.isSum()) {
            node.put("formula", d.formula());
        }
        ArrayNode terms = node.putArray("terms");
        for (Derivation.Term t : d.terms()) {
            ObjectNode term = terms.addObject()
                    .put("times", t.times())
                    .put("name", t.name())
                    .put("from", t.source().toString());
            amount(term, "amount", t.amount());
        }
    }

    private static void motions(Movements movements, ArrayNode motions) {
        for (Course course : movements.courses()) {
            ObjectNode node = motions.addObject()
                    .put("piece", course.motion().owner().value())
                    .put("name", course.motion().name())
                    .put("asked", mm(course.motion().keeping().clear()));
            course.tightest().ifPresent(t -> node.put("smallestGap", mm(t.gap())));
            course.motion().keeping().lock().ifPresent(l -> node.put("lockMargin", l.margin()));
        }
        movements.stands().ifPresent(t -> motions.addObject()
                .put("piece", Id.BASE.value())
                .put("name", "stands")
                .put("tipsBackwards", t.backwards())
                .put("tipsForwards", t.forwards())
                .put("tips", t.degrees()));
    }

    private static void findings(Findings findings, ArrayNode all) {
        for (Finding f : findings.all()) {
            ObjectNode node = all.addObject()
                    .put("rule", Scalars.kebab(f.rule().name()))
                    .put("severity", Scalars.kebab(f.severity().name()))
                    .put("piece", f.owner().value());
            f.parts().forEach(p -> node.withArray("parts").add(p.toString()));
            amount(node, "measured", f.measured());
            amount(node, "limit", f.limit());
            f.place()
                    .ifPresent(p ->
                            node.putObject("place").put("across", p.at().x()).put("up", p.at().y()));
            ArrayNode remedies = node.putArray("remedies");
            f.remedies().forEach(r -> remedy(r, remedies.addObject()));
        }
    }

    private static void remedy(Remedy remedy, ObjectNode node) {
        node.put("does", Scalars.kebab(remedy.pull().name()));
        amount(node, "to", remedy.to());
        ArrayNode changes = node.putArray("changes");
        remedy.changes().forEach(c -> changes.addObject()
                .put("piece", c.piece().value())
                .put("component", c.component())
                .put("value", c.value()));
    }

    private static void steps(BuildPlan plan, ArrayNode steps) {
        for (Step step : plan.steps()) {
            ObjectNode node = steps.addObject()
                    .put("number", step.number())
                    .put("operation", step.op().id())
                    .put("kind", step.op().kind().id())
                    .put("firstCard", step.lot().first())
                    .put("lastCard", step.lot().last())
                    .put("starts", step.start().toSeconds())
                    .put("ends", step.end().toSeconds());
            node.put("rests", step.op().rest().toSeconds());
            step.op().parts().forEach(p -> node.withArray("parts").add(p.toString()));
            step.op().effect().makes().forEach(p -> node.withArray("cuts").add(p.toString()));
            step.op().joins().ifPresent(j -> joins(j, node.putObject("fixes")));
            step.waitsFor().forEach(n -> node.withArray("waitsFor").add(n));
            ArrayNode reasons = node.putArray("rules");
            step.reasons().stream().map(r -> r.rule().id()).distinct().forEach(reasons::add);
        }
    }

    private static void joins(Joining joining, ObjectNode node) {
        ArrayNode laid = node.putArray("parts");
        joining.laid().forEach(p -> laid.add(p.toString()));
        node.put("onto", joining.onto().value())
                .put("side", Scalars.kebab(joining.side().name()));
        joining.by().ifPresent(m -> node.put("by", m.id().value()));
    }

    private static void amount(ObjectNode node, String name, Amount amount) {
        amount.tell(new AmountJson(node, name));
    }
}
