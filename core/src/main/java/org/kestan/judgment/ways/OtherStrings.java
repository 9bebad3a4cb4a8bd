package org.kestan.judgment.ways;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.kestan.analysis.loads.StringLoads;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Percent;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.notation.Length;
import org.kestan.base.standards.Standard;
import org.kestan.job.strings.StringSpec;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Stage;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayFinding;
import org.kestan.judgment.way.WayTraits;

/**
 * A different set of strings: the wanted one, or a lighter one. Body and neck follow the pull in proportion: the body
 * by its sink, the neck by its bow under the strings. Tension by Mersenne's law (§3.15).
 */
final class OtherStrings extends Way {

    private static final Finding.Kind READ = Finding.kind("way.strings.read");
    private static final Finding.Kind SAME = Finding.kind("way.strings.same");
    private static final Finding.Kind LIGHTER =
            Finding.kind("way.strings.lighter", Percent.class, Distance.class, Distance.class, Said.class);
    private static final Finding.Kind HEAVIER =
            Finding.kind("way.strings.heavier", Percent.class, Distance.class, Distance.class, Said.class);
    private static final Finding.Kind USUAL_SET = Finding.kind("way.strings.usual-set");
    private static final Finding.Kind SLOTS_FOLLOW = Finding.kind("way.strings.slots-follow");

    OtherStrings() {
        super(WayTraits.of("strings", Stage.BEFORE, Role.PREPARATION)
                .costs(Standard.HOURS_STRINGS, Standard.PRICE_STRINGS)
                .does(Effect.SLACKENS_STRINGS, Effect.CHANGES_STRINGS, Effect.KEEPS_STRINGS_ON)
                .mends(GateId.ACTION));
    }

    /** A requested set is work to do. */
    @Override
    public boolean worthTrying(JudgmentContext context, Setup measured) {
        return !context.job().wantedStrings().isEmpty();
    }

    @Override
    public Outcome take(JudgmentContext context, Setup from) {
        boolean wanted = !context.job().wantedStrings().isEmpty();
        List<StringSpec> set = wanted ? context.job().wantedStrings() : lighter(context);
        Optional<StringLoads> now = StringLoads.of(context.job(), context.shop());
        Optional<StringLoads> then = StringLoads.of(context.job().withStrings(set), context.shop());
        if (now.isEmpty()
                || then.isEmpty()
                || now.get().unknown() > 0
                || then.get().unknown() > 0) {
            return unknown(READ.of());
        }
        if (!wanted && context.over(from) <= context.shop(Standard.ACTION_REACH)) {
            return noNeed(from, WayFinding.ACTION_NOT_TOO_HIGH.of());
        }
        double share = 1 - then.get().total() / now.get().total();
        if (set.equals(context.job().strings())) {
            return noNeed(from, SAME.of());
        }
        double rise = context.sink() * share;
        double gap = from.reliefGap() - context.shop(Standard.STRING_BOW) * share;
        Setup after = from.afterStrings(set, rise, gap);
        List<Finding> reasons = new ArrayList<>();
        reasons.add((share < 0 ? HEAVIER : LIGHTER)
                .of(
                        new Percent(Math.abs(share) * 100),
                        Quantity.fine(Math.abs(rise)),
                        Quantity.fine(gap),
                        JudgmentContext.action(after)));
        if (!wanted) {
            reasons.add(USUAL_SET.of());
        }
        reasons.add(SLOTS_FOLLOW.of());
        return can(after, reasons);
    }

    /** The present set with every gauge lighter, so that it pulls less by the shop's usual step. */
    private static List<StringSpec> lighter(JudgmentContext context) {
        double factor = Math.sqrt(1 - context.shop(Standard.STRING_STEP) / 100);
        return context.job().strings().stream()
                .map(string -> string.withGauge(string.gauge().map(gauge -> lighter(gauge, factor))))
                .toList();
    }

    /** Gauges are sold in half thousandths of an inch. */
    private static Length lighter(Length gauge, double factor) {
        double halfThou = Tolerances.LEAF / 2;
        double inches = Math.round(gauge.millimeters() * factor / halfThou) * 0.0005;
        return Length.ofText(String.format(Locale.ROOT, "%.4f in", inches));
    }
}
