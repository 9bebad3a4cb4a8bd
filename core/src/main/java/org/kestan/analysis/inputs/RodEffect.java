package org.kestan.analysis.inputs;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.trajectory.Trajectory;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.VisitRole;
import org.kestan.job.visits.Visit;

/**
 * How far a neck's rod moves the saddle's crown, compared with what constant curvature says (§3.2): the shop's usual
 * share until this neck was read before and after turning its rod, then a mean of both, weighted by how well they are
 * known.
 *
 * @param share of the shift that comes true
 * @param standard its standard uncertainty
 * @param seen what two readings of this neck say alone; empty as long as it was not read twice
 */
public record RodEffect(double share, double standard, Optional<Double> seen) {

    /** A rod that moved the crown by less than this says nothing about its shape, mm. From memory. */
    private static final double LEAST_SHIFT = 0.3;

    /** No rod moves a neck by less than this share, or the wrong way. From memory. */
    private static final double LEAST_SHARE = 0.1;

    /** A saddle whose height changed by more than this was worked on, mm. From memory. */
    private static final double SAME_SADDLE = 0.1;

    /** What is known about a job's rod. */
    public static RodEffect of(Job job, ShopStandards shop) {
        double usual = shop.get(Standard.ROD_EFFECT);
        double spread = shop.get(Standard.ROD_SHAPE) / Math.sqrt(3);
        Optional<Visit> received = of(job, VisitRole.AS_RECEIVED);
        Optional<Visit> turned = of(job, VisitRole.AFTER_RELIEF);
        return received.flatMap(before -> turned.flatMap(after -> seen(job, before, after, shop)))
                .map(read -> read.weighed(usual, spread))
                .orElseGet(() -> new RodEffect(usual, spread, Optional.empty()));
    }

    /** The result of two readings and the usual value, weighted by the inverse of their variances. */
    private RodEffect weighed(double usual, double spread) {
        double here = 1 / (standard * standard);
        double there = 1 / (spread * spread);
        return new RodEffect(
                Math.max(LEAST_SHARE, (share * here + usual * there) / (here + there)),
                1 / Math.sqrt(here + there),
                Optional.of(share));
    }

    private static Optional<Visit> of(Job job, VisitRole role) {
        List<Visit> visits = new ArrayList<>(job.otherVisits());
        visits.add(job.visit());
        return visits.stream()
                .filter(visit -> visit.get(Lines.ROLE).filter(role::equals).isPresent())
                .reduce((first, last) -> last);
    }

    private static Optional<RodEffect> seen(Job job, Visit before, Visit after, ShopStandards shop) {
        Optional<Setup> was = setup(job, before, shop);
        Optional<Setup> is = setup(job, after, shop);
        if (was.isEmpty()
                || is.isEmpty()
                || Math.abs(was.get().supportHeight() - is.get().supportHeight()) > SAME_SADDLE) {
            return Optional.empty();
        }
        double now = Sides.mean(was.get().crown());
        double told = Sides.mean(was.get().afterRelief(is.get().reliefGap()).crown()) - now;
        if (Math.abs(told) < LEAST_SHIFT) {
            return Optional.empty();
        }
        double leverage = was.get().basis().saddle() / was.get().basis().actionAt();
        double standard = Math.hypot(action(before, shop), action(after, shop)) * leverage;
        return Optional.of(new RodEffect(
                (Sides.mean(is.get().crown()) - now) / told, standard / Math.abs(told), Optional.empty()));
    }

    /** Standard uncertainty of the mean of both actions, mm. */
    private static double action(Visit visit, ShopStandards shop) {
        return Math.hypot(
                        Repeatability.standard(visit, Reading.ACTION_BASS, shop),
                        Repeatability.standard(visit, Reading.ACTION_TREBLE, shop))
                / 2;
    }

    /** The instrument as on that visit, if everything needed for the crown was read. */
    private static Optional<Setup> setup(Job job, Visit visit, ShopStandards shop) {
        boolean read = visit.knowsRelief()
                && List.of(Reading.NUT_BASS, Reading.NUT_TREBLE, Reading.ACTION_BASS, Reading.ACTION_TREBLE).stream()
                        .allMatch(each -> visit.get(each).isPresent());
        return read
                ? Trajectory.of(job.withVisit(visit), shop)
                        .trajectory()
                        .map(known -> Setup.measured(known, visit, shop))
                : Optional.empty();
    }
}
