package org.kestan.verdict;

import java.util.Optional;
import org.kestan.job.Details;
import org.kestan.job.Job;
import org.kestan.job.TrussRod;
import org.kestan.setup.Setup;
import org.kestan.sheet.Reading;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;

/**
 * What the truss rod is asked for, from a given relief.
 *
 * @param gap the relief, mm
 * @param aim the relief to set, mm
 * @param inWindow whether the relief lies in the shop's window
 * @param asked whether the job asks for another relief than this
 * @param state the rod as far as it was tried
 */
public record Rod(double gap, double aim, boolean inWindow, boolean asked, Optional<TrussRod> state) {

    /** The step between leaves: relief is not touched for less. */
    private static final double LEAF = 0.001 * 25.4;

    private static final double EXACT = 1e-9;

    /** What the rod is asked for on a job's instrument at a relief. */
    public static Rod at(double gap, Job job, ShopStandards shop) {
        Wanted wanted = Wanted.of(job, shop);
        boolean inWindow =
                gap >= shop.get(Standard.RELIEF_LEAST) - EXACT && gap <= shop.get(Standard.RELIEF_MOST) + EXACT;
        boolean asked = wanted.reliefSaid() && Math.abs(gap - wanted.relief()) > LEAF;
        return new Rod(
                gap, wanted.relief(), inWindow, asked, job.survey().details().get(Details.TRUSS_ROD));
    }

    /** Tells whether the relief is to be changed at all. */
    public boolean needed() {
        return !inWindow || asked;
    }

    /** Tells whether relief has to come out of the neck. */
    public boolean tightens() {
        return gap > aim;
    }

    /** Tells whether the rod can do it; one that was not tried may. */
    public boolean can() {
        return state.map(rod -> tightens() ? rod.canTighten() : rod.canLoosen()).orElse(true);
    }

    /** The set-up once the rod has done what it is asked for and can. */
    public static Setup set(Setup from, Job job, ShopStandards shop) {
        Rod rod = at(from.reliefGap(), job, shop);
        boolean read = job.survey().millimetres(Reading.RELIEF).isPresent();
        return read && rod.needed() && rod.can() ? from.withRelief(rod.aim()) : from;
    }
}
