package org.kestan.files.tables;

import java.io.IOException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.kestan.base.week.WorkPlace;
import org.kestan.week.WeekPlan;

/** A plan as a table (RFC 4180): one row for each stretch of work and each wait, in local time. */
public final class WeekCsv {

    private static final String[] HEAD = {"start", "end", "kind", "job", "name", "step", "title", "person", "place"};

    private WeekCsv() {}

    /** Prints a plan. */
    public static String print(WeekPlan plan) throws IOException {
        StringBuilder text = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180.builder().setHeader(HEAD).get();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            for (WeekPlan.Entry entry : plan.entries()) {
                printer.printRecord(
                        entry.start().toLocalDateTime(),
                        entry.end().toLocalDateTime(),
                        entry.hands() ? "hands" : "wait",
                        entry.job().id(),
                        SheetCsv.guarded(entry.job().name()),
                        SheetCsv.guarded(entry.step().id()),
                        SheetCsv.guarded(entry.step().title()),
                        SheetCsv.guarded(entry.person().orElse("")),
                        entry.place().map(WorkPlace::key).orElse(""));
            }
        }
        return text.toString();
    }
}
