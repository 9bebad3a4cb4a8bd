package org.kestan.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.PasswordField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.kestan.desktop.messages.Counts;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.practice.DemoPractice;
import org.kestan.desktop.reports.LogFile;
import org.kestan.desktop.session.BackupSchedule;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.Settings;
import org.kestan.desktop.shell.Appearance;
import org.kestan.desktop.shell.MainWindow;
import org.kestan.desktop.shell.WindowPlacement;
import org.kestan.ledger.Backups;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerFinding;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.sqlite.SqliteBackups;
import org.kestan.ledger.sqlite.SqliteLedger;
import org.kestan.overview.Station;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/**
 * Starts the application. Arguments: {@code --demo} uses sample jobs in a scratch ledger and touches nothing of the
 * user's own; {@code --ledger FILE} opens another ledger than the default; a file name imports that job and opens it;
 * {@code --rehearse} visits all rooms once and quits.
 */
public final class KestanApp extends Application {

    /** How many backups are offered; older ones are in the folder beside the ledger. */
    private static final int OFFERED = 5;

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("uuuu-MM-dd HH:mm");

    private Optional<Path> scratch = Optional.empty();
    private Ledger open;
    private JobSession session;
    private Optional<Stage> practice = Optional.empty();

    @Override
    public void start(Stage stage) throws IOException {
        List<String> arguments = getParameters().getRaw();
        stage.setTitle(Messages.message("kestan-app.kestan"));
        // While the ledger is being opened. The window appears once it is complete, since an empty frame would only
        // flicker.
        MainWindow.warm();
        StartupData found = StartupData.of(arguments);
        scratch = found.demo() ? Optional.of(found.folder()) : Optional.empty();
        LogFile.openIn(found.folder(), this::crashed);
        open(stage, Settings.in(found.folder()), found, found.opening());
    }

    private void open(Stage stage, Settings settings, StartupData found, OpenResult opening) {
        if (opening instanceof OpenResult.Refused refused) {
            refuse(stage, settings, found, refused);
            return;
        }
        Ledger ledger = ((OpenResult.Opened) opening).ledger();
        this.open = ledger;
        List<String> arguments = getParameters().getRaw();
        Optional<Path> job = arguments.stream()
                .filter(argument -> !argument.startsWith("--") && !argument.equals(found.place()))
                .map(Path::of)
                .filter(path -> !path.toAbsolutePath().equals(found.file()))
                .findFirst();
        MainWindow window = new MainWindow(
                stage,
                settings,
                ledger,
                found.samples(),
                store -> {
                    if (job.isPresent()) {
                        store.jobFiles().open(job.get());
                    } else {
                        found.first().join().ifPresent(store::open);
                    }
                },
                ledger.isForPractice() && job.isEmpty()
                        ? "practice"
                        : job.isEmpty() && settings.startsToday()
                                ? "today"
                                : job.isPresent() || found.demo() ? Station.MEASURE.key() : "ledger");
        session = window.session();
        window.setPracticeOpener(() -> openPractice(settings, found));
        if (found.demo() && job.isEmpty()) {
            session.say(
                    ledger.isForPractice()
                            ? Messages.message("kestan-app.sample-cases")
                            : Messages.message("kestan-app.sample-jobs-your-own"));
        }
        ((OpenResult.Opened) opening)
                .doubt()
                .ifPresent(doubt -> session.complain(
                        Messages.message("kestan-app.doubt", session.words().say(doubt))));
        WindowPlacement.restore(stage, settings);
        stage.show();
        told(arguments, "window shown");
        BackupSchedule.start(ledger, window.session());
        afterNextFrame(stage.getScene(), () -> told(arguments, "usable"));
        if (arguments.contains("--rehearse")) {
            window.visitAll(Platform::exit);
        }
    }

    /**
     * Opens the practice window, or brings it to the front. It has a ledger of its own, which takes no customer's job.
     */
    private void openPractice(Settings settings, StartupData found) {
        if (practice.isPresent()) {
            practice.get().toFront();
            practice.get().requestFocus();
            return;
        }
        OpenResult opening = SqliteLedger.openForPractice(found.practiceFile());
        if (opening instanceof OpenResult.Refused refused) {
            session.complain(Messages.message(
                    "kestan-app.practice-refused", session.words().say(refused.why())));
            return;
        }
        Ledger ledger = ((OpenResult.Opened) opening).ledger();
        if (found.demo()) {
            try {
                DemoPractice.fill(ledger, found.practiceFile().getParent(), LocalDate.now());
            } catch (IOException failed) {
                session.complain(Messages.message("kestan-app.that-could-not-be", failed.getMessage()));
            }
        }
        Stage stage = new Stage();
        MainWindow window = new MainWindow(stage, settings, ledger, List.of(), store -> {}, "practice");
        window.setPracticeOpener(stage::toFront);
        stage.setWidth(MainWindow.WIDTH);
        stage.setHeight(MainWindow.HEIGHT);
        stage.setOnHidden(event -> {
            practice = Optional.empty();
            window.end();
            ledger.close();
        });
        practice = Optional.of(stage);
        stage.show();
    }

