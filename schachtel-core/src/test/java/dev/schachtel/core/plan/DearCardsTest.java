package dev.schachtel.core.plan;

import java.lang.management.ManagementFactory;
import java.util.Random;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import com.sun.management.ThreadMXBean;

import dev.schachtel.core.DearCards;
import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.patience.Patience;
import dev.schachtel.core.patience.PatienceLostException;

import static org.assertj.core.api.Assertions.assertThat;

class DearCardsTest {
    /**
     * All that is made on the way, in megabytes: work that isn't counted shows there on any machine, however fast. They take up to
     * 1,150 where the compiler is warm, and up to twice that before.
     */
    private static final long MOST = 3_000;

    /** Each of these took too long once: their loops, motions and circles of rules were hardly counted. */
    @ParameterizedTest
    @ValueSource(ints = {26, 43, 46, 75, 77, 99, 156})
    void aSmallCardThatAsksForMuchWorkIsRefusedBeforeItTakesLong(int seed) {
        CardSpec card = CardFile.read(CardFile.write(DearCards.card(new Random(seed))));
        ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        long before = threads.getCurrentThreadAllocatedBytes();
        boolean planned = isPlanned(card);
        long made = (threads.getCurrentThreadAllocatedBytes() - before) / 1_000_000;
        assertThat(made).as("planned %s", planned).isBetween(1L, MOST);
    }

    private static boolean isPlanned(CardSpec card) {
        try {
            Patience.within(Patience.FOR_STRANGERS, () -> Planner.plan(card, TestCards.WORKSHOP));
            return true;
        } catch (PatienceLostException tooMuch) {
            return false;
        }
    }
}
