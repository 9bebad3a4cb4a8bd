package org.kestan.station;

import java.util.List;
import org.kestan.job.Details;
import org.kestan.job.Job;
import org.kestan.notation.BenchUnit;
import org.kestan.reckoning.Reckoning;
import org.kestan.verdict.Gate;
import org.kestan.verdict.GateState;
import org.kestan.verdict.Verdict;

/** The stations a job runs through, in their order, and how each stands. */
public enum Station {
    INTAKE("Intake") {
        @Override
        public Progress progress(Reckoning reckoning) {
            Job job = reckoning.job();
            if (job.instrument().name().isEmpty() && job.instrument().form().isEmpty()) {
                return new Progress(Stage.WAITING, "nothing entered yet");
            }
            if (job.instrument().form().isEmpty() || job.instrument().joint().isEmpty()) {
                return new Progress(Stage.UNDER_WAY, "say form and joint");
            }
            return job.details().get(Details.COMPLAINT).isEmpty()
                    ? new Progress(Stage.UNDER_WAY, "ask for the complaint")
                    : new Progress(Stage.DONE, "taken in");
        }
    },
    MEASURE("Measure") {
        @Override
        public Progress progress(Reckoning reckoning) {
            if (reckoning.job().survey().readings().isEmpty()) {
                return new Progress(Stage.WAITING, "nothing read yet");
            }
            if (reckoning.trajectory().isEmpty()) {
                long needed = reckoning.faults().stream()
                        .filter(fault -> !fault.pointer().startsWith("/target"))
                        .count();
                return new Progress(Stage.UNDER_WAY, needed + (needed == 1 ? " value" : " values") + " needed");
            }
            int questions = reckoning.questions().size();
            return questions > 0
                    ? new Progress(Stage.UNDER_WAY, questions + (questions == 1 ? " question" : " questions"))
                    : new Progress(Stage.DONE, "sheet complete");
        }
    },
    VERDICT("Verdict") {
        @Override
        public Progress progress(Reckoning reckoning) {
            if (reckoning.job().survey().readings().isEmpty()) {
                return new Progress(Stage.WAITING, "waits for the sheet");
            }
            List<Gate> gates = Verdict.of(reckoning, BenchUnit.MILLIMETRES);
            long unknown = count(gates, GateState.UNKNOWN);
            long stops = count(gates, GateState.STOP);
            String why = stops == 0 ? "nothing stops it" : stops + (stops == 1 ? " stop" : " stops");
            return unknown > 0
                    ? new Progress(Stage.UNDER_WAY, why + ", " + unknown + " not known")
                    : new Progress(Stage.DONE, why);
        }

        private static long count(List<Gate> gates, GateState state) {
            return gates.stream().filter(gate -> gate.state() == state).count();
        }
    },
    PLAN("Plan") {
        @Override
        public Progress progress(Reckoning reckoning) {
            if (reckoning.trajectory().isEmpty()) {
                return new Progress(Stage.WAITING, "waits for the sheet");
            }
            return reckoning.correction().isEmpty()
                    ? new Progress(Stage.UNDER_WAY, "say the action wanted")
                    : new Progress(Stage.DONE, "worked out");
        }
    };

    /** Done, under way or waiting. */
    public enum Stage {
        DONE("done"),
        UNDER_WAY("under way"),
        WAITING("waiting");

        private final String word;

        Stage(String word) {
            this.word = word;
        }

        /** Returns the word for it. */
        public String word() {
            return word;
        }
    }

    /**
     * How a station stands.
     *
     * @param stage done, under way or waiting
     * @param why in a few words
     */
    public record Progress(Stage stage, String why) {}

    private final String title;

    Station(String title) {
        this.title = title;
    }

    /** Returns the title of the station. */
    public String title() {
        return title;
    }

    /** Returns how the station stands for a job. */
    public abstract Progress progress(Reckoning reckoning);

    /** Returns the first station that is not done, or the last when all are. */
    public static Station current(Reckoning reckoning) {
        for (Station station : values()) {
            if (station.progress(reckoning).stage() != Stage.DONE) {
                return station;
            }
        }
        return PLAN;
    }
}
