package dev.schachtel.app.colours;

import java.util.Optional;

import dev.schachtel.core.card.Aim;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.ShadeEdit;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.model.RefusedException;

/** What an area should look like, as the page sends it. */
final class Aims {
    static final String COLOUR = "colour:";
    static final String PAPER = "paper:";
    static final String SHEET = "sheet:";

    private Aims() {}

    static String word(Aim.Wanted wanted) {
        if (wanted instanceof Aim.Wanted.Plain p) {
            return COLOUR + p.colour().hex();
        }
        return wanted instanceof Aim.Wanted.LikePaper p
                ? PAPER + p.paper()
                : SHEET + ((Aim.Wanted.LikeSheet) wanted).sheet();
    }

    /** Empty for as the picture has it. */
    static Optional<Aim.Wanted> read(String text) {
        if (text.isBlank()) {
            return Optional.empty();
        } else if (text.startsWith(PAPER) && text.substring(PAPER.length()).matches(MaterialId.PATTERN)) {
            return Optional.of(new Aim.Wanted.LikePaper(new MaterialId(text.substring(PAPER.length()))));
        } else if (text.startsWith(SHEET) && text.substring(SHEET.length()).matches(Id.PATTERN)) {
            return Optional.of(new Aim.Wanted.LikeSheet(new Id(text.substring(SHEET.length()))));
        } else if (text.startsWith(COLOUR) || text.startsWith("#")) {
            return Optional.of(new Aim.Wanted.Plain(ShadeEdit.colour(text.replaceFirst(COLOUR, ""))));
        }
        throw new RefusedException(
                "area", "can't look like '" + (text.length() > 40 ? text.substring(0, 40) : text) + "'");
    }
}
