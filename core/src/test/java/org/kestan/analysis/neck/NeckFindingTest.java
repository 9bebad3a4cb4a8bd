package org.kestan.analysis.neck;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.sheet.Sides;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The trade's words for the shape of a neck: common practice, no source. */
public class NeckFindingTest {

    private static final NeckFinding.Limits LIMITS = new NeckFinding.Limits(0.03, 0.06, 0.4, 0.1);

    private static NeckFit fit(double bow, double lean, double waist) {
        return new NeckFit(new NeckCurve(36, 352, bow, lean, waist, 0), List.of(), 3, new double[3][3]);
    }

    @DataProvider
    public Object[][] shapes() {
        return new Object[][] {
            {fit(0.01, 0, 0), NeckFinding.STRAIGHT},
            {fit(0.2, 0.05, 0), NeckFinding.BOW},
            {fit(-0.15, 0, 0), NeckFinding.BACK_BOW},
            {fit(0.2, -0.25, 0.02), NeckFinding.HUMP_AT_JOINT},
            {fit(0, 0.4, 0), NeckFinding.S_SHAPED},
            {fit(0, -0.4, 0), NeckFinding.S_SHAPED}
        };
    }

    @Test(dataProvider = "shapes")
    public void callsAShapeByItsName(NeckFit fit, NeckFinding name) {
        assertThat(NeckFinding.of(NeckProfile.even(fit), 0, LIMITS))
                .extracting(Finding::kind)
                .containsExactly(name);
    }

    @Test
    public void saysTwistAndExtension() {
        NeckProfile twisted = new NeckProfile(new Sides<>(fit(0.2, 0, 0), fit(0.1, 0, 0)), true);
        assertThat(NeckFinding.of(twisted, 0.6, LIMITS))
                .extracting(Finding::kind)
                .containsExactly(NeckFinding.BOW, NeckFinding.TWISTED, NeckFinding.FALLS_AWAY);
        assertThat(NeckFinding.of(NeckProfile.even(fit(0.2, 0, 0)), -0.2, LIMITS))
                .extracting(Finding::kind)
                .containsExactly(NeckFinding.BOW, NeckFinding.RISES);
    }
}
