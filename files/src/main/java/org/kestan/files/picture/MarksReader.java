package org.kestan.files.picture;

import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.picture.PictureMarks;
import org.kestan.analysis.picture.PixelPoint;
import org.kestan.base.finding.Fault;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Frets;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.NotationFinding;
import org.kestan.base.sheet.Measurable;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.ValueType;
import org.kestan.files.FileFinding;
import org.kestan.files.json.Json;
import org.kestan.files.text.TextFile;
import org.kestan.job.tree.TreeCursor;
import org.kestan.job.tree.TreeFinding;

/** Reads the marks in a photograph. Described in docs/devices.md. */
public final class MarksReader {

    private static final String DESCRIBED = "docs/devices.md";
    private static final ValueType<Integer> FRET = ValueType.whole(0, Frets.HIGHEST);
    private static final BigDecimal FARTHEST = BigDecimal.valueOf(100_000);

    private MarksReader() {}

    /**
     * The result of reading.
     *
     * @param marks empty if there are faults
     * @param faults each with the JSON pointer of its place
     */
    public record Outcome(Optional<PictureMarks> marks, List<Fault> faults) {

        private static Outcome faulty(List<Fault> faults) {
            return new Outcome(Optional.empty(), List.copyOf(faults));
        }
    }

    /** Reads a file. */
    public static Outcome read(Path file) {
        return TextFile.read(file, FileFinding.MARKS.of(), MarksReader::read, Outcome::faulty);
    }

    /** Reads a text. */
    public static Outcome read(String text) {
        Json.Read read = Json.read(text, DESCRIBED);
        if (read.tree().isEmpty()) {
            return Outcome.faulty(read.faults());
        }
        TreeCursor root = TreeCursor.root(read.tree().get());
        root.expectObject();
        OptionalDouble scale = length(root.at("scaleLength"));
        List<PictureMarks.FretMark> frets = new ArrayList<>();
        for (TreeCursor each : root.at("frets").elements()) {
            Optional<Integer> fret = each.at("fret").value(FRET);
            lacks(each, "fret");
            Optional<PixelPoint> at = point(each, "at");
            if (fret.isPresent() && at.isPresent()) {
                frets.add(new PictureMarks.FretMark(fret.get(), at.get()));
            }
        }
        if (!frets.isEmpty()) {
            lacks(root, "scaleLength");
        }
        List<PictureMarks.Known> known = new ArrayList<>();
        for (TreeCursor each : root.at("known").elements()) {
            Optional<PixelPoint> from = point(each, "from");
            Optional<PixelPoint> to = point(each, "to");
            lacks(each, "length");
            OptionalDouble length = length(each.at("length"));
            if (from.isPresent() && to.isPresent() && length.isPresent()) {
                known.add(new PictureMarks.Known(from.get(), to.get(), length.getAsDouble()));
            }
        }
        OptionalDouble distance = length(root.at("camera.distance"));
        OptionalDouble inset = depth(root.at("camera.inset"));
        List<PictureMarks.Gap> gaps = new ArrayList<>();
        for (TreeCursor each : root.at("gaps").elements()) {
            gap(each).ifPresent(gaps::add);
        }
        return root.faults().isEmpty()
                ? new Outcome(Optional.of(new PictureMarks(scale, frets, known, distance, inset, gaps)), List.of())
                : Outcome.faulty(root.faults());
    }

    private static Optional<PictureMarks.Gap> gap(TreeCursor each) {
        lacks(each, "line");
        Optional<String> key = each.at("line").text();
        Optional<Measurable> line = key.flatMap(Reading::ofKey);
        if (key.isPresent() && line.isEmpty()) {
            each.at("line")
                    .fault(
                            NotationFinding.NOT_KNOWN.of(Quantity.text(key.get())),
                            TreeFinding.LIKE.of(Quantity.text(Reading.ACTION_BASS.key())));
        }
        Optional<PixelPoint> from = point(each, "from");
        Optional<PixelPoint> to = point(each, "to");
        return line.isPresent() && from.isPresent() && to.isPresent()
                ? Optional.of(new PictureMarks.Gap(line.get(), from.get(), to.get()))
                : Optional.empty();
    }

    private static void lacks(TreeCursor at, String key) {
        if (!at.at(key).isPresent()) {
            at.fault(
                    TreeFinding.LACKS.of(Quantity.text(key)),
                    TreeFinding.LIKE.of(Quantity.text("{\"" + key + "\": \u2026}")));
        }
    }

    /** A length above zero, mm. */
    private static OptionalDouble length(TreeCursor at) {
        OptionalDouble length = depth(at);
        if (length.isPresent() && length.getAsDouble() <= 0) {
            at.fault(
                    NotationFinding.NOT_KNOWN.of(Quantity.text(at.shownText())),
                    TreeFinding.LIKE.of(Quantity.text("\"648 mm\"")));
            return OptionalDouble.empty();
        }
        return length;
    }

    private static OptionalDouble depth(TreeCursor at) {
        return at.value(ValueType.LENGTH)
                .map(Length::millimeters)
                .map(OptionalDouble::of)
                .orElse(OptionalDouble.empty());
    }

    /** Two numbers, pixels from the top left. */
    private static Optional<PixelPoint> point(TreeCursor within, String key) {
        TreeCursor at = within.at(key);
        lacks(within, key);
        List<TreeCursor> parts = at.elements();
        if (at.isPresent() && parts.size() != 2) {
            at.fault(
                    NotationFinding.NOT_KNOWN.of(Quantity.text(parts.isEmpty() ? at.shownText() : "[\u2026]")),
                    TreeFinding.LIKE.of(Quantity.text("[812.5, 1204]")));
            return Optional.empty();
        }
        if (parts.size() != 2) {
            return Optional.empty();
        }
        Optional<BigDecimal> x = pixel(parts.get(0));
        Optional<BigDecimal> y = pixel(parts.get(1));
        return x.isPresent() && y.isPresent()
                ? Optional.of(new PixelPoint(x.get().doubleValue(), y.get().doubleValue()))
                : Optional.empty();
    }

    private static Optional<BigDecimal> pixel(TreeCursor at) {
        Optional<BigDecimal> number = at.number(TreeFinding.A_NUMBER.of());
        if (number.isPresent() && number.get().abs().compareTo(FARTHEST) > 0) {
            at.fault(
                    NotationFinding.OUT_OF_RANGE.of(Quantity.text(at.shownText())),
                    TreeFinding.LIKE.of(Quantity.text("[812.5, 1204]")));
            return Optional.empty();
        }
        return number;
    }
}
