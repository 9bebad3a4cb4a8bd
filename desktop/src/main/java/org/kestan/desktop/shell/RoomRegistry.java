package org.kestan.desktop.shell;

import java.util.List;
import org.kestan.base.expect.Expect;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.rooms.counter.CounterRoom;
import org.kestan.desktop.rooms.help.HelpRoom;
import org.kestan.desktop.rooms.kit.KitRoom;
import org.kestan.desktop.rooms.ledger.LedgerRoom;
import org.kestan.desktop.rooms.picture.PictureRoom;
import org.kestan.desktop.rooms.practice.PracticeRoom;
import org.kestan.desktop.rooms.sound.SoundRoom;
import org.kestan.desktop.rooms.standards.StandardsRoom;
import org.kestan.desktop.rooms.week.TodayRoom;
import org.kestan.desktop.rooms.week.WeekRoom;
import org.kestan.desktop.stations.bench.BenchStation;
import org.kestan.desktop.stations.intake.IntakeStation;
import org.kestan.desktop.stations.measure.MeasureStation;
import org.kestan.desktop.stations.plan.PlanStation;
import org.kestan.desktop.stations.proof.ProofStation;
import org.kestan.desktop.stations.verdict.VerdictStation;
import org.kestan.overview.Station;

/** All rooms, in the order of the strip and the menu. To add one, write a line here and a package. */
final class RoomRegistry {

    static final List<RoomEntry> ALL = List.of(
            RoomEntry.onStrip("ledger", Messages.message("room-registry.ledger"), "Alt+0", LedgerRoom::new),
            RoomEntry.station(Station.INTAKE, "Alt+1", IntakeStation::new),
            RoomEntry.station(Station.MEASURE, "Alt+2", MeasureStation::new),
            RoomEntry.station(Station.VERDICT, "Alt+3", VerdictStation::new),
            RoomEntry.station(Station.PLAN, "Alt+4", PlanStation::new),
            RoomEntry.station(Station.BENCH, "Alt+5", BenchStation::new),
            RoomEntry.station(Station.PROOF, "Alt+6", ProofStation::new),
            RoomEntry.inMenu("today", Messages.message("room-registry.today"), "Alt+7", TodayRoom::new),
            RoomEntry.inMenu("week", Messages.message("room-registry.week"), "Alt+8", WeekRoom::new),
            RoomEntry.inMenu(
                    "counter", Messages.message("room-registry.counter-check"), "Shortcut+K", CounterRoom::new),
            RoomEntry.inMenu("kit", Messages.message("room-registry.neck-from-nothing"), "Shortcut+J", KitRoom::new),
            RoomEntry.inMenu("picture", Messages.message("room-registry.picture"), "Alt+9", PictureRoom::new),
            RoomEntry.inMenu("sound", Messages.message("room-registry.sound"), "Shortcut+Shift+L", SoundRoom::new),
            RoomEntry.inMenu("practice", Messages.message("room-registry.practice"), "Shortcut+T", PracticeRoom::new),
            RoomEntry.inMenu(
                    "standards", Messages.message("room-registry.shop-standards"), "Shortcut+D", StandardsRoom::new),
            RoomEntry.inMenu("help", Messages.message("room-registry.help-keys-and-terms"), "F12", HelpRoom::new));

    private RoomRegistry() {}

    /** Returns the entry with an id, which must exist. */
    static RoomEntry of(String id) {
        return ALL.stream()
                .filter(entry -> entry.id().equals(id))
                .findFirst()
                .orElseThrow(Expect.present("at least one"));
    }
}
