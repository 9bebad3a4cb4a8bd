package org.kestan.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.kestan.job.ArchtopBridge;
import org.kestan.job.Details;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.Joint;
import org.kestan.job.TrussRod;
import org.kestan.notation.Angle;
import org.kestan.notation.Length;
import org.kestan.notation.Parsed;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SheetTest {

    @Test
    public void everyLineHasItsOwnPathAndSaysHowItIsRead() {
        Set<String> paths = new HashSet<>();
        for (Item[] items : new Item[][] {Reading.values(), Aim.values(), Dimension.values()}) {
            for (Item item : items) {
                assertThat(paths.add(item.path())).as(item.path()).isTrue();
                assertThat(item.hint()).as(item.path()).hasSizeGreaterThan(20).endsWith(".");
                assertThat(item.label()).isNotBlank();
                assertThat(item.line().least()).isLessThan(item.line().greatest());
                assertThat(item.pointer()).startsWith("/").doesNotContain(".");
            }
        }
        Stream.concat(Details.OF_JOB.stream(), Details.OF_SURVEY.stream())
                .forEach(detail ->
                        assertThat(paths.add(detail.path())).as(detail.path()).isTrue());
    }

    /** Working order: rows go up from place to place only where the list of the sheet does. */
    @Test
    public void rowsAreThoseOfTheSheet() {
        assertThat(Stream.of(Reading.values()).map(Reading::row))
                .allSatisfy(row -> assertThat(row).isBetween(1, 19));
        assertThat(Reading.RELIEF.row()).isLessThan(Reading.NUT_BASS.row());
        assertThat(Reading.NUT_BASS.row()).isLessThan(Reading.ACTION_BASS.row());
        List<Reading> order = List.of(Reading.values());
        assertThat(order.indexOf(Reading.RELIEF)).isLessThan(order.indexOf(Reading.ACTION_BASS));
    }

    @Test
    public void onlyWhatAppliesIsAsked() {
        Job flat = Jobs.flatTop();
        assertThat(flat.takes(Reading.SADDLE_BASS)).isTrue();
        assertThat(flat.takes(Reading.BRIDGE_HEIGHT)).isFalse();
        assertThat(flat.takes(Reading.POCKET_LENGTH)).isFalse();
        Job bolt = flat.withInstrument(flat.instrument().withJoint(Optional.of(Joint.POCKET_BOLT)));
        assertThat(bolt.takes(Reading.POCKET_LENGTH)).isTrue();
        Job arch = Jobs.archtop();
        assertThat(arch.takes(Reading.BRIDGE_LOWEST)).isTrue();
        assertThat(arch.takes(Reading.SADDLE_BASS)).isFalse();
        assertThat(arch.with(Details.BRIDGE, Optional.of(ArchtopBridge.SOLID)).takes(Reading.BRIDGE_LOWEST))
                .isFalse();
        assertThat(Aim.forFitting(Fitting.FLOATING_BRIDGE))
                .contains(Aim.BRIDGE_HEIGHT)
                .doesNotContain(Aim.SADDLE);
    }

    @Test
    public void whatWasReadTellsTheBridgeBeforeTheForm() {
        Job both = Jobs.put(Jobs.flatTop(), Reading.BRIDGE_HEIGHT, 20);
        assertThat(both.fitting()).isEqualTo(Fitting.PIN_BRIDGE);
        Job tailpiece = Jobs.without(both, Reading.BRIDGE_THICKNESS);
        for (Reading saddle : List.of(Reading.SADDLE_BASS, Reading.SADDLE_TREBLE)) {
            tailpiece = Jobs.without(tailpiece, saddle);
        }
        assertThat(tailpiece.fitting()).as("a flat-top on a floating bridge").isEqualTo(Fitting.FLOATING_BRIDGE);
        Job arch = Jobs.without(Jobs.archtop(), Reading.BRIDGE_HEIGHT);
        assertThat(arch.fitting()).isEqualTo(Fitting.FLOATING_BRIDGE);
        assertThat(Jobs.put(arch, Reading.BRIDGE_THICKNESS, 9).fitting()).isEqualTo(Fitting.PIN_BRIDGE);
        assertThat(Job.BLANK.fitting()).isEqualTo(Fitting.ANY);
    }

    @Test
    public void everyReadingHasAUsualToolAndToolsCycle() {
        for (Reading reading : Reading.values()) {
            assertThat(Tool.usual(reading).resolution()).isPositive();
        }
        // A rule in 64ths is read to half a step: ± 1/128 in.
        assertThat(Tool.RULE_64.resolution())
                .isCloseTo(Length.ofText("1/128 in").millimetres(), within(1e-12));
        assertThat(Tool.FEELERS.resolution())
                .isCloseTo(Length.ofText("0.0005 in").millimetres(), within(1e-12));
        Tool tool = Tool.RULE_64;
        Set<Tool> seen = new HashSet<>();
        while (seen.add(tool)) {
            tool = tool.next();
        }
        assertThat(seen).hasSize(Tool.values().length);
    }

    @DataProvider
    static Object[][] details() {
        return new Object[][] {
            {Details.STEPS_DOWN, "2", "2"},
            {Details.STEPS_DOWN, "13", null},
            {Details.STEPS_DOWN, "two", null},
            {Details.VALUE, "2600.50", "2600.5"},
            {Details.VALUE, "-1", null},
            {Details.CENTS_BASS, "\u22127.5", "-7.5"},
            {Details.CENTS_BASS, "1000", null},
            {Details.TRUSS_ROD, "two-way", "two-way"},
            {Details.TRUSS_ROD, "bent", null},
            {Details.HANDMADE, "true", "true"},
            {Details.HANDMADE, "maybe", null},
            {Details.NECK_ANGLE, "1.5 deg", "1.5 deg"},
            {Details.NECK_ANGLE, "\u22120.5\u00b0", "\u22120.5\u00b0"},
            {Details.NECK_ANGLE, "1.5", null},
            {Details.NECK_ANGLE, "steep", null},
            {Details.OWNER, "  the baker ", "the baker"},
        };
    }

    @Test(dataProvider = "details")
    public void detailsAreReadAndWritten(Detail<?> detail, String typed, String written) {
        roundTrip(detail, typed, written);
    }

    private static <T> void roundTrip(Detail<T> detail, String typed, String written) {
        Parsed<T> parsed = detail.parse(typed);
        if (written == null) {
            assertThat(parsed).isInstanceOf(Parsed.Bad.class);
            assertThat(((Parsed.Bad<T>) parsed).accepted()).isNotBlank();
            return;
        }
        T value = parsed.optional().orElseThrow();
        assertThat(detail.write(value)).isEqualTo(written);
        assertThat(detail.parse(written).optional()).contains(value);
        assertThat(detail.word(value)).isNotBlank();
    }

    @Test
    public void detailsAreValuesThatCompare() {
        Details one = Details.NONE.with(Details.TRUSS_ROD, Optional.of(TrussRod.WORKS));
        Details other = Details.NONE
                .with(Details.OWNER, Optional.of("x"))
                .with(Details.TRUSS_ROD, Optional.of(TrussRod.WORKS))
                .with(Details.OWNER, Optional.empty());
        assertThat(one).isEqualTo(other).hasSameHashCodeAs(other).isNotEqualTo(Details.NONE);
        assertThat(one.get(Details.TRUSS_ROD)).contains(TrussRod.WORKS);
        assertThat(one.text(Details.OWNER)).isEmpty();
        assertThat(Angle.parse("2 deg").optional().orElseThrow().degrees()).isEqualTo(2);
    }
}
