package dev.schachtel.core.edit;

import java.util.Optional;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RefusedException;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** A card made again in another number, format and paper, against its own file. */
class MakeAgainTest {
    private static final MaterialId CREAM = new MaterialId("cream-300");
    private static final MaterialId WHITE = new MaterialId("white-300");

    private static Format format(String id) {
        return Format.USUAL.stream().filter(f -> f.id().equals(id)).findFirst().orElseThrow();
    }

    @Test
    void onlyWhatIsWantedChanges() {
        CardSpec card = TestCards.whole("upper-station.json").spec();
        assertThat(new MakeAgain(card.brief().cards(), Optional.empty(), CREAM, CREAM).of(card))
                .isEqualTo(card);
        CardSpec white = new MakeAgain(3, Optional.empty(), CREAM, WHITE).of(card);
        assertThat(white.brief().cards()).isEqualTo(3);
        String file = CardFile.write(card);
        assertThat(CardFile.write(white))
                .isEqualTo(file.replace("\"cream-300\"", "\"white-300\"")
                        .replace("\"cards\" : 12", "\"cards\" : 3")
                        .replace("\"cards\": 12", "\"cards\": 3"));
    }

    /** Twice as wide and three times as high, places lie as many times as far in; what has a size of its own keeps it. */
    @Test
    void placesGoWithTheFormat() {
        CardSpec card = TestCards.raised()
                .set("base", "width", "74.25 mm")
                .set("base", "height", "70 mm")
                .spec();
        CardSpec marked = CardEdit.of(card).add("motif");
        marked = CardEdit.of(marked).set(new Id("motif"), "across", "20 mm");
        marked = CardEdit.of(marked).set(new Id("motif"), "up", "30 mm");
        CardSpec large = new MakeAgain(1, Optional.of(format("a5")), CREAM, CREAM).of(marked);
        assertThat(large.base().width()).isEqualTo(Length.ofMicrometres(148_500));
        assertThat(CardEdit.of(large).set(new Id("motif"), "across", "40 mm")).isEqualTo(large);
        assertThat(CardEdit.of(large).set(new Id("motif"), "up", "90 mm")).isEqualTo(large);
    }

    @Test
    void whatCantBeIsRefused() {
        CardSpec steps = TestCards.whole("terraces.json").spec();
        assertThatThrownBy(() -> new MakeAgain(4, Optional.of(format("a6")), CREAM, CREAM).of(steps))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("its own sizes");
        assertThatThrownBy(() -> new MakeAgain(0, Optional.empty(), CREAM, CREAM).of(steps))
                .isInstanceOf(RefusedException.class);
    }
}
