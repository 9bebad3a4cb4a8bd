package org.kestan.desktop.shell;

import java.util.Optional;
import org.kestan.station.Station;

/** What the window can show: the ledger of all jobs, a station of the open one, the counter, a new build, the shop standards. */
public enum Room {
    LEDGER(Optional.empty(), "Ledger", "Alt+0"),
    INTAKE(Optional.of(Station.INTAKE), "Intake", "Alt+1"),
    MEASURE(Optional.of(Station.MEASURE), "Measure", "Alt+2"),
    VERDICT(Optional.of(Station.VERDICT), "Verdict", "Alt+3"),
    PLAN(Optional.of(Station.PLAN), "Plan", "Alt+4"),
    COUNTER(Optional.empty(), "Counter check", "Shortcut+K"),
    KIT(Optional.empty(), "Neck from nothing", "Shortcut+J"),
    STANDARDS(Optional.empty(), "Shop standards", "Shortcut+D");

    private final Optional<Station> station;
    private final String title;
    private final String keys;

    Room(Optional<Station> station, String title, String keys) {
        this.keys = keys;
        this.station = station;
        this.title = title;
    }

    /** Returns the station, empty for what shows no one job. */
    Optional<Station> station() {
        return station;
    }

    /** Returns the keys that show it. */
    String keys() {
        return keys;
    }

    /** Tells whether it has a place in the strip of stations; the others are shown from the menu. */
    boolean isOnStrip() {
        return this != COUNTER && this != KIT && this != STANDARDS;
    }

    /** Tells whether it shows the open job, under its drawing. */
    boolean isOfJob() {
        return station.isPresent();
    }

    String title() {
        return title;
    }
}
