package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Reading;
import org.kestan.desktop.rooms.ledger.LedgerRoom;
import org.kestan.desktop.stations.intake.PhotoPane;
import org.kestan.files.demo.DemoJobs;
import org.kestan.job.Sections;
import org.kestan.job.parts.Part;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.PlayingStyle;
import org.kestan.job.visits.Defect;
import org.kestan.job.visits.Severity;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.Query;
import org.testng.annotations.Test;

public class LedgerWindowTest extends WindowTest {

    private ListView<JobCard> list() {
        return robot.lookup("#ledger-list").queryListView();
    }

    private List<String> names() {
        return onWindow(() -> list().getItems().stream().map(JobCard::name).toList());
    }

    private static final int ALL = DemoJobs.NAMES.size();

    private void openLedger() {
        for (int i = 0; i < samples.size(); i++) {
            openSample(i);
        }
        keys(KeyCode.ALT, KeyCode.DIGIT0);
    }

    @Test
    public void inAnEmptyLedgerEnterStartsTheFirstJob() {
        keys(KeyCode.ALT, KeyCode.DIGIT0);
        waitFor(() -> find("ledger-first", Button.class).isFocused());
        assertThat(label("ledger-count")).isEqualTo("0 jobs. Ctrl+N starts one.");
        assertThat(label("job-name")).isEqualTo("No job is open");
        keys(KeyCode.ENTER);
        waitFor(() -> find("instrument-name", TextField.class).isFocused());
        enter("Parlour, walnut");
        assertThat(session().job().name()).isEqualTo("Parlour, walnut");
    }

    /** Tab, Enter: a made-up job, open at its sheet, whose name says what it is. */
    @Test
    public void anEmptyLedgerOffersASample() {
        keys(KeyCode.ALT, KeyCode.DIGIT0);
        waitFor(() -> find("ledger-first", Button.class).isFocused());
        keys(KeyCode.TAB);
        waitFor(() -> find("ledger-sample", Button.class).isFocused());
        keys(KeyCode.SPACE);
        waitFor(() -> session().job().name().startsWith("Sample: "));
        assertThat(ledger.count()).isEqualTo(1);
        assertThat(session().analysis().measured()).isPresent();
    }

    @Test
    public void searchesAsOneTypesAndOpensWithEnter() {
        openLedger();
        waitFor(() -> names().size() == ALL);
        assertThat(names()).hasSize(ALL);
        robot.clickOn("#ledger-search");
        robot.write("harbour", 0);
        settle();
        waitFor(() -> names().size() == 1);
        assertThat(names()).containsExactly("Carved archtop, bridge at the bottom");
        keys(KeyCode.ENTER);
        keys(KeyCode.ENTER);
        assertThat(session().job().name()).isEqualTo("Carved archtop, bridge at the bottom");
        assertThat(find("instrument", Node.class).getParent().isVisible()).isTrue();
    }

    @Test
    public void deletesAndBringsBack() {
        openLedger();
        String first = names().get(0);
        onWindow(() -> {
            list().getSelectionModel().select(0);
            return true;
        });
        robot.clickOn("#ledger-delete");
        waitFor(() -> names().size() == ALL - 1);
        assertThat(names()).hasSize(ALL - 1).doesNotContain(first);
        robot.clickOn("#ledger-undelete");
        waitFor(() -> names().size() == ALL);
        assertThat(names()).hasSize(ALL).contains(first);
        onWindow(() -> {
            list().getSelectionModel().select(0);
            return true;
        });
        robot.clickOn("#ledger-duplicate");
        waitFor(() -> names().size() == ALL + 1);
        assertThat(names()).hasSize(ALL + 1).anyMatch(name -> name.endsWith("(copy)"));
        robot.clickOn("#ledger-archive");
        waitFor(() -> names().size() == ALL);
        assertThat(names()).hasSize(ALL);
        look(JobLocation.AWAY);
        waitFor(() -> names().size() == 1);
        assertThat(names()).hasSize(1);
    }

    private void look(JobLocation shelf) {
        onWindow(() -> {
            // The only box of that id in the room holds shelves.
            @SuppressWarnings("unchecked")
            ComboBox<JobLocation> box = find("ledger-shelf", ComboBox.class);
            box.setValue(shelf);
            return true;
        });
    }

    private void selectFirst() {
        onWindow(() -> {
            list().getSelectionModel().select(0);
            return true;
        });
    }

