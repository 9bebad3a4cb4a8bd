package org.kestan.judgment.ways;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.kestan.analysis.loads.StringLoads;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Instruments;
import org.kestan.job.Job;
import org.kestan.judgment.advice.Assessment;
import org.kestan.judgment.advice.Recommendation;
import org.kestan.judgment.advice.Ways;
import org.kestan.judgment.way.Suitability;
import org.testng.annotations.Test;

/** Another set of strings, and a tailpiece at another height. */
public class OtherStringsTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;

    private static Ways ways(Job job) {
        return Ways.of(SheetAnalysis.of(job, SHOP));
    }

    private static Job job(String which) {
        return Instruments.all().get(which);
    }

    /**
     * At the same pitch and scale, tension is proportional to mass per length (Mersenne): for plain strings, to the
     * square of the gauge.
     */
    @Test
    public void pullFollowsTheGauges() {
        Job job = job("flat-top for a lighter set");
        Assessment taken = ways(job).of(WayCatalog.STRINGS);
        assertThat(taken.possible()).isTrue();
        StringLoads now = StringLoads.of(job, SHOP).orElseThrow();
        StringLoads then = taken.predicted().orElseThrow().strings().orElseThrow();
        int last = now.strings().size() - 1;
        assertThat(then.strings().get(last).tension() / now.strings().get(last).tension())
                .isCloseTo(11.0 * 11 / (12 * 12), within(1e-9));
        assertThat(then.total()).isLessThan(now.total());
    }

    /** The body comes back by the share of its sink by which the pull drops, and the action drops with it. */
    @Test
    public void bodyAndNeckFollowThePull() {
        Job job = job("flat-top for a lighter set");
        Ways ways = ways(job);
        Setup before = ways.measured().orElseThrow().setup();
        Setup after = ways.of(WayCatalog.STRINGS).predicted().orElseThrow().setup();
        double share = 1
                - ways.of(WayCatalog.STRINGS).predicted().orElseThrow().pull().orElseThrow()
                        / ways.measured().orElseThrow().pull().orElseThrow();
        assertThat(share).isBetween(0.1, 0.25);
        // Sink read: 5.1 less 4.4 mm.
        Setup relieved = before.afterRelief(after.reliefGap());
        Sides<Double> crowns = relieved.crown().with(after.crown(), (was, is) -> was - is);
        assertThat(Sides.mean(crowns)).isCloseTo(0.7 * share, within(1e-9));
        assertThat(after.reliefGap()).isCloseTo(before.reliefGap() - 0.2 * share, within(1e-9));
        assertThat(after.action().bass()).isLessThan(before.action().bass());
    }

    /** A string change that was asked for is done before anything else is judged; one that was not is only offered. */
    @Test
    public void aWantedSetIsPartOfTheAnswer() {
        assertThat(Recommendation.of(ways(job("flat-top for a lighter set"))).ways())
                .startsWith(WayCatalog.STRINGS);
        assertThat(Recommendation.of(ways(job("flat-top that wants a reset"))).ways())
                .doesNotContain(WayCatalog.STRINGS);
        assertThat(ways(job("flat-top that wants a reset"))
                        .of(WayCatalog.STRINGS)
                        .possible())
                .isTrue();
    }

    @Test
    public void withoutTheGaugesNothingIsReckoned() {
        Job job = job("flat-top for a lighter set").withStrings(List.of());
        assertThat(ways(job).of(WayCatalog.STRINGS).fit()).isEqualTo(Suitability.UNKNOWN);
    }

    /** The tailpiece is lowered until the break angle is good; at its lowest it goes no farther. */
    @Test
    public void theTailpieceSetsTheBend() {
        Ways ways = ways(job("archtop with a high tailpiece"));
        Setup before = ways.measured().orElseThrow().setup();
        assertThat(before.leastBreakAngle().orElseThrow().degrees()).isLessThan(10);
        Assessment taken = ways.of(WayCatalog.TAILPIECE);
        Setup after = taken.predicted().orElseThrow().setup();
        double height = after.anchorage().tailpieceHeight().orElseThrow();
        double degrees = after.leastBreakAngle().orElseThrow().degrees();
        assertThat(height).isGreaterThanOrEqualTo(8).isLessThan(24);
        assertThat(degrees).isGreaterThan(before.leastBreakAngle().orElseThrow().degrees());
        assertThat(degrees >= 15 - 0.05 || height == 8).isTrue();
        // More pressure makes the top give: the action does not rise.
        assertThat(taken.predicted().orElseThrow().press().orElseThrow())
                .isGreaterThan(ways.measured().orElseThrow().press().orElseThrow());
        assertThat(after.action().bass()).isLessThanOrEqualTo(before.action().bass());
        assertThat(ways(job("flat-top that wants a reset"))
                        .of(WayCatalog.TAILPIECE)
                        .fit())
                .isEqualTo(Suitability.NOT_FOR_THIS_ONE);
    }
}
