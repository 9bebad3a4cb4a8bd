package org.kestan.files;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.kestan.job.Details;
import org.kestan.job.Job;
import org.kestan.job.Survey;
import org.kestan.notation.Length;
import org.kestan.notation.Parsed;
import org.kestan.sheet.Detail;
import org.kestan.sheet.Reading;

/**
 * A survey as a table for other programs: a line for each reading, in working order, with its key and its value as typed.
 */
public final class SheetCsv {

    private static final String[] HEAD = {"number", "key", "what", "value"};
    private static final int MOST_LINES = 10_000;

    private SheetCsv() {}

    /**
     * What came of reading a table.
     *
     * @param survey the survey with the table's values laid over it; empty exactly when there are faults
     * @param faults each with its line
     */
    public record Outcome(Optional<Survey> survey, List<String> faults) {}

    /** Writes the survey on the sheet: every reading that applies, empty where it was not taken. */
    public static String write(Job job) {
        StringBuilder text = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180.builder().setHeader(HEAD).get();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            for (Reading reading : Reading.values()) {
                if (job.takes(reading)) {
                    String value =
                            job.survey().reading(reading).map(Length::text).orElse("");
                    printer.printRecord(reading.row(), reading.key(), reading.fullLabel(), guarded(value));
                }
            }
            for (Detail<?> detail : Details.OF_SURVEY) {
                String value = job.survey().details().text(detail).orElse("");
                printer.printRecord("", SurveyReader.relative(detail), detail.label(), guarded(value));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException("a StringBuilder takes everything", impossible);
        }
        return text.toString();
    }

    /**
     * Reads a table over a survey: lines with a value replace what was there, empty ones leave it. Columns are found by
     * their heads, {@code key} and {@code value}.
     */
    public static Outcome read(String text, Survey survey) {
        List<String> faults = new ArrayList<>();
        Survey read = survey;
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
                return new Outcome(Optional.empty(), List.of("line 1: the columns key and value are missing"));
            }
            for (CSVRecord record : parser) {
                if (record.getRecordNumber() > MOST_LINES) {
                    faults.add("line " + parser.getCurrentLineNumber() + ": more lines than a sheet has");
                    break;
                }
                read = line(record, parser.getCurrentLineNumber(), read, faults);
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException broken) {
            return new Outcome(
                    Optional.empty(), List.of("this is no table of comma-separated values: " + broken.getMessage()));
        }
        return faults.isEmpty()
                ? new Outcome(Optional.of(read), faults)
                : new Outcome(Optional.empty(), List.copyOf(faults));
    }

    private static Survey line(CSVRecord record, long number, Survey survey, List<String> faults) {
        String key = record.isSet("key") ? record.get("key") : "";
        String value = record.isSet("value") ? unguarded(record.get("value")) : "";
        if (key.isEmpty() || value.isEmpty()) {
            return survey;
        }
        Optional<Reading> reading = Stream.of(Reading.values())
                .filter(each -> each.key().equals(key))
                .findFirst();
        if (reading.isPresent()) {
            Parsed<Length> parsed = Length.parse(value);
            if (parsed instanceof Parsed.Bad<Length> bad) {
                faults.add("line " + number + ", " + key + ": " + bad.problem() + "; accepted: " + bad.accepted());
            }
            return parsed.optional()
                    .map(length -> survey.with(reading.get(), Optional.of(length)))
                    .orElse(survey);
        }
        Optional<Detail<?>> detail = Details.OF_SURVEY.stream()
                .filter(each -> SurveyReader.relative(each).equals(key))
                .findFirst();
        if (detail.isEmpty()) {
            faults.add("line " + number + ": \u201c" + key + "\u201d is no reading");
            return survey;
        }
        return detail(detail.get(), value, number, survey, faults);
    }

    private static <T> Survey detail(Detail<T> detail, String value, long number, Survey survey, List<String> faults) {
        Parsed<T> parsed = detail.parse(value);
        if (parsed instanceof Parsed.Bad<T> bad) {
            faults.add(
                    "line " + number + ", " + detail.path() + ": " + bad.problem() + "; accepted: " + bad.accepted());
        }
        return parsed.optional()
                .map(read -> survey.with(detail, Optional.of(read)))
                .orElse(survey);
    }

    /** A text that a spreadsheet would take for a formula is written behind an apostrophe. */
    static String guarded(String text) {
        return !text.isEmpty() && "=+-@\t\r\u2212'".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }

    private static String unguarded(String text) {
        return text.startsWith("'") ? text.substring(1) : text;
    }
}
