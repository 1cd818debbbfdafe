package dev.schachtel.app.structure;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.Brief;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.FlatFold;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Kind;
import dev.schachtel.core.card.Layer;
import dev.schachtel.core.card.Mat;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.card.Window;
import dev.schachtel.core.design.Adding;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.SvgWriter;

/** The kinds of piece with a picture of each: a small card to which nothing else was added. Found, not listed. */
final class Addables {
    private static final Format FORMAT = Format.USUAL.get(3);
    private final Workshop workshop = WorkshopFile.standard();
    private final CardSpec plain = CardEdit.of(CardSpec.of(
                    "Sample", FORMAT.units(), Brief.PLAIN, CardEdit.base(RecordType.word(FlatFold.class), FORMAT)))
            .add(RecordType.word(Mat.class));

    private final CardSpec windowed = CardEdit.of(plain).add(RecordType.word(Window.class));

    private List<StructureView.Addable> drawn = List.of();

    Addables() {
        Thread ahead = new Thread(this::all, "pictures of kinds");
        ahead.setDaemon(true);
        ahead.start();
    }

    /** Drawn once, before anybody asks if there is time. */
    synchronized List<StructureView.Addable> all() {
        if (drawn.isEmpty()) {
            drawn = RecordType.kinds(Piece.class).stream()
                    .filter(k -> !Base.class.isAssignableFrom(k))
                    .map(k -> addable(k, k.getAnnotation(Kind.class)))
                    .toList();
        }
        return drawn;
    }

    private StructureView.Addable addable(Class<?> type, Kind kind) {
        String group = Layer.class.isAssignableFrom(type)
                ? "Layers"
                : Element.class.isAssignableFrom(type) ? "Laid on" : "Features";
        return new StructureView.Addable(kind.value(), kind.title(), kind.about(), group, picture(kind.value()));
    }

    /** From the front where it is seen there, alone or in a card with a window; else opened, where it lies inside. */
    private String picture(String kind) {
        for (CardSpec card : List.of(plain, windowed)) {
            String with = drawn(with(card, kind), Views.FRONT);
            if (!with.equals(drawn(card, Views.FRONT))) {
                return with;
            }
        }
        String opened = drawn(with(plain, kind), Views.OPENED_FLAT);
        return opened.equals(drawn(plain, Views.OPENED_FLAT)) ? drawn(with(plain, kind), Views.TAKEN_APART) : opened;
    }

    private CardSpec with(CardSpec card, String kind) {
        try {
            return Adding.add(card, kind, Optional.empty(), workshop).spec();
        } catch (RefusedException e) {
            return card;
        }
    }

    private String drawn(CardSpec card, Views view) {
        return SvgWriter.write(view.of(Engineering.engineer(card, workshop), Id.BASE), Look.picture(72, 88));
    }
}
