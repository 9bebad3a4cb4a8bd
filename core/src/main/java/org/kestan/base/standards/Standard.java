package org.kestan.base.standards;

import static org.kestan.base.standards.Measure.ANGLE;
import static org.kestan.base.standards.Measure.DAYS;
import static org.kestan.base.standards.Measure.DENSITY;
import static org.kestan.base.standards.Measure.DIFFUSIVITY;
import static org.kestan.base.standards.Measure.FORCE;
import static org.kestan.base.standards.Measure.FRET;
import static org.kestan.base.standards.Measure.HOURS;
import static org.kestan.base.standards.Measure.LENGTH;
import static org.kestan.base.standards.Measure.MODULUS;
import static org.kestan.base.standards.Measure.MONEY;
import static org.kestan.base.standards.Measure.PERCENT;
import static org.kestan.base.standards.Measure.RATIO;
import static org.kestan.base.standards.Measure.STEPS;
import static org.kestan.base.standards.Measure.TEMPERATURE;
import static org.kestan.base.standards.Measure.YEARS;
import static org.kestan.base.standards.Origin.MEMORY;
import static org.kestan.base.standards.Origin.PRACTICE;
import static org.kestan.base.standards.Origin.PUBLISHED;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Keyed;
import org.kestan.base.notation.Parsed;

/** Every threshold and default of the shop, in the order of its screen, each with its source. */
public enum Standard implements Keyed {
    NUT_HEIGHT(Group.NOT_READ, "nutHeight", LENGTH, "0.5 mm", MEMORY),
    NUT_HEIGHT_SPREAD(Group.NOT_READ, "nutHeightSpread", LENGTH, "0.15 mm", MEMORY),
    RELIEF_SPREAD(Group.NOT_READ, "reliefSpread", LENGTH, "0.15 mm", MEMORY),
    FRETS_OVER_TOP(Group.NOT_READ, "fretsOverTop", LENGTH, "7 mm", MEMORY),
    FRETS_OVER_TOP_FLOATING(Group.NOT_READ, "fretsOverTopFloating", LENGTH, "14 mm", MEMORY),
    FRETS_OVER_TOP_SPREAD(Group.NOT_READ, "fretsOverTopSpread", LENGTH, "1 mm", MEMORY),
    COMPENSATION(Group.NOT_READ, "compensation", LENGTH, "3 mm", MEMORY),
    COMPENSATION_SPREAD(Group.NOT_READ, "compensationSpread", LENGTH, "1.5 mm", MEMORY),
    PIN_DISTANCE(Group.NOT_READ, "pinDistance", LENGTH, "7 mm", MEMORY),
    SINK(Group.NOT_READ, "sink", LENGTH, "0.8 mm", MEMORY),
    SINK_SPREAD(Group.NOT_READ, "sinkSpread", LENGTH, "0.4 mm", MEMORY),
    BRIDGE_FRONT(Group.NOT_READ, "bridgeFront", LENGTH, "8 mm", MEMORY),
    BRIDGE_FRONT_SPREAD(Group.NOT_READ, "bridgeFrontSpread", LENGTH, "3 mm", MEMORY),
    RADIUS(Group.NOT_READ, "radius", LENGTH, "16 in", MEMORY),
    RADIUS_SPREAD(Group.NOT_READ, "radiusSpread", LENGTH, "4 in", MEMORY),
    SPACING_NUT(Group.NOT_READ, "spacingNut", LENGTH, "1 7/16 in", MEMORY),
    SPACING_BRIDGE(Group.NOT_READ, "spacingBridge", LENGTH, "2 1/8 in", MEMORY),
    SPACING_SPREAD(Group.NOT_READ, "spacingSpread", LENGTH, "2 mm", MEMORY),

