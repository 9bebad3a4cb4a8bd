package org.kestan.desktop.stations.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.atomic.AtomicInteger;
import org.kestan.judgment.ways.WayCatalog;
import org.testng.annotations.Test;

public class ComparisonSelectionTest {

    @Test
    public void threeAtMostAndTheFirstGivesWay() {
        ComparisonSelection selection = new ComparisonSelection();
        selection.toggle(WayCatalog.SADDLE);
        selection.toggle(WayCatalog.SHAVE_BRIDGE);
        selection.toggle(WayCatalog.NECK_RESET);
        assertThat(selection.ways()).containsExactly(WayCatalog.SADDLE, WayCatalog.SHAVE_BRIDGE, WayCatalog.NECK_RESET);
        selection.toggle(WayCatalog.LEAVE);
        assertThat(selection.ways()).containsExactly(WayCatalog.SHAVE_BRIDGE, WayCatalog.NECK_RESET, WayCatalog.LEAVE);
    }

    @Test
    public void pickedAgainItIsPutBack() {
        ComparisonSelection selection = new ComparisonSelection();
        selection.toggle(WayCatalog.SADDLE);
        selection.toggle(WayCatalog.SHAVE_BRIDGE);
        selection.toggle(WayCatalog.SADDLE);
        assertThat(selection.ways()).containsExactly(WayCatalog.SHAVE_BRIDGE);
        selection.clear();
        assertThat(selection.ways()).isEmpty();
    }

    @Test
    public void whoFollowsItHearsOfEveryChange() {
        ComparisonSelection selection = new ComparisonSelection();
        AtomicInteger heard = new AtomicInteger();
        selection.onChange(heard::incrementAndGet);
        selection.toggle(WayCatalog.SADDLE);
        selection.toggle(WayCatalog.SADDLE);
        selection.clear();
        assertThat(heard).hasValue(3);
    }
}
