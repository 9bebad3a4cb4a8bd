package org.kestan.files.tables;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.Parsed;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Measurable;
import org.kestan.base.sheet.Reading;
import org.kestan.files.FileFinding;
import org.kestan.job.Job;
import org.kestan.job.takes.ReadingTakes;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Visit;
import org.kestan.text.Wording;

/**
 * A visit as a table for other programs: one line for each reading, in working order, with its key and its value as
 * typed.
 */
public final class SheetCsv {

    private static final String[] HEAD = {"number", "key", "what", "value", "takes"};
    /** Separates the takes of a reading. */
    private static final String TAKES = "; ";

    private static final int MOST_LINES = 10_000;
    private static final int MOST_TAKES = 100;

    private SheetCsv() {}

    /**
     * The result of reading a table.
     *
     * @param visit the visit with the table's values laid over it; empty exactly when there are faults
     * @param faults each with its line
     */
    public record Outcome(Optional<Visit> visit, List<Finding> faults) {}

    /** Writes the visit on the sheet: every line that applies, empty if it was not read. */
    public static String write(Job job) {
        StringBuilder text = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180.builder().setHeader(HEAD).get();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            for (Line<?> line : Lines.OF_VISIT) {
                if (line instanceof Reading reading && reading.perFret()) {
                    for (int fret : job.visit().fretByFret(reading).keySet()) {
                        print(printer, reading.at(fret), job.visit());
                    }
                } else if (job.takes(line)) {
                    print(printer, line, job.visit());
                }
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException("a StringBuilder takes everything", impossible);
        }
        return text.toString();
    }

    private static void print(CSVPrinter printer, Line<?> line, Visit visit) throws IOException {
        printer.printRecord(
                line.number() == 0 ? "" : line.number(),
                line.key(),
                Wording.full(line),
                guarded(visit.values().text(line).orElse("")),
                line instanceof Measurable taken ? guarded(takes(visit, taken)) : "");
    }

    /** The takes of a reading that was taken more than once. */
    private static String takes(Visit visit, Measurable reading) {
        List<Length> all = visit.takesOf(reading);
        return all.size() < 2 ? "" : all.stream().map(Length::text).collect(Collectors.joining(TAKES));
    }

    /**
     * Reads a table into a visit: lines with a value replace what was there, empty ones do not. Columns are found by
     * their headings, {@code key} and {@code value}; if {@code takes} has more than one, the value is their median.
     */
    public static Outcome read(String text, Visit visit) {
        List<Finding> faults = new ArrayList<>();
        Visit read = visit;
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .get();
        String plain = text.startsWith("\ufeff") ? text.substring(1) : text;
        try (CSVParser parser = format.parse(new StringReader(plain))) {
            List<String> heads = parser.getHeaderNames().stream()
                    .map(head -> head.toLowerCase(Locale.ROOT))
                    .toList();
            if (!heads.contains("key") || !heads.contains("value")) {
                return new Outcome(Optional.empty(), List.of(FileFinding.COLUMNS_MISSING.of(Quantity.count(1))));
            }
            for (CSVRecord record : parser) {
                Quantity.Count number = Quantity.count(parser.getCurrentLineNumber());
                if (record.getRecordNumber() > MOST_LINES) {
                    faults.add(FileFinding.TOO_MANY_LINES.of(number));
                    break;
                }
                read = line(record, number, read, faults);
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException broken) {
            return new Outcome(
                    Optional.empty(),
                    List.of(FileFinding.NO_TABLE.of(Quantity.text(String.valueOf(broken.getMessage())))));
        }
        return faults.isEmpty()
                ? new Outcome(Optional.of(read), faults)
                : new Outcome(Optional.empty(), List.copyOf(faults));
    }

    private static Visit line(CSVRecord record, Quantity.Count number, Visit visit, List<Finding> faults) {
        String key = record.isSet("key") ? record.get("key") : "";
        String value = record.isSet("value") ? unguarded(record.get("value")) : "";
        if (key.isEmpty() || value.isEmpty()) {
            return visit;
        }
        Optional<Line<?>> line = find(key);
        if (line.isEmpty()) {
            faults.add(FileFinding.NO_READING.of(number, Quantity.text(key)));
            return visit;
        }
        String takes = record.isSet("takes") ? unguarded(record.get("takes")) : "";
        return line.get() instanceof Measurable reading && takes.contains(TAKES.strip())
                ? takes(reading, takes, number, visit, faults)
                : value(line.get(), value, number, visit, faults);
    }

    private static Visit takes(
            Measurable reading, String takes, Quantity.Count number, Visit visit, List<Finding> faults) {
        List<Length> all = new ArrayList<>();
        for (String take : takes.split(TAKES.strip(), MOST_TAKES)) {
            Parsed<Length> parsed = Length.parse(take);
            if (parsed instanceof Parsed.Bad<Length> bad) {
                faults.add(FileFinding.LINE.of(
                        number,
                        Quantity.text(reading.key()),
                        new Quantity.Said(bad.problem()),
                        new Quantity.Said(bad.accepted())));
                return visit;
            }
            parsed.optional().ifPresent(all::add);
        }
        return visit.withTakes(reading, all, ReadingTakes.median(all));
    }

    /** The line for a key; one with a fret in brackets is a reading at that fret. */
    private static Optional<Line<?>> find(String key) {
        Optional<Line<?>> read = Reading.ofKey(key).map(taken -> taken);
        return read.isPresent()
                ? read
                : Lines.OF_VISIT.stream()
                        .filter(line -> !(line instanceof Reading) && line.key().equals(key))
                        .<Line<?>>map(line -> line)
                        .findFirst();
    }

    private static <T> Visit value(
            Line<T> line, String value, Quantity.Count number, Visit visit, List<Finding> faults) {
        Parsed<T> parsed = line.type().parse(value);
        if (parsed instanceof Parsed.Bad<T> bad) {
            faults.add(FileFinding.LINE.of(
                    number,
                    Quantity.text(line.key()),
                    new Quantity.Said(bad.problem()),
                    new Quantity.Said(bad.accepted())));
        }
        return parsed.optional().map(read -> visit.with(line, read)).orElse(visit);
    }

    /** A text that a spreadsheet would take for a formula is written behind an apostrophe. */
    static String guarded(String text) {
        return !text.isEmpty() && "=+-@\t\r\u2212'".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }

    private static String unguarded(String text) {
        return text.startsWith("'") ? text.substring(1) : text;
    }
}
