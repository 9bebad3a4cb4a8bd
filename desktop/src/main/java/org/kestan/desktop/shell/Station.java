package org.kestan.desktop.shell;

import org.kestan.reckoning.Reckoning;

/** The stations a job runs through, in their order, and how each stands. */
public enum Station {
    MEASURE("Measure") {
        @Override
        Progress progress(Reckoning reckoning) {
            if (reckoning.job().survey().readings().isEmpty()) {
                return new Progress(Progress.Stage.WAITING, "nothing read yet");
            }
            if (reckoning.trajectory().isEmpty()) {
                long needed = reckoning.faults().stream()
                        .filter(fault -> !fault.pointer().startsWith("/target"))
                        .count();
                return new Progress(
                        Progress.Stage.UNDER_WAY, needed + (needed == 1 ? " value" : " values") + " needed");
            }
            int questions = reckoning.questions().size();
            return questions > 0
                    ? new Progress(Progress.Stage.UNDER_WAY, questions + (questions == 1 ? " question" : " questions"))
                    : new Progress(Progress.Stage.DONE, "sheet complete");
        }
    },
    PLAN("Plan") {
        @Override
        Progress progress(Reckoning reckoning) {
            if (reckoning.trajectory().isEmpty()) {
                return new Progress(Progress.Stage.WAITING, "waits for the sheet");
            }
            return reckoning.correction().isEmpty()
                    ? new Progress(Progress.Stage.UNDER_WAY, "say the action wanted")
                    : new Progress(Progress.Stage.DONE, "worked out");
        }
    };

    private final String title;

    Station(String title) {
        this.title = title;
    }

    String title() {
        return title;
    }

    abstract Progress progress(Reckoning reckoning);

    /**
     * How a station stands.
     *
     * @param stage done, under way or waiting
     * @param why in a few words
     */
    record Progress(Stage stage, String why) {

        /** Done, under way or waiting. */
        enum Stage {
            DONE("fth-check-circle", "done"),
            UNDER_WAY("fth-edit-3", "under way"),
            WAITING("fth-clock", "waiting");

            private final String icon;
            private final String word;

            Stage(String icon, String word) {
                this.icon = icon;
                this.word = word;
            }

            String icon() {
                return icon;
            }

            String word() {
                return word;
            }
        }
    }
}
