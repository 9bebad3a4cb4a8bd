package org.kestan.devices.picture;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeSet;
import org.kestan.analysis.picture.PictureReading;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Measurable;
import org.kestan.job.source.Made;
import org.kestan.job.source.Provenance;
import org.kestan.job.source.ReadingSource;
import org.kestan.job.source.SourcedReading;

/** The readings from the pictures of one instrument; several pictures of one gap are combined. */
public final class PictureReadings implements ReadingSource {

    private record Seen(Path picture, Measurable line) {}

    private final Map<Seen, PictureReading> all = new LinkedHashMap<>();

    /** With none. */
    public PictureReadings() {}

    /** Adds a reading, replacing one of the same line in the same picture. */
    public void put(Path picture, PictureReading reading) {
        all.put(new Seen(picture, reading.line()), reading);
    }

    /** Forgets all of them, for another instrument. */
    public void clear() {
        all.clear();
    }

    /** Returns what all pictures together say about each line. */
    public List<PictureReading> together() {
        return PictureMeasurement.together(List.copyOf(all.values()));
    }

    /** Returns what all pictures together say about one line; empty if none shows it. */
    public Optional<SourcedReading<Length>> of(Measurable line) {
        return together().stream()
                .filter(each -> each.line().equals(line))
                .map(this::sourced)
                .findFirst();
    }

    @Override
    public List<SourcedReading<?>> readings() {
        return List.copyOf(together().stream().map(this::sourced).toList());
    }

    private SourcedReading<Length> sourced(PictureReading reading) {
        TreeSet<String> pictures = new TreeSet<>();
        all.keySet().stream()
                .filter(each -> each.line().equals(reading.line()))
                .forEach(each -> pictures.add(String.valueOf(each.picture().getFileName())));
        return new SourcedReading<>(
                reading.line(),
                Length.ofText(String.format(Locale.ROOT, "%.2f mm", reading.value())),
                new Provenance(
                        Made.PICTURE,
                        String.join(", ", pictures),
                        OptionalDouble.of(Math.round(reading.halfWidth() * 1000) / 1000.0)));
    }
}
