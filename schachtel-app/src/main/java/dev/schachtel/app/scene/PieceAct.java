package dev.schachtel.app.scene;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.Positions;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RefusedException;

/** What can be done to a chosen piece of a scene. */
enum PieceAct {
    LEFT,
    RIGHT,
    MIRROR,
    LARGER,
    SMALLER,
    FORWARD,
    BACK,
    RAISE,
    PIN,
    COPY,
    REMOVE;

    private static final int TURN = 5;
    private static final int GROW = 110;
    private static final Length ASIDE = Length.ofMillimetres(4);

    static PieceAct of(String word) {
        return Arrays.stream(values())
                .filter(a -> a.name().toLowerCase(Locale.ROOT).equals(word))
                .findFirst()
                .orElseThrow(() -> new RefusedException("piece", "that can't be done to a piece"));
    }

    CardSpec apply(CardSpec spec, Id id, Workshop workshop) {
        Motif motif = spec.find(id, Motif.class)
                .orElseThrow(() -> new RefusedException(id.value(), "is not on the card any more"));
        CardEdit edit = CardEdit.of(spec);
        return switch (this) {
            case LEFT -> edit.set(id, "turned", "" + (motif.turned() + TURN) % 360);
            case RIGHT -> edit.set(id, "turned", "" + (motif.turned() - TURN) % 360);
            case MIRROR -> edit.set(id, "mirrored", "" + !motif.mirrored());
            case LARGER -> sized(spec, motif, GROW, 100);
            case SMALLER -> sized(spec, motif, 100, GROW);
            case FORWARD -> moved(spec, motif, 1);
            case BACK -> moved(spec, motif, -1);
            case RAISE -> edit.set(id, "fixing", other(motif, workshop).id().value());
            case PIN -> edit.set(id, "pinned", "" + !motif.pinned());
            case COPY -> Positions.moved(edit.paste(motif), edit.nextId("motif"), ASIDE, Length.ZERO);
            case REMOVE -> edit.remove(id);
        };
    }

    private static CardSpec sized(CardSpec spec, Motif motif, int times, int over) {
        Length by = Length.ofMillimetres(times);
        Length than = Length.ofMillimetres(over);
        String component = motif.shape() instanceof Opening.Circle ? "shape.diameter" : "shape.width";
        Length to = motif.shape().width().scaled(by, than).roundedTo(Length.ofMicrometres(10));
        CardSpec now = CardEdit.of(spec).set(motif.id(), component, to.toString());
        boolean follows = motif.shape() instanceof Opening.Circle || motif.shape() instanceof Opening.Pictured;
        Length high = motif.shape().height().scaled(by, than).roundedTo(Length.ofMicrometres(10));
        return follows ? now : CardEdit.of(now).set(motif.id(), "shape.height", high.toString());
    }

    /** Glue if it is on foam, else the thinnest foam. */
    private static Material other(Motif motif, Workshop workshop) {
        boolean raised = workshop.find(motif.fixing(), Foam.class).isPresent();
        return raised
                ? workshop.all(Adhesive.class).get(0)
                : workshop.all(Foam.class).stream()
                        .filter(f -> f.form() != Foam.Form.SHEET)
                        .min(java.util.Comparator.comparing(Foam::thickness))
                        .orElseThrow(() -> new RefusedException("foam", "there is none in the stock"));
    }

    /** Nearer to the eye or farther from it, past the next one. */
    private static CardSpec moved(CardSpec spec, Motif motif, int by) {
        List<Element> all = new ArrayList<>(spec.elements());
        int at = all.indexOf(motif);
        int to = at + by;
        while (to >= 0 && to < all.size() && !(all.get(to) instanceof Motif)) {
            to += by;
        }
        if (to < 0 || to >= all.size()) {
            return spec;
        }
        all.remove(at);
        all.add(to, motif);
        return spec.withPieces(spec.base(), spec.layers(), spec.features(), all);
    }
}