    HAND_PROJECTION(Group.HAND, "handProjection", LENGTH, "0.15 mm", MEMORY),
    HAND_SADDLE(Group.HAND, "handSaddle", LENGTH, "0.1 mm", MEMORY),
    HAND_BRIDGE(Group.HAND, "handBridge", LENGTH, "0.1 mm", MEMORY),
    HAND_OVER_TOP(Group.HAND, "handOverTop", LENGTH, "0.1 mm", MEMORY),
    HAND_ACTION(Group.HAND, "handAction", LENGTH, "0.08 mm", MEMORY),
    HAND_RELIEF(Group.HAND, "handRelief", LENGTH, "0.01 mm", MEMORY),
    HAND_DRIFT(Group.HAND, "handDrift", LENGTH, "0.2 mm", MEMORY),
    ROD_EFFECT(Group.HAND, "rodEffect", RATIO, "1", MEMORY),
    ROD_SHAPE(Group.HAND, "rodShape", RATIO, "0.6", MEMORY),
    SHAPE_LEAN(Group.HAND, "shapeLean", LENGTH, "0.15 mm", MEMORY),
    SHAPE_WAIST(Group.HAND, "shapeWaist", LENGTH, "0.15 mm", MEMORY),
    NECK_EVEN(Group.HAND, "neckEven", LENGTH, "0.03 mm", MEMORY),
    NECK_TWIST(Group.HAND, "neckTwist", LENGTH, "0.06 mm", MEMORY),
    STRAY_GAP(Group.HAND, "strayGap", LENGTH, "0.06 mm", MEMORY),

    ACTION_WANTED_BASS(Group.WANTED, "actionWantedBass", LENGTH, "5/64 in", PRACTICE),
    ACTION_WANTED_TREBLE(Group.WANTED, "actionWantedTreble", LENGTH, "4/64 in", PRACTICE),
    FALL_AWAY(Group.WANTED, "fallAway", LENGTH, "0.4 mm", MEMORY),
    CLEARANCE(Group.WANTED, "clearance", LENGTH, "2 mm", MEMORY),
    FALL_AWAY_SHORT(Group.WANTED, "fallAwayShort", LENGTH, "0.1 mm", MEMORY),
    RELIEF_LEAST(Group.WANTED, "reliefLeast", LENGTH, "0.004 in", PRACTICE),
    RELIEF_MOST(Group.WANTED, "reliefMost", LENGTH, "0.010 in", PRACTICE),
    ACTION_REACH(Group.WANTED, "actionReach", LENGTH, "1/128 in", MEMORY),
    CHANCE_REVERSIBLE(Group.WANTED, "chanceReversible", RATIO, "0.5", MEMORY),
    CHANCE_IRREVERSIBLE(Group.WANTED, "chanceIrreversible", RATIO, "0.75", MEMORY),
    CHANCE_HEAVY(Group.WANTED, "chanceHeavy", RATIO, "0.9", MEMORY),
    ACTION_SLIDE(Group.WANTED, "actionSlide", LENGTH, "3 mm", MEMORY),

