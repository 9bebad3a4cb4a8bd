package org.kestan.desktop.parts.pages;

import javafx.scene.control.Label;
import org.kestan.desktop.session.JobSession;
import org.kestan.dossier.NextStep;
import org.kestan.dossier.Station;
import org.kestan.words.Words;

/** One line that says what comes next at a station. */
public final class NextLine extends Label {

    private final JobSession session;
    private final Station station;

    /** Makes the line for a station of the open job. */
    public NextLine(JobSession session, Station station) {
        this.session = session;
        this.station = station;
        setId("next-" + station.key());
        getStyleClass().add("next-line");
        setWrapText(true);
        setMinWidth(0);
        session.dossierProperty().addListener((property, old, next) -> show());
        parentProperty().addListener((property, old, next) -> show());
        show();
    }

    private void show() {
        setText("Next: " + Words.label(NextStep.of(session.dossier(), station)));
    }
}
