package dev.schachtel.core.check;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Trouble;
import dev.schachtel.core.edit.Reading;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

/** What engineering itself could not do as asked. */
final class TroubleCheck implements Check {
    private static final Map<Trouble.Sort, RuleId> RULES = new EnumMap<>(Map.of(
            Trouble.Sort.NO_MATERIAL, RuleId.MATERIAL_MISSING,
            Trouble.Sort.NO_GROUND, RuleId.GROUND_MISSING,
            Trouble.Sort.CIRCLE, RuleId.GROUND_CIRCLE,
            Trouble.Sort.STRIPS_DONT_FOLLOW, RuleId.STRIPS_FOLLOW,
            Trouble.Sort.TOO_WIDE_TO_BEND, RuleId.BEND_WIDTH,
            Trouble.Sort.NOTHING_LEFT, RuleId.NOTHING_LEFT));
    /** Worth watching, but it works as engineered. */
    private static final Set<Trouble.Sort> WATCH = EnumSet.of(
            Trouble.Sort.STRIPS_DONT_FOLLOW,
            Trouble.Sort.TOO_WIDE_TO_BEND,
            Trouble.Sort.OUTLINE_SIMPLIFIED,
            Trouble.Sort.NO_STRAIGHT_EDGE,
            Trouble.Sort.BAND_UNEVEN);

    static {
        RULES.put(Trouble.Sort.OUTLINE_OPEN, RuleId.OUTLINE_OPEN);
        RULES.put(Trouble.Sort.OUTLINE_CROSSES, RuleId.OUTLINE_CROSSES);
        RULES.put(Trouble.Sort.OUTLINE_UNREADABLE, RuleId.OUTLINE_UNREADABLE);
        RULES.put(Trouble.Sort.OUTLINE_SIMPLIFIED, RuleId.OUTLINE_SIMPLIFIED);
        RULES.put(Trouble.Sort.NO_STRAIGHT_EDGE, RuleId.STRAIGHT_EDGE);
        RULES.put(Trouble.Sort.PATH_UNREADABLE, RuleId.PATH_READ);
        RULES.put(Trouble.Sort.NO_TRAVEL, RuleId.NO_TRAVEL);
        RULES.put(Trouble.Sort.STEPS_DO_NOT_CLOSE, RuleId.STEPS_CLOSE);
        RULES.put(Trouble.Sort.CAN_NOT_STAND, RuleId.STANDS);
        RULES.put(Trouble.Sort.STOP_TOO_LOW, RuleId.STOP_HEIGHT);
        RULES.put(Trouble.Sort.PICTURE_SHORT, RuleId.PICTURE_FILLS);
        RULES.put(Trouble.Sort.PICTURES_RUN_TOGETHER, RuleId.PICTURES_APART);
        RULES.put(Trouble.Sort.RIM_OUT_OF_REACH, RuleId.RIM_REACHED);
        RULES.put(Trouble.Sort.TOO_MANY_HANGING, RuleId.HANGING_COUNT);
        RULES.put(Trouble.Sort.HANGS_TOO_LOW, RuleId.HANGING_LOW);
        RULES.put(Trouble.Sort.BAND_UNEVEN, RuleId.BAND_EVEN);
        RULES.put(Trouble.Sort.WRONG_MATERIAL, RuleId.MATERIAL_UNFIT);
        RULES.put(Trouble.Sort.WRAPPED_TWICE, RuleId.WRAPPED_TWICE);
        RULES.put(Trouble.Sort.NO_BAND, RuleId.BAND_LEFT);
    }

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        for (Trouble trouble : build.troubles()) {
            Report.Draft draft = report.on(RULES.get(trouble.sort()), trouble.owner())
                    .names(trouble.about())
                    .measured(trouble.measured(), trouble.limit());
            if (trouble.sort() == Trouble.Sort.STRIPS_DONT_FOLLOW || trouble.sort() == Trouble.Sort.TOO_WIDE_TO_BEND) {
                Remedies.chamberOf(build, trouble.owner())
                        .ifPresent(c -> draft.remedy(Remedies.onePiece(build, workshop, c.owner())));
            }
            draft.remedy(remedy(build, trouble));
            if (WATCH.contains(trouble.sort())) {
                draft.watch();
            } else {
                draft.mend();
            }
        }
    }

    private static Optional<Remedy> remedy(Build build, Trouble trouble) {
        Source at = trouble.source();
        return switch (trouble.sort()) {
            case CAN_NOT_STAND ->
                Optional.of(
                        Remedies.set(Remedy.Act.CREASE_HALF_WAY, length(trouble.limit()), at.piece(), at.component()));
            case STOP_TOO_LOW -> Optional.of(change(Remedy.Act.RAISE_STOP, at, trouble.about()));
            case TOO_MANY_HANGING -> Optional.of(change(Remedy.Act.HANG_FEWER, at, number(trouble.limit())));
            case PICTURES_RUN_TOGETHER -> fewer(build, trouble);
            case PICTURE_SHORT ->
                Optional.of(Remedies.set(Remedy.Act.GUIDE_LONGER, length(trouble.limit()), at.piece(), at.component()));
            case RIM_OUT_OF_REACH ->
                Remedies.grow(
                        build, Remedy.Act.HOLD_MORE, at, length(trouble.limit()).minus(length(trouble.measured())));
            case STEPS_DO_NOT_CLOSE -> steps(build, trouble);
            case HANGS_TOO_LOW ->
                Remedies.grow(
                                build,
                                Remedy.Act.SHORTEN_DROP,
                                at,
                                length(trouble.measured()).minus(length(trouble.limit())))
                        .filter(r -> !length(r.to()).isNegative());
            default -> Optional.empty();
        };
    }

    private static Remedy change(Remedy.Act act, Source at, String value) {
        return new Remedy(
                act, new Amount.Count(Integer.parseInt(value)), List.of(new Change(at.piece(), at.component(), value)));
    }

    private static Length length(Amount amount) {
        return amount instanceof Amount.One one ? one.length() : Length.ZERO;
    }

    private static String number(Amount amount) {
        return Integer.toString(amount instanceof Amount.Count count ? count.count() : 0);
    }

    /** As many pictures as the window leaves apart: 360 over its angle and 6 degrees. */
    private static Optional<Remedy> fewer(Build build, Trouble trouble) {
        int spans = trouble.measured() instanceof Amount.Degrees d ? d.degrees() : 360;
        int pictures = 360 / (spans + 6);
        return pictures < 1
                ? Optional.empty()
                : Optional.of(change(Remedy.Act.FEWER_PICTURES, trouble.source(), Integer.toString(pictures)));
    }

    /** Each rise, or tread, as long as makes their sum what the strip's neighbours have. */
    private static Optional<Remedy> steps(Build build, Trouble trouble) {
        Source at = trouble.source();
        return Reading.length(build.spec(), at.piece(), at.component()).flatMap(each -> {
            int n = each.isPositive() ? length(trouble.measured()).holds(each) : 0;
            Length limit = length(trouble.limit());
            return n < 1 || !limit.isMultipleOf(Length.ofNanometres(n))
                    ? Optional.empty()
                    : Optional.of(Remedies.set(
                            Remedy.Act.MATCH_STEPS, limit.splitInto(n).get(0), at.piece(), at.component()));
        });
    }
}
