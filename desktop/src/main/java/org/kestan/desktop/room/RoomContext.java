package org.kestan.desktop.room;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.kestan.base.sheet.Line;
import org.kestan.desktop.practice.PracticeDesk;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.session.Waits;
import org.kestan.desktop.week.WeekDesk;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.overview.Station;

/**
 * What the window offers to a room.
 *
 * @param session the open job
 * @param store where it is saved
 * @param waits the waits that are on
 * @param week the plan of all open jobs
 * @param instrument the drawing over the stations
 * @param shower shows the room of an id
 * @param enterer shows the room of an id and puts the focus into it
 * @param goer shows the station that has a line of the sheet and puts the focus into its field
 * @param starter starts a new job
 * @param practice the practice case that is open, in a window that is for practice
 * @param practiceOpener opens the window that is for practice
 * @param shortcuts gives the commands that have a key, in the order of the menus
 */
public record RoomContext(
        JobSession session,
        JobStore store,
        Waits waits,
        WeekDesk week,
        InstrumentView instrument,
        Consumer<String> shower,
        Consumer<String> enterer,
        Consumer<Line<?>> goer,
        Runnable starter,
        Optional<PracticeDesk> practice,
        Runnable practiceOpener,
        Supplier<List<Shortcut>> shortcuts) {

    /** Shows a room by its id. */
    public void show(String id) {
        shower.accept(id);
    }

    /** Shows a station of the open job. */
    public void show(Station station) {
        shower.accept(station.key());
    }

    /** Shows the station that has a line of the sheet, and puts the focus into its field. */
    public void go(Line<?> line) {
        goer.accept(line);
    }

    /** Shows a station of the open job, and puts the focus on the first thing to do there. */
    public void enter(Station station) {
        enterer.accept(station.key());
    }
}
