package org.kestan.practice.drills;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.kestan.judgment.verdict.Gate;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.verdict.GateState;
import org.kestan.overview.JobAnalysis;
import org.kestan.practice.solver.PracticeSolver;
import org.kestan.repair.plan.ProjectionPlan;
import org.kestan.simulator.cases.CaseGenerator;
import org.kestan.simulator.cases.Chance;
import org.kestan.simulator.cases.Level;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.cases.PracticeFamily;

/** A drill question with its answer. */
public sealed interface DrillQuestion {

    /** How far off the landing of the straightedge may be, mm. */
    double LANDING_ALLOWED = 0.1;

    /**
     * A height beside a rule.
     *
     * @param height mm
     */
    record OnRule(double height) implements DrillQuestion {

        /**
         * Returns whether an answer is close enough.
         *
         * @param allowed how far it may be off on the rule it was read on, mm
         */
        public boolean isRight(double answer, double allowed) {
            return Math.abs(answer - height) <= allowed;
        }
    }

    /**
     * An instrument, and the gate that stops it first.
     *
     * @param analysis of its sheet
     * @param first the first gate that stops; empty if none does
     */
    record Gates(JobAnalysis analysis, Optional<GateId> first) implements DrillQuestion {}

    /**
     * A heel being sanded.
     *
     * @param before where the straightedge read, mm
     * @param after where it reads after some pulls, mm
     * @param pulls how many those were, at each cheek
     * @param target where it has to land, mm
     */
    record Pulls(double before, double after, int pulls, double target) implements DrillQuestion {

        /** How many pulls are left at the same rate. */
        public int left() {
            return (int) Math.round((target - after) / (after - before) * pulls);
        }

        /** Returns whether an answer is within a pull, or within a tenth. */
        public boolean isRight(int answer) {
            return Math.abs(answer - left()) <= Math.max(1, Math.round(left() / 10.0));
        }
    }

    /**
     * A plan whose straightedge has to land.
     *
     * @param strung where it has to read with the strings at pitch, mm
     * @param sink how far the body folds up under them, mm
     * @param bridge the bridge's thickness, mm; 0 for a floating one
     * @param answer where it has to read with no strings on, mm
     */
    record Landing(double strung, double sink, double bridge, double answer) implements DrillQuestion {

        /** Returns whether an answer is close enough. */
        public boolean isRight(double said) {
            return Math.abs(said - answer) <= LANDING_ALLOWED;
        }
    }

    /** Returns the questions of a drill; the same for the same seed. */
    static List<DrillQuestion> of(Drill drill, long seed) {
        Random random = Chance.of(seed, drill.ordinal());
        List<DrillQuestion> all = new ArrayList<>();
        while (all.size() < drill.questions()) {
            all.add(
                    switch (drill) {
                        case READ_RULE -> new OnRule(Math.round((0.8 + 4.4 * random.nextDouble()) * 20) / 20.0);
                        case FIRST_GATE -> gates(random);
                        case PULLS_LEFT -> pulls(random);
                        case LAND_STRAIGHTEDGE -> landing(random);
                    });
        }
        return all;
    }

    private static PracticeCase given(Random random) {
        PracticeFamily[] kinds = PracticeFamily.values();
        return CaseGenerator.of(random.nextInt(100_000), Level.MEDIUM, kinds[random.nextInt(kinds.length)]);
    }

    private static DrillQuestion gates(Random random) {
        JobAnalysis analysis = PracticeSolver.truth(given(random));
        return new Gates(
                analysis,
                analysis.gates().stream()
                        .filter(gate -> gate.state() == GateState.STOP)
                        .map(Gate::id)
                        .findFirst());
    }

    private static DrillQuestion pulls(Random random) {
        double before = 4 + 4 * random.nextDouble();
        int pulls = 4 + random.nextInt(8);
        double rate = 0.05 + 0.1 * random.nextDouble();
        double after = before + pulls * rate;
        double target = after + rate * (3 + random.nextInt(20));
        return new Pulls(hundredth(before), hundredth(after), pulls, hundredth(target));
    }

    private static DrillQuestion landing(Random random) {
        while (true) {
            JobAnalysis analysis = PracticeSolver.truth(given(random));
            Optional<ProjectionPlan> plan = analysis.plan().projection();
            if (plan.isPresent() && analysis.plan().turnsNeck()) {
                double strung = hundredth(plan.get().strungAsRead());
                double sink = hundredth(plan.get().slackAsRead() - plan.get().strungAsRead());
                return new Landing(
                        strung, sink, analysis.measured().orElseThrow().bridgeTop(), hundredth(strung + sink));
            }
        }
    }

    private static double hundredth(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
