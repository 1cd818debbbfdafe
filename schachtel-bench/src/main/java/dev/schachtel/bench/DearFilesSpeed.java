package dev.schachtel.bench;

import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Random;
import java.util.function.Consumer;
import java.util.function.Function;

import com.sun.management.ThreadMXBean;

import dev.schachtel.core.DearCards;
import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.images.DearPhotos;
import dev.schachtel.core.images.PhotoImage;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.outlines.DearFiles;
import dev.schachtel.core.outlines.OutlineFile;
import dev.schachtel.core.outlines.PictureFile;
import dev.schachtel.core.patience.Patience;
import dev.schachtel.core.patience.PatienceLostException;
import dev.schachtel.core.plan.Planner;

/** What small files that ask for much work take: processor time, and all that is made on the way. */
public final class DearFilesSpeed {
    private static final int FILES = 300;
    private static final long TELL = 2_000_000_000L;

    private DearFilesSpeed() {}

    public static void main(String[] args) {
        read("SVG as a picture", DearFiles::svg, file -> PictureFile.read(file, "picture"));
        read("SVG as an outline", DearFiles::svg, OutlineFile::read);
        read("DXF as an outline", DearFiles::dxf, OutlineFile::read);
        read("photo", DearPhotos::photo, PhotoImage::kept);
        read("card planned, with remedies", DearFilesSpeed::card, DearFilesSpeed::plan);
    }

    private static byte[] card(Random random) {
        return CardFile.write(DearCards.card(random)).getBytes(StandardCharsets.UTF_8);
    }

    /** As a card from outside is planned. */
    private static void plan(byte[] file) {
        CardSpec spec = CardFile.read(new String(file, StandardCharsets.UTF_8));
        Patience.within(Patience.FOR_STRANGERS, () -> Planner.plan(spec, TestCards.WORKSHOP));
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
            } catch (RefusedException | PatienceLostException e) {
                refused++;
            }
            time = threads.getCurrentThreadCpuTime() - time;
            if (time > TELL) {
                System.out.printf(Locale.ROOT, "%s, seed %d: %.2f s%n", what, seed, time / 1e9);
            }
            longest = Math.max(longest, time);
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
