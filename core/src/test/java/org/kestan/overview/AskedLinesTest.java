package org.kestan.overview;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.Sections;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.testng.annotations.Test;

public class AskedLinesTest {

    private static java.util.Set<?> asked(Job job) {
        return AskedLines.of(JobAnalysis.of(job, ShopStandards.DEFAULT));
    }

    private static Job taken(Job job, String... ways) {
        return job.with(Sections.WAYS, List.of(ways));
    }

    /** Rare readings are not asked for until something is decided; a decision asks for what it needs. */
    @Test
    public void waysAskForWhatTheyNeed() {
        Job job = Jobs.sound(Jobs.flatTop());
        assertThat(asked(job)).isEmpty();
        assertThat(asked(taken(job.with(Lines.JOINT, Joint.DOVETAIL), "neck-reset"))
                        .contains(Lines.BOARD_THICKNESS))
                .isTrue();
        assertThat(asked(taken(job, "new-bridge")).contains(Reading.NEW_BRIDGE_SLOT_FRONT))
                .isTrue();
        assertThat(asked(taken(job, "saddle")).contains(Reading.NEW_BRIDGE_SLOT_FRONT))
                .isFalse();
        assertThat(asked(taken(job, "truss-rod")).contains(Lines.ROD_TURNS)).isTrue();
        Job pocket = Jobs.put(job.with(Lines.JOINT, Joint.POCKET_BOLT), Reading.POCKET_LENGTH, 62);
        assertThat(asked(taken(pocket, "pocket-shim")).contains(Reading.POCKET_RADIUS))
                .isTrue();
    }

    /** A lifted bridge asks where it lifts, whatever was decided. */
    @Test
    public void aLiftedBridgeAsksWhere() {
        Job job = Jobs.put(Jobs.sound(Jobs.flatTop()), Reading.BRIDGE_LIFT, 0.3);
        assertThat(asked(job).contains(Lines.BRIDGE_LIFT_AT)).isTrue();
        assertThat(asked(Jobs.put(job, Reading.BRIDGE_LIFT, 0)).contains(Lines.BRIDGE_LIFT_AT))
                .isFalse();
    }
}
