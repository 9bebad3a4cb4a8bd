package org.kestan.judgment.ways;

import java.util.List;
import java.util.Optional;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Way;

/** All the ways. To add one, write a class beside these, a line here, and its texts. */
public final class WayCatalog {

    public static final Way LEAVE = new Leave();
    public static final Way CONDITION = new ConditionHumidity();
    public static final Way TUNE_DOWN = new TuneDown();
    public static final Way STRINGS = new OtherStrings();
    public static final Way TRUSS_ROD = new TurnRod();
    public static final Way NUT = new CutNut();
    public static final Way SADDLE = new FitSaddle();
    public static final Way PIN_RAMPS = new RampPins();
    public static final Way TAILPIECE = new MoveTailpiece();
    public static final Way SHAVE_BRIDGE = new ShaveBridge();
    public static final Way THIN_BRIDGE = new ThinBridge();
    public static final Way NEW_BRIDGE = new NewBridge();
    public static final Way REGLUE_BRIDGE = new ReglueBridge();
    public static final Way FLOATING_BRIDGE = new FloatingBridge();
    public static final Way POCKET_SHIM = new PocketShim();
    public static final Way NECK_TILT = new TiltNeck();
    public static final Way HEEL_SANDING = new HeelSanding();
    public static final Way NECK_RESET = new NeckReset();
    public static final Way BACK_SLIP = new BackSlip();
    public static final Way SAW_AND_BOLT = new SawAndBolt();
    public static final Way REFRET = new Refret();
    public static final Way NEW_ROD = new NewRod();
    public static final Way SHAVE_BRACE = new ShaveBrace();
    public static final Way MEND_FIRST = new MendFirst();
    public static final Way SLIDE = new SlideSetUp();

    /** All of them, least invasive first. */
    public static final List<Way> ALL = List.of(
            LEAVE,
            CONDITION,
            MEND_FIRST,
            REGLUE_BRIDGE,
            TUNE_DOWN,
            STRINGS,
            TRUSS_ROD,
            NUT,
            SADDLE,
            PIN_RAMPS,
            TAILPIECE,
            SHAVE_BRIDGE,
            THIN_BRIDGE,
            NEW_BRIDGE,
            FLOATING_BRIDGE,
            NECK_TILT,
            POCKET_SHIM,
            HEEL_SANDING,
            NECK_RESET,
            BACK_SLIP,
            SAW_AND_BOLT,
            REFRET,
            NEW_ROD,
            SHAVE_BRACE,
            SLIDE);

    private WayCatalog() {}

    /** Returns the ways with a role in the search, least invasive first. */
    public static List<Way> of(Role role) {
        return ALL.stream().filter(way -> way.role() == role).toList();
    }

    /** Returns the way with a key. */
    public static Optional<Way> find(String key) {
        return ALL.stream().filter(way -> way.key().equals(key)).findFirst();
    }
}