    DISAGREEMENT(Group.LIMITS, "disagreement", LENGTH, "0.5 mm", PRACTICE),
    GAUGE_ANGLE(Group.LIMITS, "gaugeAngle", ANGLE, "0.3 deg", MEMORY),
    ACTION_LOW(Group.LIMITS, "actionLow", LENGTH, "1.5 mm", PRACTICE),
    ACTION_MEDIUM(Group.LIMITS, "actionMedium", LENGTH, "5/64 in", PRACTICE),
    ACTION_HIGH(Group.LIMITS, "actionHigh", LENGTH, "6/64 in", PRACTICE),
    ACTION_OUT_OF_SPEC(Group.LIMITS, "actionOutOfSpec", LENGTH, "8/64 in", PRACTICE),
    NUT_LOW(Group.LIMITS, "nutLow", LENGTH, "0.2 mm", MEMORY),
    NUT_HIGH(Group.LIMITS, "nutHigh", LENGTH, "0.7 mm", MEMORY),
    FALL_AWAY_MOST(Group.LIMITS, "fallAwayMost", LENGTH, "1 mm", MEMORY),
    PROTRUSION_LEAST(Group.LIMITS, "protrusionLeast", LENGTH, "1/16 in", MEMORY),
    PROTRUSION_PLAYED(Group.LIMITS, "protrusionPlayed", LENGTH, "0.008 in", PRACTICE),
    PROTRUSION_FULL(Group.LIMITS, "protrusionFull", LENGTH, "2.5 mm", PRACTICE),
    PROTRUSION_MOST(Group.LIMITS, "protrusionMost", LENGTH, "0.220 in", MEMORY),
    BREAK_ANGLE_LEAST(Group.LIMITS, "breakAngleLeast", ANGLE, "10 deg", PRACTICE),
    BREAK_ANGLE_GOOD(Group.LIMITS, "breakAngleGood", ANGLE, "15 deg", PRACTICE),
    BREAK_ANGLE_MOST(Group.LIMITS, "breakAngleMost", ANGLE, "20 deg", MEMORY),
    TAILPIECE_LEAST(Group.LIMITS, "tailpieceLeast", LENGTH, "8 mm", MEMORY),
    STRING_HEIGHT_LEAST(Group.LIMITS, "stringHeightLeast", LENGTH, "10 mm", MEMORY),
    BRIDGE_FULL(Group.LIMITS, "bridgeFull", LENGTH, "3/8 in", PRACTICE),
    BRIDGE_THIN(Group.LIMITS, "bridgeThin", LENGTH, "9/32 in", PRACTICE),
    BRIDGE_THIN_SMALL(Group.LIMITS, "bridgeThinSmall", LENGTH, "17/64 in", MEMORY),
    BRIDGE_HEAVY(Group.LIMITS, "bridgeHeavy", LENGTH, "7/16 in", MEMORY),
    BRIDGE_CUT(Group.LIMITS, "bridgeCut", LENGTH, "1/4 in", PRACTICE),
    BRIDGE_LIFT(Group.LIMITS, "bridgeLift", LENGTH, "0.1 mm", MEMORY),
    SLOT_WIDEN_MOST(Group.LIMITS, "slotWidenMost", LENGTH, "2 mm", MEMORY),
    PIN_SHIFT_MOST(Group.LIMITS, "pinShiftMost", LENGTH, "0.5 mm", MEMORY),
    CROWN_EDGE(Group.LIMITS, "crownEdge", LENGTH, "0.5 mm", MEMORY),
    SLOT_FLOOR(Group.LIMITS, "slotFloor", LENGTH, "2.5 mm", MEMORY),
    FOOT_TRIM_MOST(Group.LIMITS, "footTrimMost", LENGTH, "2 mm", MEMORY),
    FLOATING_LEAST(Group.LIMITS, "floatingLeast", LENGTH, "12 mm", MEMORY),
    SHAVE_LEAST(Group.LIMITS, "shaveLeast", LENGTH, "0.4 mm", MEMORY),
    EXTENSION_RISE(Group.LIMITS, "extensionRise", LENGTH, "0.1 mm", MEMORY),
    GROWTH(Group.LIMITS, "growth", LENGTH, "0.05 mm", MEMORY),
    GROWTH_LEAST(Group.LIMITS, "growthLeast", LENGTH, "0.02 mm", MEMORY),
    GROWTH_MOST(Group.LIMITS, "growthMost", LENGTH, "0.12 mm", MEMORY),
    GROWTH_SLOWING(Group.LIMITS, "growthSlowing", YEARS, "30", MEMORY),
    SINK_MOST(Group.LIMITS, "sinkMost", LENGTH, "1.5 mm", MEMORY),
    RISER_MOST(Group.LIMITS, "riserMost", LENGTH, "3/16 in", MEMORY),
    HUMIDITY_LEAST(Group.LIMITS, "humidityLeast", PERCENT, "40", PRACTICE),
    HUMIDITY_MOST(Group.LIMITS, "humidityMost", PERCENT, "55", PRACTICE),
    PITCH_ZERO(Group.LIMITS, "pitchZero", ANGLE, "0.25 deg", MEMORY),
    CUT_NONE(Group.LIMITS, "cutNone", LENGTH, "0.1 mm", MEMORY),

