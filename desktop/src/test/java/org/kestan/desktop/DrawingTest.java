package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.kestan.analysis.correction.Correction;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.desktop.shell.MainWindow;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.desktop.widgets.instrument.PicturePane;
import org.kestan.job.Job;
import org.kestan.repair.drag.Handle;
import org.kestan.repair.picture.Loupe;
import org.kestan.repair.picture.Picture;
import org.kestan.text.BenchUnit;
import org.testng.annotations.Test;

public class DrawingTest extends WindowTest {

    private static final int DRAG_STEPS = 80;

    private Correction plan() {
        return session().analysis().plan().correction().orElseThrow();
    }

    /** The median of the last half, once everything is warmed up. */
    private static double middle(List<Double> all) {
        List<Double> warm = new ArrayList<>(all.subList(all.size() / 2, all.size()));
        Collections.sort(warm);
        return warm.get(warm.size() / 2);
    }

    private Point2D middle(String id) {
        return onWindow(() -> {
            Node node = find(id, Node.class);
            Bounds bounds = node.localToScreen(node.getBoundsInLocal());
            return new Point2D(bounds.getCenterX(), bounds.getCenterY());
        });
    }

    private void drag(String id, double down) {
        Point2D at = middle(id);
        robot.moveTo(at);
        robot.press(MouseButton.PRIMARY);
        for (int i = 1; i <= 6; i++) {
            robot.moveTo(at.add(0, down * i / 6));
        }
        robot.release(MouseButton.PRIMARY);
        settle();
    }

    @Test
    public void dragsTheFretLineAndUndoesItInOneStep() {
        openSample(0);
        Job before = session().job();
        Correction was = plan();
        double scale =
                onWindow(() -> find("loupe-bridge-picture", PicturePane.class).scale());
        drag("handle-fret-line", -18);
        assertThat(plan().targetStrung()).isGreaterThan(was.targetStrung() + 1);
        // The picture is not refitted under the pointer: the line goes as far as the pointer does.
        assertThat(plan().targetStrung() - was.targetStrung()).isCloseTo(18 / scale, within(0.45));
        assertThat(plan().heel().orElseThrow().atCap())
                .isGreaterThan(was.heel().orElseThrow().atCap());
        assertThat(plan().plannedAction(Side.BASS)).isCloseTo(was.plannedAction(Side.BASS), within(1e-9));
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(session().job()).isEqualTo(before);
        keys(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.Z);
        assertThat(plan().targetStrung()).isGreaterThan(was.targetStrung() + 1);
    }

    @Test
    public void dragsTheActionAndTheSaddleCrown() {
        openSample(0);
        double action = plan().plannedAction(Side.BASS);
        drag("handle-action-bass", -8);
        assertThat(plan().plannedAction(Side.BASS)).isGreaterThan(action);
        double strung = plan().targetStrung();
        double support = plan().supportHeight();
        drag("handle-saddle-crown", 12);
        assertThat(plan().supportHeight()).isLessThan(support);
        assertThat(plan().targetStrung()).isCloseTo(strung, within(0.01));
    }

    /** Both clicks reach the window together, however slow the machine is in between. */
    private void doubleClick(Point2D at) {
        robot.moveTo(at);
        onWindow(() -> {
            var mouse = new javafx.scene.robot.Robot();
            mouse.mouseClick(MouseButton.PRIMARY);
            mouse.mouseClick(MouseButton.PRIMARY);
            return mouse;
        });
    }

    @Test
    public void doubleClickGoesBackToWhatIsMeasured() {
        openSample(0);
        var planned = session().job().get(Aim.ACTION_TREBLE);
        doubleClick(middle("handle-action-treble"));
        waitFor(() -> !session().job().get(Aim.ACTION_TREBLE).equals(planned));
        assertThat(session().job().get(Aim.ACTION_TREBLE).orElseThrow().text()).isEqualTo("7/64 in");
    }

    @Test
    public void arrowKeysMoveAHandle() {
        openSample(0);
        onWindow(() -> {
            find("handle-action-bass", Node.class).requestFocus();
            return true;
        });
        keys(KeyCode.UP);
        assertThat(session().job().get(Aim.ACTION_BASS).orElseThrow().text()).isEqualTo("7/64 in");
        keys(KeyCode.DOWN);
        assertThat(session().job().get(Aim.ACTION_BASS).orElseThrow().text()).isEqualTo("3/32 in");
    }

