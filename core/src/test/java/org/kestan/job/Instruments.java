package org.kestan.job;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.job.strings.StringSpec;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;
import org.kestan.job.visits.Defect;
import org.kestan.job.visits.Observation;
import org.kestan.job.visits.Severity;

/** Instruments that together allow every way to be taken. */
public final class Instruments {

    private Instruments() {}

    /** Six strings of a light steel set. */
    public static List<StringSpec> set(String... gauges) {
        String[] notes = {"E2", "A2", "D3", "G3", "B3", "E4"};
        StringSpec[] strings = new StringSpec[gauges.length];
        for (int i = 0; i < gauges.length; i++) {
            strings[i] = StringSpec.of(Length.ofText(gauges[i]), i < 4, notes[i]);
        }
        return List.of(strings);
    }

    /** The set that is on. */
    public static final List<StringSpec> ON =
            set("0.053 in", "0.042 in", "0.032 in", "0.024 in", "0.016 in", "0.012 in");

    /** A lighter one. */
    public static final List<StringSpec> LIGHTER =
            set("0.048 in", "0.038 in", "0.028 in", "0.021 in", "0.014 in", "0.011 in");

    /** All of them, by description. */
    public static Map<String, Job> all() {
        Map<String, Job> all = new LinkedHashMap<>();
        Job flatTop = Jobs.sound(Jobs.flatTop()).withStrings(ON);
        all.put("flat-top that wants a reset", flatTop.with(Lines.HANDMADE, false));
        all.put("flat-top that lacks a little", low(flatTop, 2.7, 2.2).with(Lines.HANDMADE, false));
        all.put(
                "flat-top with a full saddle",
                Jobs.put(Jobs.put(low(flatTop, 2.7, 2.2), Reading.SADDLE_BASS, 4.5), Reading.SADDLE_TREBLE, 4));
        all.put(
                "flat-top with a worn-down saddle",
                Jobs.put(
                        Jobs.put(Jobs.put(flatTop, Reading.SADDLE_BASS, 1.2), Reading.SADDLE_TREBLE, 1),
                        Reading.PIN_DISTANCE,
                        9));
        all.put("flat-top with too much relief", Jobs.put(flatTop, Reading.RELIEF, 0.45));
        all.put(
                "flat-top without a rod",
                Jobs.put(flatTop, Reading.RELIEF, 0.45)
                        .withVisit(
                                Jobs.put(flatTop, Reading.RELIEF, 0.45).visit().with(Lines.TRUSS_ROD, TrussRod.NONE)));
        all.put("flat-top with a high nut", Jobs.put(flatTop, Reading.NUT_BASS, 1.0));
        all.put("flat-top set too low", low(flatTop, 1.2, 0.9));
        all.put("flat-top for a lighter set", flatTop.withWantedStrings(LIGHTER));
        all.put("plywood flat-top", flatTop.with(Lines.VALUE, 90.0).with(Lines.HANDMADE, false));
        all.put("flat-top in dry air", flatTop.withVisit(flatTop.visit().with(Lines.HUMIDITY, 28.0)));
        all.put(
                "flat-top with a loose brace",
                flatTop.withVisit(flatTop.visit().with(new Observation(Defect.BRACE_LOOSE, Severity.SERIOUS, ""))));
        all.put(
                "flat-top with a lifted bridge",
                flatTop.withVisit(flatTop.visit().with(new Observation(Defect.BRIDGE_LIFT, Severity.SERIOUS, ""))));
        all.put(
                "bolted pocket",
                Jobs.put(low(flatTop, 2.9, 2.4).with(Lines.JOINT, Joint.POCKET_BOLT), Reading.POCKET_LENGTH, 62));
        all.put("neck tilted by a screw", low(flatTop, 2.9, 2.4).with(Lines.JOINT, Joint.TILT_SCREW));
        Job archtop = Jobs.sound(Jobs.archtop()).withStrings(ON);
        archtop = Jobs.put(Jobs.put(archtop, Reading.BRIDGE_LOWEST, 22), Reading.BRIDGE_HIGHEST, 30);
        archtop = Jobs.put(Jobs.put(archtop, Reading.TAILPIECE_HEIGHT, 24), Reading.TAILPIECE_DISTANCE, 130);
        all.put("archtop with a high tailpiece", archtop);
        return all;
    }

    private static Job low(Job job, double bass, double treble) {
        return Jobs.put(
                Jobs.put(
                        Jobs.put(Jobs.put(job, Reading.ACTION_BASS, bass), Reading.ACTION_TREBLE, treble),
                        Aim.ACTION_BASS,
                        2.2),
                Aim.ACTION_TREBLE,
                1.7);
    }
}
