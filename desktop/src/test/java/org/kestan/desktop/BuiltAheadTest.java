package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.kestan.job.Sections;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.overview.Station;
import org.kestan.repair.plan.WorkPlan;
import org.testng.annotations.Test;

/** An idle window builds one room after the other, so that each is there when it is wanted. */
public class BuiltAheadTest extends WindowTest {

    @Override
    protected boolean buildsAhead() {
        return true;
    }

    /** A station that is built before anyone looks at it changes nothing in the job. */
    @Test
    public void nothingIsKeptBeforeItIsLookedAt() {
        openSample(0);
        onWindow(() -> {
            session().edit(job -> WorkPlan.take(session().analysis().ways(), List.of(WayCatalog.NECK_RESET)));
            return true;
        });
        waitFor(() -> onWindow(() -> window.isBuilt(Station.PROOF.key())));
        settle();
        assertThat(session().job().section(Sections.PREDICTION)).isEmpty();
    }
}
