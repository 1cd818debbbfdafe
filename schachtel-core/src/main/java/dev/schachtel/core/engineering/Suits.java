package dev.schachtel.core.engineering;

import java.util.List;

import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Gauge;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;

/** Fits that more than one kind of piece has. */
final class Suits {
    /** Less play on each side is stiff, more wobbles: handbook chapter 12. */
    private static final Length STIFF = Length.ofMicrometres(200);

    private static final Length WOBBLES = Length.ofMillimetres(2);
    /** Card left between a hole and the edge that still holds a thread. */
    private static final Length HOLDS = Length.ofMillimetres(2);

    private Suits() {}

    /** What slides has play on both sides, from stiff to wobbling. */
    static Gauge play(Length eachSide, Share... shares) {
        return Gauge.within(eachSide.times(2), STIFF.times(2), WOBBLES.times(2), shares);
    }

    /** A connector in the slot that its piece cut. */
    static Fit inSlot(Id piece, PartId connector, Length play) {
        return Fit.of(
                Fit.Sort.RUNS,
                connector,
                play(
                        play,
                        Share.of(1, new Off.Opened(piece, Cutout.Sort.SLOT, Off.Axis.UP)),
                        Share.of(-1, new Off.Size(connector, Off.Axis.UP))));
    }

    /** It reaches past what it lies behind, by so much on all sides. */
    static Fit backed(Fit.Sort sort, PartId sheet, Length past, Length least) {
        return Fit.of(
                sort,
                sheet,
                List.of(
                        side(sheet, past, least, Off.Axis.ACROSS, 1),
                        side(sheet, past, least, Off.Axis.ACROSS, -1),
                        side(sheet, past, least, Off.Axis.UP, 1),
                        side(sheet, past, least, Off.Axis.UP, -1)));
    }

    private static Gauge side(PartId sheet, Length past, Length least, Off.Axis axis, int towards) {
        return Gauge.atLeast(
                past, least, Share.of(towards, new Off.Laid(sheet, axis)), Share.of(0.5, new Off.Size(sheet, axis)));
    }

    /** Card left round a hole. */
    static Fit hole(PartId in, Id owner, Length left) {
        return Fit.of(Fit.Sort.HOLE_HOLDS, in, Gauge.atLeast(left, HOLDS, Share.of(1, new Off.Punched(owner, 0))))
                .of(owner);
    }
}
