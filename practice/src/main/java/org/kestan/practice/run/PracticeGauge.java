package org.kestan.practice.run;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.kestan.base.expect.Expect;
import org.kestan.base.sheet.Reading;
import org.kestan.simulator.cases.Chance;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.elastic.Equilibrium;
import org.kestan.simulator.elastic.State;
import org.kestan.simulator.tools.Placement;

/** Sends the readings of a practice instrument the way a gauge would, taken with the usual tools and their noise. */
public final class PracticeGauge {

    private final Random random;
    private final State strung;
    private final State slack;

    /**
     * @param seed makes the noise repeatable
     */
    public PracticeGauge(PracticeCase given, long seed) {
        random = Chance.of(seed, given.seed());
        strung = Equilibrium.strung(given.instrument());
        slack = Equilibrium.slack(given.instrument());
    }

    /** Returns the readings that can be sent, in working order. */
    public List<Reading> readings() {
        return Stream.of(Reading.values())
                .filter(reading -> Placement.of(reading, strung.instrument()).isPresent())
                .toList();
    }

    /** Takes a reading once, with its unit, to a thousandth of a mm. */
    public String play(Reading reading) {
        Placement place = Placement.of(reading, strung.instrument()).orElseThrow(Expect.present("reading"));
        double truth = place.truth(Placement.isReadSlack(reading) ? slack : strung);
        double read = Math.max(0, place.usualTool().read(truth, random));
        return BigDecimal.valueOf(read).setScale(3, RoundingMode.HALF_EVEN).toPlainString() + " mm";
    }
}