    /** Does something after the scene has been laid out and drawn in its present state. */
    private static void afterNextFrame(Scene scene, Runnable work) {
        scene.addPostLayoutPulseListener(new Runnable() {
            @Override
            public void run() {
                scene.removePostLayoutPulseListener(this);
                Platform.runLater(work);
            }
        });
        Platform.requestNextPulse();
    }

    /** Output for timing the start; the last message also quits the application if that was requested. */
    private static void told(List<String> arguments, String what) {
        if (arguments.contains("--started")) {
            System.out.println(what);
            if (what.equals("usable") && arguments.contains("--leave")) {
                Platform.exit();
            }
        }
    }

    @Override
    public void stop() {
        if (open != null) {
            open.close();
        }
        scratch.ifPresent(TemporaryFolders::remove);
    }

    /** Tells the user that something went wrong, and where to find the report. */
    private void crashed(Path report) {
        Platform.runLater(() -> {
            if (session != null) {
                session.complain(Messages.message("kestan-app.something-went-wrong-behind", report.getFileName()));
            }
        });
    }

    /** Asks for a server's password, which is stored nowhere. */
    private static HBox password(Consumer<String> given) {
        PasswordField field = new PasswordField();
        field.setId("refusal-password");
        Label label = new Label(Messages.message("kestan-app.password"));
        label.setLabelFor(field);
        field.setOnAction(event -> given.accept(field.getText()));
        Platform.runLater(field::requestFocus);
        HBox row = new HBox(8, label, field);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /**
     * Explains why the ledger can't be used. If the ledger itself is not at fault, it can be tried again; if it is
     * damaged or gone, its backups are offered. Nothing is written unless the user says so, and the focus is on the
     * choice that changes nothing.
     */
    private void refuse(Stage stage, Settings settings, StartupData found, OpenResult.Refused refused) {
        Path file = found.file();
        String reason = Wording.in(BenchUnit.MILLIMETERS).say(refused.why());
        Label why = new Label(reason.substring(0, 1).toUpperCase(Locale.ROOT) + reason.substring(1) + ".");
        why.setWrapText(true);
        why.setId("refusal");
        Label where = new Label(Messages.message("kestan-app.the-ledger-is", found.place()));
        where.setWrapText(true);
        VBox box = new VBox(12, why, where);
        Button again = button(
                Messages.message("kestan-app.try-again"),
                "refusal-again",
                () -> open(stage, settings, found, found.openAgain()),
                why);
        Button quit = button(Messages.message("kestan-app.quit"), "refusal-quit", Platform::exit, why);
        if (refused.is(LedgerFinding.WRONG_PASSWORD)) {
            box.getChildren().add(password(word -> open(stage, settings, found, found.openWith(word))));
        }
        box.getChildren().addAll(again, quit);
        for (Backups.Copy copy : refused.copies().stream().limit(OFFERED).toList()) {
            String made = WHEN.format(copy.made().atZone(ZoneId.systemDefault()));
            String what = Counts.jobs(copy.jobs());
            box.getChildren()
                    .add(button(
                            Messages.message("kestan-app.put-back-the-backup", made, what),
                            "refusal-backup-" + (box.getChildren().size() - 3),
                            () -> {
                                SqliteBackups.of(file).putBack(copy.file());
                                open(stage, settings, found, SqliteLedger.open(file));
                            },
                            why));
        }
        if (refused.is(LedgerFinding.MISSING)) {
            box.getChildren()
                    .add(button(
                            Messages.message("kestan-app.start-an-empty-ledger"),
                            "refusal-empty",
                            () -> open(stage, settings, found, SqliteLedger.openAnew(file)),
                            why));
        }
        box.setPadding(new Insets(32));
        box.setAlignment(Pos.CENTER_LEFT);
        Scene scene = new Scene(box, 760, 480);
        new Appearance(scene, settings);
        stage.setTitle(Messages.message("kestan-app.kestan"));
        stage.setScene(scene);
        stage.show();
        again.requestFocus();
    }

    /** An action whose failure the user has to know about. */
    @FunctionalInterface
    private interface Step {
        void run() throws IOException;
    }

    private static Button button(String text, String id, Step step, Label why) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("plain-button");
        button.setWrapText(true);
        button.setOnAction(event -> {
            try {
                step.run();
            } catch (IOException failed) {
                why.setText(Messages.message("kestan-app.that-could-not-be", failed.getMessage()));
            }
        });
        return button;
    }
}
