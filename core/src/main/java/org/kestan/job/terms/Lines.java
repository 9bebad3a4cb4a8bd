package org.kestan.job.terms;

import static org.kestan.base.sheet.ValueType.choice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.base.notation.TypedAngle;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.AppliesTo;
import org.kestan.base.sheet.Detail;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.HeldFrets;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Part;
import org.kestan.base.sheet.Place;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Row;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.ValueType;
import org.kestan.base.standards.Family;

/**
 * Every line of a job that does not hold a length, and the lists of all lines. To add one, write a constant here,
 * where it is asked, and its texts; the lists are built from the constants.
 */
public final class Lines {

    /** Every line below, in the order of declaration, which is the order in which it is asked. */
    private static final List<Detail<?>> DECLARED = new ArrayList<>();

    /** The shop's name for the instrument. */
    public static final Detail<String> NAME = declared(Detail.of("instrument.name", ValueType.TEXT, 0));

    /** The family of instruments it belongs to. */
    public static final Detail<Family> FAMILY = declared(Detail.of("instrument.family", choice(Family.class), 0));

    /** Flat-top or archtop. */
    public static final Detail<Form> FORM = declared(Detail.of("instrument.form", choice(Form.class), 0));

    /** How the neck is joined to the body. */
    public static final Detail<Joint> JOINT = declared(Detail.of("instrument.joint", choice(Joint.class), 0));

    /** The fret at the body joint. */
    public static final Detail<Integer> JOINT_FRET = declared(Detail.of("instrument.jointFret", ValueType.FRET, 0));

    /** Size of the body in a word: small, medium, large. */
    public static final Detail<String> BODY = declared(Detail.of("instrument.body", ValueType.TEXT, 0));

    /** How the top is braced. */
    public static final Detail<Bracing> BRACING = declared(Detail.of("instrument.bracing", choice(Bracing.class), 0));

    /** Whether nothing original may be cut. */
    public static final Detail<Boolean> COLLECTIBLE = declared(Detail.of("instrument.collectible", ValueType.FLAG, 0));

    /** Whether it was built by hand by one person. */
    public static final Detail<Boolean> HANDMADE = declared(Detail.of("instrument.handmade", ValueType.FLAG, 0));

    /** Whether the bridge was taken down before. */
    public static final Detail<Boolean> BRIDGE_CUT = declared(Detail.of("instrument.bridgeCut", ValueType.FLAG, 0));

    /** Whether a pickguard reaches under the extension. */
    public static final Detail<Boolean> PICKGUARD_UNDER =
            declared(Detail.of("instrument.pickguardUnder", ValueType.FLAG, 0));

    /** Kind and color of the finish. */
    public static final Detail<String> FINISH = declared(Detail.of("instrument.finish", ValueType.TEXT, 0));

    /** Year or age in words. */
    public static final Detail<String> AGE = declared(Detail.of("instrument.age", ValueType.TEXT, 0));

    /** What the instrument would sell for in good order. */
    public static final Detail<Double> VALUE = declared(Detail.of("instrument.value", ValueType.number(0, 1e9), 0));

    /** The currency of the value. */
    public static final Detail<String> CURRENCY = declared(Detail.of("instrument.currency", ValueType.TEXT, 0));

    /** What it means to its owner. */
    public static final Detail<String> MEANING = declared(Detail.of("instrument.meaning", ValueType.TEXT, 0));

    /** Why it should be done whatever it costs; no way is then refused for its price. */
    public static final Detail<String> DO_IT_ANYWAY = declared(Detail.of("instrument.doItAnyway", ValueType.REASON, 0));

    /** The hourly rate for this job, if it differs from the shop's. */
    public static final Detail<Double> RATE = declared(Detail.of("instrument.rate", ValueType.number(0, 1e6), 0));

    /** The kind of floating bridge. */
    public static final Detail<ArchtopBridge> BRIDGE = declared(
            Detail.of("instrument.bridge", choice(ArchtopBridge.class), 0).on(AppliesTo.FLOATING_BRIDGE));

