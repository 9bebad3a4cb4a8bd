package org.kestan.desktop;

import java.util.List;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.application.Application;

/**
 * The entry point, separate from the application class so that the toolkit may be on the class path or the module
 * path.
 */
public final class Launcher {

    /** Held in a field so that their levels are kept. */
    private static final List<Logger> CHATTY =
            List.of(Logger.getLogger("org.flywaydb"), Logger.getLogger("com.zaxxer.hikari"));

    private Launcher() {}

    /** Starts the application. */
    public static void main(String[] arguments) {
        // Their messages on each start are meant for their own developers.
        CHATTY.forEach(each -> each.setLevel(Level.WARNING));
        StartupData.begin(List.of(arguments));
        Application.launch(KestanApp.class, arguments);
    }
}
