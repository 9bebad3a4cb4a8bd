package org.kestan.repair.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Instruments;
import org.kestan.job.Job;
import org.kestan.judgment.advice.Assessment;
import org.kestan.judgment.advice.Ways;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.overview.JobAnalysis;
import org.kestan.text.BenchUnit;
import org.kestan.text.Card;
import org.kestan.text.PlanCards;
import org.kestan.text.Wording;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The requirements on every way: it can be taken somewhere, and the plan shows everything it changes. */
public class WayContractTest {

    @DataProvider
    static Object[][] ways() {
        return WayCatalog.ALL.stream().map(way -> new Object[] {way}).toArray(Object[][]::new);
    }

    private static Ways judged(Job job) {
        return JobAnalysis.of(job, ShopStandards.DEFAULT).ways();
    }

    /** Every way does something on one of the sample instruments, so that no test below passes for lack of a case. */
    @Test(dataProvider = "ways")
    public void everyWayIsPossibleSomewhere(Way way) {
        assertThat(Instruments.all().values())
                .as(way.key())
                .anyMatch(job -> judged(job).of(way).possible());
    }

    /** Each component of the setup that a way changes appears in some row of the plan. */
    @Test(dataProvider = "ways")
    public void whatAWayChangesShowsInThePlan(Way way) throws Exception {
        for (Map.Entry<String, Job> each : Instruments.all().entrySet()) {
            Ways judged = judged(each.getValue());
            Assessment alone = judged.of(way);
            if (!alone.possible() || alone.predicted().isEmpty()) {
                continue;
            }
            WorkPlan plan = WorkPlan.of(judged, List.of(way));
            Set<String> shown = new HashSet<>();
            for (PlanPart part : PlanParts.ALL) {
                boolean rows =
                        part.card(plan).filter(card -> !card.rows().isEmpty()).isPresent();
                if (rows || plan.isCorrection() && part instanceof NeckPart) {
                    shown.addAll(part.shows());
                }
            }
            assertThat(shown)
                    .as(way.key() + " on " + each.getKey())
                    .containsAll(changed(
                            plan.measured().orElseThrow(), plan.planned().orElseThrow()));
        }
    }

    private static Set<String> changed(Setup before, Setup after) throws ReflectiveOperationException {
        Set<String> changed = new TreeSet<>();
        for (RecordComponent each : Setup.class.getRecordComponents()) {
            // The combined estimate of the fret line is no part of the instrument.
            if (!each.getName().equals("crownOverStrings")
                    && !each.getAccessor()
                            .invoke(before)
                            .equals(each.getAccessor().invoke(after))) {
                changed.add(each.getName());
            }
        }
        return changed;
    }

    /** All rows have words in every unit, and no value or label is empty. */
    @Test(dataProvider = "ways")
    public void everyRowCanBeSaid(Way way) {
        for (Job job : Instruments.all().values()) {
            JobAnalysis analysis = JobAnalysis.of(WorkPlan.taking(job, List.of(way)), ShopStandards.DEFAULT);
            for (BenchUnit unit : BenchUnit.values()) {
                List<Card> cards = PlanCards.of(analysis, analysis.plan(), analysis.spread(), Wording.in(unit));
                for (Card card : cards) {
                    assertThat(card.title()).isNotBlank();
                    assertThat(card.rows()).allSatisfy(row -> {
                        assertThat(row.label()).isNotBlank().doesNotContain("{");
                        assertThat(row.value()).isNotBlank().doesNotContain("NaN");
                    });
                }
            }
        }
    }

    /**
     * The search takes every way except those offered only by themselves, and any two ways that combine mention each
     * other.
     */
    @Test
    public void combiningIsSaidByOneOfTheTwo() {
        List<String> pairs = new ArrayList<>();
        for (Way one : WayCatalog.ALL) {
            for (Way other : WayCatalog.ALL) {
                if (one != other && one.combinesWith(other)) {
                    assertThat(other.combinesWith(one)).isTrue();
                    assertThat(List.of(one.role(), other.role())).doesNotContain(Role.ALONE, Role.NOTHING, Role.FIRST);
                    pairs.add(one.key() + "+" + other.key());
                }
            }
        }
        assertThat(pairs)
                .contains(
                        "saddle+pin-ramps", "neck-reset+new-bridge", "pocket-shim+saddle", "floating-bridge+tailpiece")
                .doesNotContain("back-slip+new-bridge", "saddle+neck-reset", "pocket-shim+neck-reset");
    }
}