    /** Who it belongs to. */
    public static final Detail<String> OWNER = declared(Detail.of("intake.owner", ValueType.TEXT, 0));

    /** The shop's number for the job. */
    public static final Detail<String> JOB_NUMBER = declared(Detail.of("intake.jobNumber", ValueType.TEXT, 0));

    /** The owner's telephone. */
    public static final Detail<String> PHONE = declared(Detail.of("intake.phone", ValueType.TEXT, 0));

    /** The owner's mail address. */
    public static final Detail<String> MAIL = declared(Detail.of("intake.mail", ValueType.TEXT, 0));

    /** The owner's deposit. */
    public static final Detail<Double> DEPOSIT = declared(Detail.of("intake.deposit", ValueType.number(0, 1e6), 0));

    /** The owner's complaint. */
    public static final Detail<String> COMPLAINT = declared(Detail.of("intake.complaint", ValueType.TEXT, 0));

    /** How it is played. */
    public static final Detail<PlayingStyle> STYLE = declared(Detail.of("intake.style", choice(PlayingStyle.class), 0));

    /** How hard it is played. */
    public static final Detail<PlayingTouch> TOUCH = declared(Detail.of("intake.touch", choice(PlayingTouch.class), 0));

    /** How hard it is played, if a note that just buzzes has shown it, N. */
    public static final Detail<Double> PLUCK_FORCE =
            declared(Detail.of("intake.pluckForce", ValueType.number(0.05, 20), 0));

    /** Earlier repairs seen. */
    public static final Detail<String> REPAIRS = declared(Detail.of("intake.repairs", ValueType.TEXT, 0));

    /** When a visit was in the course of the work. */
    public static final Detail<VisitRole> ROLE = declared(Detail.of("survey.occasion", choice(VisitRole.class), 0));

    /** The day of a visit. */
    public static final Detail<LocalDate> TAKEN_ON = declared(Detail.of("survey.takenOn", ValueType.DAY, 0));

    /** Relative humidity, percent. */
    public static final Detail<Double> HUMIDITY = declared(Detail.of("survey.humidity", ValueType.PERCENT, 1));

    /** How many half steps below pitch the strings were. */
    public static final Detail<Integer> STEPS_DOWN = declared(Detail.of("survey.stepsDown", ValueType.whole(0, 12), 1));

    /** Whether the strings are on; if not specified, they are. */
    public static final Detail<Stringing> STRINGS = declared(Detail.of("survey.strings", choice(Stringing.class), 1));

    /** How the neck sits in its joint; if not specified, it fits. */
    public static final Detail<JointFit> JOINT_FIT = declared(Detail.of("survey.joint", choice(JointFit.class), 2));

    /** The state of the truss rod. */
    public static final Detail<TrussRod> TRUSS_ROD = declared(Detail.of("survey.trussRod", choice(TrussRod.class), 2));

    /** Notes on the inspection. */
    public static final Detail<String> NOTES = declared(Detail.of("survey.notes", ValueType.TEXT, 2));

    /** The frets held down for the relief. */
    public static final Detail<HeldFrets> HELD =
            declared(Detail.at(Place.RELIEF, 3, "survey.relief.heldAt", ValueType.HELD));

    /** The fret at which the relief's gap is read. */
    public static final Detail<Integer> RELIEF_READ_AT =
            declared(Detail.at(Place.RELIEF, 3, "survey.relief.readAt", ValueType.FRET));

    /** Turns of the rod from where it was found, tighter is positive, and the gap after each, in order. */
    public static final Detail<List<Row>> ROD_TURNS = declared(Detail.at(
            Place.RELIEF,
            3,
            "survey.rodTurns",
            ValueType.rows(new Part("turns", ValueType.number(-20, 20)), new Part("gap", ValueType.LENGTH))));

    /** The two frets the straightedge rests on, or the string is held at, for the neck's profile. */
    public static final Detail<HeldFrets> PROFILE_HELD =
            declared(Detail.at(Place.RELIEF, 3, "survey.profile.heldAt", ValueType.HELD));