    @Test
    public void withShiftAHandleMovesByHundredthsAndWithoutItCatchesAtTheShopsUsualValue() {
        openSample(0);
        onWindow(() -> {
            session().unitProperty().set(BenchUnit.MILLIMETERS);
            find("handle-action-treble", Node.class).requestFocus();
            return true;
        });
        keys(KeyCode.SHIFT, KeyCode.UP);
        assertThat(session().job().get(Aim.ACTION_TREBLE).orElseThrow().text()).isEqualTo("1.99 mm");
        keys(KeyCode.SHIFT, KeyCode.DOWN);
        keys(KeyCode.SHIFT, KeyCode.DOWN);
        assertThat(session().job().get(Aim.ACTION_TREBLE).orElseThrow().text()).isEqualTo("1.97 mm");
        // The shop wants 4/64 in on the treble side; released two pixels from it, it is exactly that.
        double usual = 4 / 64.0 * 25.4;
        double scale = onWindow(
                () -> find("loupe-action-fret-picture", PicturePane.class).scale());
        drag("handle-action-treble", (1.97 - usual) * scale + 2);
        assertThat(session().job().millimeters(Aim.ACTION_TREBLE).orElseThrow()).isCloseTo(usual, within(0.006));
    }

    @Test
    public void aLoupeGrowsByItsKeyAndByAClickAndGoesBack() {
        openSample(0);
        InstrumentView instrument = find("instrument", InstrumentView.class);
        double small =
                onWindow(() -> find("loupe-bridge-picture", PicturePane.class).scale());
        keys(KeyCode.CONTROL, KeyCode.DIGIT5);
        assertThat(instrument.enlargedProperty().get()).isEqualTo(Loupe.BRIDGE);
        settle();
        assertThat(onWindow(
                        () -> find("loupe-bridge-picture", PicturePane.class).scale()))
                .isGreaterThan(1.5 * small);
        keys(KeyCode.CONTROL, KeyCode.DIGIT5);
        assertThat(instrument.enlargedProperty().get()).isNull();
        robot.clickOn("#loupe-heel");
        waitFor(() -> instrument.enlargedProperty().get() == Loupe.HEEL);
    }

    @Test
    public void hoverReadsTheStringOverAFret() {
        openSample(0);
        Point2D twelfth = onWindow(() -> {
            PicturePane whole = find("whole", PicturePane.class);
            double at = session().analysis().sideView().orElseThrow().frets().at(12);
            return whole.localToScreen(whole.x(at), 20);
        });
        robot.moveTo(twelfth.add(-10, 0));
        robot.moveTo(twelfth);
        waitFor(() -> find("hover-readout", Node.class).isVisible());
        assertThat(label("hover-readout"))
                .startsWith("Over fret 12")
                .contains("bass")
                .contains("\u2192");
    }

    @Test
    public void unitsCycleAndWhatWasTypedStays() {
        openSample(0);
        assertThat(label("figure-action-now")).isEqualTo("9/64  7/64 in");
        keys(KeyCode.F6);
        assertThat(session().unit()).isEqualTo(BenchUnit.THOUSANDTHS);
        assertThat(label("figure-action-now")).isEqualTo("140.6  109.4 thou");
        keys(KeyCode.F6);
        keys(KeyCode.F6);
        assertThat(label("figure-action-now")).isEqualTo("3.57  2.78 mm");
        assertThat(text("survey-action-bass")).isEqualTo("9/64 in");
        assertThat(label("survey-action-bass-note")).isEqualTo("= 3.57 mm");
    }

    /** An archtop with about 4° of neck pitch, drawn from the sample archtop by raising its bridge. */
    private Job steep() {
        openSample(2);
        return session()
                .job()
                .with(Reading.BRIDGE_HEIGHT, Length.ofText("36.5 mm"))
                .without(Aim.BRIDGE_HEIGHT);
    }

    @Test
    public void drawingNeverOverflows() {
        Job steep = steep();
        for (int sample = 0; sample <= samples.size(); sample++) {
            if (sample < samples.size()) {
                openSample(sample);
            } else {
                onWindow(() -> {
                    session().open(steep);
                    return true;
                });
                double pitch = session()
                        .analysis()
                        .trajectory()
                        .orElseThrow()
                        .pitch()
                        .orElseThrow()
                        .radians();
                assertThat(Math.toDegrees(pitch)).isBetween(3.8, 4.2);
            }
            settle();
            fits();
        }
    }

