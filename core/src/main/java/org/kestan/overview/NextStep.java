package org.kestan.overview;

import org.kestan.base.finding.Keyed;
import org.kestan.base.sheet.Dimension;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.repair.plan.WorkPlan;

/** The next thing to do for a job at a station. */
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
        return Keyed.kebab(this);
    }

    /** Returns the next step for a job at one of its stations. */
    public static NextStep of(JobAnalysis analysis, Station station) {
        return switch (station) {
            case INTAKE -> atIntake(analysis.job());
            case MEASURE ->
                !analysis.heldBack().isEmpty()
                        ? READ_AGAIN
                        : analysis.trajectory().isEmpty() ? READ_WHAT_IS_NEEDED : LOOK_AT_THE_VERDICT;
            case VERDICT -> atVerdict(analysis);
            case PLAN ->
                analysis.plan().planned().isEmpty()
                        ? undecided(analysis)
                        : analysis.isPreview() ? TAKE_THE_PREVIEW : PRINT_THE_PAPERS;
            case BENCH ->
                analysis.plan().planned().isEmpty()
                        ? undecided(analysis)
                        : analysis.isPreview()
                                ? TAKE_THE_PREVIEW
                                : analysis.progress(station).stage() == Station.Stage.DONE ? PROVE_IT : DO_THE_STEP;
            case PROOF ->
                analysis.job().get(Lines.SIGNED_ON).isPresent()
                        ? NOTHING_MORE
                        : analysis.proof().after().isEmpty() ? READ_WHAT_TELLS : SIGN_IT_OFF;
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

    private static NextStep atVerdict(JobAnalysis analysis) {
        if (analysis.trajectory().isEmpty() || !analysis.heldBack().isEmpty()) {
            return undecided(analysis);
        }
        return WorkPlan.taken(analysis.job()).isEmpty()
                        && !analysis.recommendation().ways().isEmpty()
                ? TAKE_THE_ADVICE
                : GO_TO_THE_PLAN;
    }

    private static NextStep undecided(JobAnalysis analysis) {
        return !analysis.heldBack().isEmpty()
                ? READ_AGAIN
                : analysis.trajectory().isEmpty() ? READ_WHAT_IS_NEEDED : SAY_THE_ACTION;
    }
}
