package org.kestan.judgment.advice;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.loads.StringLoads;
import org.kestan.analysis.loads.StrungSetup;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.job.terms.Joint;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Shim;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;

/** All ways for one instrument, and the results of taking several of them. */
public final class Ways {

    private final JudgmentContext about;
    private final Optional<StringLoads> loads;
    private final Map<Way, Assessment> judged = new LinkedHashMap<>();

    private Ways(JudgmentContext about) {
        this.about = about;
        loads = StringLoads.of(about.job(), about.shop());
    }

    /** The ways for an analysis, each judged when it is first requested. */
    public static Ways of(SheetAnalysis sheetAnalysis) {
        return new Ways(JudgmentContext.of(sheetAnalysis));
    }

    /** Returns every way, least invasive first, each taken by itself from the setup as measured. */
    public List<Assessment> all() {
        return WayCatalog.ALL.stream().map(this::of).toList();
    }

    /** Returns one way, taken by itself from the setup as measured. */
    public Assessment of(Way way) {
        synchronized (judged) {
            Assessment known = judged.get(way);
            if (known == null) {
                known = about.measured()
                        .map(setup -> withChance(taken(about, way, setup)))
                        .orElseGet(() -> assessment(way, way.takeUnmeasured(about), List.of()));
                judged.put(way, known);
            }
            return known;
        }
    }

    /** Returns the instrument as measured; empty if the sheet is not complete enough. */
    public Optional<StrungSetup> measured() {
        return about.measured().map(setup -> strung(setup));
    }

    /** Returns the context the ways are judged in. */
    public JudgmentContext about() {
        return about;
    }

    /** Takes several ways in working order, each starting where the previous one leaves the instrument. */
    public Combination combined(Collection<Way> ways) {
        JudgmentContext together = about.together(ways);
        List<Way> order = ways.stream()
                .distinct()
                .sorted(Comparator.comparing(Way::stage).thenComparing(WayCatalog.ALL::indexOf))
                .toList();
        List<Assessment> taken = new ArrayList<>();
        Optional<Setup> now = about.measured();
        boolean any = false;
        for (Way way : order) {
            Assessment step = now.isPresent() ? taken(together, way, now.get()) : of(way);
            taken.add(step);
            if (step.possible()) {
                now = step.predicted().map(StrungSetup::setup);
                any = true;
            }
        }
        Optional<Setup> after = any ? now : Optional.empty();
        List<Assessment> done = taken.stream().filter(Assessment::possible).toList();
        return new Combination(
                taken,
                after.map(setup -> strung(setup)),
                after.map(about::met).orElse(false),
                done.stream().mapToDouble(each -> each.price().hours()).sum(),
                done.stream().mapToDouble(each -> each.price().cost()).sum());
    }

    /** The stock pocket shims, each with the action it leaves; none unless the neck is bolted into a flat pocket. */
    public List<Shim> shims() {
        return about.measured()
                .filter(setup -> about.joined(Joint.POCKET_BOLT))
                .map(setup -> Shim.stock(setup, about.shop(), about.length(Reading.POCKET_LENGTH)))
                .orElse(List.of());
    }

    /**
     * The same with the chance of ending up out of tolerance, which is worked out for a way by itself, not for each
     * step of a sequence.
     */
    private Assessment withChance(Assessment step) {
        return step.predicted()
                .map(after ->
                        step.withOutOfTolerance(OptionalDouble.of(chance().out(after.setup(), List.of(step.way())))))
                .orElse(step);
    }

    /** The chances that an action ends up out of tolerance. */
    ToleranceChance chance() {
        return new ToleranceChance(about, about.measured().orElseThrow(Expect.present("measured setup")));
    }

    private StrungSetup strung(Setup setup) {
        return StrungSetup.of(setup, about.job(), about.shop(), loads);
    }

    private Assessment taken(JudgmentContext together, Way way, Setup from) {
        Outcome outcome = way.take(together, from);
        return assessment(
                way,
                outcome,
                outcome.after().map(after -> spent(way, from, after)).orElse(List.of()));
    }

    private Assessment assessment(Way way, Outcome outcome, List<MaterialUsed> spent) {
        return new Assessment(
                way,
                outcome.fit(),
                outcome.reasons(),
                outcome.after().map(setup -> strung(setup)),
                outcome.after().map(about::met).orElse(false),
                outcome.reversible(),
                way.kind(outcome),
                OptionalDouble.empty(),
                Assessment.Price.of(outcome.prices(), about.shop()),
                spent);
    }

    private List<MaterialUsed> spent(Way way, Setup before, Setup after) {
        List<MaterialUsed> spent = new ArrayList<>();
        if (after.protrusion().isPresent()) {
            Sides<Double> then = after.protrusion().get();
            double taken =
                    Sides.mean(before.protrusion().orElseThrow(Expect.present("saddle protrusion"))) - Sides.mean(then);
            double left = Math.min(then.bass(), then.treble()) - about.least(after);
            if (Math.abs(taken) > Tolerances.SAME) {
                spent.add(new MaterialUsed(MaterialUsed.Reserve.SADDLE, taken, OptionalDouble.of(left)));
            }
            double thickness = after.bridgeThickness().orElseThrow(Expect.present("bridge thickness"));
            double off = before.bridgeThickness().orElseThrow(Expect.present("bridge thickness")) - thickness;
            if (Math.abs(off) > Tolerances.SAME) {
                spent.add(new MaterialUsed(
                        MaterialUsed.Reserve.BRIDGE, off, OptionalDouble.of(thickness - about.thin())));
            }
        }
        OptionalDouble heel = about.length(Reading.HEEL_HEIGHT);
        double turned = after.rotation().minus(before.rotation()).tan();
        if (way.has(Effect.CUTS_HEEL) && heel.isPresent() && turned > 0) {
            spent.add(new MaterialUsed(MaterialUsed.Reserve.HEEL, heel.getAsDouble() * turned, OptionalDouble.empty()));
        }
        return spent;
    }
}
