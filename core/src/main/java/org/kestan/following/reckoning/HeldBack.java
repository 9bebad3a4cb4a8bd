package org.kestan.following.reckoning;

import java.util.List;
import java.util.Optional;
import org.kestan.following.correction.Correction;
import org.kestan.following.questions.Question;
import org.kestan.ground.notation.Length;
import org.kestan.ground.sheet.LengthLine;
import org.kestan.ground.sheet.Taken;
import org.kestan.job.Job;

/** What is held back while a reading is questioned: nothing is planned on a value that no instrument has. */
public final class HeldBack {

    /** What a questioned value is moved by to see whether anything hangs on it, mm. */
    private static final double STEP = 0.1;

    private HeldBack() {}

    /** The questions by which the plan of a job is held back. A reading that was taken more than once is what it is. */
    public static List<Question> by(Reckoning reckoning, List<Question> questions) {
        return questions.stream()
                .filter(Question::holdsBack)
                .filter(each -> !(each.line() instanceof Taken taken
                        && reckoning.job().visit().takesOf(taken).size() > 1))
                .filter(each -> each.line() instanceof LengthLine line && hangsOn(reckoning, line))
                .toList();
    }

    private static boolean hangsOn(Reckoning reckoning, LengthLine line) {
        Job job = reckoning.job();
        Optional<Length> said = job.get(line);
        if (said.isEmpty() || reckoning.trajectory().isEmpty()) {
            return said.isPresent();
        }
        Reckoning other =
                Reckoning.of(job.with(line, Length.exact(said.get().millimetres() + STEP)), reckoning.standards());
        return !other.measured().equals(reckoning.measured()) || !planned(other).equals(planned(reckoning));
    }

    private static Optional<?> planned(Reckoning reckoning) {
        return reckoning.correction().map(Correction::planned);
    }
}
