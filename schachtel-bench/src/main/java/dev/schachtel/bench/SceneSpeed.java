package dev.schachtel.bench;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.scene.Layouts;
import dev.schachtel.core.scene.Room;
import dev.schachtel.core.scene.Scenery;
import dev.schachtel.core.scene.Sitting;

/** How long a scene of forty pictures takes: engineered with its stacking, its facts, and other layouts. Warms up first. */
public final class SceneSpeed {
    private static final Workshop WORKSHOP = WorkshopFile.standard();
    private static final Id PANEL = new Id("panel");
    private static final int PIECES = Rounds.of(10) * 4;
    private static final int RUNS = Rounds.of(150);

    private SceneSpeed() {}

    public static void main(String[] args) {
        CardSpec spec = crowded();
        Build build = Engineering.engineer(spec, WORKSHOP);
        Scenery scenery = Scenery.of(build, WORKSHOP, PANEL).orElseThrow();
        say("engineered, stacking included", RUNS, () -> Engineering.engineer(spec, WORKSHOP));
        CardSpec bare = spec.withPieces(spec.base(), spec.layers(), spec.features(), List.of());
        say("the same card without pictures", RUNS, () -> Engineering.engineer(bare, WORKSHOP));
        say(
                "facts",
                RUNS,
                () -> Sitting.plain(Scenery.of(build, WORKSHOP, PANEL).orElseThrow()));
        say(
                "facts, remedies tried out",
                RUNS,
                () -> Sitting.of(Scenery.of(build, WORKSHOP, PANEL).orElseThrow()));
        say(
                "room for one more",
                RUNS,
                () -> Room.of(scenery, WORKSHOP.pictures().get(0), 0.5));
        for (int asked : new int[] {300, 3_000, 24_000}) {
            int rounds = Rounds.of(asked / 300) * 300;
            say("layouts, " + rounds + " rounds", 12, () -> Layouts.of(scenery, rounds, 1));
            List<Layouts.Layout> found = Layouts.of(scenery, rounds, 1);
            System.out.printf(Locale.ROOT, "  %d found%n", found.size());
        }
    }

    /** A large card with a hill and as many small pictures as asked, each where there was most room. */
    private static CardSpec crowded() {
        CardSpec spec =
                CardFile.read("{\"schachtel\": 1, \"name\": \"Crowd\", \"units\": \"mm\", \"brief\": {\"recipient\":"
                        + " \"\", \"occasion\": \"\"}, \"base\": {\"kind\": \"flat-fold\", \"width\": \"148 mm\", \"height\": \"210"
                        + " mm\"}}");
        spec = CardEdit.of(spec).add("mat");
        List<Picture> box = WORKSHOP.pictures();
        for (int i = 0; i < PIECES; i++) {
            Picture picture = box.get(i % box.size());
            double scale = picture.role() == Picture.Role.GROUND ? 1 : 0.45;
            Scenery now = Scenery.of(Engineering.engineer(spec, WORKSHOP), WORKSHOP, PANEL)
                    .orElseThrow();
            Room.Put put = new Room.Put(Room.of(now, picture, scale), scale, Room.card(WORKSHOP));
            spec = Room.placed(spec, PANEL, picture, put);
        }
        return spec;
    }

    private static void say(String what, int usual, Supplier<?> work) {
        int runs = Rounds.of(usual);
        double[] times = new double[runs];
        for (int i = -runs; i < runs; i++) {
            long begun = System.nanoTime();
            work.get();
            times[Math.max(0, i)] = (System.nanoTime() - begun) / 1e6;
        }
        Arrays.sort(times);
        System.out.printf(Locale.ROOT, "%s: median %.1f ms, worst %.1f ms%n", what, times[runs / 2], times[runs - 1]);
    }
}
