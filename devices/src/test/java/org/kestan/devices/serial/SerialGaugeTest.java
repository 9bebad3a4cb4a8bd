package org.kestan.devices.serial;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.LengthUnit;
import org.testng.SkipException;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SerialGaugeTest {

    @DataProvider
    static Object[][] lines() {
        return new Object[][] {
            {SerialForm.PLAIN, "2.413 mm", LengthUnit.INCH, 2.413},
            {SerialForm.PLAIN, " +0.0950 in", LengthUnit.MILLIMETRE, 2.413},
            {SerialForm.PLAIN, "0.0950\"", LengthUnit.MILLIMETRE, 2.413},
            {SerialForm.PLAIN, "-1,20", LengthUnit.MILLIMETRE, -1.2},
            {SerialForm.PLAIN, ".095", LengthUnit.INCH, 2.413},
            {SerialForm.PLAIN, "00012.340", LengthUnit.MILLIMETRE, 12.34},
            {SerialForm.CHANNEL, "01A+0002.413", LengthUnit.MILLIMETRE, 2.413},
            {SerialForm.CHANNEL, "01A-00.0950", LengthUnit.INCH, -2.413},
        };
    }

    @Test(dataProvider = "lines")
    public void aLineIsAReading(SerialForm form, String line, LengthUnit unit, double millimeters) {
        Length length = form.parse(line, unit).optional().orElseThrow();
        assertThat(length.millimeters()).isEqualTo(millimeters, org.assertj.core.api.Assertions.within(1e-9));
    }

    @DataProvider
    static Object[][] others() {
        return new Object[][] {
            {SerialForm.PLAIN, ""}, {SerialForm.PLAIN, "ERR"}, {SerialForm.PLAIN, "1.2.3 mm"},
            {SerialForm.PLAIN, "2.4 kg"}, {SerialForm.PLAIN, "01A+0002.413"}, {SerialForm.PLAIN, "1e5 mm"},
            {SerialForm.CHANNEL, "2.413 mm"}, {SerialForm.CHANNEL, "911"}, {SerialForm.CHANNEL, "01A+"},
        };
    }

    @Test(dataProvider = "others")
    public void anythingElseIsNone(SerialForm form, String line) {
        assertThat(form.parse(line, LengthUnit.MILLIMETRE).optional()).isEmpty();
    }

    @Test
    public void aPortThatIsNotThereIsNotOpened() {
        assertThat(SerialGauge.open("/dev/no-such-port", SerialGauge.Settings.USUAL, heard -> {}))
                .isEmpty();
    }

    /**
     * Over a pseudo-terminal: whole lines however they are split, a line that is not a reading reported, and nothing
     * after closing.
     */
    @Test
    public void readingsComeOverATerminal() throws IOException, InterruptedException {
        if (!Files.isExecutable(Path.of("/usr/bin/script"))) {
            throw new SkipException("no program that opens a pseudo-terminal");
        }
        Process terminal = new ProcessBuilder(
                        "/usr/bin/script", "-qfc", "stty raw -echo; tty; exec sleep 60", "/dev/null")
                .start();
        try (BufferedReader out =
                        new BufferedReader(new InputStreamReader(terminal.getInputStream(), StandardCharsets.UTF_8));
                OutputStream in = terminal.getOutputStream()) {
            String name = out.readLine().strip();
            assertThat(name).startsWith("/dev/pts/");
            BlockingQueue<SerialGauge.Heard> heard = new LinkedBlockingQueue<>();
            SerialGauge gauge = SerialGauge.open(name, SerialGauge.Settings.USUAL, heard::add)
                    .orElseThrow();
            assertThat(gauge.isOpen()).isTrue();
            send(in, "# remark\r\n2.4");
            send(in, "1 mm\r\nERR\n0.095 in\n");
            assertThat(heard.poll(10, TimeUnit.SECONDS))
                    .isEqualTo(new SerialGauge.Heard.Taken(Length.ofText("2.41 mm")));
            assertThat(heard.poll(10, TimeUnit.SECONDS))
                    .isInstanceOfSatisfying(
                            SerialGauge.Heard.Unread.class,
                            unread -> assertThat(unread.line()).isEqualTo("ERR"));
            assertThat(heard.poll(10, TimeUnit.SECONDS))
                    .isEqualTo(new SerialGauge.Heard.Taken(Length.ofText("0.095 in")));
            gauge.close();
            assertThat(gauge.isOpen()).isFalse();
            send(in, "9.99 mm\n");
            assertThat(heard.poll(300, TimeUnit.MILLISECONDS)).isNull();
        } finally {
            terminal.destroy();
        }
    }

    private static void send(OutputStream in, String text) throws IOException {
        in.write(text.getBytes(StandardCharsets.US_ASCII));
        in.flush();
    }
}
