package dev.schachtel.bench;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.Callable;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.colour.Palette;
import dev.schachtel.core.colour.Raster;
import dev.schachtel.core.colour.Recipes;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Shade;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.plan.Planner;

/**
 * How long colours take: recipes for 60 areas from 200 shades, the palette of a photo of 12 million points, and a change on a
 * card whose pictures are coloured by hand. Warms up first. Run with -Xmx256m to see that the photo fits.
 */
public final class ColourSpeed {
    private static final int SHADES = 200;
    private static final int AREAS = 60;
    private static final Workshop WORKSHOP = WorkshopFile.standard();

    private ColourSpeed() {}

    public static void main(String[] args) throws Exception {
        Random random = new Random(1);
        List<Shade> shades = new ArrayList<>();
        for (int i = 0; i < SHADES; i++) {
            Colour colour = new Colour(random.nextInt(0x1000000));
            shades.add(
                    new Shade(new MaterialId("s-" + i), "s" + i, Medium.ALCOHOL_PEN, colour, Shade.Level.FULL, "", 0));
        }
        List<Colour> targets = new ArrayList<>();
        for (int i = 0; i < AREAS; i++) {
            targets.add(new Colour(random.nextInt(0x1000000)));
        }
        say("60 recipes from 200 shades, mixtures included", 60, () -> {
            Recipes recipes = new Recipes(shades, new Colour(0xfbfaf6));
            targets.forEach(t -> recipes.of(t, false));
            return recipes;
        });
        byte[] photo = photo(random);
        say("palette of a JPEG of 12 million points", 8, () -> Palette.of(read(photo)));
        String text = Files.readString(Path.of(System.getProperty("demo", "demo"), "cable-drum.json"));
        CardSpec coloured = CardFile.read(text, WORKSHOP);
        CardSpec plain = CardEdit.of(coloured).remove(new Id("colouring"));
        say("Cable Drum planned, its pictures as printed", 80, () -> Planner.plan(plain, WORKSHOP));
        say("the same, coloured by hand", 80, () -> Planner.plan(coloured, WORKSHOP));
        System.out.printf(
                Locale.ROOT, "memory allowed: %d MB%n", Runtime.getRuntime().maxMemory() / (1 << 20));
    }

    /** As the application reads one: with points left out so that about 800 along remain. */
    private static Raster read(byte[] file) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            ImageReader reader = ImageIO.getImageReaders(in).next();
            reader.setInput(in, true, true);
            ImageReadParam fewer = reader.getDefaultReadParam();
            int every = Math.max(reader.getWidth(0), reader.getHeight(0)) / 800;
            fewer.setSourceSubsampling(every, every, 0, 0);
            BufferedImage image = reader.read(0, fewer);
            reader.dispose();
            int w = image.getWidth();
            int h = image.getHeight();
            return new Raster(w, h, image.getRGB(0, 0, w, h, null, 0, w));
        }
    }

    private static byte[] photo(Random random) throws IOException {
        BufferedImage image = new BufferedImage(4_000, 3_000, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        for (int i = 0; i < 3_000; i++) {
            pen.setColor(new Color(random.nextInt(0x1000000)));
            pen.fillOval(random.nextInt(4_000) - 200, random.nextInt(3_000) - 200, 400, 400);
        }
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        return out.toByteArray();
    }

    private static void say(String what, int usual, Callable<?> work) throws Exception {
        int runs = Rounds.of(usual);
        double[] times = new double[runs];
        for (int i = -runs; i < runs; i++) {
            long begun = System.nanoTime();
            work.call();
            times[Math.max(0, i)] = (System.nanoTime() - begun) / 1e6;
        }
        Arrays.sort(times);
        System.out.printf(Locale.ROOT, "%s: median %.1f ms, worst %.1f ms%n", what, times[runs / 2], times[runs - 1]);
    }
}
