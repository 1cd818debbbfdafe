package dev.schachtel.core.tolerance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Gauge;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Flat;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Leaf;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Envelope;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

/**
 * All fits of a card: those that engineers state, and those that follow from joints, chambers, movements and leaves of any card.
 * Handbook chapter 12; where a bound has no source there, it is our own estimate and says so.
 */
public final class Fits {
    /** Film needs so much past its window to be stuck by: our own estimate. */
    private static final Length STICKS = Length.ofMillimetres(2);
    /** Wrapping film needs so much behind its panel: our own estimate. */
    private static final Length WRAPS = Length.ofMillimetres(10);
    /** A keeper is planned wider than its opening by what is asked, and holds with a quarter of it: our own estimate. */
    private static final int HOLDS_YET = 4;
    /** Edges that are apart by less look as one: our own estimate. */
    private static final Length FLUSH = Length.ofMillimetres(1);

    private static final Length HAIR = Length.ofMicrometres(1);

    private Fits() {}

    public static List<Fit> of(Build build, Workshop workshop) {
        List<Fit> all = new ArrayList<>(build.mechanics().fits());
        all.addAll(Borders.of(build));
        build.chambers().forEach(c -> chamber(build, c, all));
        build.mechanics().motions().forEach(m -> held(m, all));
        build.mechanics().leaves().forEach(l -> flush(build, l, all));
        all.addAll(Supports.of(build));
        workshop.envelope(build.spec().brief().envelope())
                .filter(e -> build.spec().brief().posted())
                .ifPresent(e -> all.add(posted(build, e)));
        return all;
    }

    private static void chamber(Build build, Chamber chamber, List<Fit> all) {
        Part film = build.part(chamber.film()).orElseThrow();
        if (!chamber.isDam()) {
            Form panel = Form.rectangle(
                    chamber.clear().bounds().wide(), chamber.clear().bounds().high());
            all.add(Fit.of(Fit.Sort.FILM_COVERS, film.id(), over(film, panel, List.of(), WRAPS))
                    .of(chamber.owner()));
            return;
        }
        Length grain = chamber.filling().grain(chamber.depth());
        List<Gauge> seams = new ArrayList<>();
        for (int i = 0; i < chamber.seams().size(); i++) {
            seams.add(new Gauge(
                    chamber.seams().get(i).nominal(),
                    Gauge.FAR.negated(),
                    grain.minus(HAIR),
                    List.of(Share.of(1, new Off.Joined(chamber.owner(), i)))));
        }
        all.add(Fit.of(Fit.Sort.DAM_CLOSED, chamber.walls().get(0), seams).of(chamber.owner()));
        for (Cutout window : chamber.apertures()) {
            List<Share> cut = List.of(
                    Share.of(-0.5, new Off.Opened(window.owner(), window.sort(), Off.Axis.ACROSS)),
                    Share.of(-0.5, new Off.Opened(window.owner(), window.sort(), Off.Axis.UP)));
            all.add(Fit.of(Fit.Sort.FILM_COVERS, film.id(), over(film, window.form(), cut, STICKS))
                    .of(chamber.owner()));
        }
    }

    /** How far a sheet reaches past an opening on each of four sides. */
    private static List<Gauge> over(Part sheet, Form opening, List<Share> cut, Length least) {
        List<Gauge> sides = new ArrayList<>();
        for (Off.Axis axis : Off.Axis.values()) {
            boolean across = axis == Off.Axis.ACROSS;
            Length past = across
                    ? sheet.form().width().minus(opening.width()).half()
                    : sheet.form().height().minus(opening.height()).half();
            for (int towards : new int[] {1, -1}) {
                List<Share> off = new ArrayList<>(List.of(
                        Share.of(towards, new Off.Laid(sheet.id(), axis)),
                        Share.of(0.5, new Off.Size(sheet.id(), axis))));
                if (!cut.isEmpty()) {
                    off.add(cut.get(axis.ordinal()));
                }
                sides.add(new Gauge(past, least, Gauge.FAR, off));
            }
        }
        return sides;
    }

    private static void held(Motion motion, List<Fit> all) {
        for (Motion.Retainer keeper : motion.keeping().retainers()) {
            Length least = Length.ofNanometres(keeper.asked().nanometres() / HOLDS_YET);
            all.add(Fit.of(
                            Fit.Sort.HELD,
                            keeper.part(),
                            Gauge.atLeast(
                                    keeper.width().minus(keeper.opening()),
                                    least,
                                    Share.of(1, new Off.Size(keeper.part(), Off.Axis.UP)),
                                    Share.of(-1, new Off.Opened(motion.owner(), Cutout.Sort.SLOT, Off.Axis.UP))))
                    .of(motion.owner())
                    .easedBy(keeper.grows()));
        }
    }

    /** A leaf that covers all of another: a score that is off by e sets their edges off by twice that. */
    private static void flush(Build build, Leaf leaf, List<Fit> all) {
        Level upper = build.level(leaf.slab()).orElseThrow();
        Level lower = build.level(leaf.over()).orElseThrow();
        boolean same = upper.slab().part().equals(lower.slab().part())
                && upper.slab().bounds().equals(lower.slab().bounds());
        List<Fold> folds = build.folds().stream()
                .filter(f -> f.part().equals(upper.slab().part()))
                .toList();
        if (same && !folds.isEmpty()) {
            all.add(Fit.of(
                    Fit.Sort.FLUSH,
                    upper.slab().part(),
                    Gauge.within(
                            Length.ZERO,
                            FLUSH.negated(),
                            FLUSH,
                            Share.of(2, new Off.Scored(upper.slab().part(), 0)))));
        }
    }

    /** As the card lies flat, its thickness taken off the shorter side. */
    private static Fit posted(Build build, Envelope envelope) {
        Flat flat = build.smallestFlat();
        Part base = build.parts().stream()
                .filter(p -> p.owner().equals(Id.BASE))
                .min(Comparator.comparing(p -> p.id().toString()))
                .orElseThrow();
        Length shorter = Length.min(flat.width(), flat.height()).plus(build.thickness(flat));
        Length longer = Length.max(flat.width(), flat.height());
        return Fit.of(
                Fit.Sort.ENVELOPE,
                base.id(),
                Gauge.atLeast(
                        envelope.width().minus(shorter),
                        Length.ZERO,
                        Share.of(-1, new Off.Size(base.id(), Off.Axis.ACROSS)),
                        Share.of(-1, new Off.Scored(base.id(), 0))),
                Gauge.atLeast(
                        envelope.height().minus(longer),
                        Length.ZERO,
                        Share.of(-1, new Off.Size(base.id(), Off.Axis.UP))));
    }
}
