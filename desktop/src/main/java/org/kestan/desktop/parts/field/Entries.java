package org.kestan.desktop.parts.field;

import java.util.function.Supplier;
import org.kestan.ground.notation.Length;
import org.kestan.ground.notation.Parsed;
import org.kestan.ground.sheet.Dimension;
import org.kestan.ground.sheet.Line;
import org.kestan.ground.sheet.Taken;
import org.kestan.ground.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.taking.Takings;
import org.kestan.words.Words;

/** The entries of a job. */
public final class Entries {

    private Entries() {}

    /** The value of a line. A reading is taken by the rules of the sheet, which may mark it provisional. */
    public static Entry of(Line<?> line, Supplier<ShopStandards> shop) {
        return new OfLine<>(line, Words.label(line), shop);
    }

    /** The same under a label of its own. */
    public static Entry of(Line<?> line, String label, Supplier<ShopStandards> shop) {
        return new OfLine<>(line, label, shop);
    }

    /** The value of a line put down as it is, under a label of its own: no rules of the sheet apply. */
    public static Entry plain(Line<?> line, String label) {
        return new Plain<>(line, label);
    }

    /** The scale by way of nut to fret 12, which is half of it. */
    public static Entry nutToTwelfth() {
        return new HalfScale();
    }

    /** Takes a reading once more, beside what was read before. */
    static Parsed<Job> again(Job job, Taken reading, String typed, ShopStandards shop) {
        return Length.parse(typed).map(length -> Takings.takeAgain(job, reading, length, shop));
    }

    private record OfLine<T>(Line<T> line, String label, Supplier<ShopStandards> shop) implements Entry {

        @Override
        public String hint() {
            return Words.hint(line);
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
            return line instanceof Taken reading
                    ? Length.parse(typed).map(length -> Takings.take(job, reading, length, shop.get()))
                    : line.type().parse(typed).map(value -> job.with(line, value));
        }
    }

    private record Plain<T>(Line<T> line, String label) implements Entry {

        @Override
        public String hint() {
            return Words.hint(line);
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
            return "or nut to fret 12";
        }

        @Override
        public String hint() {
            return "Measure from the nut to fret 12: the scale is twice that.";
        }

        @Override
        public String text(Job job) {
            return "";
        }

        @Override
        public Parsed<Job> write(Job job, String typed) {
            return typed.isBlank()
                    ? new Parsed.Ok<>(job)
                    : Length.parse(typed).map(half -> job.with(Dimension.SCALE, Length.exact(2 * half.millimetres())));
        }
    }
}
