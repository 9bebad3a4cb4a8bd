package org.kestan.analysis.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import org.kestan.base.geometry.Frets;
import org.testng.annotations.Test;

/** A known camera is recovered from what it sees. The pinhole rule, f·X/Z, is written out here independently. */
public class CameraFitTest {

    private static final int WIDTH = 4000;
    private static final int HEIGHT = 3000;
    private static final double FOCAL = 3400;
    private static final double DISTANCE = 380;
    private static final double SCALE = 645;
    private static final double INSET = 3;
    private static final CameraFit.Frame FRAME = new CameraFit.Frame(WIDTH, HEIGHT, OptionalDouble.empty());

    /** Seen by a camera turned by this much and aimed at fret 7; mirrored, it looks from the other side. */
    private static PixelPoint seen(double fromNut, double h, double t, double yaw, boolean mirrored) {
        double d = fromNut - new Frets(SCALE).at(7);
        double depth = DISTANCE + d * Math.sin(yaw) + t * Math.cos(yaw);
        double x = FOCAL * (d * Math.cos(yaw) - t * Math.sin(yaw)) / depth;
        return new PixelPoint(WIDTH / 2.0 + (mirrored ? -x : x), HEIGHT / 2.0 - FOCAL * h / depth);
    }

    private static PictureMarks marks(double yaw, boolean mirrored, int[] frets, int[] names) {
        List<PictureMarks.FretMark> marks = new ArrayList<>();
        for (int i = 0; i < frets.length; i++) {
            marks.add(new PictureMarks.FretMark(names[i], seen(new Frets(SCALE).at(frets[i]), 0, 0, yaw, mirrored)));
        }
        return new PictureMarks(
                OptionalDouble.of(SCALE),
                marks,
                List.of(),
                OptionalDouble.of(DISTANCE),
                OptionalDouble.of(INSET),
                List.of());
    }

    private static CameraFit fit(PictureMarks marks) {
        return CameraFit.of(FRAME, marks, Collections.nCopies(marks.frets().size(), 0.3), 0.3);
    }

    private static final int[] FRETS = {1, 3, 5, 7, 9, 12};

    /** From any angle and from both sides, 2.5 mm over fret 12 measure 2.5 mm, with the string behind the fret ends. */
    @Test
    public void aHeightIsReadWhateverTheView() {
        for (double degrees : new double[] {-6, 0, 4}) {
            for (boolean mirrored : new boolean[] {false, true}) {
                double yaw = Math.toRadians(degrees);
                CameraFit fit = fit(marks(yaw, mirrored, FRETS, FRETS));
                double at = new Frets(SCALE).at(12);
                CameraFit.Measured measured = fit.length(
                        seen(at, 0, 0, yaw, mirrored),
                        seen(at, 2.5, INSET, yaw, mirrored),
                        CameraFit.Way.ACROSS,
                        INSET,
                        0,
                        0,
                        0);
                assertThat(measured.value()).as(degrees + " " + mirrored).isCloseTo(2.5, within(0.012));
                assertThat(measured.deviation()).isBetween(0.0005, 0.03);
                assertThat(fit.misfit()).isLessThan(1.6);
                assertThat(fit.crown(at).distance(seen(at, 0, 0, yaw, mirrored)))
                        .isLessThan(0.5);
            }
        }
    }

    /** The distance between two frets along the board comes out right. */
    @Test
    public void aLengthAlongTheBoardIsRead() {
        CameraFit fit = fit(marks(0.05, false, FRETS, FRETS));
        Frets board = new Frets(SCALE);
        CameraFit.Measured measured = fit.length(
                seen(board.at(2), 0, 0, 0.05, false),
                seen(board.at(8), 0, 0, 0.05, false),
                CameraFit.Way.ALONG,
                0,
                0,
                0,
                0);
        assertThat(measured.value()).isCloseTo(board.at(8) - board.at(2), within(0.3));
    }

    /** A fret with the wrong number fits no likely camera. */
    @Test
    public void aWrongNameIsSeen() {
        assertThat(fit(marks(0.02, false, FRETS, new int[] {1, 3, 5, 8, 9, 12})).misfit())
                .isGreaterThan(3.5);
    }

    /** Less certain edges make a length less certain, and so does a string at an unknown depth. */
    @Test
    public void doubtIsCounted() {
        CameraFit fit = fit(marks(0, false, FRETS, FRETS));
        PixelPoint from = seen(new Frets(SCALE).at(12), 0, 0, 0, false);
        PixelPoint to = seen(new Frets(SCALE).at(12), 2.5, INSET, 0, false);
        double sure =
                fit.length(from, to, CameraFit.Way.ACROSS, INSET, 0, 0.1, 0.1).deviation();
        double edges =
                fit.length(from, to, CameraFit.Way.ACROSS, INSET, 0, 1, 1).deviation();
        double place =
                fit.length(from, to, CameraFit.Way.ACROSS, INSET, 3, 0.1, 0.1).deviation();
        assertThat(edges - sure).isGreaterThan(0.05);
        // Three millimeters in depth of 380 on 2.5 mm.
        assertThat(Math.sqrt(place * place - sure * sure)).isCloseTo(2.5 * 3 / 380, within(0.003));
    }

    @Test
    public void withoutAScaleThereIsNoCamera() {
        PictureMarks one = marks(0, false, new int[] {12}, new int[] {12});
        assertThatThrownBy(() -> fit(one)).isInstanceOf(IllegalArgumentException.class);
    }
}
