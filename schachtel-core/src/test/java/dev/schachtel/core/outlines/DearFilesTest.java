package dev.schachtel.core.outlines;

import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;

import com.sun.management.ThreadMXBean;

import dev.schachtel.core.model.RefusedException;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Small files that mean harm are read, or refused in words, with what they make on the way bounded; how long it takes is measured in schachtel-bench. */
class DearFilesTest {
    private static final int FILES = 8;
    /** All that is made on the way, not what is held at a time: that is a small share of it. */
    private static final long MOST_BYTES = 2_000L << 20;

    @Test
    void drawings() {
        assertThat(meet(DearFiles::svg, file -> PictureFile.read(file, "hatched")))
                .isPositive();
        meet(DearFiles::svg, OutlineFile::read);
    }

    @Test
    void plans() {
        meet(DearFiles::dxf, OutlineFile::read);
    }

    /** Returns how many were refused. */
    private static int meet(Function<Random, byte[]> kind, Consumer<byte[]> reader) {
        ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        int refused = 0;
        for (int seed = 0; seed < FILES; seed++) {
            byte[] file = kind.apply(new Random(seed));
            long before = threads.getCurrentThreadAllocatedBytes();
            boolean taken = taken(file, reader, seed);
            refused += taken ? 0 : 1;
            assertThat(threads.getCurrentThreadAllocatedBytes() - before)
                    .as("bytes made for seed %s", seed)
                    .isLessThan(MOST_BYTES);
        }
        return refused;
    }

    private static boolean taken(byte[] file, Consumer<byte[]> reader, int seed) {
        try {
            reader.accept(file);
            return true;
        } catch (RefusedException e) {
            assertThat(e.getMessage()).as("seed %s", seed).isNotBlank().hasSizeLessThan(300);
            return false;
        }
    }

    /** A hatched sketch: one stroke of 800 points. It took 95 seconds and all memory once. */
    @Test
    void aHatchedSketchIsRead() {
        String line = IntStream.range(0, 800)
                .mapToObj(i -> "L" + (i % 2 == 0 ? 0 : 1000) + " " + (i * 1.25))
                .reduce("M0 0", String::concat);
        byte[] file =
                ("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"100mm\" height=\"100mm\" viewBox=\"0 0 1000 1000\">"
                                + "<path fill=\"none\" stroke=\"#123456\" stroke-width=\"2\" d=\"" + line
                                + "\"/></svg>")
                        .getBytes(StandardCharsets.UTF_8);
        assertThat(PictureFile.read(file, "sketch").regions()).hasSize(1);
    }

    /** A filled star of 2,000 points crosses itself a million times. */
    @Test
    void aLineThatCrossesItselfEndlesslyIsRefused() {
        String line = IntStream.range(0, 2001)
                .mapToObj(i -> "L" + (500 + 499 * Math.cos(Math.PI * i * 1999 / 2001)) + " "
                        + (500 + 499 * Math.sin(Math.PI * i * 1999 / 2001)))
                .reduce("M999 500", String::concat);
        byte[] file =
                ("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"100mm\" height=\"100mm\" viewBox=\"0 0 1000 1000\">"
                                + "<path fill=\"#123456\" d=\"" + line + "Z\"/></svg>")
                        .getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> PictureFile.read(file, "star"))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("cross each other too often");
    }
}
