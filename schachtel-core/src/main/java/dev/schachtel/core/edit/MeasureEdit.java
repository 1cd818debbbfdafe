package dev.schachtel.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import dev.schachtel.core.learning.Accuracy;
import dev.schachtel.core.material.Measured;
import dev.schachtel.core.material.Method;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/** Pieces that were measured, put down from text in millimetres or with a unit. Of each way the newest {@value #KEPT} are kept. */
public final class MeasureEdit {
    public static final int KEPT = 60;
    private static final Length MOST = Length.ofMillimetres(1500);
    private static final Length LEAST = Length.ofMicrometres(100);
    /** A way that is very exact would doubt every hair: less than this is never asked about. */
    private static final double NEVER_DOUBTED = 0.5;

    private final Workshop workshop;
    private final Method way;

    public MeasureEdit(Workshop workshop, Method way) {
        this.workshop = workshop;
        this.way = way;
    }

    /**
     * What was typed about one piece.
     *
     * @throws RefusedException if either size can't be read, or no piece is so small or large
     */
    public Measured read(String asked, String got) {
        return new Measured(way, length("asked", asked, Units.MM), length("got", got, Units.MM));
    }

    private static Length length(String field, String text, Units units) {
        Length length = Scalars.readLength(text, units, field);
        if (length.isBelow(LEAST) || length.isAbove(MOST)) {
            throw new RefusedException(
                    field, "'" + text.strip() + "' is no size of a piece; 0.1 mm to 1,500 mm can be measured");
        }
        return length;
    }

    /** Whether it is so far off that it was likely typed wrong. */
    public boolean isDoubtful(Measured piece) {
        double off = piece.off().nanometres() / 1e6;
        Accuracy known = workshop.accuracy(way);
        return Math.abs(off) > NEVER_DOUBTED && known.isDoubtful(off);
    }

    /** What was likely meant by a bare number that is doubtful: the same in inches, or in centimetres. */
    public Optional<String> meant(String asked, String got) {
        return Stream.of(" in", " cm")
                .map(unit -> got.strip() + unit)
                .filter(text -> isSound(asked, text))
                .findFirst();
    }

    private boolean isSound(String asked, String got) {
        try {
            return !isDoubtful(read(asked, got));
        } catch (RefusedException e) {
            return false;
        }
    }

    /** The workshop with one more piece. */
    public Workshop add(Measured piece) {
        List<Measured> own = new ArrayList<>(own());
        own.add(piece);
        return with(own.subList(Math.max(0, own.size() - KEPT), own.size()));
    }

    /** Without the last piece of this way. */
    public Workshop undo() {
        List<Measured> own = own();
        return with(own.subList(0, Math.max(0, own.size() - 1)));
    }

    /** By the book again. */
    public Workshop forget() {
        return with(List.of());
    }

    public List<Measured> own() {
        return workshop.measured().stream().filter(m -> m.way() == way).toList();
    }

    private Workshop with(List<Measured> own) {
        List<Measured> all = new ArrayList<>(
                workshop.measured().stream().filter(m -> m.way() != way).toList());
        all.addAll(own);
        return workshop.measuring(all);
    }
}
