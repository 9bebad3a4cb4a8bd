package org.kestan.devices.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import org.kestan.analysis.picture.PictureReading;
import org.kestan.analysis.picture.PixelPoint;
import org.kestan.base.sheet.Reading;
import org.kestan.job.source.Made;
import org.kestan.job.source.Provenance;
import org.testng.annotations.Test;

/** Several pictures of one instrument. */
public class PictureReadingsTest {

    private static final PixelPoint SOMEWHERE = new PixelPoint(0, 0);

    private static PictureReading action(double value, double halfWidth) {
        return new PictureReading(Reading.ACTION_BASS, value, halfWidth, SOMEWHERE, SOMEWHERE);
    }

    /** Two pictures have equal weight and both are named; the same picture read again counts once. */
    @Test
    public void twoPicturesArePutTogether() {
        PictureReadings readings = new PictureReadings();
        assertThat(readings.readings()).isEmpty();
        readings.put(Path.of("card", "b.jpg"), action(2.40, 0.03));
        readings.put(Path.of("card", "a.jpg"), action(2.44, 0.03));
        readings.put(Path.of("card", "a.jpg"), action(2.42, 0.03));
        assertThat(readings.readings()).hasSize(1);
        var mean = readings.of(Reading.ACTION_BASS).orElseThrow();
        assertThat(mean.value().millimeters()).isCloseTo(2.41, within(1e-9));
        Provenance from = mean.provenance();
        assertThat(from.made()).isEqualTo(Made.PICTURE);
        assertThat(from.from()).isEqualTo("a.jpg, b.jpg");
        // 0.03 over the square root of two, to a thousandth.
        assertThat(from.halfWidth().orElseThrow()).isCloseTo(0.021, within(1e-9));
        // A picture of the same name in another folder is another picture.
        readings.put(Path.of("other", "a.jpg"), action(2.46, 0.03));
        assertThat(readings.of(Reading.ACTION_BASS).orElseThrow().value().millimeters())
                .isCloseTo(2.43, within(1e-9));
        readings.clear();
        assertThat(readings.of(Reading.ACTION_BASS)).isEmpty();
    }
}
