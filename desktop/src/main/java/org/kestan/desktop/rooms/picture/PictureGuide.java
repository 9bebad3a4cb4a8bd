package org.kestan.desktop.rooms.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.kestan.analysis.picture.PictureMarks;
import org.kestan.analysis.picture.PixelPoint;
import org.kestan.base.sheet.Reading;
import org.kestan.desktop.messages.Messages;
import org.kestan.devices.picture.PictureMeasurement;

/** The places to mark for a reading, one after the other, and which of them are marked. */
final class PictureGuide {

    private final Reading line;
    private final int fret;
    private final OptionalDouble scale;
    private final OptionalDouble known;
    private final OptionalDouble distance;
    private final OptionalDouble inset;
    private final List<PixelPoint> marks = new ArrayList<>();

    /**
     * @param line what is to be read
     * @param fret the fret it is read over
     * @param scale scale length, mm, where frets tell how large it is
     * @param known a length that is known, mm, where that tells it
     * @param distance from the camera, mm; empty if not measured
     * @param inset how far inside the board's edge the string lies, mm; empty if not measured
     */
    PictureGuide(
            Reading line,
            int fret,
            OptionalDouble scale,
            OptionalDouble known,
            OptionalDouble distance,
            OptionalDouble inset) {
        this.line = line;
        this.fret = fret;
        this.scale = scale;
        this.known = known;
        this.distance = distance;
        this.inset = inset;
    }

    /** What to read. */
    Reading line() {
        return line;
    }

    /** Returns whether another request asks for the same reading with the same measures. */
    boolean asks(PictureGuide other) {
        return line == other.line
                && fret == other.fret
                && scale.equals(other.scale)
                && known.equals(other.known)
                && distance.equals(other.distance)
                && inset.equals(other.inset);
    }

    /** The frets to mark: the one that is read over, and its neighbors. */
    private List<Integer> frets() {
        int first = Math.max(1, fret - 1);
        return List.of(first, first + 1, first + 2);
    }

    /** What is missing before marking can start; empty if nothing is. */
    String lacks() {
        if (PictureMeasurement.isOverFret(line)) {
            return scale.isPresent() ? "" : Messages.message("picture-room.no-scale-length");
        }
        return known.isPresent() ? "" : Messages.message("picture-room.no-known-length");
    }

    private int needed() {
        return PictureMeasurement.isOverFret(line) ? frets().size() + 1 : 4;
    }

    boolean isDone() {
        return marks.size() >= needed();
    }

    /** Returns what to mark next. */
    String next() {
        if (isDone()) {
            return Messages.message("picture-room.all-marked");
        }
        int at = marks.size();
        if (PictureMeasurement.isOverFret(line)) {
            return at < frets().size()
                    ? Messages.message("picture-room.mark-fret", frets().get(at))
                    : Messages.message("picture-room.mark-string", fret);
        }
        return switch (at) {
            case 0 -> Messages.message("picture-room.mark-known-from");
            case 1 -> Messages.message("picture-room.mark-known-to");
            case 2 -> Messages.message("picture-room.mark-from");
            default -> Messages.message("picture-room.mark-to");
        };
    }

    void mark(PixelPoint at) {
        if (!isDone()) {
            marks.add(at);
        }
    }

    /** Removes the last mark. */
    void back() {
        if (!marks.isEmpty()) {
            marks.remove(marks.size() - 1);
        }
    }

    List<PixelPoint> marks() {
        return List.copyOf(marks);
    }

    /** The marks, once all are set. */
    PictureMarks result() {
        if (!PictureMeasurement.isOverFret(line)) {
            return new PictureMarks(
                    OptionalDouble.empty(),
                    List.of(),
                    List.of(new PictureMarks.Known(marks.get(0), marks.get(1), known.orElse(1))),
                    distance,
                    inset,
                    List.of(new PictureMarks.Gap(line, marks.get(2), marks.get(3))));
        }
        List<PictureMarks.FretMark> crowns = new ArrayList<>();
        for (int i = 0; i < frets().size(); i++) {
            crowns.add(new PictureMarks.FretMark(frets().get(i), marks.get(i)));
        }
        int over = frets().indexOf(fret);
        return new PictureMarks(
                scale,
                crowns,
                List.of(),
                distance,
                inset,
                List.of(new PictureMarks.Gap(line, marks.get(over), marks.get(frets().size()))));
    }
}
