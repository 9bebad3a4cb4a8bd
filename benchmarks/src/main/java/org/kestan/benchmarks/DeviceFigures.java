package org.kestan.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.kestan.analysis.picture.PictureMarks;
import org.kestan.analysis.picture.PictureReading;
import org.kestan.analysis.picture.PixelPoint;
import org.kestan.base.sheet.Reading;
import org.kestan.devices.picture.GrayPicture;
import org.kestan.devices.picture.PictureMeasurement;
import org.kestan.devices.sound.HeardNote;
import org.kestan.devices.sound.Listener;
import org.kestan.devices.sound.Recording;
import org.kestan.devices.standin.PhotographedNeck;
import org.kestan.devices.standin.PlayedString;
import org.kestan.devices.standin.StandInCamera;

/** How well pictures are measured and strings are heard, on simulated ones that are known exactly. */
public final class DeviceFigures {

    private static final double MEGAPIXELS = 12;
    private static final double ROUGHLY = 12;
    private static final int AT = 12;

    private DeviceFigures() {}

    /** Arguments: number of pictures of each view (100), of plucked notes (500). */
    public static void main(String[] arguments) {
        int pictures = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 100;
        int plucks = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 500;
        pictures(PhotographedNeck.View.CLOSE_UP, pictures, 0.03, 11, 12, 13);
        pictures(PhotographedNeck.View.WHOLE, pictures, 0.1, 1, 3, 5, 7, 9, 12, 14);
        plucks(plucks);
    }

    private static PixelPoint roughly(PixelPoint place, Random random) {
        double angle = 2 * Math.PI * random.nextDouble();
        double off = ROUGHLY * Math.sqrt(random.nextDouble());
        return place.plus(off * Math.cos(angle), off * Math.sin(angle));
    }

    private static void pictures(PhotographedNeck.View view, int count, double limit, int... frets) {
        int right = 0;
        int held = 0;
        int seen = 0;
        for (int i = 0; i < count; i++) {
            Random random = new Random(7919L * i + 13);
            PhotographedNeck neck = PhotographedNeck.drawn(random, view, MEGAPIXELS);
            StandInCamera camera = new StandInCamera(neck, i);
            List<PictureMarks.FretMark> marked = new ArrayList<>();
            for (int fret : frets) {
                marked.add(new PictureMarks.FretMark(fret, roughly(camera.crown(fret), random)));
            }
            PictureMarks marks = new PictureMarks(
                    OptionalDouble.of(neck.scale()),
                    marked,
                    List.of(),
                    OptionalDouble.of(neck.camera().distance()),
                    OptionalDouble.of(neck.inset()),
                    List.of(new PictureMarks.Gap(
                            Reading.ACTION_BASS,
                            roughly(camera.crown(AT), random),
                            roughly(camera.underside(AT), random))));
            List<PictureReading> readings = PictureMeasurement.of(
                            GrayPicture.of(camera.keptPicture()), OptionalDouble.empty(), marks)
                    .readings();
            if (!readings.isEmpty()) {
                double off = Math.abs(readings.get(0).value() - neck.action(AT));
                seen++;
                right += off <= limit ? 1 : 0;
                held += off <= readings.get(0).halfWidth() ? 1 : 0;
            }
        }
        System.out.printf(
                "%-9s %d pictures, %d read: within %.2f mm %.1f %%, half-widths hold in %.1f %%%n",
                view, count, seen, limit, 100.0 * right / count, 100.0 * held / Math.max(1, seen));
    }

    private static void plucks(int count) {
        int right = 0;
        int octaves = 0;
        int held = 0;
        int told = 0;
        int wrong = 0;
        for (int i = 0; i < count; i++) {
            Random random = new Random(104_729L * i + 5);
            boolean rattles = i % 2 == 1;
            PlayedString string = PlayedString.drawn(random, rattles);
            double rate = i % 3 == 0 ? 48_000 : 44_100;
            List<HeardNote> notes = Listener.listen(
                    new Recording(rate, string.play(rate, 1.6 + random.nextDouble(), random)), Optional.empty());
            if (!notes.isEmpty()) {
                HeardNote note = notes.get(0);
                double cents = 1200 * Math.log(note.frequency() / string.first()) / Math.log(2);
                right += Math.abs(cents) <= 1 ? 1 : 0;
                octaves += Math.abs(cents) > 500 ? 1 : 0;
                held += Math.abs(cents) <= note.halfWidth() ? 1 : 0;
                told += rattles && note.buzz() > 0.5 ? 1 : 0;
                wrong += !rattles && note.buzz() > 0.5 ? 1 : 0;
            }
        }
        System.out.printf(
                "%d plucks: within a cent %.1f %%, octaves off %d, half-widths hold in %.1f %%; rattles told %.1f %%, false %.1f %%%n",
                count,
                100.0 * right / count,
                octaves,
                100.0 * held / count,
                200.0 * told / count,
                200.0 * wrong / count);
    }
}