    ACTION_OUT_OF_SPEC_TWELVE_STRING(Group.FAMILY, "twelveStringActionOutOfSpec", LENGTH, "7/64 in", MEMORY),
    NUT_HEIGHT_CLASSICAL(Group.FAMILY, "classicalNutHeight", LENGTH, "0.8 mm", MEMORY),
    ACTION_WANTED_BASS_CLASSICAL(Group.FAMILY, "classicalActionWantedBass", LENGTH, "4 mm", MEMORY),
    ACTION_WANTED_TREBLE_CLASSICAL(Group.FAMILY, "classicalActionWantedTreble", LENGTH, "3 mm", MEMORY),
    ACTION_LOW_CLASSICAL(Group.FAMILY, "classicalActionLow", LENGTH, "2.5 mm", MEMORY),
    ACTION_MEDIUM_CLASSICAL(Group.FAMILY, "classicalActionMedium", LENGTH, "3.5 mm", MEMORY),
    ACTION_HIGH_CLASSICAL(Group.FAMILY, "classicalActionHigh", LENGTH, "4.3 mm", MEMORY),
    ACTION_OUT_OF_SPEC_CLASSICAL(Group.FAMILY, "classicalActionOutOfSpec", LENGTH, "5 mm", MEMORY),
    NUT_LOW_CLASSICAL(Group.FAMILY, "classicalNutLow", LENGTH, "0.4 mm", MEMORY),
    NUT_HIGH_CLASSICAL(Group.FAMILY, "classicalNutHigh", LENGTH, "1.1 mm", MEMORY),
    ACTION_LOW_ARCHTOP(Group.FAMILY, "archtopActionLow", LENGTH, "1.2 mm", MEMORY),
    ACTION_WANTED_BASS_SWING_ARCHTOP(Group.FAMILY, "swingArchtopActionWantedBass", LENGTH, "3 mm", PRACTICE),
    ACTION_WANTED_TREBLE_SWING_ARCHTOP(Group.FAMILY, "swingArchtopActionWantedTreble", LENGTH, "2 mm", PRACTICE),
    ACTION_LOW_SWING_ARCHTOP(Group.FAMILY, "swingArchtopActionLow", LENGTH, "2 mm", MEMORY),
    ACTION_MEDIUM_SWING_ARCHTOP(Group.FAMILY, "swingArchtopActionMedium", LENGTH, "2.5 mm", MEMORY),
    ACTION_HIGH_SWING_ARCHTOP(Group.FAMILY, "swingArchtopActionHigh", LENGTH, "3.2 mm", MEMORY),
    ACTION_OUT_OF_SPEC_SWING_ARCHTOP(Group.FAMILY, "swingArchtopActionOutOfSpec", LENGTH, "4 mm", MEMORY),
    ACTION_WANTED_BASS_MANDOLIN(Group.FAMILY, "mandolinActionWantedBass", LENGTH, "1.6 mm", MEMORY),
    ACTION_WANTED_TREBLE_MANDOLIN(Group.FAMILY, "mandolinActionWantedTreble", LENGTH, "1.3 mm", MEMORY),
    ACTION_LOW_MANDOLIN(Group.FAMILY, "mandolinActionLow", LENGTH, "1 mm", MEMORY),
    ACTION_MEDIUM_MANDOLIN(Group.FAMILY, "mandolinActionMedium", LENGTH, "1.4 mm", MEMORY),
    ACTION_HIGH_MANDOLIN(Group.FAMILY, "mandolinActionHigh", LENGTH, "1.9 mm", MEMORY),
    ACTION_OUT_OF_SPEC_MANDOLIN(Group.FAMILY, "mandolinActionOutOfSpec", LENGTH, "2.5 mm", MEMORY),

    ABOVE_BRIDGE_SLACK(Group.PROJECTION, "aboveBridgeSlack", LENGTH, "0.5 mm", PRACTICE),
    OVERSHOOT_SLACK(Group.PROJECTION, "overshootSlack", LENGTH, "3/32 in", PRACTICE),
    SADDLE_LEFT(Group.PROJECTION, "saddleLeft", LENGTH, "0.180 in", PRACTICE),

