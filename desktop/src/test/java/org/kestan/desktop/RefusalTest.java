package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.application.Application;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.disk.Disk;
import org.kestan.files.job.JobReader;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.sqlite.SqliteLedger;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** What the application shows if its ledger can't be opened, started as a user starts it. */
public class RefusalTest {

    private final FxRobot robot = new FxRobot();
    private Thread.UncaughtExceptionHandler before;
    private Path folder;
    private Path file;
    private Application application;

    @BeforeMethod
    public void ledgerWithABackup() throws Exception {
        before = Thread.getDefaultUncaughtExceptionHandler();
        folder = Files.createTempDirectory("kestan-test-");
        file = folder.resolve("ledger.sqlite");
        try (Ledger ledger = ((OpenResult.Opened) SqliteLedger.open(file)).ledger()) {
            ledger.insert(
                    JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(0))).job().orElseThrow());
            ledger.backups().make();
        }
        FxToolkit.registerPrimaryStage();
    }

    @AfterMethod(alwaysRun = true)
    public void close() throws Exception {
        if (application != null) {
            FxToolkit.cleanupApplication(application);
        }
        FxToolkit.cleanupStages();
        Thread.setDefaultUncaughtExceptionHandler(before);
        Disk.deleteAll(folder);
    }

    private void start() throws TimeoutException {
        application = FxToolkit.setupApplication(KestanApp.class, "--demo", "--ledger", file.toString());
        WaitForAsyncUtils.waitForFxEvents(2);
    }

    private String said() {
        return robot.lookup("#refusal").queryLabeled().getText();
    }

    private void waitForTheWindow() throws TimeoutException {
        WaitForAsyncUtils.waitFor(
                30, TimeUnit.SECONDS, () -> robot.lookup("#job-name").tryQuery().isPresent());
    }

    private String focused() {
        Node owner = robot.lookup("#refusal").query().getScene().getFocusOwner();
        return owner == null ? "" : owner.getId();
    }

    @Test
    public void aDamagedLedgerIsLeftAsItIsUntilABackupIsPutBack() throws Exception {
        byte[] damaged = "this is no ledger ".repeat(400).getBytes(StandardCharsets.US_ASCII);
        Files.write(file, damaged);
        start();
        assertThat(said()).containsIgnoringCase("damaged");
        assertThat(focused()).as("the safe answer has the focus").isEqualTo("refusal-again");
        robot.push(KeyCode.SPACE);
        WaitForAsyncUtils.waitForFxEvents(2);
        assertThat(said()).containsIgnoringCase("damaged");
        assertThat(Files.readAllBytes(file)).as("nothing was written").isEqualTo(damaged);
        Labeled copy = robot.lookup("#refusal-backup-1").queryLabeled();
        assertThat(copy.getText()).contains("1 job");
        robot.interact(copy::requestFocus);
        robot.push(KeyCode.SPACE);
        waitForTheWindow();
        try (var kept = Files.list(folder)) {
            assertThat(kept.filter(each -> each.toFile().length() == damaged.length)
                            .findFirst())
                    .as("what was damaged lies beside it")
                    .isPresent();
        }
    }

    @Test
    public void aLockIsNoDamageAndTryingAgainOpensIt() throws Exception {
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = other.createStatement()) {
            statement.execute("PRAGMA locking_mode = EXCLUSIVE");
            statement.execute("BEGIN EXCLUSIVE");
            start();
            assertThat(said()).containsIgnoringCase("another program").doesNotContainIgnoringCase("damaged");
            assertThat(robot.lookup("#refusal-backup-1").tryQuery()).isEmpty();
            statement.execute("ROLLBACK");
        }
        robot.push(KeyCode.SPACE);
        waitForTheWindow();
        assertThat(robot.lookup("#job-name").queryLabeled().getText()).isNotEmpty();
    }

    /** A server that requires a password: it is asked for, goes to the server as typed, and is written nowhere. */
    @Test
    public void aPasswordIsAskedFor() throws Exception {
        try (RefusingServer server = new RefusingServer()) {
            application = FxToolkit.setupApplication(
                    KestanApp.class, "--demo", "--ledger", "postgresql://bench@localhost:" + server.port() + "/shop");
            WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> said().contains("user and password"));
            WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> focused().equals("refusal-password"));
            robot.write("a word 7").type(KeyCode.ENTER);
            WaitForAsyncUtils.waitFor(
                    30, TimeUnit.SECONDS, () -> server.passwords().contains("a word 7"));
            WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> said().contains("user and password"));
        }
    }
}
