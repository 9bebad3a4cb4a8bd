package org.kestan.devices.folder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.testng.annotations.Test;

/** A watched folder. */
public class PictureFolderTest {

    private static final int SECONDS = 10;

    /** A picture is reported once, if it is new and complete; one that is still growing waits until it stops. */
    @Test
    public void newPicturesAreTold() throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("kestan-folder-");
        Files.writeString(folder.resolve("old.jpg"), "old");
        BlockingQueue<PictureFolder.Heard> told = new LinkedBlockingQueue<>();
        try (PictureFolder watched = PictureFolder.watch(folder, told::add)) {
            assertThat(watched.folder()).isEqualTo(folder);
            Files.writeString(folder.resolve("note.txt"), "no picture");
            Files.writeString(folder.resolve(".half.jpg"), "hidden");
            Path growing = folder.resolve("new.JPG");
            Files.createFile(growing);
            for (int i = 0; i < 4; i++) {
                Files.writeString(growing, "more", StandardOpenOption.APPEND);
                assertThat(told.poll(300, TimeUnit.MILLISECONDS)).isNull();
            }
            assertThat(told.poll(SECONDS, TimeUnit.SECONDS)).isEqualTo(new PictureFolder.Heard.Arrived(growing));
            assertThat(told.poll(2, TimeUnit.SECONDS)).isNull();
        }
    }

    /** A card that is pulled out is reported once. */
    @Test
    public void aFolderThatIsGoneIsTold() throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("kestan-folder-").resolve("card");
        Files.createDirectory(folder);
        BlockingQueue<PictureFolder.Heard> told = new LinkedBlockingQueue<>();
        try (PictureFolder watched = PictureFolder.watch(folder, told::add)) {
            Files.delete(watched.folder());
            assertThat(told.poll(SECONDS, TimeUnit.SECONDS)).isEqualTo(new PictureFolder.Heard.Gone());
            assertThat(told.poll(2, TimeUnit.SECONDS)).isNull();
        }
        assertThatThrownBy(() -> PictureFolder.watch(folder, told::add)).isInstanceOf(IOException.class);
    }
}
