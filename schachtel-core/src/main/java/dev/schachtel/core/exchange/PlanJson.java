package dev.schachtel.core.exchange;

import java.util.Map;

import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.check.Findings;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.edit.Scalars;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.motion.Balance;
import dev.schachtel.core.motion.Course;
import dev.schachtel.core.motion.Movements;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A plan as JSON, for programs: lengths in millimetres as exact decimal texts, times in seconds. One way only. */
public final class PlanJson {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

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
        ArrayNode sizes = all.putArray("sizes");
        build.derivations()
                .forEach(d -> amount(
                        sizes.addObject().put("piece", d.owner().value()).put("name", d.name()), "is", d.result()));
        motions(movements, all.putArray("motions"));
        findings(findings, all.putArray("findings"));
        all.putObject("cutting").put("sheets", cutting.sheets()).put("everythingPlaced", cutting.everythingPlaced());
        steps(assembly, all.putArray("steps"));
        return Json.write(all);
    }

    private static String mm(Length length) {
        return Units.MM.exact(length).replace(" mm", "");
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
                    .put("method", Scalars.kebab(part.method().name()));
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
        for (Balance balance : movements.balances()) {
            motions.addObject()
                    .put("piece", balance.owner().value())
                    .put("name", "stands")
                    .put("tipsBackwards", balance.backwards())
                    .put("tipsForwards", balance.forwards());
        }
    }

    private static void findings(Findings findings, ArrayNode all) {
        for (Finding f : findings.all()) {
            ObjectNode node = all.addObject()
                    .put("rule", Scalars.kebab(f.rule().name()))
                    .put("severity", Scalars.kebab(f.severity().name()))
                    .put("piece", f.owner().value());
            amount(node, "measured", f.measured());
            amount(node, "limit", f.limit());
        }
    }

    private static void steps(BuildPlan plan, ArrayNode steps) {
        for (Step step : plan.steps()) {
            ObjectNode node = steps.addObject()
                    .put("number", step.number())
                    .put("operation", step.op().id())
                    .put("starts", step.start().toSeconds())
                    .put("ends", step.end().toSeconds());
            ArrayNode reasons = node.putArray("rules");
            step.reasons().stream().map(r -> r.rule().id()).distinct().forEach(reasons::add);
        }
    }

    private static void amount(ObjectNode node, String name, Amount amount) {
        amount.tell(new Amount.Cases<ObjectNode>() {
            @Override
            public ObjectNode one(Amount.One one) {
                return node.put(name, mm(one.length()));
            }

            @Override
            public ObjectNode two(Amount.Two two) {
                return node.put(name, mm(two.width()) + " x " + mm(two.height()));
            }

            @Override
            public ObjectNode thick(Amount.Thick thick) {
                return node.put(name, mm(thick.length()));
            }

            @Override
            public ObjectNode count(Amount.Count count) {
                return node.put(name, count.count());
            }

            @Override
            public ObjectNode times(Amount.Times times) {
                return node.put(name, times.hundredths() / 100.0);
            }

            @Override
            public ObjectNode degrees(Amount.Degrees degrees) {
                return node.put(name, degrees.angle().degrees());
            }

            @Override
            public ObjectNode grams(Amount.Grams grams) {
                return node.put(name, grams.tenths() / 10.0);
            }

            @Override
            public ObjectNode millilitres(Amount.Millilitres millilitres) {
                return node.put(name, millilitres.tenths() / 10.0);
            }

            @Override
            public ObjectNode squares(Amount.Squares squares) {
                return node.put(name, squares.area().squareMillimetres());
            }

            @Override
            public ObjectNode minutes(Amount.Minutes minutes) {
                return node.put(name, minutes.minutes());
            }
        });
    }
}
