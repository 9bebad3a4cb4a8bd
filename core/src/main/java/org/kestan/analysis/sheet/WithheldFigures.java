package org.kestan.analysis.sheet;

import java.util.List;
import java.util.Optional;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.questions.CrossCheck;
import org.kestan.analysis.questions.Question;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Measurable;
import org.kestan.job.Job;

/**
 * Figures that are withheld while a reading is in question, so that nothing is planned on a value no instrument has.
 */
public final class WithheldFigures {

    /** How far a questioned value is moved to see whether anything depends on it, mm. */
    private static final double STEP = 0.1;

    private WithheldFigures() {}

    /** The questions that hold back the plan of a job. */
    public static List<Question> by(SheetAnalysis sheetAnalysis, List<Question> questions) {
        return questions.stream()
                .filter(each -> each.isContradiction()
                        ? CrossCheck.CANDIDATES.stream().noneMatch(reading -> takenAgain(sheetAnalysis, reading))
                        : each.isImplausible()
                                && each.line() instanceof LengthLine line
                                && !takenAgain(sheetAnalysis, line)
                                && hangsOn(sheetAnalysis, line))
                .toList();
    }

    /** A reading that was taken more than once is accepted. */
    private static boolean takenAgain(SheetAnalysis sheetAnalysis, LengthLine line) {
        return line instanceof Measurable taken
                && sheetAnalysis.job().visit().takesOf(taken).size() > 1;
    }

    private static boolean hangsOn(SheetAnalysis sheetAnalysis, LengthLine line) {
        Job job = sheetAnalysis.job();
        Optional<Length> said = job.get(line);
        if (said.isEmpty() || sheetAnalysis.trajectory().isEmpty()) {
            return said.isPresent();
        }
        SheetAnalysis other = SheetAnalysis.of(
                job.with(line, Length.exact(said.get().millimeters() + STEP)), sheetAnalysis.standards());
        return !other.measured().equals(sheetAnalysis.measured())
                || !planned(other).equals(planned(sheetAnalysis));
    }

    private static Optional<?> planned(SheetAnalysis sheetAnalysis) {
        return sheetAnalysis.correction().map(Correction::planned);
    }
}
