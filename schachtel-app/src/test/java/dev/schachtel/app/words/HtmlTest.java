package dev.schachtel.app.words;

import java.time.Duration;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Area;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.LengthText;
import dev.schachtel.core.measure.Units;

import static org.assertj.core.api.Assertions.assertThat;

/** Sizes and durations as they stand on the page. */
class HtmlTest {
    private static Length length(String text) {
        return LengthText.parse(text, Units.MM);
    }

    private static String plain(Amount amount, Units units) {
        return Html.plain(Html.of(amount, units));
    }

    @ParameterizedTest
    @CsvSource({
        "1 in, 1, 25.4",
        "1/2 in, 1/2, 12.7",
        "2 3/8 in, 2 3/8, ~60.3",
        "3/16 in, 3/16, ~4.8",
        "10 mm, ~3/8, 10",
        "0 mm, 0, 0"
    })
    void lengthsAreWrittenInBothUnits(String text, String inches, String millimetres) {
        assertThat(plain(Amount.of(length(text)), Units.INCH)).isEqualTo(inches);
        assertThat(plain(Amount.of(length(text)), Units.MM)).isEqualTo(millimetres);
    }

    /** Where inches are rounded the millimetres stand beside them; where they are exact they don't. */
    @Test
    void roundedInchesHaveTheirMillimetres() {
        assertThat(Html.plain(Html.result(Amount.of(length("10 mm")), Units.INCH)))
                .isEqualTo("~3/8 10 mm");
        assertThat(Html.plain(Html.result(Amount.of(length("1/2 in")), Units.INCH)))
                .isEqualTo("1/2");
        assertThat(Html.plain(Html.measured(Amount.of(length("1/2 in"), length("1 in")), Units.INCH)))
                .isEqualTo("1/2 × 1 in");
    }

    @Test
    void everyOtherAmountBringsItsUnit() {
        assertThat(plain(new Amount.Thick(length("2.29 mm")), Units.INCH)).isEqualTo("2.29 mm");
        assertThat(plain(new Amount.Count(12), Units.INCH)).isEqualTo("12");
        assertThat(plain(new Amount.Times(150), Units.INCH)).isEqualTo("1.50 ×");
        assertThat(plain(new Amount.Times(7), Units.INCH)).isEqualTo("0.07 ×");
        assertThat(plain(new Amount.Degrees(new Angle(22_500_000)), Units.INCH)).isEqualTo("22.5°");
        assertThat(plain(Amount.degrees(65), Units.INCH)).isEqualTo("65°");
        assertThat(plain(Amount.grams(9), Units.INCH)).isEqualTo("9 g");
        assertThat(plain(new Amount.Grams(125), Units.INCH)).isEqualTo("12.5 g");
        assertThat(plain(new Amount.Millilitres(35), Units.MM)).isEqualTo("3.5 ml");
        assertThat(plain(new Amount.Squares(Area.of(length("100 mm"), length("50 mm"))), Units.MM))
                .isEqualTo("50 cm²");
        assertThat(plain(new Amount.Minutes(135), Units.MM)).isEqualTo("2 h 15");
    }

    static Stream<String> words() {
        Random random = new Random(11);
        String often = "<>&\"' \u2019/;#39ampltgt<b>";
        return IntStream.range(0, 300).mapToObj(i -> random.ints(random.nextInt(30), 0, 400)
                .map(n -> n < 200 ? often.charAt(n % often.length()) : n)
                .mapToObj(Character::toString)
                .collect(Collectors.joining()));
    }

    /** Whatever a maker types stays text, and comes back as it was. */
    @ParameterizedTest
    @MethodSource("words")
    void typedWordsStayText(String typed) {
        String html = Html.escape(typed);
        assertThat(html).doesNotContain("<", ">", "\"", "'");
        String letters = typed.replaceAll("[<>&\"'\u2044\u2019\u201c\u201d]", "");
        assertThat(Html.plain(Html.escape(letters))).isEqualTo(letters.strip());
    }

    @ParameterizedTest
    @CsvSource({
        "0, 0 min, 0, 0:00",
        "29, 0 min, 1, 0:00",
        "30, 1 min, 1, 0:01",
        "3570, 1 h 00, 60, 1:00",
        "5400, 1 h 30, 90, 1:30",
        "36000, 10 h 00, 600, 10:00"
    })
    void durationsAreRoundedToTheMinute(int seconds, String words, long minutes, String clock) {
        Duration duration = Duration.ofSeconds(seconds);
        assertThat(Times.of(duration)).isEqualTo(words);
        assertThat(Times.minutes(duration)).isEqualTo(minutes);
        assertThat(Times.clock(duration)).isEqualTo(clock);
    }
}
