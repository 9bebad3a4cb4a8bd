package org.kestan.desktop.reports;

import java.io.IOException;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.logging.FileHandler;
import java.util.logging.Logger;
import org.kestan.files.disk.Disk;

/** The log of errors, in the data folder: three files of half a megabyte, the newest first. */
public final class LogFile {

    private static final int SIZE = 512 * 1024;
    private static final int FILES = 3;

    private LogFile() {}

    /**
     * Starts writing the log into a folder; without a folder, nothing is logged. Each uncaught error gets a {@link
     * CrashReport}.
     *
     * @param reported receives the path of a report
     */
    public static void openIn(Path folder, Consumer<Path> reported) {
        Logger root = Logger.getLogger("");
        try {
            Disk.ownFolder(folder);
            FileHandler file =
                    new FileHandler(folder.resolve("kestan-%g.log").toString().replace('\\', '/'), SIZE, FILES, true);
            file.setFormatter(new LogFormat());
            root.addHandler(file);
        } catch (IOException notWritten) {
            root.log(java.util.logging.Level.WARNING, "no log file", notWritten);
        }
        Thread.setDefaultUncaughtExceptionHandler((thread, failure) -> {
            root.log(java.util.logging.Level.SEVERE, "in thread " + thread.getName(), failure);
            CrashReport.write(folder, thread, failure).ifPresent(reported);
        });
    }
}
