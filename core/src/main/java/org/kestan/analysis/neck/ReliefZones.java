package org.kestan.analysis.neck;

import java.util.List;
import java.util.Optional;
import org.kestan.base.geometry.Frets;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.sheet.Row;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;

/**
 * Relief wanted by zones: an even dip from one fret to another, straight everywhere else. Only files can make such a
 * board; a rod bends all of it.
 *
 * @param dips each zone's, with nothing at its ends
 */
public record ReliefZones(List<NeckCurve> dips) {

    /** Takes an unmodifiable copy. */
    public ReliefZones {
        dips = List.copyOf(dips);
    }

    /** The zones a job asks for; empty if there are none, or one has no room for a dip. */
    public static Optional<ReliefZones> of(Job job, Frets frets) {
        List<NeckCurve> dips = job.get(Lines.RELIEF_ZONES).orElse(List.of()).stream()
                .filter(row -> row.whole("to") > row.whole("from"))
                .map(row -> dip(row, frets))
                .toList();
        return dips.isEmpty() ? Optional.empty() : Optional.of(new ReliefZones(dips));
    }

    private static NeckCurve dip(Row row, Frets frets) {
        double from = frets.at(row.whole("from"));
        double to = frets.at(row.whole("to"));
        return NeckCurve.ofGap(row.millimeters("gap"), new NeckCurve.Place(from, to, (from + to) / 2), from, to);
    }

    /** How far below the fret line the board should be at x, mm. */
    public double dipAt(double x) {
        return dips.stream()
                .filter(dip -> x >= dip.from() && x <= dip.to())
                .mapToDouble(dip -> dip.dipAt(x))
                .max()
                .orElse(0);
    }
}
