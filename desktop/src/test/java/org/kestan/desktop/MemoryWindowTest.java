package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import org.kestan.base.notation.Parsed;
import org.kestan.base.standards.InstrumentKind;
import org.kestan.base.standards.Origin;
import org.kestan.base.standards.Standard;
import org.kestan.desktop.rooms.ledger.LedgerRoom;
import org.kestan.desktop.widgets.chart.BarChart;
import org.kestan.desktop.widgets.layout.OwnerPane;
import org.kestan.files.demo.FinishedSamples;
import org.kestan.job.pictures.Photo;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.Query;
import org.kestan.overview.Station;
import org.testng.annotations.Test;

/** What the shop has learned, its numbers at a glance, and the papers kept with a job, in the real window. */
public class MemoryWindowTest extends WindowTest {

    private static final InstrumentKind LARGE = new InstrumentKind("steel", "large", "x");

    private void finished(int many) {
        FinishedSamples.make(many, 3, LocalDate.now().minusDays(40)).forEach(ledger::insert);
    }

    /** Learned: offered, adopted with one press, marked, used, its jobs named, given back with one press. */
    @Test
    public void whatIsLearnedIsOfferedTakenAndGivenBack() {
        finished(10);
        onWindow(() -> {
            window.enter("standards");
            return true;
        });
        String sink = "learned-sink-steel-large-x";
        assertThat(label(sink)).contains("5 jobs", "Offered");
        double before = session().standards().get(Standard.SINK);
        press(find(sink + "-use", Node.class));
        waitFor(() -> label(sink).contains("In use"));
        assertThat(session().standards().get(Standard.SINK))
                .as("of other instruments")
                .isEqualTo(before);
        double taken = session().standards().of(LARGE).get(Standard.SINK);
        assertThat(taken).isCloseTo(1.0, within(0.15)).isNotEqualTo(before);
        assertThat(session().standards().of(LARGE).origin(Standard.SINK)).isEqualTo(Origin.LEARNED);
        openSample(0);
        assertThat(session().analysis().shop().get(Standard.SINK)).isEqualTo(taken);
        onWindow(() -> {
            window.enter("standards");
            return true;
        });
        press(find(sink + "-jobs", Node.class));
        waitFor(() -> robot.lookup("#learned .link-button").queryAll().size() == 6);
        press(find(sink + "-back", Node.class));
        waitFor(() -> label(sink).contains("Offered"));
        assertThat(session().standards().of(LARGE).get(Standard.SINK)).isEqualTo(before);
        Button job = (Button) robot.lookup("#learned-all").query();
        press(job);
        waitFor(() -> robot.lookup("#learned-rate-80-use").tryQuery().isPresent());
        press(find("learned-rate-80-use", Node.class));
        waitFor(() -> session().standards().origin(Standard.PULL_80) == Origin.LEARNED);
        // Undone like any other change there.
        find("standards-search", Node.class);
        keys(KeyCode.CONTROL, KeyCode.Z);
        waitFor(() -> session().standards().origin(Standard.PULL_80) == Standard.PULL_80.origin());
    }

    @Test
    public void theShopsNumbersAtAGlance() {
        finished(8);
        keys(KeyCode.ALT, KeyCode.DIGIT0);
        press(find("ledger-glance", Node.class));
        waitFor(() -> label("logbook-headline").startsWith("8 finished jobs"));
        assertThat(find("logbook-ways", BarChart.class).getAccessibleText())
                .contains("What do we do most?", "Neck reset 4");
        assertThat(find("logbook-hours", BarChart.class).getAccessibleText()).contains(" h for 9");
        assertThat(find("logbook-ways", BarChart.class).lookupAll(".bar")).isNotEmpty();
        assertThat(find("ledger-list", ListView.class).isVisible()).isFalse();
        // A search looks for jobs.
        onWindow(() -> {
            find("ledger-search", Node.class).requestFocus();
            return true;
        });
        robot.write("no. 3", 0);
        waitFor(() -> find("ledger-list", ListView.class).isVisible());
    }

    /**
     * A report is shown as it will be printed, written with its pictures, kept with the job, and included in the job's
     * zip.
     */
    @Test
    public void aReportStaysWithItsJob() throws IOException {
        Path shot = folder.resolve("brace.png");
        ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "png", shot.toFile());
        String picture = ((Parsed.Ok<String>) ledger.pictures().add(shot)).value();
        LedgerJob entry =
                ledger.insert(FinishedSamples.make(1, 5, LocalDate.now().minusDays(40))
                        .get(0)
                        .withPhotos(List.of(new Photo(picture, "The loose brace"))));
        onWindow(() -> {
            window.store().open(entry.id());
            window.enter(Station.PROOF.key());
            return true;
        });
        press(find("proof-page-report", Node.class));
        waitFor(() -> robot.lookup("#paper-page-1").tryQuery().isPresent());
        Path out = Files.createDirectories(folder.resolve("handed-out"));
        OwnerPane pane = (OwnerPane) find("paper-view", Node.class).getParent();
        onWindow(() -> {
            pane.writeInto(out);
            return true;
        });
        waitFor(() -> label("notice").contains("A copy is kept with the job"));
        Path page;
        try (var files = Files.list(out)) {
            page = files.filter(each -> each.toString().endsWith(".html"))
                    .findFirst()
                    .orElseThrow();
        }
        assertThat(Files.readString(page)).contains("The loose brace", "data:image/jpeg");
        assertThat(ledger.papers().of(entry.id()))
                .hasSize(2)
                .containsKey(page.getFileName().toString());
        // The copy can be seen from the job, and enlarged.
        MenuButton kept = find("papers-kept", MenuButton.class);
        waitFor(() -> kept.getText().equals("Copies handed out: 1"));
        onWindow(() -> {
            kept.getItems().get(0).fire();
            return true;
        });
        waitFor(() -> find("paper-page-1", Node.class).getAccessibleText().startsWith("Copy of "));
        press(find("paper-page-1", Node.class));
        waitFor(() -> robot.lookup("#large-picture").tryQuery().isPresent());
        keys(KeyCode.EQUALS);
        waitFor(() -> label("large-zoom").equals("125 %"));
        keys(KeyCode.DIGIT0);
        waitFor(() -> label("large-zoom").equals("100 %"));
        keys(KeyCode.ESCAPE);
        keys(KeyCode.ALT, KeyCode.DIGIT0);
        JobCard card = ledger.list(Query.ALL).get(0);
        LedgerRoom room = (LedgerRoom) find("ledger-list", Node.class).getParent();
        Path zip = folder.resolve("one.zip");
        onWindow(() -> {
            room.transfers().writeOne(card, zip);
            return true;
        });
        waitFor(() -> Files.exists(zip) && label("notice").startsWith("1 job exported"));
        settle();
    }

    /** What is missing is listed where the paper would be. */
    @Test
    public void aReportBeforeItsProofSaysWhatItLacks() {
        openSample(0);
        onWindow(() -> {
            window.enter(Station.PROOF.key());
            return true;
        });
        press(find("proof-page-report", Node.class));
        waitFor(() -> robot.lookup("#paper-view .label").queryAll().stream()
                .anyMatch(each -> ((Label) each).getText().startsWith("Nothing was read")));
    }
}
