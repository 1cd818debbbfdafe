package dev.schachtel.app.structure;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

import org.springframework.stereotype.Component;

import dev.schachtel.app.words.Html;
import dev.schachtel.app.words.Wording;
import dev.schachtel.core.build.Change;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.design.Holding;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.render.PathData;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

/** What the selected piece may be stuck with, in words and as a drawing of where it goes. */
@Component
class HeldDesk {
    private static final double WIDE = 130;
    private static final double HIGH = 120;
    private static final int AIR = 3;
    private final Wording wording;

    HeldDesk(Wording wording) {
        this.wording = wording;
    }

    Optional<StructureView.Held> of(Plan plan, Id piece) {
        return Holding.of(plan.build(), plan.workshop(), piece)
                .filter(h -> !h.land().isEmpty())
                .map(h -> new StructureView.Held(
                        svg(h),
                        h.options().stream().map(o -> option(o, h.now())).toList()));
    }

    private StructureView.HeldBy option(Holding.Option option, Adhesive now) {
        List<String> reasons = option.reasons().stream()
                .map(r -> r == Holding.Reason.DRIES
                        ? "dries " + option.by().dryMinutes() + " min"
                        : wording.named("hold." + Scalars.kebab(r.name())))
                .toList();
        Optional<Change> take = option.take().map(r -> r.changes().get(0));
        return new StructureView.HeldBy(
                option.by().name(),
                String.join(", ", reasons) + cost(option.cost()),
                option.holds(),
                option.by().equals(now),
                take.map(c -> c.piece().value()).orElse(""),
                take.map(Change::component).orElse(""),
                take.map(Change::value).orElse(""));
    }

    private static String cost(int thousandths) {
        return thousandths == 0
                ? ""
                : String.format(Locale.ROOT, ", about %.2f a card", Math.max(0.01, thousandths / 1000.0));
    }

    /** Where the two touch, and where what is taken now goes; what doesn't hold is not drawn. */
    private static String svg(Holding holding) {
        Box all =
                holding.land().stream().map(Outline::bounds).reduce(Box::union).orElseThrow();
        double scale = Math.min(WIDE / Math.max(1, all.width()), HIGH / Math.max(1, all.height()));
        PathData path = new PathData(scale, AIR - all.left() * scale, AIR + all.top() * scale, 2);
        StringBuilder out = new StringBuilder(String.format(
                Locale.ROOT,
                "<svg class=\"held-by\" viewBox=\"0 0 %.1f %.1f\" role=\"img\" aria-label=\"%s\">",
                all.width() * scale + 2 * AIR,
                all.height() * scale + 2 * AIR,
                Html.escape("Where the " + holding.now().name() + " goes")));
        holding.land().forEach(l -> out.append("<path class=\"land\" d=\"")
                .append(path.of(l))
                .append("\"/>"));
        holding.options().stream()
                .filter(o -> o.by().equals(holding.now()))
                .flatMap(o -> o.marks().stream())
                .forEach(m -> out.append("<path class=\"glue\" d=\"")
                        .append(path.of(m))
                        .append("\"/>"));
        return out.append("</svg>").toString();
    }
}
