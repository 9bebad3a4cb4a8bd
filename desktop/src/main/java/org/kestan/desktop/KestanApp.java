package org.kestan.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.application.Application;
import javafx.stage.Stage;
import org.kestan.desktop.session.Settings;
import org.kestan.desktop.shell.MainWindow;
import org.kestan.files.DemoJobs;

/**
 * Starts the application. Arguments: {@code --demo} works on sample jobs in a scratch folder and touches nothing of the
 * user's own; a file name opens that job.
 */
public final class KestanApp extends Application {

    @Override
    public void start(Stage stage) throws IOException {
        List<String> arguments = getParameters().getRaw();
        boolean demo = arguments.contains("--demo");
        Path folder = demo ? Files.createTempDirectory("kestan-demo-") : Settings.usualFolder();
        List<Path> samples = demo ? DemoJobs.copyInto(folder.resolve("jobs")) : List.of();
        Settings settings = Settings.in(folder);
        MainWindow window = new MainWindow(stage, settings, samples);
        stage.show();
        List<Path> named = arguments.stream()
                .filter(argument -> !argument.startsWith("--"))
                .map(Path::of)
                .toList();
        if (!named.isEmpty()) {
            window.store().open(named.get(0));
        } else if (demo) {
            window.store().open(samples.get(0));
        } else {
            settings.recentFiles().stream().findFirst().ifPresent(window.store()::open);
        }
        if (arguments.contains("--started")) {
            System.out.println("window shown");
        }
    }
}
