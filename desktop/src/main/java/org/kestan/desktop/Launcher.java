package org.kestan.desktop;

import java.util.List;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.application.Application;

/** The entry point; apart from the application class so that the toolkit may lie on the class path or the module path. */
public final class Launcher {

    private Launcher() {}

    /** Starts the application. */
    public static void main(String[] arguments) {
        // Its running commentary on each start is for its own developers.
        Logger.getLogger("org.flywaydb").setLevel(Level.WARNING);
        StartupData.begin(List.of(arguments));
        Application.launch(KestanApp.class, arguments);
    }
}
