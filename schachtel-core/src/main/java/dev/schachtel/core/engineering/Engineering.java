package dev.schachtel.core.engineering;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.ServiceLoader;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.edit.AsFarAsItGoes;
import dev.schachtel.core.material.Workshop;

/** CardSpec + Workshop to Build. Pure and deterministic. */
public final class Engineering {
    private static final Map<Class<?>, Engineer<?>> ENGINEERS = load();

    private Engineering() {}

    /** Does not throw for a bad card: what can't be worked out is a fault of the build, without the piece it is about. */
    public static Build engineer(CardSpec spec, Workshop workshop) {
        AsFarAsItGoes<Build> build = AsFarAsItGoes.of(spec, s -> exactly(s, workshop));
        return build.stopped()
                .map(s -> build.value().of(spec, Fault.notWorkedOut(s.piece(), s.reason())))
                .orElse(build.value());
    }

    private static Build exactly(CardSpec spec, Workshop workshop) {
        BuildDraft draft = new BuildDraft(spec, workshop);
        spec.pieces().forEach(draft::engineer);
        return draft.finish();
    }

    static <P extends Piece> void engineer(P piece, BuildDraft draft) {
        Engineer<?> engineer = ENGINEERS.get(piece.getClass());
        if (engineer == null) {
            throw new IllegalStateException(
                    "no engineer for " + piece.getClass().getName());
        }
        PictureShape.judge(piece, draft);
        apply(engineer, piece, draft);
    }

    private static <P extends Piece> void apply(Engineer<P> engineer, Piece piece, BuildDraft draft) {
        engineer.engineer(engineer.engineers().cast(piece), draft);
    }

    private static Map<Class<?>, Engineer<?>> load() {
        Map<Class<?>, Engineer<?>> all = new LinkedHashMap<>();
        for (Engineer<?> engineer : ServiceLoader.load(Engineer.class, Engineer.class.getClassLoader())) {
            all.put(engineer.engineers(), engineer);
        }
        return Map.copyOf(all);
    }
}
