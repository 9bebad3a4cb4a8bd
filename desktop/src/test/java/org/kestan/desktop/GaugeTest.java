package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.cli.KestanCommand;
import org.kestan.job.Job;
import org.testng.annotations.Test;

public class GaugeTest extends WindowTest {

    private Socket connect(int port) throws IOException {
        return new Socket(InetAddress.getLoopbackAddress(), port);
    }

    private int listen() {
        return onWindow(() -> window.gauge().start(0));
    }

    private String live() {
        return onWindow(() -> window.gauge().liveProperty().get());
    }

    private static void send(Socket gauge, String text) throws IOException {
        OutputStream out = gauge.getOutputStream();
        out.write(text.getBytes(StandardCharsets.UTF_8));
        out.flush();
    }

    @Test
    public void aReadingIsShownAndTakenWithOneKey() throws IOException {
        openSample(0);
        int port = listen();
        robot.clickOn("#survey-heel-height");
        try (Socket gauge = connect(port)) {
            send(gauge, "# a remark\n94.6 mm\n");
            waitFor(() -> live().equals("94.6 mm"));
            assertThat(find("gauge-button", Button.class).getText()).contains("94.6 mm");
            keys(KeyCode.F3);
            assertThat(session().job().get(Reading.HEEL_HEIGHT).orElseThrow().text())
                    .isEqualTo("94.6 mm");
            assertThat(find("survey-heel-widthTop", TextField.class).isFocused())
                    .as("goes on like Enter")
                    .isTrue();
        }
        waitFor(() -> label("notice").contains("gauge has disconnected"));
        assertThat(live()).isEqualTo("94.6 mm");
    }

    @Test
    public void garbageWrongUnitsAndAFloodHarmNothing() throws IOException {
        openSample(0);
        Job before = session().job();
        int port = listen();
        try (Socket gauge = connect(port)) {
            send(gauge, "1 mm\n3 kg\n");
            waitFor(() -> label("notice").contains("That is not a reading"));
            send(gauge, "\u0001\u0002 not a number at all\n" + "9".repeat(100_000) + "\n");
            StringBuilder flood = new StringBuilder();
            for (int i = 0; i < 60_000; i++) {
                flood.append(i % 50).append(".25 mm\n");
            }
            send(gauge, flood + "7.77 mm\n");
            waitFor(() -> live().equals("7.77 mm"));
            assertThat(session().job()).isEqualTo(before);
            keys(KeyCode.F6);
            assertThat(label("figure-action-now")).endsWith("thou");
        }
    }

    /**
     * A connection that begins with anything else is no gauge, whatever follows; and there are no more than a bench
     * can have.
     */
    @Test
    public void strangersAreNoGauges() throws IOException {
        openSample(0);
        int port = listen();
        try (Socket browser = connect(port)) {
            send(browser, "POST / HTTP/1.1\r\nContent-Length: 7\r\n\r\n");
            waitFor(() -> label("notice").contains("POST / HTTP"));
            assertThat(browser.getInputStream().read()).as("it is let go").isEqualTo(-1);
        }
        assertThat(live()).isEmpty();
        List<Socket> many = new ArrayList<>();
        try {
            for (int i = 0; i < 16; i++) {
                Socket gauge = connect(port);
                many.add(gauge);
                send(gauge, "2.5 mm\n");
            }
            waitFor(() -> live().equals("2.5 mm"));
            Socket tooMany = connect(port);
            many.add(tooMany);
            assertThat(tooMany.getInputStream().read()).isEqualTo(-1);
            waitFor(() -> label("notice").contains("turned away"));
            send(many.get(0), "3.25 mm\n");
            waitFor(() -> live().equals("3.25 mm"));
        } finally {
            for (Socket gauge : many) {
                gauge.close();
            }
        }
    }

    @Test
    public void aPortInUseIsSaidAndStoppingLetsGo() throws IOException {
        int port = listen();
        try (var second = new java.net.ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            int taken = second.getLocalPort();
            assertThat(onWindow(() -> window.gauge().start(taken))).isZero();
            assertThat(onWindow(() -> window.gauge().troubleProperty().get())).contains("in use");
        }
        assertThat(port).isPositive();
        onWindow(() -> {
            window.gauge().stop();
            return true;
        });
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> connect(port).close())
                .isInstanceOf(IOException.class);
        keys(KeyCode.F3);
        assertThat(label("notice")).contains("No gauge has sent a reading yet");
    }

    @Test
    public void aClosedWindowListensNoLonger() throws IOException {
        int port = listen();
        connect(port).close();
        onWindow(() -> {
            stage.hide();
            return stage;
        });
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> connect(port).close())
                .isInstanceOf(IOException.class);
    }

    /** The whole path: the command line plays a virtual instrument, the window takes what it sends. */
    @Test
    public void theVirtualInstrumentPlaysIntoTheWindow() {
        openSample(0);
        int port = listen();
        double read =
                session().job().visit().millimeters(Reading.BRIDGE_THICKNESS).orElseThrow();
        onWindow(() -> {
            find("survey-bridgeThickness", TextField.class).requestFocus();
            return true;
        });
        int exit = KestanCommand.run(
                new java.io.PrintWriter(System.out),
                new java.io.PrintWriter(System.err),
                "gauge",
                "--simulate",
                samples.get(0).toString(),
                "--only",
                "bridgeThickness",
                "--times",
                "3",
                "--every",
                "5",
                "--port",
                Integer.toString(port));
        assertThat(exit).isZero();
        waitFor(() -> !live().isEmpty());
        keys(KeyCode.F3);
        Length taken = session().job().get(Reading.BRIDGE_THICKNESS).orElseThrow();
        assertThat(taken.text()).matches("\\d+\\.\\d\\d mm");
        assertThat(taken.millimeters()).isBetween(read - 0.1, read + 0.1);
    }
}
