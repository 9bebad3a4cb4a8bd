package org.kestan.benchmarks;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.practice.reckoning.FaultCheck;
import org.kestan.practice.solver.PracticeSolver;
import org.kestan.simulator.cases.CaseGenerator;
import org.kestan.simulator.cases.Level;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.cases.PracticeFamily;

/**
 * How well Kestan's own plans do on a thousand practice instruments; lists each miss with the instrument's faults.
 */
public final class PracticeFigures {

    private static final int SEEDS = 42;

    private PracticeFigures() {}

    /** Prints the figures of docs/practice.md. */
    public static void main(String[] arguments) {
        int said = 0;
        int met = 0;
        int worse = 0;
        int drifted = 0;
        List<Double> errors = new ArrayList<>();
        List<String> misses = new ArrayList<>();
        for (PracticeFamily kind : PracticeFamily.values()) {
            for (Level level : Level.values()) {
                for (int seed = 1; seed <= SEEDS; seed++) {
                    PracticeCase given = CaseGenerator.of(seed, level, kind);
                    PracticeSolver.Solved solved = PracticeSolver.solve(given);
                    if (!solved.reaches()) {
                        continue;
                    }
                    said++;
                    Sides<Double> strung = PracticeSolver.Solved.action(solved.strungUp());
                    errors.add((strung.bass()
                                    + strung.treble()
                                    - solved.wanted().bass()
                                    - solved.wanted().treble())
                            / 2);
                    double before = off(PracticeSolver.Solved.action(solved.before()), solved.wanted());
                    double after = off(PracticeSolver.Solved.action(solved.after()), solved.wanted());
                    worse += after > Math.max(before, FaultCheck.ACTION) ? 1 : 0;
                    double drift = Math.abs(solved.after().heel().drift());
                    drifted +=
                            drift > Math.max(1, Math.abs(solved.before().heel().drift())) ? 1 : 0;
                    if (after <= FaultCheck.ACTION) {
                        met++;
                    } else {
                        misses.add(String.format(
                                "  %s, %s, seed %d: off by %.2f mm; ways %s; faults %s",
                                kind.key(), level.key(), seed, after, solved.ways(), given.faults()));
                    }
                }
            }
        }
        Collections.sort(errors);
        System.out.printf(
                "Practice, version %d: of %d cases the target action would be reached in %d; it came within %.1f mm in %d, %d worse%n"
                        + "than before, %d with more drift than 1 mm and than before. Strung up as planned, off by %.2f mm in the%n"
                        + "middle, %.2f to %.2f mm in 95 %%.%n",
                PracticeCase.VERSION,
                PracticeFamily.values().length * Level.values().length * SEEDS,
                said,
                FaultCheck.ACTION,
                met,
                worse,
                drifted,
                errors.get(said / 2),
                errors.get(said / 40),
                errors.get(said - 1 - said / 40));
        misses.forEach(System.out::println);
    }

    private static double off(Sides<Double> action, Sides<Double> wanted) {
        double off = 0;
        for (Side side : Side.values()) {
            off = Math.max(off, Math.abs(action.get(side) - wanted.get(side)));
        }
        return off;
    }
}
