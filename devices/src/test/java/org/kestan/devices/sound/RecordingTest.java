package org.kestan.devices.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class RecordingTest {

    private static final int FRAMES = 2000;

    private Path folder;

    @BeforeClass
    public void folder() throws IOException {
        folder = Files.createTempDirectory("kestan-recordings-");
    }

    @AfterClass
    public void clear() throws IOException {
        try (var files = Files.list(folder)) {
            for (Path each : files.toList()) {
                Files.delete(each);
            }
        }
        Files.delete(folder);
    }

    @DataProvider
    static Object[][] formats() {
        return new Object[][] {{8, 1, 2.0 / 100}, {16, 1, 1e-4}, {16, 2, 1e-4}, {24, 1, 1e-6}, {32, 2, 1e-6}};
    }

    /** However many bits and channels: the samples that were written are read back; of several channels, their mean. */
    @Test(dataProvider = "formats")
    public void whatWasWrittenComesBack(int bits, int channels, double within) throws Exception {
        int size = bits / 8;
        byte[] bytes = new byte[FRAMES * channels * size];
        for (int i = 0; i < FRAMES; i++) {
            for (int c = 0; c < channels; c++) {
                long value = Math.round(sample(i) * (c == 1 ? -0.5 : 1) * (Math.pow(2, bits - 1) - 1));
                // Eight-bit samples are unsigned.
                long kept = bits == 8 ? value + 128 : value;
                for (int b = 0; b < size; b++) {
                    bytes[(i * channels + c) * size + b] = (byte) (kept >> 8 * b);
                }
            }
        }
        AudioFormat format = new AudioFormat(48_000, bits, channels, bits > 8, false);
        Path file = folder.resolve(bits + "-" + channels + ".wav");
        AudioSystem.write(
                new AudioInputStream(new ByteArrayInputStream(bytes), format, FRAMES),
                AudioFileFormat.Type.WAVE,
                file.toFile());
        Recording read = Recording.of(file);
        assertThat(read.rate()).isEqualTo(48_000);
        assertThat(read.samples()).hasSize(FRAMES);
        for (int i = 0; i < FRAMES; i++) {
            assertThat(read.samples()[i]).isCloseTo(sample(i) * (channels == 2 ? 0.25 : 1), within(within));
        }
    }

    private static double sample(int i) {
        return 0.8 * Math.sin(i / 20.0);
    }

    @Test
    public void whatIsNoRecordingIsSaid() throws IOException {
        Path text = Files.writeString(folder.resolve("text.wav"), "no sound");
        trouble(text, Recording.Trouble.NO_RECORDING);
        trouble(
                Files.write(folder.resolve("cut.wav"), new byte[] {'R', 'I', 'F', 'F', 1}),
                Recording.Trouble.NO_RECORDING);
        trouble(folder.resolve("none.wav"), Recording.Trouble.NOT_READ);
        trouble(folder, Recording.Trouble.NOT_READ);
    }

    private static void trouble(Path file, Recording.Trouble why) {
        assertThatThrownBy(() -> Recording.of(file))
                .isInstanceOfSatisfying(
                        Recording.Failed.class,
                        failed -> assertThat(failed.trouble()).isEqualTo(why));
    }

    @Test
    public void whatIsTooLoudIsSeen() {
        double[] samples = new double[1000];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = Math.max(-1, Math.min(1, 1.5 * Math.sin(i / 15.0)));
        }
        assertThat(new Recording(44_100, samples).clipped()).isGreaterThan(0.2);
        for (int i = 0; i < samples.length; i++) {
            samples[i] = 0.9 * Math.sin(i / 15.0);
        }
        assertThat(new Recording(44_100, samples).clipped()).isZero();
    }
}
