package org.kestan.files.results;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.analysis.swing.FretCrowns;
import org.kestan.analysis.swing.StringClearance;
import org.kestan.analysis.swing.StringOverFrets;
import org.kestan.analysis.swing.Swing;
import org.kestan.analysis.trajectory.MissingInput;
import org.kestan.analysis.trajectory.SheetFinding;
import org.kestan.analysis.uncertainty.LowestCleanSpread;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Fault;
import org.kestan.base.notation.NotationFinding;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.files.json.Json;
import org.kestan.job.terms.PlayingTouch;
import org.kestan.overview.JobAnalysis;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Where the strings of a job touch the frets, as measured, as JSON for other programs. Millimeters and newtons.
 */
public final class SwingJson {

    private SwingJson() {}

    /** Works out the room to swing (§3.22) and the leveling (§3.23) of an instrument as measured. */
    public static PrintedResult swing(JobAnalysis analysis, PlayingTouch hand) {
        List<Fault> faults = new ArrayList<>(analysis.faults());
        faults.removeIf(fault -> fault.pointer().startsWith("/target"));
        if (!analysis.job().visit().knowsRelief()) {
            faults.add(new Fault(Reading.RELIEF.pointer(), MissingInput.VALUE.of(), NotationFinding.A_LENGTH.of()));
        }
        Optional<Setup> measured = analysis.measured();
        Optional<StringClearance> room = measured.flatMap(
                setup -> StringClearance.of(analysis.sheetAnalysis(), setup, FretCrowns.fall(analysis.job()), hand));
        if (measured.isPresent() && room.isEmpty()) {
            faults.add(new Fault("/instrument/strings", MissingInput.STRINGS.of(), SheetFinding.GAUGE_AND_NOTE.of()));
        }
        return faults.isEmpty()
                ? PrintedResult.of(Json.print(
                        result(room.orElseThrow(Expect.present("string clearances")), analysis.sheetAnalysis(), hand)))
                : PrintedResult.faulty(faults);
    }

    private static ObjectNode result(StringClearance room, SheetAnalysis sheet, PlayingTouch hand) {
        ObjectNode root = JsonNodeFactory.instance.objectNode().put("hand", hand.key());
        ArrayNode strings = root.putArray("strings");
        List<StringOverFrets> fromTreble = new ArrayList<>(room.swing().strings());
        Collections.reverse(fromTreble);
        for (StringOverFrets string : fromTreble) {
            ObjectNode node = strings.addObject()
                    .put("string", string.number())
                    .put("tension", string.string().tension())
                    .put("amplitude", string.amplitude());
            meeting(node.putObject("least"), string.least())
                    .put("clearance", string.least().clearance());
        }
        Sides<OptionalDouble> spread = LowestCleanSpread.of(sheet, hand);
        ObjectNode lowest = root.putObject("lowestClean");
        for (Side side : Side.values()) {
            room.swing()
                    .lowestClean()
                    .get(side)
                    .ifPresent(clean -> lowest(lowest.putObject(side.key()), clean, spread.get(side)));
        }
        ArrayNode leveling = root.putArray("levelling");
        room.leveling()
                .off()
                .forEach(off -> leveling.addObject().put("fret", off.fret()).put("off", off.off()));
        return root;
    }

    private static void lowest(ObjectNode node, Swing.LowestClean clean, OptionalDouble halfWidth) {
        node.put("action", clean.action());
        halfWidth.ifPresent(half -> node.put("halfWidth", half));
        meeting(node.putObject("limitedBy"), clean.limitedBy());
    }

    private static ObjectNode meeting(ObjectNode node, StringOverFrets.Meeting meeting) {
        return node.put("pressed", meeting.pressed()).put("meets", meeting.meets());
    }
}