    /** What has to be visible lies within its picture, and the picture within the band. */
    private void fits() {
        onWindow(() -> {
            InstrumentView instrument = find("instrument", InstrumentView.class);
            assertThat(instrument.sizeProperty().get()).isEqualTo(InstrumentView.Size.FULL);
            for (Node node : instrument.lookupAll(".picture")) {
                PicturePane pane = (PicturePane) node;
                Picture.Frame frame = pane.picture().orElseThrow().frame();
                Point2D low = pane.place(new Picture.Point(frame.left(), frame.bottom()));
                Point2D high = pane.place(new Picture.Point(frame.right(), frame.top()));
                assertThat(pane.getHeight()).as(pane.getId()).isGreaterThan(40);
                assertThat(low.getX()).as(pane.getId()).isGreaterThanOrEqualTo(0);
                assertThat(high.getX()).as(pane.getId()).isLessThanOrEqualTo(pane.getWidth());
                assertThat(high.getY()).as(pane.getId()).isGreaterThanOrEqualTo(0);
                assertThat(low.getY()).as(pane.getId()).isLessThanOrEqualTo(pane.getHeight());
                Bounds at = instrument.sceneToLocal(pane.localToScene(pane.getLayoutBounds()));
                assertThat(instrument.getLayoutBounds().contains(at))
                        .as(pane.getId())
                        .isTrue();
            }
            return true;
        });
    }

    /**
     * Times what a drag step costs on the application thread: calculation, styling and layout, from the move to the
     * end of its pulse. Prints the figure; timing is not judged by a test.
     */
    @Test
    public void dragStepsAreTimed() {
        openSample(0);
        // Rooms are built in idle moments, and a drag leaves none.
        MainWindow.rooms()
                .forEach(room -> onWindow(() -> {
                    window.show(room);
                    return true;
                }));
        keys(KeyCode.ALT, KeyCode.DIGIT4);
        settle();
        List<Double> millis = new CopyOnWriteArrayList<>();
        List<Double> worked = new CopyOnWriteArrayList<>();
        AtomicLong pulseStart = new AtomicLong();
        AtomicLong spent = new AtomicLong();
        onWindow(() -> {
            stage.getScene().addPreLayoutPulseListener(() -> pulseStart.set(System.nanoTime()));
            stage.getScene().addPostLayoutPulseListener(() -> {
                if (spent.get() > 0) {
                    millis.add((spent.getAndSet(0) + System.nanoTime() - pulseStart.get()) / 1e6);
                }
            });
            return true;
        });
        InstrumentView instrument = find("instrument", InstrumentView.class);
        // As during a drag: what need not follow every step follows a little later.
        robot.moveTo(middle("handle-fret-line"));
        robot.press(MouseButton.PRIMARY);
        for (int i = 0; i < DRAG_STEPS; i++) {
            double height = 8 + (i % 20) * 0.1;
            int steps = millis.size();
            onWindow(() -> {
                long start = System.nanoTime();
                instrument.planListenerProperty().get().moved(Handle.FRET_LINE, height, false, "timing");
                spent.set(System.nanoTime() - start);
                worked.add((System.nanoTime() - start) / 1e6);
                Platform.requestNextPulse();
                return true;
            });
            // Steps follow one another as in a continuing drag: what happens once the pointer rests is not included.
            long late = System.nanoTime() + 20_000_000_000L;
            while (millis.size() <= steps && System.nanoTime() < late) {
                LockSupport.parkNanos(200_000); // leaves the processor to the toolkit
            }
            assertThat(millis).hasSizeGreaterThan(steps);
        }
        robot.release(MouseButton.PRIMARY);
        List<Double> warm = new ArrayList<>(millis.subList(DRAG_STEPS / 2, DRAG_STEPS));
        Collections.sort(warm);
        System.out.printf(
                "drag step on the application thread: median %.1f ms, of %d the 95th percentile %.1f ms; "
                        + "of it working out %.1f ms in the middle%n",
                warm.get(warm.size() / 2), warm.size(), warm.get(warm.size() * 95 / 100), middle(worked));
        assertThat(plan().targetStrung()).isCloseTo(8 + 19 * 0.1, within(0.25));
    }
}
