package org.kestan.analysis.trajectory;

import static org.kestan.analysis.trajectory.BasisReader.fret;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.kestan.analysis.neck.Gap;
import org.kestan.analysis.neck.NeckFit;
import org.kestan.analysis.neck.NeckProfile;
import org.kestan.base.finding.Finding;
import org.kestan.base.geometry.Frets;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.sheet.HeldFrets;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Measurable;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Visit;

/** Reads the neck's profile from a job (§3.2): the relief, the gaps over single frets, the strings over any fret. */
final class ProfileReader {

    private final Visit visit;
    private final double usualRelief;
    private final Frets frets;
    private final int joint;
    private final Faults faults;
    private final HeldFrets held;
    private final HeldFrets profileHeld;
    private final NeckCurve straight;

    /** Where errors are reported. */
    @FunctionalInterface
    interface Faults {
        void add(Line<?> line, Finding problem, Finding accepted);
    }

    /**
     * Reads the neck of a job.
     *
     * @param usualRelief the shop's usual relief, mm
     */
    ProfileReader(Job job, double usualRelief, Frets frets, int joint, Faults faults) {
        this.usualRelief = usualRelief;
        this.visit = job.visit();
        this.frets = frets;
        this.joint = joint;
        this.faults = faults;
        HeldFrets usual = new HeldFrets(1, joint);
        profileHeld = visit.get(Lines.PROFILE_HELD).orElse(usual);
        boolean byProfile = gapsAreRead() && visit.get(Reading.RELIEF).isEmpty();
        held = visit.get(Lines.HELD).orElse(byProfile ? profileHeld : usual);
        straight = new NeckCurve(frets.at(1), frets.at(joint), 0, 0, 0, gapsAreRead() ? fall() : 0);
    }

    private boolean gapsAreRead() {
        return Stream.of(Reading.PROFILE_GAP, Reading.PROFILE_GAP_TREBLE)
                .anyMatch(reading -> !visit.fretByFret(reading).isEmpty());
    }

    /** How much the frets drop per mm past the joint, as the extension was read. */
    private double fall() {
        OptionalDouble length = visit.millimeters(Reading.EXTENSION_LENGTH);
        OptionalDouble fallAway = visit.millimeters(Reading.EXTENSION_FALL_AWAY);
        return length.isPresent() && fallAway.isPresent() && length.getAsDouble() > 0
                ? fallAway.getAsDouble() / length.getAsDouble()
                : 0;
    }

    /** The fret at which the relief is read; empty, with an error, if there can be none. */
    OptionalInt reliefReadAt() {
        if (!possible(held, visit.get(Lines.HELD).isPresent() ? Lines.HELD : Lines.PROFILE_HELD)) {
            return OptionalInt.empty();
        }
        Optional<Integer> said = visit.get(Lines.RELIEF_READ_AT);
        if (said.isPresent()) {
            between(said.get(), held, Lines.RELIEF_READ_AT);
            return OptionalInt.of(said.get());
        }
        double middle = (frets.at(held.low()) + frets.at(held.high())) / 2;
        return OptionalInt.of(frets.nearest(middle, held.low() + 1, held.high() - 1));
    }

    private boolean possible(HeldFrets held, Line<?> line) {
        boolean possible = held.low() >= 0 && held.high() <= Frets.HIGHEST && held.high() - held.low() >= 2;
        if (!possible) {
            faults.add(
                    line,
                    SheetFinding.NOT_HELD_THERE.of(fret(held.low()), fret(held.high())),
                    SheetFinding.TWO_FRETS_UP_TO.of(fret(Frets.HIGHEST)));
        }
        return possible;
    }

    private boolean between(int at, HeldFrets held, Line<?> line) {
        boolean between = at > held.low() && at < held.high();
        if (!between) {
            faults.add(
                    line,
                    SheetFinding.NOT_BETWEEN_HELD.of(fret(at)),
                    SheetFinding.FRET_BETWEEN.of(fret(held.low()), fret(held.high())));
        }
        return between;
    }

    /** Where the relief is read. */
    NeckCurve.Place reliefPlace(int readAt) {
        return place(held, readAt);
    }

    private NeckCurve.Place place(HeldFrets held, int at) {
        return new NeckCurve.Place(frets.at(held.low()), frets.at(held.high()), frets.at(at));
    }

    /** The relief gap: as read there, or else as the fitted neck shows it (§3.5). */
    double relief(NeckProfile profile, int readAt) {
        return reliefKnown()
                .orElseGet(() -> gapsAreRead() || profile.gaps().size() > 1
                        ? profile.neck().middle().gap(reliefPlace(readAt))
                        : 0);
    }

