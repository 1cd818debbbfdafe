package dev.schachtel.core.log;

import java.util.List;
import java.util.Locale;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Texts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.CharRange;
import net.jqwik.api.constraints.StringLength;

/** A name is found wherever it stands as words of its own, and nowhere else. */
class PersonTest {
    @ParameterizedTest
    @CsvSource({
        "Ann, 'For Ann, with love', 'For somebody, with love'",
        "Ann, 'ANN''s card', 'somebody''s card'",
        "Ann, 'Änn & änn', 'somebody & somebody'",
        "Ann, 'Anniversary of Joann', 'Anniversary of Joann'",
        "Ms Oduya, 'for ms.  oduya!', 'for somebody!'",
        "Ms Oduya, 'Oduya, Ms', 'Oduya, Ms'",
        "Ms Oduya, 'Ms Ms Oduya', 'Ms somebody'",
        "O'Brien, 'the O’Briens and O-Brien', 'the O’Briens and somebody'",
        "Ann Ann, 'Ann Ann Ann', 'somebody Ann'",
        "李, '李 好', 'somebody 好'",
    })
    void isTakenOutAsWordsOfItsOwn(String who, String text, String without) {
        assertThat(Person.of(who).outOf(text, 200)).isEqualTo(without);
        assertThat(Person.of(who).isIn(text)).isEqualTo(!text.equals(without));
    }

    @Test
    void whatWouldBeTooLongIsLeftOut() {
        assertThat(Person.of("Jo").outOf("Jo and Jo", 9)).isEqualTo("… and …");
        assertThat(Person.of("Jo").outOf("Jo and Jo", 21)).isEqualTo("somebody and somebody");
        assertThatThrownBy(() -> Person.of(" ?! ")).isInstanceOf(RefusedException.class);
    }

    /** Judged by looking at every beginning: a text that is compared as a name is, cut at spaces. */
    @Property(tries = 3_000)
    void asASecondPlainWaySays(
            @ForAll @CharRange(from = 'a', to = 'c') @StringLength(min = 1, max = 2) String first,
            @ForAll @CharRange(from = 'a', to = 'c') @StringLength(max = 2) String second,
            @ForAll("texts") @StringLength(max = 24) String text) {
        String name = (first + " " + second).strip();
        boolean plain = (" " + Acquaintance.same(text) + " ").contains(" " + name + " ");
        Person person = Person.of(name.toUpperCase(Locale.ROOT));
        assertThat(person.isIn(text)).isEqualTo(plain);
        assertThat(person.isIn(person.outOf(text, 1_000))).isFalse();
        assertThat(person.outOf(text, 0).length()).isLessThanOrEqualTo(text.length());
    }

    @net.jqwik.api.Provide
    net.jqwik.api.Arbitrary<String> texts() {
        return net.jqwik.api.Arbitraries.strings().withChars("abcABCÁç .,-'’\u0301");
    }

    /** Every text of every demo card, the greeting on it and the people of its brief; keys, outlines and ids stay. */
    @Test
    void cardsAreTheSameButForTheName() {
        List<String> words = List.of("thank you", "with love", "hurrah", "viaduct", "station", "ms oduya");
        int changed = 0;
        for (String file : TestCards.files()) {
            CardSpec card = TestCards.whole(file).spec();
            assertThat(Texts.changed(card, (text, most) -> text)).isSameAs(card);
            for (String word : words) {
                Person person = Person.of(word);
                CardSpec without = Texts.changed(card, person::outOf);
                assertThat(CardFile.withTexts(CardFile.write(card), brief -> brief, person::outOf))
                        .isEqualTo(CardFile.write(without));
                if (without != card) {
                    changed++;
                    assertThat(CardFile.write(without)).isNotEqualTo(CardFile.write(card));
                    assertThat(CardFile.readIncomplete(CardFile.write(without))).isEqualTo(without);
                    assertThat(without.pieces().map(p -> p.id()))
                            .isEqualTo(card.pieces().map(p -> p.id()).toList());
                }
                assertThat(Texts.changed(without, person::outOf)).isSameAs(without);
            }
        }
        assertThat(changed).isGreaterThan(5);
    }

    /** A document that says something where no card has it is none that can be gone through: whoever asks takes the name out anywhere. */
    @Test
    void whatNoCardHasIsRefused() {
        String card = CardFile.write(TestCards.whole("upper-station.json").spec());
        for (String odd : List.of("{\"note\": \"for Zora\",", "{\"set\": [\"for Zora\"],")) {
            String document = odd.contains("set") ? card.replaceFirst("\"set\"[^,]*,", "") : card;
            assertThatThrownBy(() ->
                            CardFile.withTexts(document.replaceFirst("\\{", odd), brief -> brief, (text, most) -> text))
                    .isInstanceOf(RefusedException.class);
        }
    }
}
