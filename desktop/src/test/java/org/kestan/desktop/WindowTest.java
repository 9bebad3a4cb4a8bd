package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import org.kestan.analysis.picture.PixelPoint;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.Settings;
import org.kestan.desktop.shell.MainWindow;
import org.kestan.devices.standin.PhotographedNeck;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.disk.Disk;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.sqlite.SqliteLedger;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.service.query.EmptyNodeQueryException;
import org.testfx.util.WaitForAsyncUtils;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;

/** A real window over a scratch folder with the sample jobs, driven by a robot. */
public abstract class WindowTest {

    protected final FxRobot robot = new FxRobot();
    protected Path folder;
    protected List<Path> samples;
    protected Ledger ledger;
    protected Stage stage;
    protected MainWindow window;

    @BeforeMethod
    public void open() throws IOException, TimeoutException {
        folder = Files.createTempDirectory(Path.of(System.getProperty("kestan.scratch")), "kestan-test-");
        samples = DemoJobs.copyInto(folder.resolve("samples"));
        ledger = ledger(folder);
        stage = FxToolkit.registerPrimaryStage();
        onWindow(() -> {
            window = window(Settings.in(folder));
            stage.setWidth(1280);
            stage.setHeight(800);
            if (!buildsAhead()) {
                stage.setOnShown(null);
            }
            stage.show();
            return stage;
        });
        settle();
    }

    /** Whether unopened rooms are built in idle moments, which a test seldom needs. */
    protected boolean buildsAhead() {
        return false;
    }

    /** The ledger of the window that is tested. */
    protected Ledger ledger(Path folder) {
        return ((OpenResult.Opened) SqliteLedger.open(folder.resolve("ledger.sqlite"))).ledger();
    }

    /** The window under test, complete before it is shown. */
    protected MainWindow window(Settings settings) {
        return new MainWindow(stage, settings, ledger, samples);
    }

    @AfterMethod(alwaysRun = true)
    public void close() throws IOException, TimeoutException {
        onWindow(() -> {
            stage.hide();
            window.end(); // also where it was never shown
            return stage;
        });
        FxToolkit.cleanupStages();
        ledger.close();
        Disk.deleteAll(folder);
    }

    protected JobSession session() {
        return window.session();
    }

    protected void openSample(int which) {
        assertThat(onWindow(() -> window.store().jobFiles().open(samples.get(which))))
                .isTrue();
        settle();
    }

    /** Waits until the window has processed its input: twice, since one event may cause another. */
    protected static void settle() {
        WaitForAsyncUtils.waitForFxEvents(2);
    }

    /** Runs on the application thread and waits for the outcome. */
    protected <T> T onWindow(Callable<T> work) {
        return WaitForAsyncUtils.waitForAsyncFx(20_000, work);
    }

    /** Presses keys together and releases them, as one stroke; returns once the window has handled it. */
    protected void keys(KeyCode... codes) {
        onWindow(() -> {
            var keyboard = new javafx.scene.robot.Robot();
            for (KeyCode code : codes) {
                keyboard.keyPress(physical(code));
            }
            for (int i = codes.length - 1; i >= 0; i--) {
                keyboard.keyRelease(physical(codes[i]));
            }
            return codes;
        });
        settle();
    }

    private static KeyCode physical(KeyCode code) {
        return code == KeyCode.SHORTCUT ? KeyCode.CONTROL : code;
    }

    /** Types a text into the focused field and presses Enter. */
    protected void enter(String text) {
        onWindow(() -> {
            // The first letter may move the focus: each goes to whatever has it by then.
            text.chars()
                    .mapToObj(Character::toString)
                    .forEach(letter -> Event.fireEvent(
                            stage.getScene().getFocusOwner(),
                            new KeyEvent(
                                    KeyEvent.KEY_TYPED, letter, "", KeyCode.UNDEFINED, false, false, false, false)));
            return text;
        });
        keys(KeyCode.ENTER);
    }

    /** Presses a control by keyboard: it gets the focus, is scrolled into view, and the space bar does the rest. */
    protected void press(Node control) {
        onWindow(() -> {
            control.requestFocus();
            return control;
        });
        settle();
        keys(KeyCode.SPACE);
    }

    protected void waitFor(Callable<Boolean> condition) {
        try {
            WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> {
                try {
                    return condition.call();
                } catch (EmptyNodeQueryException gone) {
                    return false; // the window is just building it anew
                }
            });
        } catch (TimeoutException late) {
            throw new AssertionError("waited too long", late);
        }
        settle();
    }

    /**
     * The node of an id; one that is built a few frames later is waited for, except on the application thread, which
     * builds it.
     */
    protected <N extends Node> N find(String id, Class<N> type) {
        if (Platform.isFxApplicationThread()) {
            return robot.lookup("#" + id).queryAs(type);
        }
        AtomicReference<N> found = new AtomicReference<>();
        waitFor(() -> {
            robot.lookup("#" + id).tryQueryAs(type).ifPresent(found::set);
            return found.get() != null;
        });
        return found.get();
    }

    protected String label(String id) {
        return find(id, Label.class).getText();
    }

    protected String text(String id) {
        return find(id, TextInputControl.class).getText();
    }

    /** Focuses a field and replaces its text. */
    protected void type(String id, String text) {
        TextInputControl field = find(id, TextInputControl.class);
        onWindow(() -> {
            field.requestFocus();
            field.selectAll();
            return field;
        });
        settle();
        enter(text);
    }

    /** Clicks a place in the photograph that is shown, in pixels of the picture. */
    protected void clickPicture(PhotographedNeck.Camera camera, PixelPoint at) {
        Node view = find("picture-view", Node.class);
        double zoom = onWindow(() -> Math.min(
                view.getBoundsInLocal().getWidth() / camera.width(),
                view.getBoundsInLocal().getHeight() / camera.height()));
        var place = onWindow(() -> view.localToScreen(at.x() * zoom, at.y() * zoom));
        robot.clickOn(place.getX(), place.getY());
    }
}