    RAMP_DEPTH(Group.WORK, "rampDepth", LENGTH, "1.5 mm", MEMORY),
    TUNE_DOWN(Group.WORK, "tuneDown", STEPS, "2", MEMORY),
    STRING_STEP(Group.WORK, "stringStep", PERCENT, "12", MEMORY),
    STRING_BOW(Group.WORK, "stringBow", LENGTH, "0.2 mm", MEMORY),
    BRACE_SHARE(Group.WORK, "braceShare", RATIO, "0.5", MEMORY),
    BRACE_SHAVED(Group.WORK, "braceShaved", PERCENT, "10", MEMORY),
    TOP_SHARE(Group.WORK, "topShare", RATIO, "0.5", MEMORY),
    SHIM_FINE(Group.WORK, "shimFine", ANGLE, "0.25 deg", PRACTICE),
    SHIM_MIDDLE(Group.WORK, "shimMiddle", ANGLE, "0.5 deg", PRACTICE),
    SHIM_COARSE(Group.WORK, "shimCoarse", ANGLE, "1 deg", PRACTICE),
    TAIL_FLARE(Group.WORK, "tailFlare", ANGLE, "12 deg", MEMORY),
    PULL_80(Group.WORK, "pull80", LENGTH, "0.030 mm", MEMORY),
    PULL_120(Group.WORK, "pull120", LENGTH, "0.018 mm", MEMORY),
    PULL_180(Group.WORK, "pull180", LENGTH, "0.010 mm", MEMORY),
    LEAF_TOLERANCE(Group.WORK, "leafTolerance", LENGTH, "0.0005 in", MEMORY),
    SEATED_SHARE(Group.WORK, "seatedShare", RATIO, "1", MEMORY),
    NUT_FILE_ROOM(Group.WORK, "nutFileRoom", LENGTH, "0.002 in", MEMORY),
    GROOVE_SHARE(Group.WORK, "grooveShare", RATIO, "0.33", PRACTICE),
    SAW_KERF(Group.WORK, "sawKerf", LENGTH, "0.023 in", MEMORY),
    POCKET_CORNER(Group.WORK, "pocketCorner", LENGTH, "6 mm", MEMORY),
    SCREW_INSET(Group.WORK, "screwInset", LENGTH, "12 mm", MEMORY),
    SCREW_HOLE(Group.WORK, "screwHole", LENGTH, "5 mm", MEMORY),
    COURSE_SPACING(Group.WORK, "courseSpacing", LENGTH, "2 mm", MEMORY),
    KIT_FLAT(Group.WORK, "kitFlat", LENGTH, "0.3 in", PRACTICE),
    KIT_ANGLED(Group.WORK, "kitAngled", LENGTH, "0.5 in", PRACTICE),
    STEEL_DENSITY(Group.STRINGS, "steelDensity", DENSITY, "7.85", PUBLISHED),
    STEEL_MODULUS(Group.STRINGS, "steelModulus", MODULUS, "203", PUBLISHED),
    NYLON_DENSITY(Group.STRINGS, "nylonDensity", DENSITY, "1.14", MEMORY),
    FLUOROCARBON_DENSITY(Group.STRINGS, "fluorocarbonDensity", DENSITY, "1.78", MEMORY),
    GUT_DENSITY(Group.STRINGS, "gutDensity", DENSITY, "1.3", MEMORY),
    SOFT_MODULUS(Group.STRINGS, "softModulus", MODULUS, "5", MEMORY),
    WRAP_DENSITY(Group.STRINGS, "wrapDensity", DENSITY, "8.8", MEMORY),
    CORE_BASE(Group.STRINGS, "coreBase", LENGTH, "0.2 mm", MEMORY),
    CORE_SHARE(Group.STRINGS, "coreShare", RATIO, "0.25", MEMORY),

    FINGER(Group.STRINGS, "finger", LENGTH, "0.25 mm", MEMORY),
    BEYOND_NUT(Group.STRINGS, "beyondNut", LENGTH, "90 mm", MEMORY),
    BEYOND_PIN(Group.STRINGS, "beyondPin", LENGTH, "12 mm", MEMORY),
    BEYOND_FLOATING(Group.STRINGS, "beyondFloating", LENGTH, "120 mm", MEMORY),
    SADDLE_SLANT(Group.STRINGS, "saddleSlant", LENGTH, "6 mm", MEMORY),

    PLUCK_LIGHT(Group.SWING, "pluckLight", FORCE, "0.6", MEMORY),
    PLUCK_MEDIUM(Group.SWING, "pluckMedium", FORCE, "1.2", MEMORY),
    PLUCK_HARD(Group.SWING, "pluckHard", FORCE, "2.5", MEMORY),
    PLUCK_SHARE(Group.SWING, "pluckShare", RATIO, "0.5", MEMORY),
    PLUCK_FORCE_SPREAD(Group.SWING, "pluckForceSpread", RATIO, "0.3", MEMORY),
    PLUCK_SHARE_SPREAD(Group.SWING, "pluckShareSpread", RATIO, "0.3", MEMORY),
    PLUCK_FOUND_SPREAD(Group.SWING, "pluckFoundSpread", RATIO, "0.15", MEMORY),
    PLUCK_PLACE(Group.SWING, "pluckPlace", RATIO, "0.2", MEMORY),
    SWING_TOUCH(Group.SWING, "swingTouch", LENGTH, "0.05 mm", MEMORY),
    BOARD_LEAST(Group.LIMITS, "boardLeast", LENGTH, "4 mm", MEMORY),
    FRET_LEAST(Group.SWING, "fretLeast", LENGTH, "0.6 mm", MEMORY),

