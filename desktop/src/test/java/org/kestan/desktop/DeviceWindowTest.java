package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.kestan.analysis.picture.PixelPoint;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Reading;
import org.kestan.desktop.rooms.picture.PictureRoom;
import org.kestan.desktop.rooms.sound.SoundRoom;
import org.kestan.desktop.widgets.field.EntryField;
import org.kestan.devices.serial.SerialGauge;
import org.kestan.devices.standin.PhotographedNeck;
import org.kestan.devices.standin.StandInCamera;
import org.kestan.job.strings.StringSpec;
import org.testng.annotations.Test;

/** Readings from a photograph and by ear, with simulated devices. */
public class DeviceWindowTest extends WindowTest {

    private static final PhotographedNeck NECK =
            PhotographedNeck.drawn(new Random(3), PhotographedNeck.View.CLOSE_UP, 2);

    private void press(String id) {
        onWindow(() -> {
            find(id, Button.class).fire();
            return true;
        });
    }

    /** Clicks near a place in the picture, with the pointer. */
    private void click(PixelPoint at) {
        clickPicture(NECK.camera(), at);
    }

    /**
     * A photograph is opened, marked with four clicks, read, and offered to its field, where Enter takes it; the
     * picture stays with the job.
     */
    @Test
    public void aPhotographIsMeasured() throws IOException {
        onWindow(() -> window.store().jobFiles().open(samples.get(0)));
        waitFor(() -> window.store().openId().isPresent());
        onWindow(() -> {
            session()
                    .edit(job -> job.with(
                            Dimension.SCALE,
                            Length.ofText(String.format(java.util.Locale.ROOT, "%.4f mm", NECK.scale()))));
            return true;
        });
        StandInCamera camera = new StandInCamera(NECK, 1);
        Path file = Files.write(folder.resolve("neck.jpg"), camera.jpeg());
        keys(KeyCode.ALT, KeyCode.DIGIT9);
        type(
                "picture-distance",
                String.format(java.util.Locale.ROOT, "%.2f mm", NECK.camera().distance()));
        type("picture-inset", String.format(java.util.Locale.ROOT, "%.2f mm", NECK.inset()));
        onWindow(() -> {
            find("picture-room", PictureRoom.class).open(file);
            return true;
        });
        waitFor(() -> label("picture-step").contains("fret 11"));
        click(camera.crown(11).plus(4, -3));
        waitFor(() -> label("picture-step").contains("fret 12"));
        click(camera.crown(12).plus(-3, 2));
        click(camera.crown(13).plus(0, 4));
        waitFor(() -> label("picture-step").contains("underside"));
        click(camera.underside(12).plus(3, 3));
        waitFor(() -> label("picture-said").contains("\u00b1"));
        press("picture-take");
        waitFor(() -> text(EntryField.id(Reading.ACTION_BASS)).endsWith(" mm"));
        double before = session().job().visit().millimeters(Reading.ACTION_BASS).orElse(0);
        String offered = text(EntryField.id(Reading.ACTION_BASS));
        assertThat(Double.parseDouble(offered.replace(" mm", ""))).isCloseTo(NECK.action(12), within(0.05));
        // It is shown there, and is not taken until somebody confirms it.
        assertThat(session().job().visit().millimeters(Reading.ACTION_BASS).orElse(0))
                .isEqualTo(before);
        keys(KeyCode.ENTER);
        waitFor(() -> Math.abs(
                        session().job().visit().millimeters(Reading.ACTION_BASS).orElse(0) - NECK.action(12))
                < 0.05);
        waitFor(() -> session().job().photos().stream()
                .anyMatch(photo -> photo.caption().contains("\u00b1")));
        // Its source stays with it, and is shown beside the field.
        assertThat(session().job().visit().source(Reading.ACTION_BASS))
                .hasValueSatisfying(source -> assertThat(source.from()).isEqualTo("neck.jpg"));
        // At the counter it waits in its field in the same way.
        keys(KeyCode.ALT, KeyCode.DIGIT9);
        press("picture-counter");
        waitFor(() -> text("counter-" + EntryField.id(Reading.ACTION_BASS)).equals(offered));
        // Another instrument starts with nothing from this one.
        onWindow(() -> window.store().jobFiles().open(samples.get(1)));
        keys(KeyCode.ALT, KeyCode.DIGIT9);
        waitFor(() -> label("picture-step").contains("Open a photograph"));
        assertThat(label("picture-collected")).isEmpty();
        assertThat(text("picture-distance")).isEmpty();
    }

