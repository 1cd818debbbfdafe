package dev.schachtel.core.edit;

import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.RandomCards;
import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.Brief;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.plan.Planner;

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

    /** Steps and boxes have sizes of their own, which go with the format in proportion. */
    @ParameterizedTest
    @ValueSource(strings = {"terraces.json", "zigzag-station.json"})
    void ownSizesGoWithTheFormat(String file) {
        CardSpec card = TestCards.of(file).spec();
        CardSpec small = new MakeAgain(1, Optional.of(format("a6")), CREAM, CREAM).of(card);
        Format a6 = format("a6");
        assertThat(small.base().width()).isEqualTo(a6.width());
        assertThat(a6.height().minus(small.base().height())).isBetween(Length.ZERO, Length.ofMillimetres(12));
        assertThat(small.pieces().map(Piece::id))
                .containsExactlyElementsOf(card.pieces().map(Piece::id).toList());
    }

    /** What paper, plates and envelopes of the stock don't take is the maker's to settle. */
    private static final Set<RuleId> TOO_LARGE = Set.of(RuleId.SHEET_SIZE, RuleId.PLATE, RuleId.ENVELOPE_SIZE);

    static Stream<Arguments> basesAndFormats() {
        return RecordType.kinds(Base.class).stream()
                .flatMap(b -> Format.USUAL.stream().map(f -> Arguments.of(RecordType.word(b), f)));
    }

    /** A new card is as large as was asked, or too small by less than its steps leave; and nothing is to mend on it. */
    @ParameterizedTest
    @MethodSource("basesAndFormats")
    void everyBaseComesInEveryFormat(String kind, Format format) {
        Base base = CardEdit.base(kind, format);
        assertThat(base.width()).isEqualTo(format.width());
        assertThat(format.height().minus(base.height()))
                .isBetween(Length.ZERO, format.units().step().times(6));
        CardSpec card = CardSpec.of("Try", format.units(), Brief.PLAIN, base);
        assertThat(CardFile.read(CardFile.write(card))).isEqualTo(card);
        assertThat(Planner.withoutRemedies(card, TestCards.WORKSHOP)
                        .findings()
                        .of(Severity.MEND)
                        .all())
                .filteredOn(f -> !TOO_LARGE.contains(f.rule()))
                .isEmpty();
    }

    /** Whatever sizes a box or a stepper has, in another format it is refused, or can be read again. */
    @Test
    void whatIsMadeAgainCanBeRead() {
        Random random = new Random(11);
        int made = 0;
        for (int i = 0; i < 300; i++) {
            CardSpec card = TestCards.of(i % 2 == 0 ? "terraces.json" : "zigzag-station.json")
                    .spec();
            for (int k = 0; k < 4; k++) {
                card = RandomCards.changedByHand(card, random);
            }
            Format format = Format.USUAL.get(random.nextInt(Format.USUAL.size()));
            try {
                CardSpec again = new MakeAgain(1, Optional.of(format), CREAM, CREAM).of(card);
                assertThat(CardFile.read(CardFile.write(again))).isEqualTo(again);
                made++;
            } catch (RefusedException e) {
                assertThat(e.getMessage()).startsWith("base.").containsAnyOf("too small", "too large", "must be");
            }
        }
        assertThat(made).isBetween(100, 299);
    }

    /** A narrow high box with a panel on its front falls forwards; its remedies mend that, within the format. */
    @Test
    void aNarrowBoxIsMended() {
        Base narrow = CardEdit.base("box-card", format("slim"));
        CardSpec bare = CardSpec.of("Try", Units.INCH, Brief.PLAIN, narrow);
        CardSpec card = CardEdit.of(CardEdit.of(bare).add("mat")).set(new Id("panel"), "fixing", "tape");
        Finding tips = Planner.plan(card, TestCards.WORKSHOP)
                .findings()
                .of(RuleId.TIPS)
                .all()
                .get(0);
        assertThat(tips.remedies()).isNotEmpty();
        for (Remedy remedy : tips.remedies()) {
            CardSpec mended = remedy.taken(card);
            assertThat(Planner.withoutRemedies(mended, TestCards.WORKSHOP)
                            .findings()
                            .count(Severity.MEND))
                    .isZero();
        }
    }

    @Test
    void whatCantBeIsRefused() {
        CardSpec steps = TestCards.whole("terraces.json").spec();
        assertThatThrownBy(() -> new MakeAgain(0, Optional.empty(), CREAM, CREAM).of(steps))
                .isInstanceOf(RefusedException.class);
    }
}
