package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerFinding;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.WaitingSaves;
import org.testng.annotations.Test;

/**
 * A window on a ledger whose server goes away and comes back. The server's own part is tested with the ledger, on a
 * real one.
 */
public class ServerWindowTest extends WindowTest {

    /** What needs no server. */
    private static final Set<String> LOCAL =
            Set.of("pictures", "papers", "backups", "place", "isForPractice", "refusal", "close");

    private final AtomicBoolean away = new AtomicBoolean();
    private volatile Map<String, List<String>> open = Map.of();
    private Ledger behind;

    @Override
    protected Ledger ledger(Path folder) {
        away.set(false);
        open = Map.of();
        behind = super.ledger(folder);
        return (Ledger) Proxy.newProxyInstance(
                Ledger.class.getClassLoader(), new Class<?>[] {Ledger.class}, (proxy, method, arguments) -> {
                    if (method.getName().equals("waiting")) {
                        return java.util.Optional.of(waiting(folder));
                    }
                    if (method.getName().equals("openElsewhere") && !away.get()) {
                        return open;
                    }
                    if (away.get() && !LOCAL.contains(method.getName())) {
                        throw new LedgerException(LedgerFinding.NO_SERVER.of(), new IllegalStateException("away"));
                    }
                    try {
                        return method.invoke(behind, arguments);
                    } catch (InvocationTargetException failed) {
                        throw failed.getCause();
                    }
                });
    }

    private WaitingSaves waiting() {
        return waiting(folder);
    }

    private static WaitingSaves waiting(Path folder) {
        return new WaitingSaves(folder.resolve("waiting"));
    }

    private void edit(Reading line, String length) {
        onWindow(() -> {
            session().edit(job -> job.with(line, Length.ofText(length)));
            return true;
        });
    }

    /** What is entered while the server is away is kept on this machine, and merged when it is back. */
    @Test
    public void whatIsEnteredMeanwhileIsKept() {
        onWindow(() -> window.store().jobFiles().open(samples.get(0)));
        waitFor(() -> window.store().openId().isPresent());
        String id = window.store().openId().orElseThrow();
        away.set(true);
        edit(Reading.ACTION_BASS, "3.21 mm");
        waitFor(() -> waiting().ids().equals(List.of(id)));
        waitFor(() -> session().noticeProperty().get().contains("kept on this machine"));
        // Another bench, which still reaches the server, enters something else.
        LedgerJob now = behind.read(id).orElseThrow();
        behind.save(id, now.revision(), now.job().with(Lines.OWNER, "the ferry"));
        away.set(false);
        waitFor(() -> behind.read(id)
                .filter(entry -> entry.job()
                        .visit()
                        .get(Reading.ACTION_BASS)
                        .equals(java.util.Optional.of(Length.ofText("3.21 mm"))))
                .filter(entry -> entry.job().text(Lines.OWNER).equals("the ferry"))
                .isPresent());
        waitFor(() -> waiting().ids().isEmpty());
        waitFor(() -> session().job().text(Lines.OWNER).equals("the ferry"));
    }

    /** What was undone while the server was away does not come back with it. */
    @Test
    public void whatIsTakenBackStaysTakenBack() {
        onWindow(() -> window.store().jobFiles().open(samples.get(0)));
        waitFor(() -> window.store().openId().isPresent());
        String id = window.store().openId().orElseThrow();
        var before = session().job().visit().get(Reading.ACTION_BASS);
        away.set(true);
        edit(Reading.ACTION_BASS, "3.21 mm");
        waitFor(() -> waiting().ids().equals(List.of(id)));
        onWindow(() -> {
            session().undo();
            return true;
        });
        waitFor(() -> waiting().ids().isEmpty());
        away.set(false);
        waitFor(() -> session().noticeProperty().get().contains("server is back"));
        assertThat(behind.read(id).orElseThrow().job().visit().get(Reading.ACTION_BASS))
                .isEqualTo(before);
        assertThat(session().job().visit().get(Reading.ACTION_BASS)).isEqualTo(before);
    }

    /** A window may be closed while the server is away: what it kept waits, and is saved with the next window. */
    @Test
    public void aWindowMayBeClosedMeanwhile() {
        onWindow(() -> window.store().jobFiles().open(samples.get(0)));
        waitFor(() -> window.store().openId().isPresent());
        String id = window.store().openId().orElseThrow();
        away.set(true);
        edit(Reading.ACTION_BASS, "3.21 mm");
        waitFor(() -> waiting().ids().equals(List.of(id)));
        waitFor(() -> onWindow(() -> window.store().mayLeave()));
        assertThat(behind.read(id).orElseThrow().job().visit().get(Reading.ACTION_BASS))
                .isNotEqualTo(java.util.Optional.of(Length.ofText("3.21 mm")));
        // Nothing else is opened over it as long as its ledger does not answer.
        onWindow(() -> window.store().jobFiles().open(samples.get(1)));
        assertThat(session().job().visit().get(Reading.ACTION_BASS)).contains(Length.ofText("3.21 mm"));
    }

    /** Who has the job open at another bench is shown with it, and in the list. */
    @Test
    public void whoHasItOpenElsewhereIsSeen() {
        onWindow(() -> window.store().jobFiles().open(samples.get(0)));
        waitFor(() -> window.store().openId().isPresent());
        assertThat(label("open-elsewhere")).isEmpty();
        open = Map.of(window.store().openId().orElseThrow(), List.of("anna at the back bench"));
        waitFor(() -> label("open-elsewhere").equals("Also open: anna at the back bench"));
        keys(KeyCode.ALT, KeyCode.DIGIT0);
        waitFor(() -> onWindow(() -> find("ledger-list", Node.class).lookupAll(".open-elsewhere").stream()
                        .filter(node -> ((Label) node).getText().contains("anna"))
                        .count())
                == 1);
        open = Map.of();
        waitFor(() -> label("open-elsewhere").isEmpty());
    }
}
