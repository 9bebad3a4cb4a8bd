package org.kestan.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.kestan.desktop.session.Settings;
import org.kestan.desktop.shell.Look;
import org.kestan.desktop.shell.MainWindow;
import org.kestan.files.DemoJobs;
import org.kestan.files.JobReader;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.Opening;
import org.kestan.ledger.sqlite.SqliteBackups;
import org.kestan.ledger.sqlite.SqliteLedger;

/**
 * Starts the application. Arguments: {@code --demo} works on sample jobs in a scratch ledger and touches nothing of the
 * user's own; {@code --ledger FILE} opens another ledger than the usual one; a file name takes that job in and opens it.
 */
public final class KestanApp extends Application {

    @Override
    public void start(Stage stage) throws IOException {
        List<String> arguments = getParameters().getRaw();
        boolean demo = arguments.contains("--demo");
        Path folder = demo ? Files.createTempDirectory("kestan-demo-") : Settings.usualFolder();
        int named = arguments.indexOf("--ledger");
        Path file = named >= 0 && named + 1 < arguments.size()
                ? Path.of(arguments.get(named + 1)).toAbsolutePath()
                : folder.resolve("ledger.sqlite");
        open(stage, Settings.in(folder), file, demo, arguments);
    }

    private void open(Stage stage, Settings settings, Path file, boolean demo, List<String> arguments)
            throws IOException {
        LogFile.openIn(settings.folder());
        Opening opening = SqliteLedger.open(file);
        if (opening instanceof Opening.Refused refused) {
            refuse(stage, settings, file, refused, arguments);
            return;
        }
        Ledger ledger = ((Opening.Opened) opening).ledger();
        List<Path> samples = demo ? DemoJobs.copyInto(settings.folder().resolve("jobs")) : List.of();
        if (demo) {
            for (String name : DemoJobs.NAMES) {
                JobReader.read(DemoJobs.bytes(name)).job().ifPresent(ledger::insert);
            }
        }
        MainWindow window = new MainWindow(stage, settings, ledger, samples);
        stage.show();
        backUpDaily(ledger);
        Optional<Path> job = arguments.stream()
                .filter(argument -> !argument.startsWith("--") && !argument.equals(file.toString()))
                .map(Path::of)
                .filter(path -> !path.toAbsolutePath().equals(file))
                .findFirst();
        if (job.isPresent()) {
            window.store().openFile(job.get());
        } else if (demo) {
            window.openNamed(DemoJobs.firstName());
        } else {
            window.show("ledger");
        }
        if (arguments.contains("--started")) {
            System.out.println("window shown");
        }
    }

    /** A copy on opening, then one a day, away from the window; a failure is logged and the next is tried in its time. */
    private static void backUpDaily(Ledger ledger) {
        ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(task -> {
            Thread thread = new Thread(task, "backups");
            thread.setDaemon(true);
            return thread;
        });
        clock.scheduleWithFixedDelay(() -> backUp(ledger), 0, 1, TimeUnit.DAYS);
    }

    private static void backUp(Ledger ledger) {
        try {
            ledger.backups().make();
        } catch (IOException | LedgerException failed) {
            System.getLogger(KestanApp.class.getName()).log(System.Logger.Level.WARNING, "no backup was made", failed);
        }
    }

    /** Says why the ledger can't be used, and offers the newest backup. Nothing is written unless the user says so. */
    private void refuse(Stage stage, Settings settings, Path file, Opening.Refused refused, List<String> arguments) {
        Label why = new Label(refused.why());
        why.setWrapText(true);
        why.setId("refusal");
        Label where = new Label("The ledger is " + file);
        where.setWrapText(true);
        VBox box = new VBox(16, why, where);
        refused.backup().ifPresent(backup -> {
            Button back = new Button("Put back the backup " + backup.getFileName() + "; keep the other beside it");
            back.setId("refusal-backup");
            back.setOnAction(event -> {
                try {
                    SqliteBackups.of(file).putBack(backup);
                    open(stage, settings, file, false, arguments);
                } catch (IOException failed) {
                    why.setText("The backup could not be put back: " + failed.getMessage());
                }
            });
            box.getChildren().add(back);
        });
        Button quit = new Button("Quit");
        quit.setOnAction(event -> Platform.exit());
        box.getChildren().add(quit);
        box.setPadding(new Insets(32));
        box.setAlignment(Pos.CENTER_LEFT);
        Scene scene = new Scene(box, 760, 320);
        new Look(scene, settings);
        stage.setTitle("Kestan");
        stage.setScene(scene);
        stage.show();
    }
}
