package org.kestan.desktop.reports;

import java.util.logging.Formatter;
import java.util.logging.LogRecord;

/**
 * Lines of the log. For a failure, its kind and its places in the program are written, never its message, which may
 * quote what somebody typed.
 */
final class LogFormat extends Formatter {

    private static final int MOST = 8;

    @Override
    public String format(LogRecord entry) {
        StringBuilder text = new StringBuilder()
                .append(entry.getInstant())
                .append(' ')
                .append(entry.getLevel().getName())
                .append(' ')
                .append(entry.getLoggerName())
                .append(' ')
                .append(own(entry) ? formatMessage(entry) : "")
                .append('\n');
        int depth = 0;
        for (Throwable each = entry.getThrown(); each != null && depth < MOST; each = each.getCause()) {
            text.append(depth++ == 0 ? "  " : "  because of ")
                    .append(each.getClass().getName())
                    .append('\n');
            for (StackTraceElement frame : each.getStackTrace()) {
                text.append("      ").append(frame).append('\n');
            }
        }
        return text.toString();
    }

    /** This program's own messages quote nothing; those of libraries may. */
    private static boolean own(LogRecord entry) {
        return entry.getLoggerName() != null && entry.getLoggerName().startsWith("org.kestan.");
    }
}
