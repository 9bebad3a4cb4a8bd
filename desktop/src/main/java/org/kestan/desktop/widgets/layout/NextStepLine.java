package org.kestan.desktop.widgets.layout;

import javafx.scene.control.Label;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.overview.NextStep;
import org.kestan.overview.Station;
import org.kestan.text.Wording;

/** One line that says what to do next at a station. */
public final class NextStepLine extends Label {

    private final JobSession session;
    private final Station station;

    /** Makes the line for a station of the open job. */
    public NextStepLine(JobSession session, Station station) {
        this.session = session;
        this.station = station;
        setId("next-" + station.key());
        getStyleClass().add("next-line");
        setWrapText(true);
        setMinWidth(0);
        session.settledProperty().addListener((property, old, next) -> show());
        parentProperty().addListener((property, old, next) -> show());
        show();
    }

    private void show() {
        setText(Messages.message("next-step-line.next", Wording.label(NextStep.of(session.analysis(), station))));
    }
}
