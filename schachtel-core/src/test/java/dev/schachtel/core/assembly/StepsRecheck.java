package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.List;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.work.Caution;

import static org.assertj.core.api.Assertions.assertThat;

/** Checks the steps of a plan against rules, hands, tools and hazards afresh; shares nothing with the scheduler. */
final class StepsRecheck {
    private StepsRecheck() {}

    static void check(BuildPlan plan, Build build, Workshop workshop) {
        List<Step> steps = plan.steps();
        for (Step a : steps) {
            assertThat(a.maker()).isBetween(0, plan.batch().makers() - 1);
            assertThat(a.hands()).isGreaterThanOrEqualTo(a.op().work(0));
            for (Step b : steps) {
                if (a.number() < b.number()) {
                    boolean sameHands = a.maker() == b.maker();
                    boolean sameTool = a.op().kind().tool().isPresent()
                            && a.op().kind().tool().equals(b.op().kind().tool());
                    assertThat(!(sameHands || sameTool) || a.end().compareTo(b.start()) <= 0)
                            .as("%s and %s at once", a.key(), b.key())
                            .isTrue();
                    apart(a, b);
                }
            }
        }
        rules(plan, build, workshop);
    }

    /** Heat and solvents never overlap, drying counted. */
    private static void apart(Step a, Step b) {
        boolean hot = is(a, Caution.HEAT) && is(b, Caution.SOLVENT) || is(a, Caution.SOLVENT) && is(b, Caution.HEAT);
        boolean overlap = a.start().compareTo(b.ready()) < 0 && b.start().compareTo(a.ready()) < 0;
        assertThat(hot && overlap).as("%s while %s", a.key(), b.key()).isFalse();
    }

    /** By what the maker is told with the step, not by what the planner kept apart. */
    private static boolean is(Step step, Caution caution) {
        return step.op().cautions().contains(caution);
    }

    private static void rules(BuildPlan plan, Build build, Workshop workshop) {
        Shop shop = Shop.of(build, workshop);
        List<OrderRule> rules = OrderRules.of(build.spec());
        for (Step a : plan.steps()) {
            for (Step b : plan.steps()) {
                boolean related =
                        a.lot().isWhole() || b.lot().isWhole() || a.lot().equals(b.lot());
                for (OrderRule rule : rules) {
                    boolean kept = plan.contradictions().stream()
                            .map(c -> c.circle().get(c.gaveWay()))
                            .noneMatch(g -> g.rule().equals(rule) && g.first() == a.op() && g.then() == b.op());
                    if (a != b && related && kept && rule.applies(a.op(), b.op(), shop)) {
                        check(rule, a, b, plan);
                    }
                }
            }
        }
    }

    private static void check(OrderRule rule, Step a, Step b, BuildPlan plan) {
        Duration free = rule.dry() ? a.ready() : a.end();
        if (rule.within(a.op()).isPresent()) {
            Duration latest = a.end().plus(rule.within(a.op()).orElseThrow());
            assertThat(plan.steps())
                    .as("%s: %s within %s", rule.id(), a.key(), latest)
                    .anyMatch(s -> s.op() == b.op()
                            && !s.start().minus(a.end()).isNegative()
                            && s.start().compareTo(latest) <= 0);
        } else {
            assertThat(b.start())
                    .as("%s: %s before %s", rule.id(), a.key(), b.key())
                    .isGreaterThanOrEqualTo(free);
        }
    }
}
