package dev.schachtel.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;

class DecimalsTest {
    /** Judged by the standard library; half a place may go either way, as the number itself isn't exact. */
    @Property
    void numbersAreWhatTheyWereToTheirPlaces(
            @ForAll @DoubleRange(min = -20_000, max = 20_000) double value, @ForAll @IntRange(max = 6) int places) {
        String text = Decimals.text(value, places);
        BigDecimal read = new BigDecimal(text);
        BigDecimal half = BigDecimal.ONE.movePointLeft(places).multiply(new BigDecimal("0.5000001"));
        assertThat(read.subtract(new BigDecimal(value)).abs()).isLessThanOrEqualTo(half);
        assertThat(read.setScale(places, RoundingMode.UNNECESSARY)
                        .stripTrailingZeros()
                        .toPlainString())
                .isEqualTo(read.signum() == 0 ? "0" : text);
    }
}
