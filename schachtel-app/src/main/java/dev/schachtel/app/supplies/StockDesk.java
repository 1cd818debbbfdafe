package dev.schachtel.app.supplies;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

import dev.schachtel.app.log.KnownUse;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.Place;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.words.Html;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Tools;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.Scalars;

/** Lays the workshop out for the Stock page, against what one card takes, or all. */
@Component
class StockDesk {
    private final CardService cards;
    private final Plans plans;
    private final KnownUse use;
    private final Clock clock;

    StockDesk(CardService cards, Plans plans, KnownUse use, Clock clock) {
        this.use = use;
        this.clock = clock;
        this.cards = cards;
        this.plans = plans;
    }

    /** What of the page is looked at. */
    record Look(StockView.Part part, String pick, Optional<Long> card) {}

    StockView view(Workshop workshop, Look look) {
        Optional<StoredCard> against = look.card.map(cards::load);
        Takings takings = against.map(c -> Takings.of(plans.of(c.spec()))).orElse(Takings.NONE);
        Shelves shelves = new Shelves(workshop, look.pick, takings);
        return new StockView(
                look.part,
                shelves.drawn(),
                shelves.dies(),
                tools(workshop.tools()),
                picked(workshop, look.pick, takings, shelves),
                new StockView.Choices(choices(workshop, false), choices(workshop, true), cards(look.card)),
                takings.shopping(),
                against.map(c -> c.spec().name()).orElse(""),
                Lasts.of(use.now().runOut(workshop), LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault())));
    }

    private List<StockView.Choice> cards(Optional<Long> against) {
        return cards.heads(Place.BENCH).stream()
                .map(c -> new StockView.Choice(
                        "" + c.id(),
                        c.name(),
                        against.filter(id -> id == c.id()).isPresent()))
                .toList();
    }

    private static StockView.@Nullable Picked picked(Workshop workshop, String pick, Takings takings, Shelves shelves) {
        if (!pick.matches(MaterialId.PATTERN)) {
            return null;
        }
        MaterialId id = new MaterialId(pick);
        List<StockView.Line> lines = new ArrayList<>();
        workshop.sheetsOf(id).forEach(s -> lines.add(line(s, takings)));
        workshop.rollsOf(id).forEach(r -> lines.add(line(r, takings)));
        Material material = workshop.material(id).orElse(null);
        if (material == null && lines.isEmpty()) {
            return null;
        }
        return new StockView.Picked(
                pick,
                shelves.name(id),
                material == null ? "No plan knows this material." : facts(material),
                material != null && fromRoll(material),
                material == null ? List.of() : own(material),
                lines);
    }

    /** What can be changed of a material itself. */
    private static List<StockView.Input> own(Material m) {
        String id = m.id().value();
        if (m instanceof Cardstock c) {
            List<StockView.Choice> finishes = Arrays.stream(Cardstock.Finish.values())
                    .map(f -> new StockView.Choice(
                            Scalars.kebab(f.name()), Scalars.kebab(f.name()).replace('-', ' '), f == c.finish()))
                    .toList();
            return List.of(new StockView.Input(id, "finish", "Its surface is", "", "", false, finishes));
        }
        return m instanceof Embellishment e
                ? List.of(new StockView.Input(id, "owned", "Left of them", "" + e.owned(), "", true, List.of()))
                : List.of();
    }

    private static String facts(Material m) {
        if (m instanceof Embellishment e) {
            return Units.MM.show(e.width()) + " mm wide; they stand " + Units.thickness(e.thickness()) + " mm off";
        }
        String thick = Units.thickness(m.thickness()) + " mm thick, " + m.grammage() + " g a square metre";
        return m instanceof Cardstock c
                ? thick + (c.canBeWrittenOn() ? ", can be written on" : ", too dark to write on")
                : thick;
    }

    private static StockView.Line line(Sheet s, Takings takings) {
        String id = s.id().value();
        String offcut = s.canBeBought() ? "" : "offcut, ";
        return new StockView.Line(
                id,
                offcut + Shelves.size(s.width(), s.height()) + (s.directed() ? ", one way up" : ""),
                takings.of(s.id()),
                List.of(
                        new StockView.Input(id, "count", "In the drawer", "" + s.count(), "", true, List.of()),
                        new StockView.Input(id, "price", "Price each", money(s.price()), "", false, List.of())));
    }

    private static StockView.Line line(Roll r, Takings takings) {
        String id = r.id().value();
        return new StockView.Line(
                id,
                Html.of(r.width(), Units.MM) + " mm wide, full " + Takings.metres(r.full()),
                takings.of(r.id()),
                List.of(
                        new StockView.Input(id, "left", "Left on it", Takings.metres(r.left()), "", false, List.of()),
                        new StockView.Input(id, "price", "Price, full", money(r.price()), "", false, List.of())));
    }

    private static List<StockView.Input> tools(Tools t) {
        return List.of(
                tool("trimmer", "Trimmer, longest stroke", t.trimmer()),
                tool("plateWidth", "Plates of the roller machine, wide", t.plateWidth()),
                tool("plateLength", "Plates, long", t.plateLength()),
                tool("matWidth", "Cutter’s mat, wide", t.matWidth()),
                tool("matHeight", "Cutter’s mat, high", t.matHeight()),
                tool("pressWidth", "Stamping press, wide", t.pressWidth()),
                tool("pressHeight", "Stamping press, high", t.pressHeight()),
                tool("kerf", "A stroke takes away", t.kerf()),
                tool("squareUp", "Squared up by, two edges", t.squareUp()),
                tool("keep", "Offcuts kept from, both ways", t.keep()));
    }

    private static StockView.Input tool(String component, String label, Length value) {
        return new StockView.Input("tools", component, label, Units.MM.edit(value), "mm", false, List.of());
    }

    private static boolean fromRoll(Material m) {
        return m.fromRoll() || m instanceof Adhesive a && !a.dries();
    }

    private static List<StockView.Choice> choices(Workshop workshop, boolean rolls) {
        return workshop.materials().stream()
                .filter(m -> fromRoll(m) == rolls && !m.isCounted())
                .filter(m -> !(m instanceof Adhesive a && a.dries()))
                .map(m -> new StockView.Choice(m.id().value(), m.name(), false))
                .toList();
    }

    private static String money(int hundredths) {
        return String.format(Locale.ROOT, "%d.%02d", hundredths / 100, hundredths % 100);
    }
}
