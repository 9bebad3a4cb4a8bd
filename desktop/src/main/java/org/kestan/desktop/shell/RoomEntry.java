package org.kestan.desktop.shell;

import java.util.Optional;
import java.util.function.Function;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.overview.Station;
import org.kestan.text.Wording;

/**
 * How to reach a room.
 *
 * @param id its id; for a station of the job, its key
 * @param title its label
 * @param keys the keys that show it
 * @param onStrip whether it has a place in the strip of stations; the others are shown from the menu
 * @param station the station of the job; empty if it shows no single job
 * @param builder builds the room when it is first shown
 */
record RoomEntry(
        String id,
        String title,
        String keys,
        boolean onStrip,
        Optional<Station> station,
        Function<RoomContext, Room> builder) {

    /** A station of the open job, under its drawing. */
    static RoomEntry station(Station station, String keys, Function<RoomContext, Room> builder) {
        return new RoomEntry(station.key(), Wording.label(station), keys, true, Optional.of(station), builder);
    }

    /** A room with a place in the strip of stations. */
    static RoomEntry onStrip(String id, String title, String keys, Function<RoomContext, Room> builder) {
        return new RoomEntry(id, title, keys, true, Optional.empty(), builder);
    }

    /** A room that is rarely needed. */
    static RoomEntry inMenu(String id, String title, String keys, Function<RoomContext, Room> builder) {
        return new RoomEntry(id, title, keys, false, Optional.empty(), builder);
    }
}
