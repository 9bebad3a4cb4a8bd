package org.kestan.desktop.shots;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import org.kestan.base.expect.Expect;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.desktop.practice.DemoPractice;
import org.kestan.desktop.session.Settings;
import org.kestan.desktop.shell.MainWindow;
import org.kestan.desktop.widgets.field.EntryField;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.job.JobFile;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.HeelEntry;
import org.kestan.job.bench.StepMark;
import org.kestan.job.bench.WaitKind;
import org.kestan.job.tree.UnknownKeys;
import org.kestan.ledger.DemoLedger;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Query;
import org.kestan.ledger.sqlite.SqliteLedger;
import org.kestan.text.BenchUnit;

/**
 * Opens the window with the sample jobs, goes through the main views and writes a PNG of each. Argument: the folder.
 */
public final class Shots extends Application {

    /** Time to lay out and draw a view before its picture is taken. */
    private static final Duration SETTLE = Duration.millis(2500);

    /** The week is shown once the search for a better plan has ended. */
    private static final Duration PLANNED = Duration.seconds(25);

    private static final Duration TAKEN = Duration.seconds(7);
    private static final Duration HEARD = Duration.seconds(25);

    /** Goes above the next picture instead of into a file of its own. */
    private static final String HELD = "";

    private static final List<String> BEFORE_THE_SCRIBE =
            List.of("open-sheet", "open-slacken", "open-strings", "open-pins");
    private static final int HALF_A_DAY = 720;

    private final Deque<View> views = new ArrayDeque<>();
    private Stage stage;
    private Path folder;
    private MainWindow practicing;
    private Optional<WritableImage> held = Optional.empty();

    /**
     * A picture to take.
     *
     * @param name file name without extension
     * @param prepare opens the view
     * @param settle how long it takes to appear
     * @param themes switches to the other theme and back; empty if one theme is enough
     */
    private record View(String name, Runnable prepare, Duration settle, Optional<Runnable> themes) {

        private View(String name, Runnable prepare) {
            this(name, prepare, SETTLE, Optional.empty());
        }
    }

    /** Starts the tour; the first argument is the folder for the pictures. */
    public static void main(String[] arguments) {
        launch(Shots.class, arguments);
    }

    @Override
    public void start(Stage primary) throws IOException {
        stage = primary;
        folder = Path.of(getParameters().getRaw().get(0));
        Files.createDirectories(folder);
        Path scratch = Files.createTempDirectory("kestan-shots-");
        List<Path> samples = DemoJobs.copyInto(scratch.resolve("jobs"));
        MainWindow window = new MainWindow(stage, Settings.in(scratch), ledger(scratch), samples);
        Platform.setImplicitExit(false);
        stage.show();
        plan(window, samples);
        next();
    }

    private static Ledger ledger(Path scratch) throws IOException {
        if (SqliteLedger.open(scratch.resolve("ledger.sqlite")) instanceof OpenResult.Opened opened) {
            DemoLedger.fill(opened.ledger(), LocalDate.now());
            DemoLedger.addFinished(opened.ledger(), LocalDate.now());
            return opened.ledger();
        }
        throw new IOException("no scratch ledger could be made");
    }

    private void plan(MainWindow window, List<Path> samples) {
        views.add(new View("measure", () -> window.store().openNamed(DemoJobs.firstName())));
        views.add(new View("swing", () -> {
            window.store().openNamed(name(sample(samples, "small-flat-top")));
            planPage(window, "frets");
        }));
        views.add(new View("intake", () -> {
            window.store().openNamed(DemoJobs.firstName());
            window.show("intake");
        }));
        views.add(new View("ledger", () -> window.show("ledger")));
        views.add(new View("glance", () -> {
            window.show("ledger");
            ((ToggleButton) stage.getScene().lookup("#ledger-glance")).fire();
        }));
        views.add(new View("week", () -> window.enter("week"), PLANNED, Optional.of(window::toggleTheme)));
        views.add(new View("today", () -> window.enter("today"), SETTLE, Optional.of(window::toggleTheme)));
        views.add(new View("verdict", () -> window.show("verdict")));
        views.add(new View("ways", () -> press(window, "#page-ways")));
        views.add(new View("counter", () -> {
            window.show("counter");
            counter();
        }));
        views.add(new View("standards", () -> window.show("standards")));
        views.add(new View("plan", () -> window.show("plan")));
        views.add(new View("bench", () -> {
            window.session().unitProperty().set(BenchUnit.SIXTY_FOURTHS);
            window.store().openNamed(DemoJobs.firstName());
            for (String done : BEFORE_THE_SCRIBE) {
                window.session().edit(job -> window.session().bench().mark(job, done, StepMark.State.DONE, ""));
            }
            window.enter("bench");
            stage.getScene().getRoot().applyCss();
            ((ButtonBase) stage.getScene().lookup("#bench-take")).fire();
            window.session().edit(job -> window.session().bench().begin(job, WaitKind.GLUE, HALF_A_DAY, ""));
            ((ToggleButton) stage.getScene().lookup("#bench-page-steps")).fire();
            stage.getScene().getRoot().applyCss();
            ((ListView<?>) stage.getScene().lookup("#step-list"))
                    .getSelectionModel()
                    .select(BEFORE_THE_SCRIBE.size());
            ((ButtonBase) stage.getScene().lookup("#step-go")).fire();
        }));
        views.add(new View("heel-log", () -> {
            window.session().edit(Shots::sanded);
            ((ToggleButton) stage.getScene().lookup("#bench-page-heel")).fire();
        }));
        views.add(new View("proof", () -> {
            window.store().openNamed(name(sample(samples, "reset-that-missed")));
            window.show("proof");
        }));
        devices(window);
        practice();
    }

