package org.kestan.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicBoolean;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerFinding;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Query;
import org.kestan.ledger.sqlite.SqliteLedger;
import org.testng.annotations.Test;

public class OpenJobTest {

    /** The answer to a copy that was written gets lost: saved again there is one copy, with what was entered since. */
    @Test
    public void aCopyWhoseAnswerIsLostComesOnce() throws Exception {
        Path folder = Files.createTempDirectory("kestan-test-");
        AtomicBoolean lost = new AtomicBoolean();
        try (Ledger behind = ((OpenResult.Opened) SqliteLedger.open(folder.resolve("ledger.sqlite"))).ledger()) {
            Ledger ledger = (Ledger) Proxy.newProxyInstance(
                    Ledger.class.getClassLoader(), new Class<?>[] {Ledger.class}, (proxy, method, arguments) -> {
                        try {
                            Object answer = method.invoke(behind, arguments);
                            if (method.getName().equals("insert") && lost.getAndSet(false)) {
                                throw new LedgerException(LedgerFinding.NO_SERVER.of(), new IllegalStateException());
                            }
                            return answer;
                        } catch (InvocationTargetException failed) {
                            throw failed.getCause();
                        }
                    });
            LedgerJob entry = behind.insert(Job.BLANK.with(Lines.NAME, "Parlor"));
            OpenJob open = OpenJob.of(ledger, entry);
            behind.save(entry.id(), entry.revision(), entry.job().with(Lines.OWNER, "the mill"));
            lost.set(true);
            Job mine = entry.job().with(Lines.OWNER, "the ferry");
            assertThatThrownBy(() -> open.save(mine, 0)).isInstanceOf(LedgerException.class);
            assertThat(open.save(mine.with(Lines.VALUE, 700.0), 0)).isInstanceOf(OpenJob.Outcome.Beside.class);
            assertThat(behind.count()).isEqualTo(2);
            assertThat(behind.read(open.id().orElseThrow()).orElseThrow().job())
                    .isEqualTo(mine.with(Lines.VALUE, 700.0));
            assertThat(behind.list(Query.ALL))
                    .extracting(card -> card.owner())
                    .containsExactlyInAnyOrder("the mill", "the ferry");
        }
    }
}
