package org.kestan.base.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.kestan.Said.said;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.Parsed;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.ArchtopBridge;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;
import org.kestan.text.Wording;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SheetTest {

    @Test
    public void everyLineHasItsOwnPathAndSaysHowItIsRead() {
        Set<String> paths = new HashSet<>();
        for (LengthLine[] items : new LengthLine[][] {Reading.values(), Aim.values(), Dimension.values()}) {
            for (LengthLine item : items) {
                assertThat(paths.add(item.path())).as(item.path()).isTrue();
                assertThat(Wording.hint(item))
                        .as(item.path())
                        .hasSizeGreaterThan(20)
                        .endsWith(".");
                assertThat(Wording.label(item)).isNotBlank();
                assertThat(item.entry().least()).isLessThan(item.entry().greatest());
                assertThat(item.pointer()).startsWith("/").doesNotContain(".");
            }
        }
        Stream.of(Lines.OF_INSTRUMENT, Lines.OF_INTAKE, Lines.OF_PROMISE, Lines.OF_VISIT)
                .flatMap(List::stream)
                .filter(Detail.class::isInstance)
                .forEach(detail ->
                        assertThat(paths.add(detail.path())).as(detail.path()).isTrue());
    }

    /** Working order: the numbers rise from place to place except where the list in the domain rules does not. */
    @Test
    public void rowsAreThoseOfTheSheet() {
        assertThat(Stream.of(Reading.values()).map(Reading::number))
                .allSatisfy(row -> assertThat(row).isBetween(1, 20));
        assertThat(Reading.RELIEF.number()).isLessThan(Reading.NUT_BASS.number());
        assertThat(Reading.NUT_BASS.number()).isLessThan(Reading.ACTION_BASS.number());
        List<Reading> order = List.of(Reading.values());
        assertThat(order.indexOf(Reading.RELIEF)).isLessThan(order.indexOf(Reading.ACTION_BASS));
    }

    @Test
    public void onlyWhatAppliesIsAsked() {
        Job flat = Jobs.flatTop();
        assertThat(flat.takes(Reading.SADDLE_BASS)).isTrue();
        assertThat(flat.takes(Reading.BRIDGE_HEIGHT)).isFalse();
        assertThat(flat.takes(Reading.POCKET_LENGTH)).isFalse();
        Job bolt = flat.with(Lines.JOINT, Joint.POCKET_BOLT);
        assertThat(bolt.takes(Reading.POCKET_LENGTH)).isTrue();
        Job arch = Jobs.archtop();
        assertThat(arch.takes(Reading.BRIDGE_LOWEST)).isTrue();
        assertThat(arch.takes(Reading.SADDLE_BASS)).isFalse();
        assertThat(arch.with(Lines.BRIDGE, ArchtopBridge.SOLID).takes(Reading.BRIDGE_LOWEST))
                .isFalse();
        assertThat(arch.takes(Aim.BRIDGE_HEIGHT)).isTrue();
        assertThat(arch.takes(Aim.SADDLE)).isFalse();
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
            assertThat(reading.tool().resolution()).isPositive();
        }
        // A rule in 64ths is read to half a step: ± 1/128 in.
        assertThat(Tool.RULE_64.resolution())
                .isCloseTo(Length.ofText("1/128 in").millimeters(), within(1e-12));
        assertThat(Tool.FEELERS.resolution())
                .isCloseTo(Length.ofText("0.0005 in").millimeters(), within(1e-12));
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
            {Lines.STEPS_DOWN, "2", "2"},
            {Lines.STEPS_DOWN, "13", null},
            {Lines.STEPS_DOWN, "two", null},
            {Lines.VALUE, "2600.50", "2600.5"},
            {Lines.VALUE, "-1", null},
            {Lines.CENTS_BASS, "\u22127.5", "-7.5"},
            {Lines.CENTS_BASS, "1000", null},
            {Lines.TRUSS_ROD, "two-way", "two-way"},
            {Lines.TRUSS_ROD, "bent", null},
            {Lines.HANDMADE, "true", "true"},
            {Lines.HANDMADE, "maybe", null},
            {Lines.NECK_ANGLE, "1.5 deg", "1.5 deg"},
            {Lines.NECK_ANGLE, "\u22120.5\u00b0", "\u22120.5\u00b0"},
            {Lines.NECK_ANGLE, "1.5", null},
            {Lines.NECK_ANGLE, "steep", null},
            {Lines.OWNER, "  the baker ", "the baker"},
        };
    }

    @Test(dataProvider = "details")
    public void detailsAreReadAndWritten(Detail<?> detail, String typed, String written) {
        roundTrip(detail, typed, written);
    }

    private static <T> void roundTrip(Detail<T> detail, String typed, String written) {
        Parsed<T> parsed = detail.type().parse(typed);
        if (written == null) {
            assertThat(parsed).isInstanceOf(Parsed.Bad.class);
            assertThat(said(((Parsed.Bad<T>) parsed).accepted())).isNotBlank();
            return;
        }
        T value = parsed.optional().orElseThrow();
        assertThat(detail.type().write(value)).isEqualTo(written);
        assertThat(detail.type().parse(written).optional()).contains(value);
        assertThat(Wording.value(detail.type(), value)).isNotBlank();
    }

    @Test
    public void jobsAreValuesThatCompare() {
        Job one = Job.BLANK.with(Lines.TRUSS_ROD, TrussRod.WORKS);
        Job other = Job.BLANK
                .with(Lines.OWNER, "x")
                .with(Lines.TRUSS_ROD, TrussRod.WORKS)
                .without(Lines.OWNER);
        assertThat(one).isEqualTo(other).hasSameHashCodeAs(other).isNotEqualTo(Job.BLANK);
        assertThat(one.get(Lines.TRUSS_ROD)).contains(TrussRod.WORKS);
        assertThat(one.text(Lines.OWNER)).isEmpty();
    }
}
