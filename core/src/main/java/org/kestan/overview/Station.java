package org.kestan.overview;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Keyed;
import org.kestan.base.finding.Quantity;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.StepMark;
import org.kestan.job.bench.Wait;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.VisitRole;
import org.kestan.judgment.verdict.Gate;
import org.kestan.judgment.verdict.GateState;
import org.kestan.repair.proof.Proof;
import org.kestan.repair.steps.StepBook;

/** The stations of a job, in order, and the state of each. */
public enum Station implements Keyed {
    INTAKE {
        @Override
        Progress progress(JobAnalysis analysis) {
            Job job = analysis.job();
            boolean form = job.form().isPresent();
            if (job.name().isEmpty() && !form) {
                return new Progress(Stage.WAITING, StationFinding.NOTHING_ENTERED.of());
            }
            if (!form || job.get(Lines.JOINT).isEmpty()) {
                return new Progress(Stage.UNDER_WAY, StationFinding.SAY_FORM_AND_JOINT.of());
            }
            return job.get(Lines.COMPLAINT).isEmpty()
                    ? new Progress(Stage.UNDER_WAY, StationFinding.ASK_COMPLAINT.of())
                    : new Progress(Stage.DONE, StationFinding.TAKEN_IN.of());
        }
    },
    MEASURE {
        @Override
        Progress progress(JobAnalysis analysis) {
            if (analysis.job().visit().readings().isEmpty()) {
                return new Progress(Stage.WAITING, StationFinding.NOTHING_READ.of());
            }
            if (analysis.trajectory().isEmpty()) {
                long needed = analysis.faults().stream()
                        .filter(fault -> !fault.pointer().startsWith("/target"))
                        .count();
                return new Progress(Stage.UNDER_WAY, StationFinding.VALUES_NEEDED.of(Quantity.count(needed)));
            }
            int questions = analysis.questions().size();
            return questions > 0
                    ? new Progress(Stage.UNDER_WAY, StationFinding.QUESTIONS.of(Quantity.count(questions)))
                    : new Progress(Stage.DONE, StationFinding.SHEET_COMPLETE.of());
        }
    },
    VERDICT {
        @Override
        Progress progress(JobAnalysis analysis) {
            if (analysis.job().visit().readings().isEmpty()) {
                return new Progress(Stage.WAITING, StationFinding.WAITS_FOR_SHEET.of());
            }
            Quantity unknown = count(analysis.gates(), GateState.UNKNOWN);
            Quantity stops = count(analysis.gates(), GateState.STOP);
            boolean stopped = !stops.equals(NONE);
            if (unknown.equals(NONE)) {
                return new Progress(
                        Stage.DONE, stopped ? StationFinding.STOPS.of(stops) : StationFinding.NOTHING_STOPS.of());
            }
            return new Progress(
                    Stage.UNDER_WAY,
                    stopped
                            ? StationFinding.STOPS_AND_UNKNOWN.of(stops, unknown)
                            : StationFinding.NOTHING_STOPS_BUT_UNKNOWN.of(unknown));
        }
    },
    PLAN {
        @Override
        Progress progress(JobAnalysis analysis) {
            if (analysis.trajectory().isEmpty()) {
                return new Progress(Stage.WAITING, StationFinding.WAITS_FOR_SHEET.of());
            }
            return analysis.correction().isEmpty()
                    ? new Progress(Stage.UNDER_WAY, StationFinding.SAY_THE_ACTION.of())
                    : new Progress(Stage.DONE, StationFinding.WORKED_OUT.of());
        }
    },
    BENCH {
        @Override
        Progress progress(JobAnalysis analysis) {
            Job job = analysis.job();
            List<StepMark> marks = job.section(Sections.STEPS);
            if (isProven(job)) {
                return new Progress(Stage.DONE, StationFinding.BENCH_DONE.of());
            }
            if (analysis.isPreview()) {
                return new Progress(Stage.WAITING, StationFinding.NO_WAY_TAKEN.of());
            }
            Optional<Instant> until = job.section(Sections.WAITS).stream()
                    .filter(Wait::isOpen)
                    .map(Wait::until)
                    .min(Comparator.naturalOrder());
            if (until.isPresent()) {
                return new Progress(Stage.UNDER_WAY, StationFinding.BENCH_WAITS.of(new Quantity.Moment(until.get())));
            }
            return marks.isEmpty()
                    ? new Progress(Stage.WAITING, StationFinding.BENCH_NOT_BEGUN.of())
                    : new Progress(Stage.UNDER_WAY, StationFinding.STEPS_DONE.of(Quantity.count(marks.size())));
        }

        /** The last step after every way is finished, or the work was measured strung. */
        private boolean isProven(Job job) {
            return job.section(Sections.STEPS).stream()
                            .anyMatch(mark -> mark.step().equals(StepBook.LAST))
                    || job.visit()
                            .get(Lines.ROLE)
                            .filter(VisitRole.STRUNG::equals)
                            .isPresent();
        }
    },
    PROOF {
        @Override
        Progress progress(JobAnalysis analysis) {
            Job job = analysis.job();
            if (job.get(Lines.SIGNED_ON).isPresent()) {
                return new Progress(Stage.DONE, StationFinding.SIGNED_OFF.of());
            }
            Proof proof = analysis.proof();
            if (proof.after().isEmpty()) {
                boolean worked = BENCH.progress(analysis).stage() == Stage.DONE;
                return new Progress(
                        Stage.WAITING, (worked ? StationFinding.MEASURE_AGAIN : StationFinding.WAITS_FOR_BENCH).of());
            }
            long misses = proof.lines().stream().filter(Proof.Row::isMiss).count();
            return new Progress(
                    Stage.UNDER_WAY,
                    misses > 0 ? StationFinding.MISSES.of(Quantity.count(misses)) : StationFinding.SIGN_OFF.of());
        }
    };

    private static final Quantity NONE = Quantity.count(0);

    /** Done, in progress or waiting. */
    public enum Stage implements Keyed {
        DONE,
        UNDER_WAY,
        WAITING;

        @Override
        public String key() {
            return Keyed.kebab(this);
        }

        @Override
        public String family() {
            return "progress";
        }
    }

    /**
     * The state of a station.
     *
     * @param stage done, under way or waiting
     * @param why what it waits for, or that nothing is missing
     */
    public record Progress(Stage stage, Finding why) {}

    /** Works out the state of the station for a job. */
    abstract Progress progress(JobAnalysis analysis);

    private static Quantity count(List<Gate> gates, GateState state) {
        return Quantity.count(
                gates.stream().filter(gate -> gate.state() == state).count());
    }

    @Override
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