    HEAT_SURFACE(Group.HEAT, "heatSurface", TEMPERATURE, "78", MEMORY),
    ROOM_TEMPERATURE(Group.HEAT, "roomTemperature", TEMPERATURE, "20", MEMORY),
    GLUE_SOFTENS(Group.HEAT, "glueSoftens", TEMPERATURE, "63", MEMORY),
    GLUE_SOFTENS_SPREAD(Group.HEAT, "glueSoftensSpread", TEMPERATURE, "3", MEMORY),
    DIFFUSIVITY_LEAST(Group.HEAT, "diffusivityLeast", DIFFUSIVITY, "0.13", PUBLISHED),
    DIFFUSIVITY_MOST(Group.HEAT, "diffusivityMost", DIFFUSIVITY, "0.18", PUBLISHED),
    HEAT_FACTOR(Group.HEAT, "heatFactor", RATIO, "1", MEMORY),
    CROWN_HEIGHT(Group.HEAT, "crownHeight", LENGTH, "1.1 mm", MEMORY),
    FINISH_BEARS(Group.HEAT, "finishBears", TEMPERATURE, "60", MEMORY),
    INLAY_BEARS(Group.HEAT, "inlayBears", TEMPERATURE, "80", MEMORY),

    HOURLY_RATE(Group.PRICES, "hourlyRate", MONEY, "60", MEMORY),
    WORTH_RATIO(Group.PRICES, "worthRatio", RATIO, "2", MEMORY),
    HOURS_CONDITION(Group.PRICES, "hoursCondition", HOURS, "0.5", MEMORY),
    HOURS_STRINGS(Group.PRICES, "hoursStrings", HOURS, "0.5", MEMORY),
    HOURS_ROD(Group.PRICES, "hoursRod", HOURS, "0.25", MEMORY),
    HOURS_NUT(Group.PRICES, "hoursNut", HOURS, "0.75", MEMORY),
    HOURS_SADDLE(Group.PRICES, "hoursSaddle", HOURS, "1", MEMORY),
    HOURS_RAMPS(Group.PRICES, "hoursRamps", HOURS, "0.75", MEMORY),
    HOURS_SHAVE(Group.PRICES, "hoursShave", HOURS, "2.5", MEMORY),
    HOURS_THIN(Group.PRICES, "hoursThin", HOURS, "1.5", MEMORY),
    HOURS_BRIDGE(Group.PRICES, "hoursBridge", HOURS, "5", MEMORY),
    HOURS_REGLUE(Group.PRICES, "hoursReglue", HOURS, "3", MEMORY),
    HOURS_FLOATING(Group.PRICES, "hoursFloating", HOURS, "2", MEMORY),
    HOURS_WHEELS(Group.PRICES, "hoursWheels", HOURS, "0.25", MEMORY),
    HOURS_TAILPIECE(Group.PRICES, "hoursTailpiece", HOURS, "0.75", MEMORY),
    HOURS_TILT(Group.PRICES, "hoursTilt", HOURS, "0.5", MEMORY),
    HOURS_SHIM(Group.PRICES, "hoursShim", HOURS, "1", MEMORY),
    HOURS_SANDING(Group.PRICES, "hoursSanding", HOURS, "3", MEMORY),
    HOURS_RESET(Group.PRICES, "hoursReset", HOURS, "9", MEMORY),
    HOURS_BACK(Group.PRICES, "hoursBack", HOURS, "6", MEMORY),
    HOURS_SAW(Group.PRICES, "hoursSaw", HOURS, "4", MEMORY),
    HOURS_MEND(Group.PRICES, "hoursMend", HOURS, "3", MEMORY),
    HOURS_ROD_NEW(Group.PRICES, "hoursRodNew", HOURS, "6", MEMORY),
    HOURS_BRACE(Group.PRICES, "hoursBrace", HOURS, "3", MEMORY),
    HOURS_REFRET(Group.PRICES, "hoursRefret", HOURS, "6", MEMORY),
    HOURS_LOW_BRIDGE(Group.PRICES, "hoursLowBridge", HOURS, "3", MEMORY),
    HOURS_SLIDE(Group.PRICES, "hoursSlide", HOURS, "0.5", MEMORY),
    PRICE_TAILPIECE(Group.PRICES, "priceTailpiece", MONEY, "15", MEMORY),
    PRICE_STRINGS(Group.PRICES, "priceStrings", MONEY, "12", MEMORY),
    PRICE_SADDLE(Group.PRICES, "priceSaddle", MONEY, "8", MEMORY),
    PRICE_NUT(Group.PRICES, "priceNut", MONEY, "8", MEMORY),
    PRICE_BRIDGE(Group.PRICES, "priceBridge", MONEY, "25", MEMORY),
    PRICE_SHIM(Group.PRICES, "priceShim", MONEY, "5", MEMORY),
    PRICE_GLUE(Group.PRICES, "priceGlue", MONEY, "6", MEMORY),
    PRICE_BOLTS(Group.PRICES, "priceBolts", MONEY, "10", MEMORY),
    PRICE_ROD(Group.PRICES, "priceRod", MONEY, "30", MEMORY),
    PRICE_FRETS(Group.PRICES, "priceFrets", MONEY, "10", MEMORY),
    PRICE_FRET_SET(Group.PRICES, "priceFretSet", MONEY, "25", MEMORY),
    PART_WAY_GAIN(Group.PRICES, "partWayGain", RATIO, "0.33", MEMORY),
    PART_WAY_SHARE(Group.PRICES, "partWayShare", RATIO, "0.33", MEMORY),