    /** A photograph with marks, and below it the strings being heard. */
    private void devices(MainWindow window) {
        views.add(new View(
                HELD,
                () -> {
                    window.store().openNamed(DemoJobs.firstName());
                    window.enter("picture");
                    ((Button) stage.getScene().lookup("#picture-sample")).fire();
                },
                TAKEN,
                Optional.empty()));
        views.add(new View(
                HELD,
                () -> {
                    click(0.3, 0.505);
                    click(0.5, 0.507);
                    click(0.698, 0.497);
                    click(0.503, 0.443);
                },
                TAKEN,
                Optional.empty()));
        views.add(new View(
                "devices",
                () -> {
                    window.enter("sound");
                    ((Button) stage.getScene().lookup("#sound-stand-in")).fire();
                },
                HEARD,
                Optional.empty()));
    }

    /** Clicks at a share of the photograph's width and height. */
    private void click(double right, double down) {
        Node view = stage.getScene().lookup("#picture-view");
        double height = Math.min(
                view.getLayoutBounds().getHeight(), view.getLayoutBounds().getWidth() * 3 / 4);
        Point2D at = view.localToScene(right * height * 4 / 3, down * height);
        double x = at.getX();
        double y = at.getY();
        view.fireEvent(new MouseEvent(
                MouseEvent.MOUSE_CLICKED,
                x,
                y,
                x,
                y,
                MouseButton.PRIMARY,
                1,
                false,
                false,
                false,
                false,
                true,
                false,
                false,
                false,
                false,
                true,
                null));
    }

    /** Practice has its own window and ledger. */
    private void practice() {
        views.add(new View("practice-tool", () -> {
            practicing = practiceWindow();
            practicing.store().openNamed(names(practicing, "bolt-on"));
            practicing.show("measure");
            practicing.finish();
            stage.getScene().getRoot().applyCss();
            stage.getScene().getRoot().layout();
            TextField field = (TextField) stage.getScene().lookup("#" + EntryField.id(Reading.ACTION_BASS));
            field.requestFocus();
            Platform.runLater(() -> {
                ((ToggleButton) stage.getScene().lookup("#practice-tool-rule")).fire();
                ((Button) stage.getScene().lookup("#practice-read")).fire();
            });
        }));
        views.add(new View("practice-case", () -> {
            practicing.store().openNamed(names(practicing, "archtop"));
            practicing.show("practice");
            ((ToggleButton) stage.getScene().lookup("#practice-page-case")).fire();
        }));
        views.add(new View("practice-reckoning", () -> practicing.store().openNamed(names(practicing, "dovetail"))));
    }

