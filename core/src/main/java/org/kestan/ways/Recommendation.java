package org.kestan.ways;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.kestan.job.Details;
import org.kestan.job.Job;
import org.kestan.job.Joint;
import org.kestan.job.TrussRod;
import org.kestan.notation.BenchUnit;
import org.kestan.reckoning.Reckoning;
import org.kestan.setup.Setup;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Sides;
import org.kestan.standards.School;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;

/**
 * What the shop would do.
 *
 * @param ways the ways to take, in the order of the work; none when nothing can be said yet
 * @param reason why, in plain sentences
 */
public record Recommendation(List<WayId> ways, String reason) {

    /** Takes an unmodifiable copy. */
    public Recommendation {
        ways = List.copyOf(ways);
    }

    /** Says what the shop would do about a job. */
    public static Recommendation of(Ways ways) {
        return new Recommender(ways).recommend();
    }

    /** Returns the ways in words, such as "Truss rod, then saddle". */
    public String words() {
        return ways.isEmpty()
                ? "Nothing yet"
                : IntStream.range(0, ways.size())
                        .mapToObj(i ->
                                i == 0 ? ways.get(i).label() : lower(ways.get(i).label()))
                        .collect(Collectors.joining(", then "));
    }

    private static String lower(String label) {
        return label.substring(0, 1).toLowerCase(Locale.ROOT) + label.substring(1);
    }

    /**
     * A circumstance that would change the recommendation.
     *
     * @param condition "if it were handmade"
     * @param then what the shop would do then
     */
    public record Change(String condition, Recommendation then) {}

    private record WhatIf(String condition, UnaryOperator<Job> change) {}

    /**
     * What would change the recommendation: each circumstance is put into the job and the whole of it judged anew.
     *
     * @param reckoning the job
     * @param unit the unit that reasons name lengths in
     * @return those circumstances under which the ways differ
     */
    public List<Change> changes(Reckoning reckoning, BenchUnit unit) {
        double cost = reckoning.standards().cost(ShopStandards.RESET);
        List<WhatIf> circumstances = List.of(
                new WhatIf("If it were handmade", job -> job.with(Details.HANDMADE, Optional.of(true))),
                new WhatIf(
                        "If it were collectible",
                        job -> job.withInstrument(job.instrument().withCollectible(Optional.of(true)))),
                new WhatIf(
                        "If it were worth less than a reset",
                        job -> plain(job).with(Details.VALUE, Optional.of(cost / 2))),
                new WhatIf(
                        "If it were worth far more than a reset",
                        job -> plain(job).with(Details.VALUE, Optional.of(cost * 10))),
                new WhatIf(
                        "If the neck were bolted into a flat pocket",
                        job -> job.withInstrument(job.instrument().withJoint(Optional.of(Joint.POCKET_BOLT)))),
                new WhatIf(
                        "If its rod worked",
                        job -> job.withSurvey(job.survey().with(Details.TRUSS_ROD, Optional.of(TrussRod.WORKS)))),
                new WhatIf(
                        "If its rod were dead",
                        job -> job.withSurvey(job.survey().with(Details.TRUSS_ROD, Optional.of(TrussRod.DEAD)))));
        List<Change> changes = new ArrayList<>();
        for (WhatIf each : circumstances) {
            Job changed = each.change().apply(reckoning.job());
            Recommendation then = of(Ways.of(Reckoning.of(changed, reckoning.standards()), unit));
            if (!then.ways().equals(ways)) {
                changes.add(new Change(each.condition(), then));
            }
        }
        return changes;
    }

    /** Value decides only where nothing else protects the instrument. */
    private static Job plain(Job job) {
        return job.withInstrument(job.instrument().withCollectible(Optional.of(false)));
    }

    /** The steps by which the recommendation is found. */
    private static final class Recommender {

        private final Ways ways;
        private final Case about;

        Recommender(Ways ways) {
            this.ways = ways;
            about = ways.about();
        }

        Recommendation recommend() {
            List<WayId> first = new ArrayList<>();
            if (about.dryOrDamp()) {
                first.add(WayId.CONDITION);
            }
            if (about.broken().isPresent()) {
                first.add(WayId.MEND_FIRST);
            }
            if (about.lifted()) {
                first.add(WayId.REGLUE_BRIDGE);
            }
            if (!first.isEmpty()) {
                return new Recommendation(
                        first, "Before anything else; then the sheet is taken again, and only then judged.");
            }
            if (about.job().survey().details().get(Details.STEPS_DOWN).orElse(0) > 0) {
                return new Recommendation(List.of(), "Tune to pitch, let it settle, and take the sheet again.");
            }
            if (ways.measured().isEmpty()) {
                return new Recommendation(List.of(), "The sheet does not say enough yet: nut, action and bridge.");
            }
            return ramped(geometry());
        }

        /** Where the strings would bend too little afterwards, ramps go with it. */
        private Recommendation ramped(Recommendation plain) {
            if (!about.shop().holds(School.BREAK_BY_ANGLE)
                    || plain.ways().contains(WayId.LEAVE)
                    || plain.ways().stream().anyMatch(WayId::turnsNeck)) {
                return plain;
            }
            List<WayId> with = new ArrayList<>(plain.ways());
            with.add(WayId.PIN_RAMPS);
            Setup after = ways.combined(plain.ways())
                    .predicted()
                    .map(Prediction::setup)
                    .orElse(ways.measured().orElseThrow().setup());
            double least = Math.toRadians(about.shop().get(Standard.BREAK_ANGLE_LEAST));
            boolean poor = after.leastBreakAngle().orElse(least) < least;
            Combination all = ways.combined(with);
            return poor && possible(all, WayId.PIN_RAMPS)
                    ? new Recommendation(all.ids(), plain.reason() + " The strings bend too little: ramp the holes.")
                    : plain;
        }

