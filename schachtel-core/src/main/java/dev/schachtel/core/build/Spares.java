package dev.schachtel.core.build;

import dev.schachtel.core.card.Brief;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.measure.Length;

/**
 * How many more of a part are made than the cards take: of each small one as many as the brief says, of a part as many as was
 * decided for it, and, where the brief asks for that, by kind of risk: of pictures that are coloured by hand one of up to
 * four, else a fifth; of what is inked or stamped one. Handbook chapter 11.
 */
public final class Spares {
    /** Small parts are no longer than this. */
    private static final Length SMALL = Length.ofMillimetres(100);

    private static final int FEW = 4;
    private static final double SHARE = 0.2;

    private Spares() {}

    public static int of(Build build, Part part) {
        Brief brief = build.spec().brief();
        int small = part.form().longer().isAbove(SMALL) ? 0 : brief.spares();
        int own = build.spec().cut(part.id().toString()).map(CutChoice::spares).orElse(0);
        return Math.max(small, brief.byRisk() ? byRisk(build, part, brief.cards()) : 0) + own;
    }

    private static int byRisk(Build build, Part part, int cards) {
        int pieces = part.perCard() * cards;
        boolean coloured = build.coloured().stream().anyMatch(c -> c.part().equals(part.id()) && !c.isBare());
        if (coloured) {
            return pieces <= FEW ? 1 : (int) Math.ceil(SHARE * pieces);
        }
        return build.surfaces().stream()
                        .anyMatch(s -> s.part().equals(part.id())
                                && s.technique().kind().colours())
                ? 1
                : 0;
    }
}
