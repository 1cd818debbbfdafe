package dev.schachtel.app.words;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Properties;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import org.springframework.stereotype.Component;

import dev.schachtel.core.assembly.Joining;
import dev.schachtel.core.assembly.Op;
import dev.schachtel.core.assembly.OrderRule;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Change;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.build.StampSeam;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Where;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.work.Caution;
import dev.schachtel.core.work.Trait;
import dev.schachtel.core.work.WorkKind;

/** Sentences from templates; sizes and names are put in where a template has braces. All answers are safe HTML. */
@Component
public class Wording {
    private static final Pattern BRACES = Pattern.compile("\\{([a-z0-9]+)}");
    private final Properties texts = new Properties();

    public Wording() {
        for (String file : List.of("findings", "steps", "standing", "house", "orders", "pieces", "fits", "practice")) {
            try (InputStream in = Wording.class.getResourceAsStream("/words/" + file + ".properties")) {
                texts.load(new InputStreamReader(java.util.Objects.requireNonNull(in), StandardCharsets.UTF_8));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    public boolean knows(String key) {
        return texts.containsKey(key);
    }

    /** What is found; where it must be mended and no remedy can be offered, what would have to change too. */
    public String finding(Finding finding, Units units) {
        String found = found(finding, units);
        String change = "change." + low(finding.rule().name());
        boolean stuck =
                finding.severity() == Severity.MEND && finding.remedies().isEmpty();
        return stuck && knows(change) ? found + " " + of(change, finding, units) : found;
    }

    /** What is found, and nothing else. */
    public String found(Finding finding, Units units) {
        return of(findingKey(finding), finding, units);
    }

    private String of(String key, Finding finding, Units units) {
        return fill(key, name -> switch (name) {
            case "measured" -> Html.measured(finding.measured(), units);
            case "limit" -> Html.measured(finding.limit(), units);
            default -> Html.escape(nth(finding.names(), name));
        });
    }

    /** What a thing is called, if there is a word of its own for it. */
    public String called(String key, String otherwise) {
        return knows(key) ? fill(key, name -> "") : otherwise;
    }

    public static String findingKey(Finding finding) {
        return "finding." + low(finding.rule().name()) + "."
                + low(finding.severity().name());
    }

    /** What would mend a finding; it names the piece that it changes where that is another than the one at fault. */
    public String remedy(Finding finding, Remedy remedy, Units units) {
        String key = "remedy." + low(remedy.pull().name());
        List<Id> others = remedy.changes().stream()
                .map(Change::piece)
                .distinct()
                .filter(p -> !p.equals(finding.owner()))
                .toList();
        boolean other = others.size() == 1 && remedy.changes().size() == 1 && knows(key + ".other");
        return fill(other ? key + ".other" : key, name -> switch (name) {
            case "to" -> Html.measured(remedy.to(), units);
            case "piece" -> Html.escape(others.get(0).value().replace('-', ' '));
            default -> "";
        });
    }

    /** What a remedy does to a piece, without a finding that it is for. */
    public String remedy(Remedy remedy, Units units) {
        return fill("remedy." + low(remedy.pull().name()), name -> Html.measured(remedy.to(), units));
    }

    /** A sentence with names in it, which are made safe. */
    public String named(String key, String... names) {
        return fill(key, name -> Html.escape(nth(List.of(names), name)));
    }

    public String opTitle(Op op, Build build) {
        return fill("step." + op.kind().id() + ".title", name -> part(op, build, name));
    }

    /** What a kind of work is called in a word or two. */
    public String shortly(WorkKind kind) {
        return fill("step." + kind.id() + ".short", name -> "");
    }

    /** The same, unlike that of every other kind. */
    public String name(WorkKind kind) {
        return called("work." + kind.id(), shortly(kind));
    }

    /** The short word for the time band. */
    public String opShort(Op op) {
        return shortly(op.kind());
    }

    public List<String> opOrders(Op op, Build build) {
        List<String> orders = new ArrayList<>();
        String stem = "step." + op.kind().id() + ".do.";
        for (int i = 1; texts.containsKey(stem + i); i++) {
            String other = stem + i + ".whole";
            String key = isBacked(op) && texts.containsKey(other) ? other : stem + i;
            orders.add(fill(key, name -> partWithLetter(op, build, name)));
        }
        op.surface().filter(s -> !op.kind().has(Trait.OWN_TIMES)).ifPresent(s -> orders.addAll(setDown(s, build)));
        if (!op.rest().isZero()) {
            orders.add(fill(rest(op), name -> Times.of(op.rest())));
        }
        return orders;
    }

    /** How often a stencil or stamp is set down, and where it begins. */
    private List<String> setDown(Surface surface, Build build) {
        Units units = build.spec().units();
        List<String> orders = new ArrayList<>(StampSeam.of(build, surface).stream()
                .limit(1)
                .map(seam -> fill(seam.before() == 0 ? "setdown.flush" : "setdown.over", name -> switch (name) {
                    case "times" -> "" + surface.times();
                    case "step" -> length(seam.step(), units);
                    default -> length(seam.before(), units);
                }))
                .toList());
        if (surface.where() instanceof Where.Stepped s) {
            String shifted = build.spec().units().show(s.shifted()) + " " + units.sign();
            Stream.of(
                            s.turned() ? "setdown.turned" : "",
                            s.shifted().isPositive() ? "setdown.shifted" : "",
                            s.marked() ? "setdown.marked" : "")
                    .filter(key -> !key.isEmpty())
                    .forEach(key -> orders.add(fill(key, name -> shifted)));
        }
        return orders;
    }

    private static String length(double millimetres, Units units) {
        return units.show(Length.ofMicrometres(Math.round(1000 * millimetres))) + " " + units.sign();
    }

    /** No more orders than this; how long it dries or is pressed stays among them. */
    public List<String> opOrders(Op op, Build build, int most) {
        List<String> all = opOrders(op, build);
        if (all.size() <= most) {
            return all;
        }
        List<String> few = new ArrayList<>(all.subList(0, most));
        if (!op.rest().isZero()) {
            few.set(most - 1, all.get(all.size() - 1));
        }
        return few;
    }

    private static String rest(Op op) {
        return op.surface().isEmpty() ? "rest.press" : op.is(WorkKind.HEAT) ? "rest.cool" : "rest.dry";
    }

    public String reason(OrderRule rule) {
        return fill("order." + rule.id(), name -> "");
    }

    public String caution(Caution caution) {
        return fill("caution." + low(caution.name()), name -> "");
    }

    /** A question on which makers differ, or one of its answers. */
    public String house(String key) {
        return fill("house." + key, name -> "");
    }

    public String tool(Op op) {
        return fill("step." + op.kind().id() + ".tool", name -> name.equals("by") ? by(op) : "");
    }

    /** A sum or formula with its inputs; each input names its source, so that a page can mark it. */
    public String derivation(Derivation d, Units units) {
        if (!d.isSum()) {
            Matcher m = Pattern.compile("\\{(\\d)}").matcher(Html.escape(d.formula()));
            return m.replaceAll(
                    r -> Matcher.quoteReplacement(input(d.terms().get(Integer.parseInt(r.group(1))), units)));
        }
        StringBuilder out = new StringBuilder();
        for (Derivation.Term term : d.terms()) {
            int times = Math.abs(term.times());
            String sign = out.isEmpty() ? (term.times() < 0 ? "less " : "") : term.times() < 0 ? " less " : " + ";
            out.append(sign).append(times == 1 ? "" : times + " × ").append(input(term, units));
        }
        return out.toString();
    }

    private static String input(Derivation.Term term, Units units) {
        return "<span class=\"in\" data-from=\"" + Html.escape(term.source().toString()) + "\">"
                + Html.escape(term.name()) + " " + Html.of(term.amount(), units) + "</span>";
    }

    private static String part(Op op, Build build, String which) {
        return which.equals("by")
                ? by(op)
                : which.equals("shade")
                        ? shade(op, build)
                        : at(op, which)
                                .flatMap(build::part)
                                .map(Wording::inSentence)
                                .orElse("");
    }

    private static String partWithLetter(Op op, Build build, String which) {
        return which.equals("by") || which.equals("shade")
                ? part(op, build, which)
                : at(op, which)
                        .flatMap(build::part)
                        .map(p -> inSentence(p) + " <span class=\"code\">"
                                + build.letters().get(p.id()) + "</span>")
                        .orElse("");
    }

    /** The pen, and how many pictures it is for. */
    private static String shade(Op op, Build build) {
        return op.surface()
                .flatMap(build::inking)
                .map(i -> "“" + Html.escape(i.shade().name()) + "”")
                .orElse("");
    }

    /** What something is fixed with, as it stands in the workshop. */
    private static String by(Op op) {
        return op.joins().flatMap(Joining::by).map(m -> Html.escape(m.name())).orElse("tape");
    }

    /** Whether its part has had adhesive on its whole back since it was cut. */
    private static boolean isBacked(Op op) {
        return op.joins()
                .flatMap(Joining::by)
                .filter(m -> m instanceof Adhesive a && a.whole())
                .isPresent();
    }

    /** A part's name within a sentence. */
    private static String inSentence(Part part) {
        String name = part.name();
        return Html.escape(name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1));
    }

    private static java.util.Optional<PartId> at(Op op, String which) {
        List<PartId> parts = op.parts();
        if (parts.isEmpty()) {
            return java.util.Optional.empty();
        }
        return switch (which) {
            case "part" -> java.util.Optional.of(parts.get(0));
            case "edge" -> java.util.Optional.of(parts.get(Math.min(1, parts.size() - 1)));
            case "onto" -> java.util.Optional.of(parts.get(parts.size() - 1));
            default -> java.util.Optional.empty();
        };
    }

    private static String nth(List<String> names, String index) {
        int i = index.matches("\\d") ? Integer.parseInt(index) : -1;
        return i >= 0 && i < names.size() ? names.get(i) : "";
    }

    private String fill(String key, UnaryOperator<String> value) {
        String template = texts.getProperty(key);
        if (template == null) {
            throw new IllegalStateException("no words for " + key);
        }
        Matcher m = BRACES.matcher(template);
        return m.replaceAll(r -> Matcher.quoteReplacement(value.apply(r.group(1))));
    }

    static String low(String name) {
        return name.toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
