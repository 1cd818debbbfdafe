package dev.schachtel.bench;

import java.lang.management.ManagementFactory;
import java.util.Locale;
import java.util.Random;
import java.util.function.Consumer;
import java.util.function.Function;

import com.sun.management.ThreadMXBean;

import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.outlines.DearFiles;
import dev.schachtel.core.outlines.OutlineFile;
import dev.schachtel.core.outlines.PictureFile;

/** What small files that ask for much work take: processor time, and all that is made on the way. */
public final class DearFilesSpeed {
    private static final int FILES = 300;

    private DearFilesSpeed() {}

    public static void main(String[] args) {
        read("SVG as a picture", DearFiles::svg, file -> PictureFile.read(file, "picture"));
        read("SVG as an outline", DearFiles::svg, OutlineFile::read);
        read("DXF as an outline", DearFiles::dxf, OutlineFile::read);
    }

    private static void read(String what, Function<Random, byte[]> kind, Consumer<byte[]> reader) {
        ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        int files = Rounds.of(FILES);
        int refused = 0;
        long longest = 0;
        long most = 0;
        for (int seed = 0; seed < files; seed++) {
            byte[] file = kind.apply(new Random(seed));
            long time = threads.getCurrentThreadCpuTime();
            long made = threads.getCurrentThreadAllocatedBytes();
            try {
                reader.accept(file);
            } catch (RefusedException e) {
                refused++;
            }
            longest = Math.max(longest, threads.getCurrentThreadCpuTime() - time);
            most = Math.max(most, threads.getCurrentThreadAllocatedBytes() - made);
        }
        System.out.printf(
                Locale.ROOT,
                "%s: %d files, %d refused, longest %.2f s of processor time, at most %d MB made on the way%n",
                what,
                files,
                refused,
                longest / 1e9,
                most >> 20);
    }
}
