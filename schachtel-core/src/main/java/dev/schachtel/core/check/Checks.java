package dev.schachtel.core.check;

import java.util.List;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.motion.Movements;

/** Runs every check on an engineered card. Pure and deterministic; never throws for a bad card. */
public final class Checks {
    private static final List<Check> ALL = List.of(
            new FaultCheck(),
            new MarginCheck(),
            new HiddenCheck(),
            new SealCheck(),
            new DepthCheck(),
            new ChamberCheck(),
            new OpeningCheck(),
            new ChildCheck(),
            new LevelCheck(),
            new ReverseCheck(),
            new CoverCheck(),
            new ColourCheck(),
            new ShadeCheck(),
            new PictureCheck(),
            new MediumCheck(),
            new FinishCheck(),
            new SeamCheck(),
            new FoldCheck(),
            new GlueCheck(),
            new SupportCheck(),
            new FootingCheck(),
            new TuckCheck(),
            new PostCheck(),
            new SheetCheck(),
            new DieCheck(),
            new ToolCheck());

    private Checks() {}

    public static Findings check(Build build, Movements movements, Workshop workshop) {
        Report report = new Report();
        ALL.forEach(check -> check.look(build, workshop, report));
        new MotionCheck(movements).look(build, workshop, report);
        new DoorCheck(movements).look(build, workshop, report);
        new UnfoldingCheck(movements).look(build, workshop, report);
        new StandCheck(movements).look(build, workshop, report);
        return report.findings();
    }
}
