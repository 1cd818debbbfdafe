package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Inking;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.material.Hazard;
import dev.schachtel.core.material.Technique;
import dev.schachtel.core.work.Caution;
import dev.schachtel.core.work.Trait;
import dev.schachtel.core.work.WorkKind;

/** Operations of surface work: what its technique takes. */
final class SurfaceOps {
    /** Until a pen's colour doesn't run any more: handbook chapter 11. */
    private static final Duration SET = Duration.ofSeconds(60);

    private final Build build;
    private final List<Op> ops = new ArrayList<>();

    SurfaceOps(Build build) {
        this.build = build;
    }

    List<Op> all() {
        build.surfaces().forEach(s -> s.technique().works().forEach(kind -> add(kind, s)));
        for (int i = 0; i < build.inkings().size(); i++) {
            add(build.inkings().get(i), i + 1);
        }
        return ops;
    }

    /** One pen on all pictures of all cards. What lies beside a strong contrast is left alone for a minute. */
    private void add(Inking inking, int number) {
        Op plain = Op.of(
                        WorkKind.COLOUR_IN,
                        inking.owner(),
                        inking.parts(),
                        build.spec().brief().cards())
                .named(WorkKind.COLOUR_IN.id() + " " + inking.owner() + " " + number)
                .resting(inking.overWet() ? SET : Duration.ZERO)
                .with(inking.asWork());
        ops.add(cautious(plain, inking.way()));
    }

    private void add(WorkKind kind, Surface surface) {
        int pieces = build.part(surface.part()).map(p -> p.perCard()).orElse(1)
                * build.spec().brief().cards();
        Op plain = Op.of(kind, surface.owner(), List.of(surface.part()), kind.has(Trait.WASHES) ? 1 : pieces)
                .named(kind.id() + " " + surface.owner())
                .resting(kind.has(Trait.WETS) ? surface.drying() : Duration.ZERO)
                .with(surface);
        ops.add(cautious(plain, surface.technique()));
    }

    /** Washing up and melting raise no dust. */
    private static boolean isDusty(Op op, Technique technique) {
        return technique.hazard() == Hazard.DUST && !op.kind().has(Trait.OWN_TIMES);
    }

    private static Op cautious(Op op, Technique technique) {
        Op all = isDusty(op, technique) ? op.with(Caution.DUST) : op;
        all = technique.hazard() == Hazard.SOLVENT ? all.with(Caution.SOLVENT) : all;
        boolean hot = technique.hazard() == Hazard.HEAT && !technique.kind().melts();
        return hot ? all.with(Caution.HEAT) : all;
    }
}
