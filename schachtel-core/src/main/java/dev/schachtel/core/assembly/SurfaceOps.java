package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.material.Hazard;
import dev.schachtel.core.material.Surfacing;
import dev.schachtel.core.material.Technique;

/** Operations of surface work; embossing takes three, paste takes its cleaning with it. */
final class SurfaceOps {
    private final Build build;
    private final List<Op> ops = new ArrayList<>();

    SurfaceOps(Build build) {
        this.build = build;
    }

    List<Op> all() {
        build.surfaces().forEach(this::work);
        return ops;
    }

    private void work(Surface surface) {
        Surfacing kind = surface.technique().kind();
        if (kind.melts()) {
            add(OpKind.PREPARE, surface, Duration.ZERO);
            add(OpKind.POWDER, surface, Duration.ZERO);
            add(OpKind.HEAT, surface, surface.drying());
        } else if (kind == Surfacing.PASTE) {
            add(OpKind.PASTE, surface, surface.drying());
            if (surface.technique().washWithin() > 0) {
                add(OpKind.CLEAN, surface, Duration.ZERO);
            }
        } else {
            add(single(kind), surface, surface.drying());
        }
    }

    private static OpKind single(Surfacing kind) {
        return switch (kind) {
            case INK -> OpKind.INK;
            case STENCIL -> OpKind.STENCIL;
            case STAMP -> OpKind.STAMP;
            case SPLATTER -> OpKind.SPLATTER;
            case WASH -> OpKind.WASH;
            case GLOSS -> OpKind.GLOSS;
            default -> OpKind.COLOUR;
        };
    }

    private void add(OpKind kind, Surface surface, Duration rest) {
        int pieces = build.part(surface.part()).map(p -> p.perCard()).orElse(1)
                * build.spec().brief().cards();
        Op plain = Op.of(kind, surface.owner(), List.of(surface.part()), kind.is(OpKind.CLEAN) ? 1 : pieces)
                .named(kind.id() + " " + surface.owner())
                .resting(rest)
                .with(surface);
        ops.add(cautious(plain, surface.technique()));
    }

    private static Op cautious(Op op, Technique technique) {
        Op all = technique.hazard() == Hazard.DUST ? op.with(Caution.DUST) : op;
        all = technique.hazard() == Hazard.SOLVENT ? all.with(Caution.SOLVENT) : all;
        boolean hot = technique.hazard() == Hazard.HEAT && !technique.kind().melts();
        return hot ? all.with(Caution.HEAT) : all;
    }
}