    /** Deleted jobs are in the bin: restored from there, or erased at the second press. */
    @Test
    public void theBinGivesBackAndErases() {
        openLedger();
        for (int i = 0; i < 2; i++) {
            selectFirst();
            int before = names().size();
            robot.clickOn("#ledger-delete");
            waitFor(() -> names().size() == before - 1);
        }
        look(JobLocation.BIN);
        waitFor(() -> names().size() == 2);
        selectFirst();
        robot.clickOn("#ledger-archive");
        waitFor(() -> names().size() == 1);
        selectFirst();
        robot.clickOn("#ledger-delete");
        assertThat(label("notice")).contains("for good");
        assertThat(names()).hasSize(1);
        robot.clickOn("#ledger-delete");
        waitFor(() -> names().isEmpty());
        waitFor(() -> label("notice").startsWith("Erased"));
        look(JobLocation.BENCH);
        waitFor(() -> names().size() == ALL - 1);
        assertThat(ledger.count()).isEqualTo(ALL - 1);
    }

    @Test
    public void writesAllToAZipAndTakesItIn() throws IOException {
        openLedger();
        Path zip = folder.resolve("all.zip");
        LedgerRoom station = (LedgerRoom) list().getParent();
        onWindow(() -> {
            station.transfers().writeAll(zip);
            return true;
        });
        waitFor(() -> Files.exists(zip) && label("notice").contains(ALL + " jobs exported"));
        onWindow(() -> {
            station.transfers().takeIn(List.of(zip, Files.writeString(folder.resolve("x.kestan.json"), "{")));
            return true;
        });
        waitFor(() -> label("notice").startsWith("0 jobs imported, " + ALL + " already there; skipped: x.kestan.json"));
        assertThat(ledger.count()).isEqualTo(ALL);
        // What was deleted since stays in the bin, and this is reported.
        String gone = ledger.list(Query.ALL).get(0).id();
        ledger.delete(gone);
        onWindow(() -> {
            station.transfers().takeIn(List.of(zip));
            return true;
        });
        waitFor(() -> label("notice")
                .startsWith("0 jobs imported, " + (ALL - 1) + " already there, 1 skipped: changed or deleted here"));
        waitFor(() -> names().size() == ALL - 1);
    }

    /** Parts are added by name; price and date are typed, and an impossible date stays in its field and is reported. */
    @Test
    public void partsAreTyped() {
        openSample(1);
        keys(KeyCode.ALT, KeyCode.DIGIT1);
        type("part-new", "bridge pins");
        waitFor(() -> robot.lookup("#part-price-1").tryQuery().isPresent());
        type("part-price-1", "1.50");
        type("part-need-1", "6");
        type("part-arrives-1", "friday");
        assertThat(label("parts-note")).startsWith("Part 1: ");
        type("part-arrives-1", "2026-12-04");
        assertThat(label("parts-note")).isEmpty();
        assertThat(session().job().section(Sections.PARTS))
                .containsExactly(Part.of("bridge pins")
                        .withNeed(6)
                        .withPrice(Optional.of(1.5))
                        .withArrives(Optional.of(LocalDate.of(2026, 12, 4))));
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(session().job().section(Sections.PARTS).get(0).arrives()).isEmpty();
        waitFor(() -> find("part-arrives-1", TextField.class).getText().isEmpty());
    }

    @Test
    public void intakeIsTypedAndKept() {
        openSample(1);
        keys(KeyCode.ALT, KeyCode.DIGIT1);
        type("intake-complaint", "=buzzes, \u201con the third\u201d");
        type("instrument-nut-to-twelfth", "12 3/4 in");
        assertThat(session().job().get(Dimension.SCALE).orElseThrow().millimeters())
                .isEqualTo(647.7);
        onWindow(() -> {
            find("intake-style", Node.class).requestFocus();
            return true;
        });
        robot.write("s", 0);
        settle();
        assertThat(session().job().get(Lines.STYLE)).contains(PlayingStyle.STRUMMED);
        assertThat(session().job().strings()).hasSize(6);
        type("string-gauge-1", "0.056");
        assertThat(label("strings-note")).contains("unit is missing");
        type("string-gauge-1", "0.056 in");
        assertThat(session().job().strings().get(0).gauge().orElseThrow().text())
                .isEqualTo("0.056 in");
        onWindow(() -> {
            window.store().flush();
            return true;
        });
        assertThat(ledger.read(window.store().openId().orElseThrow())
                        .orElseThrow()
                        .job())
                .isEqualTo(session().job());
    }

