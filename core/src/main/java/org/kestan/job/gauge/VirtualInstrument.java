package org.kestan.job.gauge;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.kestan.base.expect.Expect;
import org.kestan.base.sheet.Reading;
import org.kestan.job.Job;

/** A virtual instrument: sends the readings of a job the way a gauge would, with the noise of the usual tool. */
public final class VirtualInstrument {

    private final Job job;
    private final Random random;

    /**
     * @param job the job whose readings are played
     * @param seed makes the noise repeatable
     */
    public VirtualInstrument(Job job, long seed) {
        this.job = job;
        this.random = new Random(seed);
    }

    /** Returns the readings it can send, in working order. */
    public List<Reading> readings() {
        return Stream.of(Reading.values())
                .filter(reading -> job.get(reading).isPresent())
                .toList();
    }

    /**
     * Takes a reading once: the value with normal noise of a third of the tool's resolution, to a hundredth of a mm.
     */
    public String play(Reading reading) {
        double actual = job.visit().millimeters(reading).orElseThrow(Expect.present("reading"));
        double noisy =
                actual + random.nextGaussian() * job.visit().tool(reading).resolution() / 3;
        return BigDecimal.valueOf(noisy).setScale(2, RoundingMode.HALF_EVEN).toPlainString() + " mm";
    }
}
