package org.kestan.ways;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.kestan.notation.BenchUnit;
import org.kestan.reckoning.Reckoning;
import org.kestan.setup.Setup;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Sides;
import org.kestan.strings.StringLoads;

/** All ways for one instrument, and what comes of taking several of them. */
public final class Ways {

    private final Case about;
    private final Steps steps;
    private final Optional<StringLoads> loads;
    private final Optional<Setup> measured;
    private Optional<List<Way>> all = Optional.empty();

    private Ways(Case about) {
        this.about = about;
        steps = new Steps(about);
        loads = StringLoads.of(about.job(), about.shop());
        measured = about.measured();
    }

    /**
     * Judges the ways of a reckoning.
     *
     * @param unit the unit that reasons name lengths in
     */
    public static Ways of(Reckoning reckoning, BenchUnit unit) {
        return new Ways(Case.of(reckoning, unit));
    }

    /** Returns every way, least invasive first, each taken alone from the set-up as measured. */
    public List<Way> all() {
        // A plan asks for some ways only, and many times over: all are taken when they are first asked for.
        if (all.isEmpty()) {
            all = Optional.of(
                    Stream.of(WayId.values()).map(id -> taken(id, measured)).toList());
        }
        return all.get();
    }

    /** Returns one way, taken alone from the set-up as measured. */
    public Way way(WayId id) {
        return all().get(id.ordinal());
    }

    /** Returns the instrument as measured; empty when the sheet does not say enough. */
    public Optional<Prediction> measured() {
        return measured.map(setup -> new Prediction(setup, loads));
    }

    /** Returns what the ways are judged by. */
    Case about() {
        return about;
    }

    /** Takes several ways in the order of the work, each from where the one before leaves the instrument. */
    public Combination combined(Collection<WayId> ids) {
        List<WayId> order = ids.stream()
                .distinct()
                .sorted(Comparator.comparing(WayId::stage).thenComparing(Comparator.naturalOrder()))
                .toList();
        List<Way> taken = new ArrayList<>();
        Optional<Setup> now = measured;
        boolean any = false;
        for (WayId id : order) {
            Way way = taken(id, now);
            taken.add(way);
            if (way.possible()) {
                now = way.predicted().map(Prediction::setup);
                any = true;
            }
        }
        Optional<Setup> after = any ? now : Optional.empty();
        List<Way> done = taken.stream().filter(Way::possible).toList();
        return new Combination(
                taken,
                after.map(setup -> new Prediction(setup, loads)),
                after.map(about::met).orElse(false),
                done.stream().mapToDouble(Way::hours).sum(),
                done.stream().mapToDouble(Way::cost).sum());
    }

    /** The stock pocket shims, each with the action it leaves; none unless the neck is bolted into a flat pocket. */
    public List<Shim> shims() {
        boolean pocket = about.joined(org.kestan.job.Joint.POCKET_BOLT);
        return measured.filter(setup -> pocket)
                .map(setup -> NeckSteps.shims(setup, about.shop()))
                .orElse(List.of());
    }

    private Way taken(WayId id, Optional<Setup> from) {
        Outcome outcome = steps.take(id, from);
        List<Spent> spent = outcome.after()
                .map(after -> spent(id, from.orElseThrow(), after))
                .orElse(List.of());
        return new Way(
                id,
                outcome.fit(),
                outcome.reasons(),
                outcome.after().map(setup -> new Prediction(setup, loads)),
                outcome.after().map(about::met).orElse(false),
                outcome.reversible(),
                about.shop().hours(outcome.prices()),
                about.shop().parts(outcome.prices()),
                about.shop().cost(outcome.prices()),
                spent);
    }

    private List<Spent> spent(WayId id, Setup before, Setup after) {
        List<Spent> spent = new ArrayList<>();
        if (after.protrusion().isPresent()) {
            Sides<Double> then = after.protrusion().get();
            double taken = Sides.mean(before.protrusion().orElseThrow()) - Sides.mean(then);
            double left = Math.min(then.bass(), then.treble()) - about.least();
            if (Math.abs(taken) > 1e-6) {
                spent.add(new Spent(Spent.Reserve.SADDLE, taken, OptionalDouble.of(left)));
            }
            double thickness = after.bridgeThickness().orElseThrow();
            double off = before.bridgeThickness().orElseThrow() - thickness;
            if (Math.abs(off) > 1e-6) {
                double thin = about.shop().bridgeThin(about.job().instrument().body());
                spent.add(new Spent(Spent.Reserve.BRIDGE, off, OptionalDouble.of(thickness - thin)));
            }
        }
        OptionalDouble heel = about.reading(Reading.HEEL_HEIGHT);
        double turned = after.rotation() - before.rotation();
        if (id.turnsNeck() && id != WayId.POCKET_SHIM && heel.isPresent() && turned > 0) {
            spent.add(new Spent(Spent.Reserve.HEEL, heel.getAsDouble() * Math.tan(turned), OptionalDouble.empty()));
        }
        return spent;
    }
}
