package org.kestan.desktop.widgets.field;

import java.util.function.Supplier;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.Parsed;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Measurable;
import org.kestan.base.standards.ShopStandards;
import org.kestan.desktop.messages.Messages;
import org.kestan.job.Job;
import org.kestan.job.takes.ReadingTakes;
import org.kestan.text.Wording;

/** The entries of a job. */
public final class JobEntries {

    private JobEntries() {}

    /** The value of a line. A reading is taken by the rules of the sheet, which may mark it provisional. */
    public static Entry of(Line<?> line, Supplier<ShopStandards> shop) {
        return new OfLine<>(line, Wording.label(line), shop);
    }

    /** The same with its own label. */
    public static Entry of(Line<?> line, String label, Supplier<ShopStandards> shop) {
        return new OfLine<>(line, label, shop);
    }

    /** The value of a line stored as it is, with its own label; the rules of the sheet do not apply. */
    public static Entry plain(Line<?> line, String label) {
        return new Plain<>(line, label);
    }

    /** The scale length entered as nut to fret 12, which is half of it. */
    public static Entry nutToTwelfth() {
        return new HalfScale();
    }

    /** Takes a reading once more, beside the earlier ones. */
    static Parsed<Job> again(Job job, Measurable reading, String typed, ShopStandards shop) {
        return Length.parse(typed).map(length -> ReadingTakes.takeAgain(job, reading, length, shop));
    }

    private record OfLine<T>(Line<T> line, String label, Supplier<ShopStandards> shop) implements Entry {

        @Override
        public String hint() {
            return Wording.hint(line);
        }

        @Override
        public String text(Job job) {
            return job.text(line);
        }

        @Override
        public Parsed<Job> write(Job job, String typed) {
            if (typed.isBlank()) {
                return new Parsed.Ok<>(job.without(line));
            }
            return line instanceof Measurable reading
                    ? Length.parse(typed).map(length -> ReadingTakes.take(job, reading, length, shop.get()))
                    : line.type().parse(typed).map(value -> job.with(line, value));
        }
    }

    private record Plain<T>(Line<T> line, String label) implements Entry {

        @Override
        public String hint() {
            return Wording.hint(line);
        }

        @Override
        public String text(Job job) {
            return job.text(line);
        }

        @Override
        public Parsed<Job> write(Job job, String typed) {
            return typed.isBlank()
                    ? new Parsed.Ok<>(job.without(line))
                    : line.type().parse(typed).map(value -> job.with(line, value));
        }
    }

    private record HalfScale() implements Entry {

        @Override
        public Line<?> line() {
            return Dimension.SCALE;
        }

        @Override
        public String label() {
            return Messages.message("job-entries.or-nut-to-fret");
        }

        @Override
        public String hint() {
            return Messages.message("job-entries.measure-from-the-nut");
        }

        @Override
        public String text(Job job) {
            return "";
        }

        @Override
        public Parsed<Job> write(Job job, String typed) {
            return typed.isBlank()
                    ? new Parsed.Ok<>(job)
                    : Length.parse(typed).map(half -> job.with(Dimension.SCALE, Length.exact(2 * half.millimeters())));
        }
    }
}
