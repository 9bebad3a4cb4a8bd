package org.kestan.simulator.cases;

import java.util.Arrays;
import java.util.List;
import org.kestan.base.finding.Keyed;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.Family;
import org.kestan.job.strings.StringSpec;
import org.kestan.job.terms.Joint;

/** The kinds of practice instruments, with their usual sizes; common practice, no source. */
public enum PracticeFamily implements Keyed {
    /** A steel-string flat-top with a dovetail. */
    FLAT_TOP("flat-top", Family.STEEL, Joint.DOVETAIL, false, new Sizes(645, 14, 2.4, 2.0, 22.5, 27, 46, 56)),
    /** A steel-string flat-top with a bolted heel. */
    BOLT_ON("bolt-on", Family.STEEL, Joint.MORTISE_BOLT, false, new Sizes(648, 14, 2.4, 2.0, 22.5, 27, 45, 56)),
    /** A twelve-string. */
    TWELVE_STRING(
            "12-string", Family.TWELVE_STRING, Joint.DOVETAIL, false, new Sizes(645, 14, 2.2, 1.9, 25, 30, 50, 60)),
    /** A classical guitar. */
    CLASSICAL("classical", Family.CLASSICAL, Joint.DOVETAIL, false, new Sizes(650, 12, 3.8, 3.0, 21.5, 24, 53, 62)),
    /** An archtop with a floating bridge. */
    ARCHTOP("archtop", Family.ARCHTOP, Joint.DOVETAIL, true, new Sizes(635, 14, 2.2, 1.8, 22.5, 27, 45, 55)),
    /** A mandolin. */
    MANDOLIN("mandolin", Family.MANDOLIN, Joint.DOVETAIL, true, new Sizes(352, 15, 1.6, 1.3, 20, 24, 31, 40)),
    /** A small old flat-top with 12 frets clear, whose bridge was shaved before. */
    PARLOR("parlor", Family.STEEL, Joint.DOVETAIL, false, new Sizes(630, 12, 2.3, 1.9, 22, 25, 47, 58)),
    /** A cheap flat-top with ladder braces, whose body gives more than others. */
    LADDER_BRACED("ladder-braced", Family.STEEL, Joint.DOVETAIL, false, new Sizes(640, 14, 2.4, 2.0, 23, 28, 44, 56));

    private static final String[][] LIGHT = {
        {"0.053 in", "w", "E2"},
        {"0.042 in", "w", "A2"},
        {"0.032 in", "w", "D3"},
        {"0.024 in", "w", "G3"},
        {"0.016 in", "", "B3"},
        {"0.012 in", "", "E4"}
    };
    private static final String[][] TWELVE = {
        {"0.047 in", "w", "E2"},
        {"0.027 in", "w", "E3"},
        {"0.039 in", "w", "A2"},
        {"0.018 in", "", "A3"},
        {"0.029 in", "w", "D3"},
        {"0.012 in", "", "D4"},
        {"0.020 in", "w", "G3"},
        {"0.008 in", "", "G4"},
        {"0.014 in", "", "B3"},
        {"0.014 in", "", "B3"},
        {"0.010 in", "", "E4"},
        {"0.010 in", "", "E4"}
    };
    private static final String[][] NYLON = {
        {"0.043 in", "w", "E2"},
        {"0.035 in", "w", "A2"},
        {"0.029 in", "w", "D3"},
        {"0.040 in", "", "G3"},
        {"0.032 in", "", "B3"},
        {"0.028 in", "", "E4"}
    };
    private static final String[][] COURSES = {
        {"0.040 in", "w", "G3"},
        {"0.040 in", "w", "G3"},
        {"0.026 in", "w", "D4"},
        {"0.026 in", "w", "D4"},
        {"0.016 in", "", "A4"},
        {"0.016 in", "", "A4"},
        {"0.011 in", "", "E5"},
        {"0.011 in", "", "E5"}
    };

    private final String key;
    private final Family family;
    private final Joint joint;
    private final boolean floating;
    private final Sizes sizes;

    /**
     * Usual sizes, mm.
     *
     * @param scale length
     * @param joint the fret at the body
     * @param bass the action one wants at fret 12
     * @param treble the same on the other side
     * @param depthNut of neck and board
     * @param depthJoint of neck and board
     * @param widthNut of the board
     * @param widthJoint of the board
     */
    record Sizes(
            double scale,
            int joint,
            double bass,
            double treble,
            double depthNut,
            double depthJoint,
            double widthNut,
            double widthJoint) {}

    PracticeFamily(String key, Family family, Joint joint, boolean floating, Sizes sizes) {
        this.key = key;
        this.family = family;
        this.joint = joint;
        this.floating = floating;
        this.sizes = sizes;
    }

    @Override
    public String key() {
        return key;
    }

    /** Returns the family of the trade it belongs to. */
    public Family trade() {
        return family;
    }

    /** Returns its neck joint. */
    public Joint joint() {
        return joint;
    }

    /** Returns whether its bridge is a floating one. */
    public boolean floating() {
        return floating;
    }

    /** Returns the usual target for the action over fret 12, mm. */
    public Sides<Double> wanted() {
        return new Sides<>(sizes.bass(), sizes.treble());
    }

    Sizes sizes() {
        return sizes;
    }

    /** Returns its strings, from the lowest. */
    public List<StringSpec> strings() {
        String[][] set =
                switch (this) {
                    case TWELVE_STRING -> TWELVE;
                    case CLASSICAL -> NYLON;
                    case MANDOLIN -> COURSES;
                    case FLAT_TOP, BOLT_ON, ARCHTOP, PARLOR, LADDER_BRACED -> LIGHT;
                };
        return Arrays.stream(set)
                .map(each -> StringSpec.of(Length.ofText(each[0]), each[1].equals("w"), each[2]))
                .toList();
    }
}
