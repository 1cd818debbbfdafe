package dev.schachtel.core.engineering;

import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Trouble;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Window;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** An aperture, die cut; foam strips keep 1 mm off it. */
@AutoService(Engineer.class)
public final class WindowEngineer implements Engineer<Window> {
    private static final Length CLEAR = Length.ofMillimetres(1);

    @Override
    public Class<Window> engineers() {
        return Window.class;
    }

    @Override
    public void engineer(Window window, Site site) {
        Source on = new Source(window.id(), "on");
        if (window.on().equals(Id.INSIDE)) {
            site.trouble(Trouble.Sort.NO_GROUND, on, window.on().value());
            return;
        }
        site.ground(window.on(), on).ifPresent(ground -> cut(window, ground, site));
    }

    private void cut(Window window, Ground ground, Site site) {
        Placement middle = Placement.at(window.across(), window.up());
        Shapes shape = Shapes.of(window.shape());
        Outline onFace = shape.outline().placed(middle);
        Cutout cutout = new Cutout(window.id(), shape.form(), onFace, CutMethod.DIE);
        site.aperture(window.id(), new Aperture(ground, window.shape(), middle, cutout));
        Outline off = Shapes.grown(window.shape(), CLEAR).outline().placed(middle);
        site.zone(new Zone(Zone.Use.KEEP_OFF, window.id(), ground.under(), off));
        site.zone(new Zone(Zone.Use.SEEN_THROUGH, window.id(), ground.under(), onFace));
        site.ground(Id.FRONT, new Source(Id.BASE, "")).ifPresent(face -> {
            Source up = new Source(window.id(), "up");
            site.derive(new Derivation(
                    window.id(),
                    "Middle, from the top",
                    Amount.of(face.height().minus(window.up())),
                    "",
                    List.of(
                            new Derivation.Term(1, "base", Amount.of(face.height()), new Source(Id.BASE, "height")),
                            new Derivation.Term(-1, "from the foot", Amount.of(window.up()), up))));
        });
    }
}