        /** Relief, then nut, then the least invasive way that reaches the rest. */
        private Recommendation geometry() {
            List<WayId> taken = new ArrayList<>();
            for (WayId light : List.of(WayId.TRUSS_ROD, WayId.NUT)) {
                // As read, and still so from where the one before leaves it: a high slot may be right once the relief
                // is.
                List<WayId> with = new ArrayList<>(taken);
                with.add(light);
                if (ways.way(light).possible() && possible(ways.combined(with), light)) {
                    taken.add(light);
                }
            }
            Combination light = ways.combined(taken);
            boolean met =
                    taken.isEmpty() ? about.met(ways.measured().orElseThrow().setup()) : light.reaches();
            if (met) {
                return taken.isEmpty()
                        ? new Recommendation(List.of(WayId.LEAVE), "The action is where it is wanted.")
                        : new Recommendation(taken, "That alone brings the action there; read it again afterwards.");
            }
            return withRest(taken);
        }

        private Recommendation withRest(List<WayId> taken) {
            for (WayId id : List.of(WayId.SADDLE, WayId.FLOATING_BRIDGE, WayId.POCKET_SHIM)) {
                Optional<Recommendation> reached =
                        reaching(taken, id, "The least invasive way that reaches the action.");
                if (reached.isPresent()) {
                    return reached.get();
                }
            }
            boolean worth = about.worth() != Case.Worth.NO;
            List<WayId> order = worth
                    ? List.of(WayId.NECK_RESET, WayId.HEEL_SANDING, WayId.SHAVE_BRIDGE, WayId.NEW_BRIDGE)
                    : List.of(WayId.SHAVE_BRIDGE, WayId.NEW_BRIDGE, WayId.BACK_SLIP, WayId.SAW_AND_BOLT);
            for (WayId id : order) {
                Optional<Recommendation> reached =
                        affordable(id) ? reaching(taken, id, reason(id, worth)) : Optional.empty();
                if (reached.isPresent()) {
                    return reached.get();
                }
            }
            return nearest(taken, worth);
        }

        /** Tells whether a way costs no more than the instrument is worth, as far as that is known. */
        private boolean affordable(WayId id) {
            return about.worth() == Case.Worth.YES
                    || about.job().details().get(Details.VALUE).orElse(Double.MAX_VALUE)
                            >= ways.way(id).cost();
        }

        private static boolean possible(Combination all, WayId id) {
            return all.ways().stream().anyMatch(way -> way.id() == id && way.possible());
        }

        private String reason(WayId id, boolean worth) {
            if (id == WayId.BACK_SLIP || id == WayId.SAW_AND_BOLT) {
                return "A reset costs more than it is worth, and nothing lighter reaches the action. This can't be undone: say so.";
            }
            if (!worth) {
                return "A reset costs more than it is worth. This reaches the action and spends the bridge: say so.";
            }
            if (id == WayId.NECK_RESET || id == WayId.HEEL_SANDING) {
                return about.worth() == Case.Worth.UNKNOWN
                        ? "Nothing lighter gives enough: the neck has to go back. Say its value to know whether it is worth it."
                        : "Nothing lighter gives enough: the neck has to go back.";
            }
            return "The neck can stay; the bridge can give what is missing.";
        }

        private Optional<Recommendation> reaching(List<WayId> taken, WayId id, String reason) {
            List<WayId> with = new ArrayList<>(taken);
            with.add(id);
            Combination all = ways.combined(with);
            return possible(all, id) && all.reaches() && leavesWhatIsAimedAt(all)
                    ? Optional.of(new Recommendation(all.ids(), reason))
                    : Optional.empty();
        }

        /** A job that aims at a taller saddle or floating bridge is not served by lowering it. */
        private boolean leavesWhatIsAimedAt(Combination all) {
            Setup after = all.predicted().orElseThrow().setup();
            double stands = after.protrusion().map(Sides::mean).orElse(after.supportHeight());
            Aim aim = after.protrusion().isPresent() ? Aim.SADDLE : Aim.BRIDGE_HEIGHT;
            return about.aim(aim).orElse(stands) - stands <= about.shop().get(Standard.ACTION_REACH);
        }

        /** Nothing reaches it: whatever brings it nearest for no more than it is worth. */
        private Recommendation nearest(List<WayId> taken, boolean worth) {
            Recommendation best = new Recommendation(
                    taken.isEmpty() ? List.of(WayId.LEAVE) : taken,
                    worth
                            ? "No way on this sheet reaches the action wanted."
                            : "A reset costs more than it is worth, and nothing lighter brings it nearer.");
            double off = taken.isEmpty()
                    ? about.off(ways.measured().orElseThrow().setup())
                    : about.off(ways.combined(taken).predicted().orElseThrow().setup());
            for (WayId id : List.of(
                    WayId.SADDLE, WayId.FLOATING_BRIDGE, WayId.SHAVE_BRIDGE, WayId.POCKET_SHIM, WayId.TUNE_DOWN)) {
                List<WayId> with = new ArrayList<>(taken);
                with.add(id);
                Combination all = ways.combined(with);
                double then = possible(all, id)
                        ? about.off(all.predicted().orElseThrow().setup())
                        : off;
                if (then < off - about.shop().get(Standard.ACTION_REACH) / 2) {
                    off = then;
                    best = new Recommendation(
                            all.ids(),
                            (worth ? "Nothing reaches the action wanted" : "A reset costs more than it is worth")
                                    + "; this brings it to "
                                    + about.action(all.predicted().orElseThrow().setup()) + ". Say so honestly.");
                }
            }
            return best;
        }
    }
}