    /** Strings over fret 1, one by one, counted from the treble. */
    public static final Detail<List<Row>> NUT_EACH = declared(Detail.at(Place.NUT, 4, "survey.nutEach", perString()));

    /** Strings over the fret of the action, one by one, counted from the treble. */
    public static final Detail<List<Row>> ACTION_EACH =
            declared(Detail.at(Place.ACTION, 5, "survey.actionEach", perString()));

    /** Where a leaf goes under the bridge, the thickest one, and how deep. */
    public static final Detail<List<Row>> BRIDGE_LIFT_AT = declared(Detail.at(
                    Place.BRIDGE,
                    2,
                    "survey.bridgeLiftAt",
                    ValueType.rows(
                            new Part("where", choice(LiftPlace.class)),
                            new Part("leaf", ValueType.LENGTH),
                            new Part("depth", ValueType.LENGTH, false)))
            .on(AppliesTo.PIN_BRIDGE));

    /** Thickness of the fretboard without its frets, along the neck. */
    public static final Detail<List<Row>> BOARD_THICKNESS = declared(Detail.at(
            Place.EXTENSION,
            19,
            "survey.boardThickness",
            ValueType.rows(
                    new Part("fret", ValueType.FRET),
                    new Part("bass", ValueType.LENGTH),
                    new Part("treble", ValueType.LENGTH))));

    /** Relief wanted by zone: a dip from one fret to another, straight elsewhere. */
    public static final Detail<List<Row>> RELIEF_ZONES = declared(Detail.of(
            "target.reliefZones",
            ValueType.rows(
                    new Part("from", ValueType.FRET),
                    new Part("to", ValueType.FRET),
                    new Part("gap", ValueType.LENGTH)),
            0));

    private static ValueType<List<Row>> perString() {
        return ValueType.rows(new Part("string", ValueType.whole(1, 12)), new Part("height", ValueType.LENGTH));
    }

    /** The fret at which the action is read. */
    public static final Detail<Integer> ACTION_FRET =
            declared(Detail.at(Place.ACTION, 5, "survey.action.fret", ValueType.FRET));

    /** The surface a projection was read from. */
    public static final Detail<ProjectionOver> PROJECTION_OVER =
            declared(Detail.at(Place.PROJECTION, 9, "survey.projection.over", choice(ProjectionOver.class)));

    /** Where across the board the straightedge was. */
    public static final Detail<StraightedgePosition> PROJECTION_ACROSS =
            declared(Detail.at(Place.PROJECTION, 9, "survey.projection.across", choice(StraightedgePosition.class)));

    /** The number of the fret nearest the board's end. */
    public static final Detail<Integer> LAST_FRET =
            declared(Detail.at(Place.EXTENSION, 13, "survey.extension.lastFret", ValueType.FRET));

    /** The side toward which the center line lands. */
    public static final Detail<Side> DRIFT_TOWARD =
            declared(Detail.at(Place.PROJECTION, 14, "survey.sideDrift.toward", choice(Side.class)));

    /** How the feet of a floating bridge fit the arch. */
    public static final Detail<String> FOOT_FIT = declared(
            Detail.at(Place.BRIDGE, 15, "survey.footFit", ValueType.TEXT).on(AppliesTo.FLOATING_BRIDGE));

    /** The neck angle read with an angle gauge. */
    public static final Detail<TypedAngle> NECK_ANGLE =
            declared(Detail.at(Place.HEEL, 16, "survey.neckAngle", ValueType.ANGLE));

    /** Cents at fret 12 compared with the octave, bass string. */
    public static final Detail<Double> CENTS_BASS =
            declared(Detail.at(Place.ACTION, 18, "survey.intonation.bass", ValueType.number(-200, 200)));

    /** Cents at fret 12 compared with the octave, treble string. */
    public static final Detail<Double> CENTS_TREBLE =
            declared(Detail.at(Place.ACTION, 18, "survey.intonation.treble", ValueType.number(-200, 200)));

    /** The material of the saddle. */
    public static final Detail<String> SADDLE_MATERIAL =
            declared(Detail.at(Place.TAIL, 19, "survey.saddleMaterial", ValueType.TEXT));

