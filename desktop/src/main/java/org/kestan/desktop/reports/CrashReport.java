package org.kestan.desktop.reports;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.base.release.Release;
import org.kestan.desktop.messages.Messages;

/**
 * A report for the maintainers: what went wrong, where, and in which version. It has only the kinds of the failures
 * and the places in the program; messages are left out, since they may contain an owner's data.
 */
public final class CrashReport {

    private static final String PREFIX = "crash-";
    private static final String SUFFIX = ".txt";

    /** How many reports are kept. */
    private static final int MOST = 20;

    private CrashReport() {}

    /** Returns the text of a report. */
    public static String text(Thread thread, Throwable failure) {
        StringBuilder text = new StringBuilder(Messages.message("crash-report.kestan"))
                .append(Release.VERSION)
                .append(Messages.message("crash-report.java"))
                .append(System.getProperty("java.version"))
                .append(", ")
                .append(System.getProperty("os.name"))
                .append(' ')
                .append(System.getProperty("os.arch"))
                .append("\nthread ")
                .append(thread.getName())
                .append('\n');
        int depth = 0;
        for (Throwable each = failure; each != null && depth < MOST; each = each.getCause()) {
            text.append(depth++ == 0 ? "" : Messages.message("crash-report.caused-by"))
                    .append(each.getClass().getName())
                    .append('\n');
            for (StackTraceElement frame : each.getStackTrace()) {
                text.append("    ").append(frame).append('\n');
            }
        }
        return text.toString();
    }

    /** Writes a report into the log's folder; empty if it can't be written. */
    public static Optional<Path> write(Path folder, Thread thread, Throwable failure) {
        try {
            String when =
                    Instant.now().truncatedTo(ChronoUnit.SECONDS).toString().replace(":", "");
            Path file = Files.createTempFile(folder, PREFIX + when + "-", SUFFIX);
            Files.writeString(file, text(thread, failure), StandardCharsets.UTF_8);
            List<Path> all = all(folder);
            for (Path old : all.subList(Math.min(MOST, all.size()), all.size())) {
                Files.deleteIfExists(old);
            }
            return Optional.of(file);
        } catch (IOException notWritten) {
            return Optional.empty();
        }
    }

    /** Returns the reports in a folder, newest first. */
    public static List<Path> all(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().startsWith(PREFIX)
                            && file.getFileName().toString().endsWith(SUFFIX))
                    .sorted(Comparator.reverseOrder())
                    .toList();
        }
    }
}
