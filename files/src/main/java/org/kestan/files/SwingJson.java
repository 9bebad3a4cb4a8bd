package org.kestan.files;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.kestan.dossier.Dossier;
import org.kestan.following.setup.Setup;
import org.kestan.following.swing.Crowns;
import org.kestan.following.swing.Room;
import org.kestan.following.swing.Strung;
import org.kestan.following.swing.Swing;
import org.kestan.following.trajectory.Needed;
import org.kestan.following.trajectory.SheetFinding;
import org.kestan.ground.finding.Fault;
import org.kestan.ground.notation.NotationFinding;
import org.kestan.ground.sheet.Reading;
import org.kestan.ground.sheet.Side;
import org.kestan.job.terms.Touch;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What the strings of a job meet, as measured, as the JSON that other programs read. Millimetres and newtons. */
public final class SwingJson {

    private SwingJson() {}

    /** Works out the room to swing (§3.22) and the levelling (§3.23) of an instrument as measured. */
    public static Printed swing(Dossier dossier, Touch hand) {
        List<Fault> faults = new ArrayList<>(dossier.faults());
        faults.removeIf(fault -> fault.pointer().startsWith("/target"));
        if (!dossier.job().visit().knowsRelief()) {
            faults.add(new Fault(Reading.RELIEF.pointer(), Needed.VALUE.of(), NotationFinding.A_LENGTH.of()));
        }
        Optional<Setup> measured = dossier.measured();
        Optional<Room> room =
                measured.flatMap(setup -> Room.of(dossier.reckoning(), setup, Crowns.fall(dossier.job()), hand));
        if (measured.isPresent() && room.isEmpty()) {
            faults.add(new Fault("/instrument/strings", Needed.STRINGS.of(), SheetFinding.GAUGE_AND_NOTE.of()));
        }
        return faults.isEmpty() ? Printed.of(Json.print(result(room.orElseThrow(), hand))) : Printed.faulty(faults);
    }

    private static ObjectNode result(Room room, Touch hand) {
        ObjectNode root = JsonNodeFactory.instance.objectNode().put("hand", hand.key());
        ArrayNode strings = root.putArray("strings");
        List<Strung> fromTreble = new ArrayList<>(room.swing().strings());
        Collections.reverse(fromTreble);
        for (Strung string : fromTreble) {
            ObjectNode node = strings.addObject()
                    .put("string", string.number())
                    .put("tension", string.string().tension())
                    .put("amplitude", string.amplitude());
            meeting(node.putObject("least"), string.least())
                    .put("clearance", string.least().clearance());
        }
        ObjectNode lowest = root.putObject("lowestClean");
        for (Side side : Side.values()) {
            room.swing().lowestClean().get(side).ifPresent(clean -> lowest(lowest.putObject(side.key()), clean));
        }
        ArrayNode levelling = root.putArray("levelling");
        room.levelling()
                .off()
                .forEach(off -> levelling.addObject().put("fret", off.fret()).put("off", off.off()));
        return root;
    }

    private static void lowest(ObjectNode node, Swing.LowestClean clean) {
        node.put("action", clean.action());
        meeting(node.putObject("limitedBy"), clean.limitedBy());
    }

    private static ObjectNode meeting(ObjectNode node, Strung.Meeting meeting) {
        return node.put("pressed", meeting.pressed()).put("meets", meeting.meets());
    }
}
