package org.kestan.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.desktop.WindowTest;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.testng.annotations.Test;

/** Two windows on one job: each follows the other, and neither loses anything. */
public class TwoWindowsTest extends WindowTest {

    private record Seat(JobSession session, JobStore store) {}

    private Seat seat() {
        return onWindow(() -> {
            JobSession session = new JobSession();
            return new Seat(session, new JobStore(session, Settings.in(folder), ledger));
        });
    }

    private void edit(Seat seat, java.util.function.UnaryOperator<Job> change) {
        onWindow(() -> {
            seat.session().edit(change);
            return true;
        });
    }

    private Job job(Seat seat) {
        return onWindow(() -> seat.session().job());
    }

    private void flush(Seat seat) {
        onWindow(() -> {
            seat.store().flush();
            return true;
        });
    }

    private Seat[] twoOnOne() {
        Seat one = seat();
        Seat other = seat();
        assertThat(onWindow(() -> one.store().startFrom(Job.BLANK.with(Lines.NAME, "Parlor"))))
                .isTrue();
        String id = one.store().openId().orElseThrow();
        assertThat(onWindow(() -> other.store().open(id))).isTrue();
        return new Seat[] {one, other};
    }

    @Test
    public void aWindowFollowsWhatAnotherSaves() {
        Seat[] seats = twoOnOne();
        edit(seats[0], job -> job.with(Lines.OWNER, "R. Fell"));
        flush(seats[0]);
        waitFor(() -> job(seats[1]).text(Lines.OWNER).equals("R. Fell"));
        waitFor(() -> seats[1].session().noticeProperty().get().startsWith("Changed in another window: intake."));
        // Nothing was done here, so there is nothing to undo.
        assertThat(onWindow(() -> seats[1].session().canUndoProperty().get())).isFalse();
    }

    @Test
    public void differentSectionsAreMerged() {
        Seat[] seats = twoOnOne();
        int before = ledger.count();
        edit(seats[0], job -> job.with(Lines.OWNER, "R. Fell"));
        edit(seats[1], job -> job.with(Reading.HEEL_HEIGHT, Length.ofText("90 mm")));
        edit(seats[1], job -> job.with(Reading.HEEL_HEIGHT, Length.ofText("91 mm")));
        flush(seats[0]);
        flush(seats[1]);
        for (Seat seat : seats) {
            waitFor(() -> job(seat).text(Lines.OWNER).equals("R. Fell")
                    && job(seat).text(Reading.HEEL_HEIGHT).equals("91 mm"));
        }
        assertThat(ledger.count()).isEqualTo(before);
        // Undo reverts what was done here, and leaves what the other did.
        onWindow(() -> {
            seats[1].session().undo();
            return true;
        });
        assertThat(job(seats[1]).text(Reading.HEEL_HEIGHT)).isEqualTo("90 mm");
        assertThat(job(seats[1]).text(Lines.OWNER)).isEqualTo("R. Fell");
    }

    @Test
    public void theSameSectionIsKeptTwice() {
        Seat[] seats = twoOnOne();
        int before = ledger.count();
        edit(seats[0], job -> job.with(Lines.OWNER, "R. Fell"));
        edit(seats[1], job -> job.with(Lines.OWNER, "S. Moor"));
        flush(seats[0]);
        flush(seats[1]);
        waitFor(() -> ledger.count() == before + 1);
        String first = seats[0].store().openId().orElseThrow();
        assertThat(ledger.read(first).orElseThrow().job().text(Lines.OWNER)).isEqualTo("R. Fell");
        String second = seats[1].store().openId().orElseThrow();
        assertThat(second).isNotEqualTo(first);
        assertThat(ledger.read(second).orElseThrow().job().text(Lines.OWNER)).isEqualTo("S. Moor");
        // From then on each continues with its own.
        edit(seats[1], job -> job.with(Lines.OWNER, "S. Moor, Fallow Street"));
        flush(seats[1]);
        assertThat(ledger.read(second).orElseThrow().job().text(Lines.OWNER)).endsWith("Fallow Street");
        assertThat(ledger.count()).isEqualTo(before + 1);
    }
}
