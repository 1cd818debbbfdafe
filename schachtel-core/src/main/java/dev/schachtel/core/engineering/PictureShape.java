package dev.schachtel.core.engineering;

import java.util.List;

import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.patience.Lately;
import dev.schachtel.core.shape.Figures;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;

/** A picture of the box as large as fits into some size, about its middle: what is cut out and the coloured areas on it. */
record PictureShape(Outline outline, List<Art.Tint> tints) {
    private static final int KEPT = 400;
    private static final Lately<Key, PictureShape> KNOWN = new Lately<>(KEPT);

    private record Key(Picture picture, Length width, Length height) {}

    /** Reading a picture takes longer than all else about it, so that those that were read lately are kept. */
    static PictureShape of(Picture picture, Length width, Length height) {
        return KNOWN.get(new Key(picture, width, height), PictureShape::read);
    }

    /** Notes every picture that a piece takes from the box and that is not there. */
    static void judge(Piece piece, BuildDraft draft) {
        judge(piece, "", piece.id(), draft);
    }

    private static void judge(Object record, String stem, Id owner, BuildDraft draft) {
        RecordType type = RecordType.of(record.getClass());
        for (RecordType.Component component : type.components()) {
            Object value = type.get(record, component);
            if (component.asked().from() == Asked.Choice.PICTURE
                    && value instanceof MaterialId picture
                    && draft.workshop().picture(picture).isEmpty()) {
                draft.fault(RuleId.MATERIAL_MISSING, new Source(owner, stem + component.name()), picture.value());
            }
            if (component.isFamily()) {
                judge(value, stem + component.name() + ".", owner, draft);
            }
        }
    }

    private static PictureShape read(Key key) {
        Picture p = key.picture;
        double scale = Math.min(Mm.of(key.width) / Mm.of(p.width()), Mm.of(key.height) / Mm.of(p.height()));
        Figures.View view = new Figures.View(Mm.of(p.width()) / 2, Mm.of(p.height()) / 2, scale);
        List<Outline> whole = Figures.outlines(p.outline().text(), view);
        List<Art.Tint> tints = p.regions().stream()
                .map(r -> new Art.Tint(
                        r.name(), r.colour(), Figures.outlines(r.path().text(), view)))
                .toList();
        return new PictureShape(whole.isEmpty() ? Outline.rectangle(key.width, key.height) : whole.get(0), tints);
    }
}