    /** What is still to do after the work. */
    public static final Detail<String> STILL_TO_DO = declared(Detail.of("proof.stillToDo", ValueType.TEXT, 0));

    /** Who signed the work off. */
    public static final Detail<String> SIGNED_BY = declared(Detail.of("proof.signedBy", ValueType.TEXT, 0));

    /** The day it was signed off. */
    public static final Detail<LocalDate> SIGNED_ON = declared(Detail.of("proof.signedOn", ValueType.DAY, 0));

    /** The day it should be checked again. */
    public static final Detail<LocalDate> COME_BACK = declared(Detail.of("proof.comeBack", ValueType.DAY, 0));

    /** The day it was promised for. */
    public static final Detail<LocalDate> PROMISED_ON = declared(Detail.of("promised.on", ValueType.DAY, 0));

    /** Whether that day is firm because somebody counts on it. */
    public static final Detail<Boolean> PROMISED_FIRM = declared(Detail.of("promised.firm", ValueType.FLAG, 0));

    /** The lasting properties of the instrument, in the order they are asked; its lengths come after the joint. */
    public static final List<Line<?>> OF_INSTRUMENT = DECLARED.stream()
            .filter(line -> line.path().startsWith("instrument."))
            .<Line<?>>flatMap(line -> line.equals(JOINT)
                    ? Stream.<Line<?>>concat(Stream.of(line), Stream.of(Dimension.values()))
                    : Stream.of(line))
            .toList();

    /** The questions at intake, in the order they are asked. */
    public static final List<Line<?>> OF_INTAKE = under("intake.");

    /** What was promised to the owner. */
    public static final List<Line<?>> OF_PROMISE = under("promised.");

    /** The targets of a job. */
    public static final List<Line<?>> OF_TARGET = Stream.concat(
                    Stream.<Line<?>>of(Aim.values()), under("target.").stream())
            .toList();

    /** Every line of a visit, in working order. */
    public static final List<Line<?>> OF_VISIT = Stream.concat(
                    Stream.<Line<?>>of(Reading.values()), under("survey.").stream())
            .sorted(Comparator.comparingInt(Line::number))
            .toList();

    /** Lines of a visit that few sheets need: they are offered if something asks for them. */
    public static final Set<Line<?>> RARE = Set.of(
            ROD_TURNS,
            NUT_EACH,
            ACTION_EACH,
            BRIDGE_LIFT_AT,
            BOARD_THICKNESS,
            Reading.SADDLE_PLACE_BASS,
            Reading.SADDLE_PLACE_TREBLE,
            Reading.POCKET_RADIUS,
            Reading.BRIDGE_LENGTH,
            Reading.NEW_BRIDGE_LENGTH,
            Reading.NEW_BRIDGE_THICKNESS,
            Reading.NEW_BRIDGE_SLOT_WIDTH,
            Reading.NEW_BRIDGE_SLOT_FRONT,
            Reading.NEW_BRIDGE_SPACING);

    /** Lines of a visit that are entered only if something is out of the ordinary: they are offered, not asked. */
    public static final Set<Line<?>> OUT_OF_THE_ORDINARY = Stream.concat(
                    Stream.<Line<?>>of(STRINGS, JOINT_FIT, Reading.RELIEF_SLACK), RARE.stream())
            .collect(Collectors.toUnmodifiableSet());

    /** The sign-off after the work. */
    public static final List<Line<?>> OF_PROOF = under("proof.");

    private Lines() {}

    private static <T> Detail<T> declared(Detail<T> line) {
        DECLARED.add(line);
        return line;
    }

    private static List<Line<?>> under(String path) {
        return DECLARED.stream()
                .filter(line -> line.path().startsWith(path))
                .<Line<?>>map(line -> line)
                .toList();
    }

    /** Returns the lines of a visit that are read at a place, in working order, without fret-by-fret readings. */
    public static List<Line<?>> at(Place place) {
        return OF_VISIT.stream()
                .filter(line -> line.place().filter(place::equals).isPresent())
                .filter(line -> !(line instanceof Reading reading && reading.perFret()))
                .toList();
    }
}