    private MainWindow practiceWindow() {
        try {
            Path own = Files.createTempDirectory("kestan-shots-");
            Ledger ledger = ((OpenResult.Opened) SqliteLedger.openForPractice(own.resolve("practice.sqlite"))).ledger();
            DemoPractice.fill(ledger, own, LocalDate.now());
            stage.hide();
            stage = new Stage();
            MainWindow window = new MainWindow(stage, Settings.in(own), ledger, List.of(), store -> {}, "practice");
            window.finish();
            stage.setWidth(MainWindow.WIDTH);
            stage.setHeight(MainWindow.HEIGHT);
            stage.show();
            return window;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static String names(MainWindow window, String part) {
        return window.store().ledger().list(Query.ALL).stream()
                .map(JobCard::name)
                .filter(name -> name.contains(part))
                .findFirst()
                .orElseThrow(Expect.present("practice case"));
    }

    /** An invented fitting, half finished. */
    private static Job sanded(Job job) {
        List<HeelEntry> log = new ArrayList<>();
        String[] reads = {"6.9 mm", "7.4 mm", "8.2 mm", "8.9 mm"};
        for (int i = 0; i < reads.length; i++) {
            for (Side side : Side.values()) {
                log.add(new HeelEntry.Pulls(side, 80, 4 + i, UnknownKeys.NONE));
            }
            log.add(new HeelEntry.Read(
                    Optional.of(Length.ofText(reads[i])),
                    Optional.of(Length.ofText("0.7 mm")),
                    Optional.of(Side.TREBLE),
                    Optional.empty(),
                    Optional.of(Length.ofText("12.0 mm")),
                    Optional.of(Length.ofText("11.8 mm")),
                    UnknownKeys.NONE));
        }
        return job.with(Sections.HEEL_LOG, log);
    }

    private void press(MainWindow window, String id) {
        window.show("verdict");
        ((ToggleButton) stage.getScene().lookup(id)).fire();
    }

    private void planPage(MainWindow window, String page) {
        window.show("plan");
        stage.getScene().getRoot().applyCss();
        ((ToggleButton) stage.getScene().lookup("#plan-page-" + page)).fire();
    }

    /** Five invented readings at the counter. */
    private void counter() {
        Map<String, String> readings = Map.of(
                "action-bass", "9/64 in",
                "action-treble", "7/64 in",
                "saddle-bass", "3/32 in",
                "saddle-treble", "5/64 in",
                "bridgeThickness", "5/16 in");
        readings.forEach((key, text) -> write("counter-survey-" + key, text));
    }

    private void write(String id, String text) {
        stage.getScene().getRoot().applyCss();
        TextField field = (TextField) stage.getScene().lookup("#" + id);
        field.setText(text);
        field.fireEvent(new ActionEvent());
    }

    private static Path sample(List<Path> samples, String part) {
        return samples.stream()
                .filter(each -> each.getFileName().toString().contains(part))
                .findFirst()
                .orElseThrow(Expect.present("at least one"));
    }

    private static String name(Path sample) {
        return JobFile.read(sample)
                .job()
                .orElseThrow(Expect.present("readable job"))
                .name();
    }

    private void next() {
        View view = views.poll();
        if (view == null) {
            Platform.exit();
            return;
        }
        // A view that can't be shown ends the tour instead of leaving it waiting.
        Thread.currentThread().setUncaughtExceptionHandler((thread, failure) -> {
            failure.printStackTrace();
            System.exit(1);
        });
        view.prepare().run();
        PauseTransition settle = new PauseTransition(view.settle());
        settle.setOnFinished(done -> {
            Path file = folder.resolve(view.name() + ".png");
            WritableImage one = stage.getScene().snapshot(null);
            if (view.name().equals(HELD)) {
                held = Optional.of(one);
                next();
            } else if (view.themes().isEmpty()) {
                write(Stream.concat(held.stream(), Stream.of(one)).toList(), file);
                held = Optional.empty();
                next();
            } else {
                both(view.themes().get(), one, file);
            }
        });
        settle.play();
    }

    /** The other theme below the first. */
    private void both(Runnable toggle, WritableImage one, Path file) {
        toggle.run();
        PauseTransition settle = new PauseTransition(SETTLE);
        settle.setOnFinished(done -> {
            write(List.of(one, stage.getScene().snapshot(null)), file);
            toggle.run();
            next();
        });
        settle.play();
    }

    /** Writes pictures of equal size, one below the other. */
    private static void write(List<WritableImage> images, Path file) {
        int width = (int) images.get(0).getWidth();
        int height = (int) images.get(0).getHeight();
        BufferedImage picture = new BufferedImage(width, height * images.size(), BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < images.size(); i++) {
            PixelReader pixels = images.get(i).getPixelReader();
            for (int y = 0; y < height; y++) {
                for (int x = 0; x < width; x++) {
                    picture.setRGB(x, i * height + y, pixels.getArgb(x, y));
                }
            }
        }
        try {
            ImageIO.write(picture, "png", file.toFile());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