    COUNTER_SCALE(Group.COUNTER, "counterScale", LENGTH, "25 1/2 in", MEMORY),
    COUNTER_JOINT_FRET(Group.COUNTER, "counterJointFret", FRET, "14", MEMORY),
    COUNTER_RELIEF_MOST(Group.COUNTER, "counterReliefMost", LENGTH, "0.025 in", MEMORY),
    COUNTER_NUT_LEAST(Group.COUNTER, "counterNutLeast", LENGTH, "0.3 mm", MEMORY),
    COUNTER_NUT_MOST(Group.COUNTER, "counterNutMost", LENGTH, "0.9 mm", MEMORY),

    BIN_DAYS(Group.LEDGER, "binDays", DAYS, "90", MEMORY);

    /** The groups of standards on their screen. */
    public enum Group implements Keyed {
        NOT_READ,
        HAND,
        WANTED,
        LIMITS,
        FAMILY,
        PROJECTION,
        WORK,
        STRINGS,
        SWING,
        HEAT,
        PRICES,
        COUNTER,
        LEDGER;

        @Override
        public String key() {
            return Keyed.kebab(this);
        }
    }

    private final Group group;
    private final String key;
    private final Measure measure;
    private final String text;
    private final Origin origin;
    private final double start;

    Standard(Group group, String key, Measure measure, String text, Origin origin) {
        this.group = group;
        this.key = key;
        this.measure = measure;
        this.text = text;
        this.origin = origin;
        start = measure.parse(text).optional().orElseThrow(Expect.present("valid value"));
    }

    /** Returns the standard with a key. */
    public static Optional<Standard> ofKey(String key) {
        return Stream.of(values()).filter(each -> each.key.equals(key)).findFirst();
    }

    private static final Map<Family, Map<Standard, Standard>> BY_FAMILY = new EnumMap<>(Family.class);

    static {
        for (Family family : Family.values()) {
            Map<Standard, Standard> own = new EnumMap<>(Standard.class);
            for (Standard usual : values()) {
                Stream.of(values())
                        .filter(each -> each.name().equals(usual.name() + "_" + family.name()))
                        .forEach(each -> own.put(usual, each));
            }
            BY_FAMILY.put(family, own);
        }
    }

    /**
     * Returns the standard that replaces this one for a family of instruments: the constant with the same name
     * followed by the family, if there is one, or else this.
     */
    public Standard of(Family family) {
        return BY_FAMILY.get(family).getOrDefault(this, this);
    }

    /** Returns its group. */
    public Group group() {
        return group;
    }

    @Override
    public String key() {
        return key;
    }

    /** Returns what it measures. */
    public Measure measure() {
        return measure;
    }

    /** Returns the text of the default. */
    public String startText() {
        return text;
    }

    /** Returns the source of the default. */
    public Origin origin() {
        return origin;
    }

    /** The default: mm, degrees or the plain number. */
    double start() {
        return start;
    }

    /** Reads a value from its text: mm, degrees or the plain number. */
    public Parsed<Double> parse(String typed) {
        return measure.parse(typed);
    }
}
