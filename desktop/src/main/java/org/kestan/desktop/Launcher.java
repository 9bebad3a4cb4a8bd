package org.kestan.desktop;

import javafx.application.Application;

/** The entry point; apart from the application class so that the toolkit may lie on the class path or the module path. */
public final class Launcher {

    private Launcher() {}

    /** Starts the application. */
    public static void main(String[] arguments) {
        Application.launch(KestanApp.class, arguments);
    }
}
