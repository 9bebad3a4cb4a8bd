package org.kestan.devices.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.kestan.analysis.picture.PictureMarks;
import org.kestan.analysis.picture.PictureReading;
import org.kestan.analysis.picture.PictureWarning;
import org.kestan.analysis.picture.PixelPoint;
import org.kestan.base.sheet.Reading;
import org.kestan.devices.standin.PhotographedNeck;
import org.kestan.devices.standin.StandInCamera;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PictureMeasurementTest {

    private static final int AT = 12;
    private static final double ROUGHLY = 8;

    /** A place marked by hand. */
    private static PixelPoint roughly(PixelPoint place, Random random) {
        double angle = 2 * Math.PI * random.nextDouble();
        double off = ROUGHLY * Math.sqrt(random.nextDouble());
        return place.plus(off * Math.cos(angle), off * Math.sin(angle));
    }

    private static PictureMarks marks(PhotographedNeck neck, StandInCamera camera, Random random, int... frets) {
        List<PictureMarks.FretMark> marked = new ArrayList<>();
        for (int fret : frets) {
            marked.add(new PictureMarks.FretMark(fret, roughly(camera.crown(fret), random)));
        }
        return new PictureMarks(
                OptionalDouble.of(neck.scale()),
                marked,
                List.of(),
                OptionalDouble.of(neck.camera().distance()),
                OptionalDouble.of(neck.inset()),
                List.of(new PictureMarks.Gap(
                        Reading.ACTION_BASS,
                        roughly(camera.crown(AT), random),
                        roughly(camera.underside(AT), random))));
    }

    private static PictureMeasurement measured(StandInCamera camera, PictureMarks marks) {
        return PictureMeasurement.of(GrayPicture.of(camera.keptPicture()), OptionalDouble.empty(), marks);
    }

    @DataProvider
    static Object[][] views() {
        return new Object[][] {
            {PhotographedNeck.View.CLOSE_UP, 4.0, 0.03, new int[] {11, 12, 13}},
            {PhotographedNeck.View.WHOLE, 8.0, 0.1, new int[] {1, 3, 5, 7, 9, 12, 14}},
        };
    }

    /** Ray-traced pictures of known necks: a small share of those in the benchmark. */
    @Test(dataProvider = "views")
    public void necksThatAreKnownAreMeasured(
            PhotographedNeck.View view, double megapixels, double limit, int... frets) {
        int held = 0;
        for (int i = 0; i < 2; i++) {
            Random random = new Random(31 * i + 7);
            PhotographedNeck neck = PhotographedNeck.drawn(random, view, megapixels);
            StandInCamera camera = new StandInCamera(neck, i);
            PictureMeasurement measured = measured(camera, marks(neck, camera, random, frets));
            assertThat(measured.readings()).as("picture " + i).hasSize(1);
            assertThat(measured.warnings()).as("picture " + i).isEmpty();
            PictureReading reading = measured.readings().get(0);
            assertThat(reading.value()).as("picture " + i).isCloseTo(neck.action(AT), within(limit));
            held += Math.abs(reading.value() - neck.action(AT)) <= reading.halfWidth() ? 1 : 0;
        }
        assertThat(held).isGreaterThanOrEqualTo(1);
    }

    private static final PhotographedNeck NECK =
            PhotographedNeck.drawn(new Random(5), PhotographedNeck.View.CLOSE_UP, 2);
    private static final StandInCamera CAMERA = new StandInCamera(NECK, 5);

    /** Where nothing can be seen nothing is read, and the reason is given. */
    @Test
    public void whatCannotBeSeenIsNotRead() {
        PictureMarks marks = marks(NECK, CAMERA, new Random(1), 11, 12, 13);
        int width = NECK.camera().width();
        int height = NECK.camera().height();
        GrayPicture dark = new GrayPicture(width, height, new byte[width * height]);
        PictureMeasurement none = PictureMeasurement.of(dark, OptionalDouble.empty(), marks);
        assertThat(none.readings()).isEmpty();
        assertThat(none.warnings())
                .extracting(PictureWarning::what)
                .contains(PictureWarning.What.NO_FRET, PictureWarning.What.NO_EDGE);
        PictureMarks outside = new PictureMarks(
                marks.scale(),
                marks.frets(),
                marks.known(),
                marks.distance(),
                marks.inset(),
                List.of(new PictureMarks.Gap(
                        Reading.ACTION_BASS, new PixelPoint(-5, 10), new PixelPoint(10, width * 2.0))));
        assertThat(measured(CAMERA, outside).warnings())
                .containsExactly(new PictureWarning(PictureWarning.What.OUTSIDE, Reading.ACTION_BASS.key()));
    }

    /**
     * Marked at the foot of the fret instead of its crown, beyond the search range: reported, and given a half-width
     * that covers the error.
     */
    @Test
    public void aMarkAtTheFootOfAFretIsSaid() {
        PhotographedNeck neck = PhotographedNeck.drawn(new Random(5), PhotographedNeck.View.CLOSE_UP, 4);
        StandInCamera camera = new StandInCamera(neck, 5);
        double crown = neck.crown() * neck.camera().focal() / neck.camera().distance();
        assertThat(crown).as("farther than is searched").isGreaterThan(EdgePair.REACH + 4);
        List<PictureMarks.FretMark> feet = new ArrayList<>();
        for (int fret : new int[] {11, 12, 13}) {
            feet.add(new PictureMarks.FretMark(fret, camera.crown(fret).plus(0, crown)));
        }
        PictureMeasurement measured = measured(
                camera,
                new PictureMarks(
                        OptionalDouble.of(neck.scale()),
                        feet,
                        List.of(),
                        OptionalDouble.of(neck.camera().distance()),
                        OptionalDouble.of(neck.inset()),
                        List.of(new PictureMarks.Gap(
                                Reading.ACTION_BASS, camera.crown(AT).plus(0, crown), camera.underside(AT)))));
        assertThat(measured.warnings())
                .extracting(PictureWarning::what)
                .containsAnyOf(PictureWarning.What.EDGE_BETWEEN, PictureWarning.What.NO_EDGE);
        assertThat(measured.readings())
                .allMatch(reading -> Math.abs(reading.value() - neck.action(AT)) <= 1.2 * reading.halfWidth());
    }

    /** One fret or none, and no known length: no scale. */
    @Test
    public void withoutAScaleNothingIsRead() {
        PictureMeasurement none = measured(CAMERA, marks(NECK, CAMERA, new Random(1), 12));
        assertThat(none.warnings()).extracting(PictureWarning::what).containsExactly(PictureWarning.What.NO_SCALE);
        assertThat(none.millimetersPerPixel()).isEmpty();
    }

    /** A known length replaces the frets. */
    @Test
    public void aKnownLengthIsAScale() {
        PictureMarks marks = marks(NECK, CAMERA, new Random(2), 11, 12, 13);
        PixelPoint under = CAMERA.seen(0, 0, 0);
        PixelPoint from = CAMERA.crown(AT);
        PixelPoint to = CAMERA.crown(AT + 1);
        double apart = NECK.scale() * (Math.pow(2, -AT / 12.0) - Math.pow(2, -(AT + 1) / 12.0));
        assertThat(under.distance(from)).isPositive();
        PictureMarks known = new PictureMarks(
                OptionalDouble.empty(),
                List.of(),
                List.of(new PictureMarks.Known(from, to, apart)),
                marks.distance(),
                OptionalDouble.of(NECK.inset()),
                marks.gaps());
        PictureMeasurement measured = measured(CAMERA, known);
        assertThat(measured.readings()).hasSize(1);
        assertThat(measured.readings().get(0).value()).isCloseTo(NECK.action(AT), within(0.12));
    }

    /** Several pictures are combined; if they disagree the half-width grows. */
    @Test
    public void severalPicturesArePutTogether() {
        PixelPoint any = new PixelPoint(0, 0);
        PictureReading one = new PictureReading(Reading.ACTION_BASS, 2.40, 0.04, any, any);
        PictureReading other = new PictureReading(Reading.ACTION_BASS, 2.42, 0.02, any, any);
        PictureReading far = new PictureReading(Reading.ACTION_BASS, 2.60, 0.02, any, any);
        PictureReading treble = new PictureReading(Reading.ACTION_TREBLE, 1.9, 0.03, any, any);
        List<PictureReading> merged = PictureMeasurement.together(List.of(one, treble, other));
        assertThat(merged).hasSize(2);
        // Weights 1 to 4.
        assertThat(merged.get(0).value()).isCloseTo(2.416, within(1e-9));
        assertThat(merged.get(0).halfWidth()).isCloseTo(0.04 / Math.sqrt(5), within(1e-9));
        assertThat(merged.get(1)).isEqualTo(treble);
        assertThat(PictureMeasurement.together(List.of(other, far)).get(0).halfWidth())
                .isGreaterThan(0.1);
    }
}
