package dev.schachtel.core.check;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.StampSeam;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;

/** Where a stamp or stencil is set down again a line may be seen; a piece that lies on the sheet can hide it. */
final class SeamCheck implements Check {
    /** Of its length: less beside the edge of a piece is not noticed. */
    private static final double LITTLE = 0.2;

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        for (Surface surface : build.surfaces()) {
            for (StampSeam seam : StampSeam.of(build, surface)) {
                Box line = seam.line().bounds();
                Length little = Mm.length(LITTLE * Math.max(line.width(), line.height()));
                if (seam.seen().isAbove(little)) {
                    Report.Draft draft = report.on(RuleId.SEAM_SEEN, surface.owner())
                            .parts(surface.part())
                            .names(
                                    surface.technique().name(),
                                    build.part(surface.part()).map(Part::name).orElse(""))
                            .measured(Amount.of(seam.seen()), Amount.of(little))
                            .at(line.centre());
                    hiding(build, surface, seam).forEach(r -> draft.remedy(Optional.of(r)));
                    draft.watch();
                }
            }
        }
    }

    /** Pieces that cover most of the line once they are moved onto it. */
    private static List<Remedy> hiding(Build build, Surface surface, StampSeam seam) {
        Box line = seam.line().bounds();
        boolean level = line.width() >= line.height();
        double longer = Math.max(line.width(), line.height());
        return build.lyingOn(surface.slab()).stream()
                .flatMap(id -> build.level(id).stream())
                .map(Level::slab)
                .filter(s -> build.spec().find(s.part().owner(), Element.class).isPresent())
                .filter(s -> (level ? s.bounds().width() : s.bounds().height()) > longer / 2)
                .flatMap(s -> Lever.of(build.spec(), s.part().owner(), level ? Pull.UP : Pull.ACROSS).stream()
                        .flatMap(l -> l.length().stream().map(now -> l.to(now.plus(by(line, s.bounds(), level))))))
                .toList();
    }

    private static Length by(Box line, Box piece, boolean level) {
        double off = level
                ? (line.bottom() + line.top() - piece.bottom() - piece.top()) / 2
                : (line.left() + line.right() - piece.left() - piece.right()) / 2;
        return Length.ofMillimetres(Math.round(off));
    }
}
