package dev.schachtel.core.engineering;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.card.Window;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Placement;

/** An aperture, die cut; foam strips keep 1 mm off it. Cut through, what lies below gets the same at the same place. */
@AutoService(Engineer.class)
public final class WindowEngineer implements Engineer<Window> {
    private static final Length CLEAR = Length.ofMillimetres(1);

    @Override
    public Class<Window> engineers() {
        return Window.class;
    }

    @Override
    public void engineer(Window window, BuildDraft draft) {
        if (window.shape() instanceof Opening.Own own) {
            OwnOutline.judge(own.path(), new Source(window.id(), "shape.path"), draft);
        }
        Placement middle = Placement.at(window.across(), window.up());
        draft.ground(window.on(), new Source(window.id(), "on")).ifPresent(ground -> {
            cut(window.id(), ground, window.shape(), middle, draft);
            if (window.through() == Window.Through.BELOW && !ground.isLast()) {
                draft.groundOf(ground.under())
                        .ifPresent(below -> cut(window.id(), below, window.shape(), middle, draft));
            }
        });
        Ledger ledger = new Ledger(draft, window.id());
        Length height = draft.spec().base().height();
        ledger.sum(
                "Middle, from the top",
                height.minus(window.up()),
                ledger.term(1, "base", height, new Source(Id.BASE, "height")),
                ledger.term(-1, "from the foot", window.up(), ledger.source("up")));
    }

    static void cut(Id owner, Ground ground, Opening opening, Placement middle, BuildDraft draft) {
        Shapes shape = Shapes.of(opening, draft.workshop());
        var onFace = shape.outline().placed(middle);
        Cutout cutout = new Cutout(owner, Cutout.Sort.WINDOW, shape.form(), onFace, CutMethod.DIE);
        draft.aperture(owner, new Aperture(ground, opening, middle, cutout));
        var off = Shapes.grown(opening, CLEAR, draft.workshop()).outline().placed(middle);
        draft.zone(new Zone(Zone.Use.KEEP_OFF, owner, ground.under(), off));
        draft.zone(new Zone(Zone.Use.SEEN_THROUGH, owner, ground.under(), onFace));
    }
}