    @Test
    public void inspectionIsAQuickPassByKeyboard() {
        openSample(1);
        onWindow(() -> {
            find("structure", Node.class).requestFocus();
            return true;
        });
        keys(KeyCode.DIGIT0);
        keys(KeyCode.DIGIT1);
        keys(KeyCode.DIGIT2);
        var survey = session().job().visit();
        assertThat(survey.observation(Defect.BRACE_LOOSE).orElseThrow().severity())
                .isEqualTo(Severity.SOUND);
        assertThat(survey.observation(Defect.BRACE_CRACKED).orElseThrow().severity())
                .isEqualTo(Severity.SLIGHT);
        assertThat(survey.observation(Defect.TOP_CRACK).orElseThrow().severity())
                .isEqualTo(Severity.SERIOUS);
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(session().job().visit().observation(Defect.TOP_CRACK)).isEmpty();
    }

    @Test
    public void surveysAreChangedAndCompared() {
        openSample(8);
        assertThat(session().job().otherVisits()).hasSize(1);
        robot.clickOn("#survey-compare");
        settle();
        List<String> cells =
                onWindow(() -> robot.lookup("#compare .label").queryAllAs(javafx.scene.control.Label.class).stream()
                        .map(javafx.scene.control.Label::getText)
                        .toList());
        assertThat(cells).contains("2.3 mm", "3.8 mm");
        robot.clickOn("#compare-close");
        robot.clickOn("#survey-new");
        assertThat(session().job().otherVisits()).hasSize(2);
        assertThat(session().job().visit().readings()).isEmpty();
        assertThat(session().job().visit().get(Lines.TAKEN_ON)).isPresent();
    }

    private boolean isShown(String id) {
        return onWindow(() -> {
            for (Node each = find(id, Node.class); each != null; each = each.getParent()) {
                if (!each.isVisible()) {
                    return false;
                }
            }
            return true;
        });
    }

    @Test
    public void onlyLinesThatApplyAreShown() {
        openSample(6);
        assertThat(isShown("survey-bridgeHeight")).isTrue();
        assertThat(isShown("survey-bridgeRange-lowest"))
                .as("a solid bridge has no range")
                .isFalse();
        assertThat(isShown("survey-saddle-bass")).isFalse();
        openSample(5);
        assertThat(isShown("survey-pocketLength")).isTrue();
        assertThat(find("survey-pocketLength", TextField.class).getText()).isEqualTo("68 mm");
        onWindow(() -> {
            window.show("ledger");
            return true;
        });
        assertThat(find("ledger-list", Node.class).getParent().isVisible()).isTrue();
    }

    @Test
    public void picturesAreCopiedInAndTakenOffWithUndo() throws IOException {
        openSample(0);
        keys(KeyCode.ALT, KeyCode.DIGIT1);
        Path picture = folder.resolve("heel.png");
        javax.imageio.ImageIO.write(
                new java.awt.image.BufferedImage(60, 40, java.awt.image.BufferedImage.TYPE_INT_RGB),
                "png",
                picture.toFile());
        PhotoPane photos = find("photos", PhotoPane.class);
        onWindow(() -> {
            photos.add(picture);
            photos.add(Files.writeString(folder.resolve("fake.png"), "no picture"));
            return true;
        });
        waitFor(() -> session().job().photos().size() == 1 && label("notice").contains("fake.png"));
        assertThat(label("notice")).contains("accepted");
        assertThat(ledger.pictures().file(session().job().photos().get(0).file()))
                .exists();
        press(robot.lookup("remove").queryAs(Button.class));
        assertThat(session().job().photos()).isEmpty();
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(session().job().photos()).hasSize(1);
    }

    @Test
    public void aCaliperThatTypesBareNumbersWorksOnceItsUnitIsSaid() {
        openSample(0);
        type("survey-heel-height", "94.6");
        assertThat(label("survey-heel-height-note")).contains("unit is missing");
        onWindow(() -> {
            session().bareUnitProperty().set("mm");
            return true;
        });
        type("survey-heel-height", "94.6");
        assertThat(session().job().get(Reading.HEEL_HEIGHT).orElseThrow().text())
                .isEqualTo("94.6 mm");
        type("survey-heel-widthTop", "2 1/8 in");
        assertThat(session().job().get(Reading.HEEL_WIDTH_TOP).orElseThrow().text())
                .isEqualTo("2 1/8 in");
    }
}
