package org.kestan.analysis.sheet;

import java.util.EnumSet;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.inputs.SheetInputs;
import org.kestan.analysis.inputs.UncertainInput;
import org.kestan.analysis.trajectory.Trajectory;
import org.kestan.base.expect.Expect;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.Standard;

/**
 * How strings and straightedge, which both show where the fret line meets the body, are weighted (§3.4): by the
 * inverse variance of the change that each calls for.
 */
final class Reconciliation {

    /** Inputs that both estimates share and that therefore do not distinguish them. */
    private static final Set<Reading> SHARED = EnumSet.of(Reading.JOINT_TO_SADDLE, Reading.FRETS_OVER_TOP);

    /** Half-width of a 95 % interval, in standard uncertainties. */
    private static final double COVERAGE = 2;

    /** Beyond this many half-widths of the expected difference, readings are questioned instead of averaged. */
    private static final double TOO_FAR = 2;

    /** Two variances below this, mm², belong to exact readings. */
    private static final double EXACT = 1e-18;

    private final SheetAnalysis sheet;

    private double strings;
    private double straightedge;
    private double between;

    private Reconciliation(SheetInputs inputs, SheetAnalysis sheet) {
        this.sheet = sheet;
        Trajectory known = sheet.trajectory().orElseThrow(Expect.present("complete sheet"));
        for (UncertainInput input : UncertainInput.of(inputs, known)) {
            if (!SHARED.contains(input.reading())) {
                SheetAnalysis above = SheetAnalysis.apart(input.shifted(inputs, 1));
                SheetAnalysis below = SheetAnalysis.apart(input.shifted(inputs, -1));
                strings += squared(above, below, each -> target(each) - implied(each));
                straightedge += squared(above, below, each -> target(each) - measured(each));
                between += squared(above, below, each -> measured(each) - implied(each));
            }
        }
    }

    /**
     * The weight of the strings, 0 to 1.
     *
     * @param apart what follows by the strings alone
     * @return empty if only one of the two was read, no action is aimed at, or the readings contradict each other
     */
    static OptionalDouble weightStrings(SheetInputs inputs, SheetAnalysis apart) {
        Optional<Trajectory> known = apart.trajectory();
        if (known.isEmpty() || known.get().basis().projectionStrung().isEmpty()) {
            return OptionalDouble.empty();
        }
        if (!known.get().basis().actionIsRead()) {
            return OptionalDouble.of(0);
        }
        return apart.correction().isEmpty() ? OptionalDouble.empty() : new Reconciliation(inputs, apart).weight();
    }

    private OptionalDouble weight() {
        double off = Math.abs(measured(sheet) - implied(sheet));
        if (off > sheet.standards().get(Standard.DISAGREEMENT) && off > TOO_FAR * COVERAGE * Math.sqrt(between)) {
            return OptionalDouble.empty();
        }
        double both = strings + straightedge;
        return OptionalDouble.of(both < EXACT ? 0.5 : straightedge / both);
    }

    private static double squared(SheetAnalysis above, SheetAnalysis below, ToDoubleFunction<SheetAnalysis> figure) {
        if (above.correction().isEmpty() || below.correction().isEmpty()) {
            return 0;
        }
        double contribution = (figure.applyAsDouble(above) - figure.applyAsDouble(below)) / 2;
        return contribution * contribution;
    }

    private static double target(SheetAnalysis each) {
        return each.correction().map(Correction::targetStrung).orElseThrow(Expect.present("correction"));
    }

    private static double implied(SheetAnalysis each) {
        return each.trajectory().map(Trajectory::impliedStrung).orElseThrow(Expect.present("complete sheet"));
    }

    private static double measured(SheetAnalysis each) {
        return each.trajectory()
                .orElseThrow(Expect.present("complete sheet"))
                .basis()
                .projectionStrung()
                .orElseThrow();
    }
}
