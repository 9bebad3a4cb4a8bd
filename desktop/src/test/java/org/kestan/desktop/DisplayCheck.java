package org.kestan.desktop;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.ISuite;
import org.testng.ISuiteListener;

/** Ends a run of window tests without a display, where JavaFX would wait for one forever. */
public final class DisplayCheck implements ISuiteListener {

    private static final Pattern ON_THIS_MACHINE = Pattern.compile("(?:unix)?:(\\d+)(?:\\.\\d+)?");

    @Override
    public void onStart(ISuite suite) {
        if (System.getProperty("os.name").startsWith("Linux")) {
            String display = System.getenv().getOrDefault("DISPLAY", "");
            Matcher local = ON_THIS_MACHINE.matcher(display);
            if (display.isEmpty() || local.matches() && !Files.exists(Path.of("/tmp/.X11-unix/X" + local.group(1)))) {
                throw new IllegalStateException(
                        "There is no display \"" + display + "\" for the window tests. ./kestan test brings its own.");
            }
        }
    }
}
