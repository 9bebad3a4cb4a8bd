package org.kestan.desktop.shell;

import java.util.Optional;
import org.kestan.station.Station;

/** What the window can show: the ledger of all jobs, or a station of the open one. */
public enum Room {
    LEDGER(Optional.empty(), "Ledger"),
    INTAKE(Optional.of(Station.INTAKE), "Intake"),
    MEASURE(Optional.of(Station.MEASURE), "Measure"),
    VERDICT(Optional.of(Station.VERDICT), "Verdict"),
    PLAN(Optional.of(Station.PLAN), "Plan");

    private final Optional<Station> station;
    private final String title;

    Room(Optional<Station> station, String title) {
        this.station = station;
        this.title = title;
    }

    /** Returns the station, empty for the ledger. */
    Optional<Station> station() {
        return station;
    }

    String title() {
        return title;
    }
}
