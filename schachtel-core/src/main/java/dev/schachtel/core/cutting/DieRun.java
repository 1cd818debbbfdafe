package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Die;
import dev.schachtel.core.material.Tools;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;

/**
 * How one part goes through the roller machine: which dies lie on it at a time, and how often that is sent through. Dies of
 * different sizes lie together, nested or side by side; a size that is wanted twice on a part takes a turn of its own, since
 * the maker has one die of it. What is longer than the plates goes through twice in one turn.
 *
 * @param turns for each time the dies are laid anew, what lies on it
 * @param pieces for all cards and spares
 */
public record DieRun(Part part, String letter, List<Turn> turns, int pieces) {
    /** Sizes nearer to each other than this are cut by the same die: 0.2 mm. */
    private static final Length SAME = Length.ofMicrometres(200);

    /** What is laid on the part at once. */
    public record Turn(List<Laid> dies, int passes) {}

    /** A die of the register, or the size that it should have. */
    public record Laid(Form form, Optional<Die> die) {}

    public DieRun {
        turns = List.copyOf(turns);
    }

    /** How often the handle is turned for all of them. */
    public int passes() {
        return pieces * turns.stream().mapToInt(Turn::passes).sum();
    }

    /** All parts that are die cut or have openings that are. */
    public static List<DieRun> of(Build build, List<Demand> demands, Workshop workshop) {
        List<DieRun> runs = new ArrayList<>();
        for (Demand demand : demands) {
            List<Form> forms = forms(demand.part());
            if (!forms.isEmpty() && demand.isThere()) {
                runs.add(new DieRun(demand.part(), demand.letter(), turns(forms, workshop), demand.toCut()));
            }
        }
        return runs.stream().filter(r -> r.pieces > 0).toList();
    }

    private static List<Form> forms(Part part) {
        List<Form> forms = new ArrayList<>();
        if (part.method() == CutMethod.DIE) {
            forms.add(formOf(new Outline(part.outline().outer(), List.of())));
            part.outline().holes().forEach(hole -> forms.add(formOf(new Outline(hole, List.of()))));
        }
        part.cutouts().stream()
                .filter(c -> c.method() == CutMethod.DIE && c.sort() != Cutout.Sort.PATTERN)
                .map(Cutout::form)
                .filter(f -> part.method() != CutMethod.DIE || forms.stream().noneMatch(o -> same(o, f)))
                .forEach(forms::add);
        return forms;
    }

    /** The plain shape that fills its box as much as this outline does; another one if none does. */
    private static Form formOf(Outline outline) {
        Length w = Mm.length(outline.bounds().width());
        Length h = Mm.length(outline.bounds().height());
        double wide = outline.bounds().width();
        double high = outline.bounds().height();
        double area = outline.area().squareMillimetres();
        double arch = wide * (high - wide / 2) + Math.PI * wide * wide / 8;
        Form.Sort sort = near(area, wide * high)
                ? Form.Sort.RECTANGLE
                : near(area, Math.PI / 4 * wide * high)
                        ? !apart(w, h) ? Form.Sort.ROUND : Form.Sort.OVAL
                        : near(area, arch)
                                ? Form.Sort.ARCH
                                : area > Math.PI / 4 * wide * high ? Form.Sort.ROUNDED : Form.Sort.SHAPE;
        return Form.of(sort, w, h);
    }

    private static boolean near(double a, double b) {
        return Math.abs(a - b) < 1e-3 * b;
    }

    private static boolean same(Form a, Form b) {
        return !apart(a.width(), b.width()) && !apart(a.height(), b.height());
    }

    private static boolean apart(Length a, Length b) {
        return a.minus(b).abs().isAbove(SAME);
    }

    private static List<Turn> turns(List<Form> forms, Workshop workshop) {
        List<List<Form>> laid = new ArrayList<>();
        for (Form form : forms) {
            laid.stream()
                    .filter(turn -> turn.stream().noneMatch(f -> same(f, form)))
                    .findFirst()
                    .orElseGet(() -> {
                        laid.add(new ArrayList<>());
                        return laid.get(laid.size() - 1);
                    })
                    .add(form);
        }
        return laid.stream()
                .map(turn -> new Turn(
                        turn.stream()
                                .map(f -> new Laid(f, f.die(workshop.dies())))
                                .toList(),
                        passes(turn, workshop.tools())))
                .toList();
    }

    private static int passes(List<Form> turn, Tools tools) {
        return turn.stream()
                .map(Form::longer)
                .max(Comparator.naturalOrder())
                .map(tools::passes)
                .orElse(1);
    }
}
