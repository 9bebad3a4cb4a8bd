package org.kestan.base.finding;

import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.kestan.base.geometry.Angle;

/** A quantity in a finding, with a type for what it is; how and in which unit it is printed is decided elsewhere. */
public sealed interface Quantity {

    /**
     * A length.
     *
     * @param millimeters mm
     * @param reading how finely it is read or set
     */
    record Distance(double millimeters, Fineness reading) implements Quantity {}

    /** How precisely a length is read or set. */
    enum Fineness {
        /** With a rule. */
        RULE,
        /** With feelers, finer than a rule can show. */
        FEELERS,
        /** Along a string: too long for 64ths or thousandths. */
        FAR
    }

    /** A length with an explicit sign, mm. */
    record Signed(double millimeters) implements Quantity {}

    /** The change of a length, mm; zero if it stays. */
    record Difference(double millimeters) implements Quantity {}

    /** A force, N. */
    record Force(double newtons) implements Quantity {}

    /** A stack of feeler leaves, as they are marked; empty if no leaf is that thin. */
    record Stack(List<String> leaves) implements Quantity {
        /** Takes an unmodifiable copy. */
        public Stack {
            leaves = List.copyOf(leaves);
        }
    }

    /** An angle, positive where a neck is set back. */
    record Turn(Angle angle) implements Quantity {}

    /** An interval of pitch, sharp positive. */
    record Cents(double cents) implements Quantity {}

    /** An amount in the shop's currency. */
    record Money(double amount) implements Quantity {}

    /** Minutes of waiting. */
    record Minutes(double minutes) implements Quantity {

        /** Whole minutes, at least one. */
        public int whole() {
            return (int) Math.max(1, Math.round(minutes));
        }
    }

    /** Degrees Celsius. */
    record Temperature(double celsius) implements Quantity {}

    /** Hours of work. */
    record Hours(double hours) implements Quantity {}

    /** A share in percent, such as humidity. */
    record Percent(double percent) implements Quantity {}

    /** A fret by its number. */
    record Fret(int number) implements Quantity {}

    /** A count. */
    record Count(int number) implements Quantity {}

    /** A moment, by the wall clock. */
    record Moment(Instant at) implements Quantity {}

    /** A plain number or ratio. */
    record Plain(double number) implements Quantity {}

    /** A term with its own text: a way, a joint, a reading. */
    record Term(Keyed term) implements Quantity {}

    /** What a person or a file wrote, verbatim. */
    record Verbatim(String text) implements Quantity {}

    /** A finding within another. */
    record Said(Finding finding) implements Quantity {}

    /** Several quantities of a kind in a row. */
    record Several(List<Quantity> all) implements Quantity {
        /** Takes an unmodifiable copy. */
        public Several {
            all = List.copyOf(all);
        }
    }

    /** A length read from a rule, mm. */
    static Distance length(double millimeters) {
        return new Distance(millimeters, Fineness.RULE);
    }

    /** A length read or set with feelers, mm. */
    static Distance fine(double millimeters) {
        return new Distance(millimeters, Fineness.FEELERS);
    }

    /** A length along a string, mm. */
    static Distance far(double millimeters) {
        return new Distance(millimeters, Fineness.FAR);
    }

    /** A length with an explicit sign, mm. */
    static Signed signed(double millimeters) {
        return new Signed(millimeters);
    }

    /** The change of a length, mm. */
    static Difference difference(double millimeters) {
        return new Difference(millimeters);
    }

    /** An angle. */
    static Turn turn(Angle angle) {
        return new Turn(angle);
    }

    /** An angle in radians. */
    static Turn turn(double radians) {
        return new Turn(Angle.ofRadians(radians));
    }

    /** A count. */
    static Count count(long number) {
        return new Count(Math.toIntExact(number));
    }

    /** A term. */
    static Term term(Keyed term) {
        return new Term(term);
    }

    /** Several terms. */
    static Several terms(List<? extends Keyed> terms) {
        return new Several(terms.stream().<Quantity>map(Term::new).toList());
    }

    /** Several texts. */
    static Several texts(Stream<String> texts) {
        return new Several(texts.<Quantity>map(Verbatim::new).toList());
    }

    /** A text as it was written. */
    static Verbatim text(String text) {
        return new Verbatim(text);
    }
}
