package dev.schachtel.core.engineering;

import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.RoundedCorners;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** A corner punch takes off what lies outside a quarter circle; corners at a fold are left. */
@AutoService(Engineer.class)
public final class RoundedCornersEngineer implements Engineer<RoundedCorners> {
    @Override
    public Class<RoundedCorners> engineers() {
        return RoundedCorners.class;
    }

    @Override
    public void engineer(RoundedCorners corners, BuildDraft draft) {
        draft.ground(corners.on(), new Source(corners.id(), "on")).ifPresent(ground -> {
            Length half = Length.min(ground.width(), ground.height()).half();
            if (corners.radius().isAbove(half)) {
                draft.fault(
                        RuleId.NOTHING_LEFT,
                        new Source(corners.id(), "radius"),
                        corners.on().value());
            } else {
                punch(corners, ground, draft);
            }
        });
    }

    private static void punch(RoundedCorners corners, Ground ground, BuildDraft draft) {
        Box box = Outline.sheet(ground.width(), ground.height())
                .placed(ground.at())
                .bounds();
        double r = Mm.of(corners.radius());
        Form form = Form.of(Form.Sort.SHAPE, corners.radius(), corners.radius());
        for (boolean right : new boolean[] {false, true}) {
            for (boolean top : new boolean[] {false, true}) {
                if (!ground.owner().equals(Id.BASE) || !ground.folds(right, top)) {
                    double x = right ? box.right() : box.left();
                    double y = top ? box.top() : box.bottom();
                    Box square = new Box(right ? x - r : x, top ? y - r : y, right ? x : x + r, top ? y : y + r);
                    Outline circle = Outline.circle(corners.radius().times(2))
                            .placed(Placement.at(Mm.length(right ? x - r : x + r), Mm.length(top ? y - r : y + r)));
                    Outline.of(square)
                            .less(List.of(circle))
                            .forEach(off -> draft.cut(
                                    ground, new Cutout(corners.id(), Cutout.Sort.CORNER, form, off, CutMethod.PUNCH)));
                }
            }
        }
    }
}
