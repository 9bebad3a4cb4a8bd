package org.kestan.job.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import org.kestan.analysis.inputs.Repeatability;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.takes.ReadingTakes;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Visit;
import org.testng.annotations.Test;

/** The source of a value stays with it as long as the value does. */
public class ProvenanceTest {

    private static final Provenance PICTURE = new Provenance(Made.PICTURE, "neck.jpg", OptionalDouble.of(0.0392));
    private static final SourcedReading<Length> ACTION =
            new SourcedReading<>(Reading.ACTION_BASS, Length.ofText("2.41 mm"), PICTURE);

    /** Typed over, taken again or removed: the new value comes from no device. */
    @Test
    public void itGoesWithItsValue() {
        Visit read = Visit.BLANK.with(ACTION);
        assertThat(read.source(Reading.ACTION_BASS)).contains(PICTURE);
        assertThat(read.source(Reading.ACTION_TREBLE)).isEmpty();
        assertThat(read.with(Reading.ACTION_BASS, Length.ofText("2.5 mm")).source(Reading.ACTION_BASS))
                .isEmpty();
        assertThat(read.without(Reading.ACTION_BASS).source(Reading.ACTION_BASS))
                .isEmpty();
        assertThat(read.with(Reading.ACTION_TREBLE, Length.ofText("2 mm")).source(Reading.ACTION_BASS))
                .contains(PICTURE);
        Job again = ReadingTakes.takeAgain(
                Job.BLANK.withVisit(read), Reading.ACTION_BASS, Length.ofText("2.43 mm"), ShopStandards.DEFAULT);
        assertThat(again.visit().takesOf(Reading.ACTION_BASS)).hasSize(2);
        assertThat(again.visit().source(Reading.ACTION_BASS)).isEmpty();
    }

    /** A half-width holds 95 % of a normal distribution, 1.96 deviations (standard tables); without one the tool's counts. */
    @Test
    public void itsHalfWidthCounts() {
        Visit read = Visit.BLANK.with(ACTION);
        assertThat(Repeatability.standard(read, Reading.ACTION_BASS, ShopStandards.DEFAULT))
                .isCloseTo(0.02, within(1e-6));
        Visit typed = Visit.BLANK.with(Reading.ACTION_BASS, Length.ofText("2.41 mm"));
        Visit gauge = typed.withSource(Reading.ACTION_BASS, new Provenance(Made.GAUGE, "COM3", OptionalDouble.empty()));
        double byTool = Repeatability.standard(typed, Reading.ACTION_BASS, ShopStandards.DEFAULT);
        assertThat(byTool).isGreaterThan(0.1);
        assertThat(Repeatability.standard(gauge, Reading.ACTION_BASS, ShopStandards.DEFAULT))
                .isEqualTo(byTool);
        Visit boasting = typed.withSource(Reading.ACTION_BASS, new Provenance(Made.GAUGE, "", OptionalDouble.of(0)));
        assertThat(Repeatability.standard(boasting, Reading.ACTION_BASS, ShopStandards.DEFAULT))
                .isEqualTo(0.001);
    }

    /** Cents are not a length, and keep their source too. */
    @Test
    public void centsKeepTheirs() {
        Provenance ear = new Provenance(Made.SOUND, "", OptionalDouble.of(0.4));
        Visit heard = Visit.BLANK.with(new SourcedReading<>(Lines.CENTS_BASS, 7.0, ear));
        assertThat(heard.get(Lines.CENTS_BASS)).contains(7.0);
        assertThat(heard.source(Lines.CENTS_BASS)).contains(ear);
    }
}
