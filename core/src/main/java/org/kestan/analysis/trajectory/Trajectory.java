package org.kestan.analysis.trajectory;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.neck.Neck;
import org.kestan.base.finding.Fault;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.geometry.NeckRotation;
import org.kestan.base.geometry.StringLine;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;
import org.kestan.job.visits.Visit;

/**
 * The strings over the fret line as measured, and what they say about the body. Millimeters and radians.
 *
 * @param basis the numbers it rests on
 * @param neck the frets below the fret line
 * @param strings the outer strings
 */
public record Trajectory(Basis basis, Neck neck, Sides<StringLine> strings) {

    /**
     * Works out the trajectory of a job.
     *
     * @param job the job
     * @param standards defaults for what was not read
     * @return the trajectory, or what keeps it from being worked out
     */
    public static Read of(Job job, ShopStandards standards) {
        BasisReader reader = new BasisReader(job, standards);
        Optional<Trajectory> trajectory = reader.read().map(Trajectory::on);
        return new Read(trajectory, reader.faults());
    }

    /** Works out the trajectory from its basis (§3.2, §3.3). */
    public static Trajectory on(Basis basis) {
        Neck neck = basis.profile().neck();
        return new Trajectory(basis, neck, lines(basis, neck));
    }

    /**
     * A trajectory, or the errors that prevented it.
     *
     * @param trajectory empty exactly when there are faults
     * @param faults each at its place
     */
    public record Read(Optional<Trajectory> trajectory, List<Fault> faults) {}

    /** The string lines from the readings over fret 1, which is on the fret line, and over the action's fret (§3.3). */
    private static Sides<StringLine> lines(Basis basis, Neck neck) {
        double at = basis.actionAt();
        return Sides.of(side -> StringLine.through(
                basis.frets().at(1), basis.nut().get(side), at, basis.action().get(side) - neck.dipAt(at, side)));
    }

    /** Height hs of the saddle crown above the fret line on a side, mm. */
    public double saddleHeight(Side side) {
        return strings.get(side).heightAt(basis.saddle());
    }

    /** Mean over both sides of the saddle crown's height above the fret line, mm. */
    public double meanSaddleHeight() {
        return Sides.mean(Sides.of(this::saddleHeight));
    }

    /** The strung projection at the saddle that the string heights and the bridge imply (§3.4), mm over the soundboard. */
    public double impliedStrung() {
        return basis.supportHeight() - meanSaddleHeight();
    }

    /** Measured minus implied strung projection (§3.4), mm; empty unless both were read. */
    public OptionalDouble disagreement() {
        OptionalDouble strung = basis.projectionStrung();
        return strung.isPresent() && basis.actionIsRead()
                ? OptionalDouble.of(strung.getAsDouble() - impliedStrung())
                : OptionalDouble.empty();
    }

    /** The height of the fret line at the saddle at pitch, from all readings (§3.4), mm over the soundboard. */
    public double fretLine() {
        return basis.reconciled().map(Reconciled::value).orElseGet(this::impliedStrung);
    }

    /**
     * The same with strings and straightedge combined into one estimate; predicted straightedge readings are then
     * changes of its own reading (§3.4).
     *
     * @param weightStrings how much the strings count, 0 to 1
     */
    public Trajectory reconciled(double weightStrings) {
        OptionalDouble measured = basis.projectionStrung();
        if (measured.isEmpty()) {
            return this;
        }
        double value = weightStrings * impliedStrung() + (1 - weightStrings) * measured.getAsDouble();
        return new Trajectory(
                basis.with(next -> next.reconciled(Optional.of(new Reconciled(value, weightStrings)))
                        .straightedge(basis.straightedge().tooHighBy(measured.getAsDouble() - value))),
                neck,
                strings);
    }

    /** How far the body folds up under string load: slack minus strung (mm); empty unless both were read. */
    public OptionalDouble sink() {
        if (basis.projectionStrung().isEmpty() || basis.projectionSlack().isEmpty()) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(
                basis.projectionSlack().getAsDouble() - basis.projectionStrung().getAsDouble());
    }

    /**
     * The neck's own part of the sink, since it straightens, or bows back, when the strings are off (§3.4), mm; empty
     * if not read.
     */
    private OptionalDouble neckSink() {
        OptionalDouble slack = basis.reliefSlack();
        if (slack.isEmpty() || !basis.reliefIsRead()) {
            return OptionalDouble.empty();
        }
        NeckCurve strung = neck.middle();
        NeckCurve atRest = strung.bent(basis.reliefPlace().curvature(slack.getAsDouble() - basis.reliefGap()));
        return OptionalDouble.of(atRest.saddleShift(strung, basis.jointToSaddle()));
    }

    /** The body's own part of the sink, without the neck's (§3.4), mm; empty if the two can't be separated. */
    public OptionalDouble bodySink() {
        return sink().isPresent() && neckSink().isPresent()
                ? OptionalDouble.of(sink().getAsDouble() - neckSink().getAsDouble())
                : OptionalDouble.empty();
    }

    /**
     * The sink that indicates loose braces (§3.4), mm: the body's part; if it can't be separated, the whole, except
     * for a neck with a working rod, which may have bowed back by as much. Empty if it can't be determined.
     */
    public OptionalDouble judgedSink(Visit visit) {
        OptionalDouble body = bodySink();
        return body.isPresent() || needsSlackRelief(visit) ? body : sink();
    }

    /** Returns whether the slack relief has to be read before the sink says anything about the body. */
    public boolean needsSlackRelief(Visit visit) {
        return basis.reliefSlack().isEmpty()
                && visit.get(Lines.TRUSS_ROD).filter(TrussRod::canSet).isPresent();
    }

    /**
     * How far the body is taken to fold up under string load, mm: as read, or else the shop's default; zero if the
     * shop ignores it.
     */
    public double sinkTaken(ShopStandards shop) {
        return shop.holds(School.IGNORE_SINK) ? 0 : sink().orElse(shop.get(Standard.SINK));
    }

    /** The rotation geometry of this neck. */
    public NeckRotation rotation() {
        return basis.rotation();
    }

    /** Present neck pitch, positive = set back (§3.7); empty if the height of the frets over the top is assumed. */
    public Optional<Angle> pitch() {
        return basis.pitchIsKnown() ? Optional.of(rotation().pitch(fretLine())) : Optional.empty();
    }
}