    /**
     * A new picture in a watched folder asks where it belongs, and is stored nowhere unasked; several wait their turn.
     */
    @Test
    public void aNewPictureAsksWhereItBelongs() throws IOException {
        onWindow(() -> window.store().jobFiles().open(samples.get(0)));
        waitFor(() -> window.store().openId().isPresent());
        Path card = Files.createDirectory(folder.resolve("card"));
        onWindow(() -> {
            window.watchFolder(card);
            return true;
        });
        String first = session().job().name();
        int before = session().job().photos().size();
        byte[] picture = new StandInCamera(NECK, 1).jpeg();
        Files.write(card.resolve("one_1.jpg"), picture);
        waitFor(() -> find("arrived", Node.class).isVisible());
        assertThat(label("arrived-asks")).contains("one_1.jpg");
        assertThat(session().job().photos()).hasSize(before);
        press("arrived-step");
        waitFor(() -> session().job().photos().size() == before + 1);
        assertThat(session().job().photos().get(before).caption()).isNotEmpty();
        Files.write(card.resolve("two.jpg"), picture);
        waitFor(() -> find("arrived", Node.class).isVisible());
        // It is offered to the job that is open.
        onWindow(() -> window.store().jobFiles().open(samples.get(1)));
        waitFor(() -> find("arrived-job", Button.class)
                .getText()
                .contains(session().job().name()));
        onWindow(() -> window.store().openNamed(first));
        waitFor(() -> find("arrived-job", Button.class).getText().contains(first));
        press("arrived-leave");
        waitFor(() -> !find("arrived", Node.class).isVisible());
        assertThat(session().job().photos()).hasSize(before + 1);
        Files.write(card.resolve("three.jpg"), picture);
        waitFor(() -> find("arrived", Node.class).isVisible());
        press("arrived-measure");
        waitFor(() -> label("picture-step").contains("fret 11"));
    }

    /** A foot switch is learned by stepping on it; a key that types something is refused. */
    @Test
    public void aFootSwitchTakesWhatWasRead() {
        onWindow(() -> window.store().jobFiles().open(samples.get(0)));
        waitFor(() -> window.store().openId().isPresent());
        learn(KeyCode.B);
        waitFor(() -> session().noticeProperty().get().contains("another use"));
        learn(KeyCode.PAUSE);
        waitFor(() -> session().noticeProperty().get().contains("now enters what was read"));
        keys(KeyCode.ALT, KeyCode.DIGIT2);
        keys(KeyCode.PAUSE);
        waitFor(() -> session().noticeProperty().get().contains("No gauge"));
    }

    private void learn(KeyCode key) {
        onWindow(() -> {
            window.learnFootSwitch();
            return true;
        });
        waitFor(() -> session().noticeProperty().get().contains("Step on"));
        keys(key);
    }

    /** A file that is no picture is reported; a sample is read, and stays off the sheet. */
    @Test
    public void aSampleStaysOffTheSheet() throws IOException {
        onWindow(() -> window.store().jobFiles().open(samples.get(0)));
        waitFor(() -> window.store().openId().isPresent());
        keys(KeyCode.ALT, KeyCode.DIGIT9);
        Path text = Files.writeString(folder.resolve("text.jpg"), "no picture");
        onWindow(() -> {
            find("picture-room", PictureRoom.class).open(text);
            return true;
        });
        waitFor(() -> session().noticeProperty().get().contains("is not a picture"));
        press("picture-sample");
        waitFor(() -> label("picture-step").contains("fret 11"));
        onWindow(() -> {
            find("picture-what", ComboBox.class).getSelectionModel().select(5);
            return true;
        });
        waitFor(() -> label("picture-step").contains("Enter a length"));
        onWindow(() -> {
            find("picture-view", Node.class).requestFocus();
            return true;
        });
        keys(KeyCode.ENTER);
        waitFor(() -> session().noticeProperty().get().contains("Enter a length"));
        assertThat(find("picture-take", Button.class).isDisabled()).isTrue();
    }

    /** A whole set of strings is heard without touching the keyboard; nobody played it, so it stays off the sheet. */
    @Test
    public void stringsAreHeard() throws IOException {
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.L);
        assertThat(label("sound-source")).contains("Nothing is listening");
        Path text = Files.writeString(folder.resolve("text.wav"), "no sound");
        onWindow(() -> {
            find("sound-room", SoundRoom.class).open(text);
            return true;
        });
        waitFor(() -> label("sound-heard").contains("not a recording"));
        onWindow(() -> {
            session()
                    .edit(job -> job.withStrings(Stream.of("E2", "A2")
                            .map(note -> StringSpec.BLANK.withPitch(note))
                            .toList()));
            return true;
        });
        press("sound-stand-in");
        waitFor(() -> label("sound-asks").contains("All strings have been heard"));
        waitFor(() -> label("sound-source").contains("Nothing is listening"));
        assertThat(onWindow(() -> find("sound-table", Node.class).lookupAll(".label").stream()
                        .map(node -> ((Label) node).getText())
                        .filter(shown -> shown.matches("\\+(6\\.[89]|7\\.[0-2]) cents"))
                        .count()))
                .isEqualTo(2);
        assertThat(find("sound-take", Button.class).isDisabled()).isTrue();
        // Another instrument starts with nothing from this one, and nothing goes on listening.
        press("sound-stand-in");
        waitFor(() -> label("sound-heard").contains("Hz"));
        onWindow(() -> window.store().jobFiles().open(samples.get(1)));
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.L);
        waitFor(() -> label("sound-source").contains("Nothing is listening"));
        assertThat(label("sound-heard")).isEmpty();
    }

    /** A missing port is reported, and nothing is open then. */
    @Test
    public void aPortThatIsNotThereIsSaid() {
        assertThat(onWindow(() -> window.gauge().openSerial("/dev/no-such-port", SerialGauge.Settings.USUAL)))
                .isFalse();
        waitFor(() -> session().noticeProperty().get().contains("no such port"));
        assertThat(window.gauge().listeningProperty().get()).isFalse();
    }
}
