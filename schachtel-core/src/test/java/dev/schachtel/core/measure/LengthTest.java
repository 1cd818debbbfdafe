package dev.schachtel.core.measure;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;

class LengthTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "3 1/2 | INCH | 88900000",
                "8 1/4 in | MM | 209550000",
                "8-1/4 | INCH | 209550000",
                "8¼\" | MM | 209550000",
                "8 ¼ | INCH | 209550000",
                "¾ | INCH | 19050000",
                "10.5 cm | INCH | 105000000",
                "105 mm | INCH | 105000000",
                "105 | MM | 105000000",
                "3,5 | MM | 3500000",
                "0.001 | MM | 1000",
                "1/64 | INCH | 396875",
                "-1/2 in | MM | -12700000",
                "3 1⁄2 inches | MM | 88900000",
                "2 m | INCH | 2000000000",
                "3.5 | INCH | 88900000",
                ".5 in | MM | 12700000",
                "3 1/2in. | MM | 88900000"
            })
    void readsAsMakersWrite(String typed, Units units, long nanometres) {
        assertThat(LengthText.parse(typed, units).nanometres()).isEqualTo(nanometres);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "3 1/ | '3 1/' ends after the stroke | 4",
                        "3 1 | '3 1' has two numbers; a fraction needs its stroke, as in 3 1/2 | 3",
                "3 ells | '3 ells' has the unit 'ells'; known are in, \", mm, cm and m | 6",
                        "1/0 | '1/0' divides by zero | 3",
                "abc | 'abc' has 'a' where a number should be | 0", "8- | '8-' ends after the hyphen | 2",
                "1.5/2 | '1.5/2' mixes a decimal point and a fraction; use one of them | 5",
                        "5 mm x | '5 mm x' goes on after the unit, with ' x' | 4",
                "- | '-' has no number | 1"
            })
    void saysWhatItCannotRead(String typed, String reason, int position) {
        assertThatThrownBy(() -> LengthText.parse(typed, Units.INCH))
                .isInstanceOfSatisfying(LengthTextException.class, e -> {
                    assertThat(e.getMessage()).isEqualTo(reason);
                    assertThat(e.position()).isEqualTo(position);
                });
    }

    @Test
    void refusesWhatNoRulerHasAndWhatIsTooLong() {
        assertThatThrownBy(() -> LengthText.parse("1/3 in", Units.INCH)).hasMessageContaining("finer than any ruler");
        assertThatThrownBy(() -> LengthText.parse("99999999999999999999 m", Units.INCH))
                .hasMessageContaining("longer than any paper");
        assertThatThrownBy(() -> LengthText.parse("1".repeat(50), Units.INCH))
                .hasMessageContaining("longer than any length");
        assertThatThrownBy(() -> LengthText.parse("  ", Units.INCH)).hasMessageContaining("is empty");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "88900000 | 3 1/2 | 88.9 | 3 1/2",
                "60325000 | 2 3/8 | ~60.3 | 2 3/8",
                "396875 | 1/64 | ~0.4 | 1/64",
                "10000000 | ~3/8 | 10 | 10 mm",
                "0 | 0 | 0 | 0",
                "-12700000 | -1/2 | -12.7 | -1/2",
                "1234567 | ~1/16 | ~1.2 | 1.234567 mm"
            })
    void printsOnBothRulers(long nanometres, String inches, String mm, String edit) {
        Length length = Length.ofNanometres(nanometres);
        assertThat(Units.INCH.show(length)).isEqualTo(inches);
        assertThat(Units.MM.show(length)).isEqualTo(mm);
        assertThat(Units.INCH.edit(length)).isEqualTo(edit);
    }

    @Property(tries = 500)
    void everyTextReadsBackExactly(@ForAll @LongRange(min = -3_000_000_000L, max = 3_000_000_000L) long nm) {
        Length length = Length.ofNanometres(nm);
        assertThat(LengthText.parse(length.toString(), Units.MM)).isEqualTo(length);
        for (Units units : Units.values()) {
            assertThat(LengthText.parse(units.edit(length), units)).isEqualTo(length);
            assertThat(LengthText.parse(units.exact(length), units.other())).isEqualTo(length);
        }
    }

    @Property(tries = 300)
    void partsAddUpAgainAndDifferByOneAtMost(@ForAll long nm, @ForAll @IntRange(min = 1, max = 40) int pieces) {
        List<Length> parts = Length.ofNanometres(nm).splitInto(pieces);
        assertThat(parts.stream().mapToLong(Length::nanometres).sum()).isEqualTo(nm);
        assertThat(parts.get(0).nanometres() - parts.get(pieces - 1).nanometres())
                .isBetween(0L, 1L);
    }

    @Property(tries = 300)
    void equalIfAndOnlyIfComparedEqual(@ForAll long a, @ForAll long b) {
        Length x = Length.ofNanometres(a);
        Length y = Length.ofNanometres(b);
        assertThat(x.equals(y)).isEqualTo(x.compareTo(y) == 0);
        assertThat(x.isBelow(y)).isEqualTo(a < b);
    }

    @Property(tries = 300)
    void roundingStaysWithinHalfAStep(@ForAll @LongRange(min = -1_000_000_000L, max = 1_000_000_000L) long nm) {
        Length step = Length.ofSixteenths(1);
        Length off = Length.ofNanometres(nm)
                .roundedTo(step)
                .minus(Length.ofNanometres(nm))
                .abs();
        assertThat(off.times(2).isAbove(step)).isFalse();
        assertThat(Length.ofNanometres(nm).roundedTo(step).isMultipleOf(step)).isTrue();
    }

    @Test
    void refusesToOverflow() {
        Length most = Length.ofNanometres(Long.MAX_VALUE);
        assertThatThrownBy(() -> most.plus(Length.ofNanometres(1))).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> most.times(2)).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> Length.ZERO.splitInto(0)).hasMessageContaining("pieces (0) must be 1 or more");
    }
}
