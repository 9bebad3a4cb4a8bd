package org.kestan.dossier;

import java.util.Locale;
import org.kestan.ground.finding.Keyed;
import org.kestan.ground.sheet.Dimension;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.work.plan.WorkPlan;

/** What comes next for a job at a station, the one thing that brings the work on. */
public enum NextStep implements Keyed {
    NAME_IT,
    SAY_WHAT_IT_IS,
    GO_AND_MEASURE,
    READ_WHAT_IS_NEEDED,
    READ_AGAIN,
    LOOK_AT_THE_VERDICT,
    TAKE_THE_ADVICE,
    GO_TO_THE_PLAN,
    SAY_THE_ACTION,
    TAKE_THE_PREVIEW,
    PRINT_THE_PAPERS,
    DO_THE_STEP,
    PROVE_IT,
    READ_WHAT_TELLS,
    SIGN_IT_OFF,
    NOTHING_MORE;

    @Override
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Returns what comes next for a job at one of its stations. */
    public static NextStep of(Dossier dossier, Station station) {
        return switch (station) {
            case INTAKE -> atIntake(dossier.job());
            case MEASURE ->
                !dossier.heldBack().isEmpty()
                        ? READ_AGAIN
                        : dossier.trajectory().isEmpty() ? READ_WHAT_IS_NEEDED : LOOK_AT_THE_VERDICT;
            case VERDICT -> atVerdict(dossier);
            case PLAN ->
                dossier.plan().planned().isEmpty()
                        ? undecided(dossier)
                        : dossier.isPreview() ? TAKE_THE_PREVIEW : PRINT_THE_PAPERS;
            case BENCH ->
                dossier.plan().planned().isEmpty()
                        ? undecided(dossier)
                        : dossier.isPreview()
                                ? TAKE_THE_PREVIEW
                                : dossier.progress(station).stage() == Station.Stage.DONE ? PROVE_IT : DO_THE_STEP;
            case PROOF ->
                dossier.job().get(Lines.SIGNED_ON).isPresent()
                        ? NOTHING_MORE
                        : dossier.proof().after().isEmpty() ? READ_WHAT_TELLS : SIGN_IT_OFF;
        };
    }

    private static NextStep atIntake(Job job) {
        if (job.get(Lines.NAME).isEmpty()) {
            return NAME_IT;
        }
        boolean said = job.form().isPresent()
                && job.jointFret().isPresent()
                && job.get(Dimension.SCALE).isPresent();
        return said ? GO_AND_MEASURE : SAY_WHAT_IT_IS;
    }

    private static NextStep atVerdict(Dossier dossier) {
        if (dossier.trajectory().isEmpty() || !dossier.heldBack().isEmpty()) {
            return undecided(dossier);
        }
        return WorkPlan.taken(dossier.job()).isEmpty()
                        && !dossier.recommendation().ways().isEmpty()
                ? TAKE_THE_ADVICE
                : GO_TO_THE_PLAN;
    }

    private static NextStep undecided(Dossier dossier) {
        return !dossier.heldBack().isEmpty()
                ? READ_AGAIN
                : dossier.trajectory().isEmpty() ? READ_WHAT_IS_NEEDED : SAY_THE_ACTION;
    }
}
