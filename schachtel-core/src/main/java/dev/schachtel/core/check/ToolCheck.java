package dev.schachtel.core.check;

import java.util.stream.Stream;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Tools;
import dev.schachtel.core.material.Workshop;

/** What is die cut needs a roller machine, what the electronic cutter cuts needs one; a tool of size 0 isn't there. */
final class ToolCheck implements Check {
    @Override
    public void look(Build build, Workshop workshop, Report report) {
        Tools tools = workshop.tools();
        boolean roller = tools.plateWidth().isPositive() && tools.plateLength().isPositive();
        boolean cutter = tools.matWidth().isPositive() && tools.matHeight().isPositive();
        for (Part part : build.parts()) {
            if (!roller && needs(part, CutMethod.DIE)) {
                say(report, part, "roller machine");
            }
            if (!cutter && needs(part, CutMethod.ELECTRONIC)) {
                say(report, part, "electronic cutter");
            }
        }
    }

    private static boolean needs(Part part, CutMethod method) {
        return Stream.concat(Stream.of(part.method()), part.cutouts().stream().map(Cutout::method))
                .anyMatch(m -> m == method);
    }

    private static void say(Report report, Part part, String tool) {
        report.on(RuleId.TOOL_MISSING, part.owner())
                .parts(part.id())
                .names(part.name(), tool)
                .mend();
    }
}