    /**
     * The neck from everything that was read. If both sides were read, the relief is between them and follows from
     * them.
     *
     * @param nut over fret 1, each side, mm
     * @param action over the action's fret, each side, mm; empty if it was not read
     */
    NeckProfile profile(Sides<Double> nut, Sides<OptionalDouble> action) {
        if (gapsAreRead() && held != profileHeld && !possible(profileHeld, Lines.PROFILE_HELD)) {
            return NeckProfile.even(NeckFit.of(List.of(), straight));
        }
        List<Gap> both = new ArrayList<>(relief());
        List<Gap> bass = gaps(Reading.PROFILE_GAP);
        List<Gap> treble = gaps(Reading.PROFILE_GAP_TREBLE);
        Sides<List<Gap>> heights = Sides.of(side -> heights(side, nut.get(side), action.get(side)));
        if (bass.isEmpty() || treble.isEmpty()) {
            both.addAll(bass);
            both.addAll(treble);
            both.addAll(heights.bass());
            both.addAll(heights.treble());
            return NeckProfile.even(laid(both));
        }
        return new NeckProfile(
                new Sides<>(bass, treble)
                        .with(
                                heights,
                                (gaps, high) -> laid(Stream.concat(gaps.stream(), high.stream())
                                        .toList())),
                true);
    }

    /** A relief alone means constant curvature, wherever the string was held (§3.2). */
    private NeckFit laid(List<Gap> gaps) {
        NeckFit fit = NeckFit.of(gaps, straight);
        return gaps.size() == 1 && gaps.get(0).line() == Reading.RELIEF
                ? new NeckFit(
                        NeckCurve.ofGap(gaps.get(0).value(), gaps.get(0).place(), straight.from(), straight.to()),
                        gaps,
                        1,
                        fit.covariance())
                : fit;
    }

    /** The relief as read; without strings the slack one, or the shop's usual (§3.6a). */
    private OptionalDouble reliefKnown() {
        OptionalDouble read = visit.millimeters(Reading.RELIEF);
        if (read.isPresent() || gapsAreRead() || !visit.unstrung()) {
            return read;
        }
        OptionalDouble slack = visit.millimeters(Reading.RELIEF_SLACK);
        return slack.isPresent() ? slack : OptionalDouble.of(usualRelief);
    }

    private List<Gap> relief() {
        OptionalDouble read = reliefKnown();
        OptionalInt at = read.isPresent() ? reliefReadAt() : OptionalInt.empty();
        return at.isPresent() && at.getAsInt() > held.low() && at.getAsInt() < held.high()
                ? List.of(new Gap(
                        Reading.RELIEF,
                        at.getAsInt(),
                        reliefPlace(at.getAsInt()),
                        read.getAsDouble(),
                        standard(Reading.RELIEF)))
                : List.of();
    }

    private List<Gap> gaps(Reading reading) {
        List<Gap> gaps = new ArrayList<>();
        visit.fretByFret(reading).forEach((at, value) -> {
            if (between(at, profileHeld, reading.at(at))) {
                gaps.add(new Gap(reading.at(at), at, place(profileHeld, at), value, standard(reading.at(at))));
            }
        });
        return gaps;
    }

    /**
     * The strings over frets other than those of nut and action: the string passes over fret 1 and the action's fret
     * as read, so its height over a third one is a gap under a straightedge on these two. If nut or action were not
     * read on that side, it gives no information.
     */
    private List<Gap> heights(Side side, double nut, OptionalDouble action) {
        int actionFret = visit.actionFret();
        boolean bass = side == Side.BASS;
        Reading reading = bass ? Reading.STRING_HEIGHT_BASS : Reading.STRING_HEIGHT_TREBLE;
        Reading overNut = bass ? Reading.NUT_BASS : Reading.NUT_TREBLE;
        Reading overAction = bass ? Reading.ACTION_BASS : Reading.ACTION_TREBLE;
        List<Gap> gaps = new ArrayList<>();
        if (visit.get(overNut).isEmpty() || action.isEmpty() || actionFret > joint) {
            return gaps;
        }
        visit.fretByFret(reading).forEach((at, value) -> {
            if (at > joint) {
                faults.add(
                        reading.at(at),
                        SheetFinding.PAST_JOINT.of(fret(at)),
                        SheetFinding.FRET_BETWEEN.of(fret(1), fret(joint)));
            } else if (at != 1 && at != actionFret) {
                NeckCurve.Place place = new NeckCurve.Place(frets.at(1), frets.at(actionFret), frets.at(at));
                double share = place.share();
                double standard = Math.hypot(
                        standard(reading.at(at)),
                        Math.hypot((1 - share) * standard(overNut), share * standard(overAction)));
                gaps.add(new Gap(
                        reading.at(at), at, place, value - (1 - share) * nut - share * action.getAsDouble(), standard));
            }
        });
        return gaps;
    }

    /** The tool's resolution as a standard uncertainty (JCGM 100:2008, 4.3.7), mm. */
    private double standard(Measurable line) {
        return visit.tool(line).resolution() / Math.sqrt(3);
    }
}
