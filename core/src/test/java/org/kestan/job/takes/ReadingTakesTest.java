package org.kestan.job.takes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.kestan.analysis.questions.CrossCheck;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.Parsed;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.gauge.GaugeLine;
import org.kestan.job.gauge.VirtualInstrument;
import org.kestan.job.visits.Visit;
import org.testng.annotations.Test;

public class ReadingTakesTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;

    private static Length mm(String number) {
        return Length.ofText(number + " mm");
    }

    @Test
    public void medianIsTheMiddleOneAsTyped() {
        assertThat(ReadingTakes.median(List.of(mm("3"), Length.ofText("1/8 in"), mm("4")))
                        .text())
                .isEqualTo("1/8 in");
        assertThat(ReadingTakes.median(List.of(mm("3"), mm("3.3"))).millimeters())
                .isCloseTo(3.15, within(1e-9));
        assertThat(ReadingTakes.median(List.of(mm("3"))).text()).isEqualTo("3 mm");
        assertThatThrownBy(() -> ReadingTakes.median(List.of())).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    public void anotherTakeKeepsAllAndReplacingForgetsThem() {
        Job job = Jobs.flatTop();
        for (String take : List.of("8.9", "8.4", "8.7")) {
            job = ReadingTakes.takeAgain(job, Reading.BRIDGE_THICKNESS, mm(take), SHOP);
        }
        assertThat(job.visit().takesOf(Reading.BRIDGE_THICKNESS)).hasSize(4);
        assertThat(job.visit().millimeters(Reading.BRIDGE_THICKNESS).orElseThrow())
                .isCloseTo(8.75, within(1e-9));
        assertThat(ReadingTakes.spread(job.visit(), Reading.BRIDGE_THICKNESS).orElseThrow())
                .isCloseTo(0.5, within(1e-9));
        Job replaced = ReadingTakes.take(job, Reading.BRIDGE_THICKNESS, mm("9"), SHOP);
        assertThat(replaced.visit().takesOf(Reading.BRIDGE_THICKNESS)).containsExactly(mm("9"));
        assertThat(ReadingTakes.spread(replaced.visit(), Reading.BRIDGE_THICKNESS))
                .isEmpty();
    }

    /** Relief 0.004 to 0.010 in: common practice, no source. */
    @Test
    public void actionBeforeReliefIsProvisional() {
        Job job = Jobs.put(Jobs.flatTop(), Reading.RELIEF, "0.020 in");
        Job early = ReadingTakes.take(job, Reading.ACTION_BASS, mm("3.5"), SHOP);
        assertThat(early.visit().provisional()).containsExactly(Reading.ACTION_BASS);
        Job right = ReadingTakes.take(early, Reading.RELIEF, Length.ofText("0.006 in"), SHOP);
        assertThat(right.visit().provisional()).containsExactly(Reading.ACTION_BASS);
        Job again = ReadingTakes.take(right, Reading.ACTION_BASS, mm("3.3"), SHOP);
        assertThat(again.visit().provisional()).isEmpty();
        assertThat(ReadingTakes.take(Jobs.without(job, Reading.RELIEF), Reading.ACTION_TREBLE, mm("3"), SHOP)
                        .visit()
                        .provisional())
                .containsExactly(Reading.ACTION_TREBLE);
    }

    @Test
    public void crossCheckFindsTheReadingThatWasSpoiled() {
        Job good = Jobs.flatTop();
        double implied = good.visit().millimeters(Reading.PROJECTION_STRUNG).orElseThrow()
                - CrossCheck.of(good, SHOP).orElseThrow().disagreement();
        Job agreed = Jobs.put(good, Reading.PROJECTION_STRUNG, implied);
        assertThat(CrossCheck.of(agreed, SHOP).orElseThrow().disagreement()).isCloseTo(0, within(1e-6));
        assertThat(CrossCheck.of(agreed, SHOP).orElseThrow().suspects()).isEmpty();
        Job spoiled = Jobs.put(agreed, Reading.ACTION_BASS, 5.4);
        List<CrossCheck.Suspect> suspects =
                CrossCheck.of(spoiled, SHOP).orElseThrow().suspects();
        assertThat(suspects).anySatisfy(suspect -> {
            assertThat(suspect.reading()).isEqualTo(Reading.ACTION_BASS);
            assertThat(suspect.wouldHaveToBe()).isCloseTo(3.9, within(1e-3));
        });
        assertThat(CrossCheck.of(Jobs.without(good, Reading.PROJECTION_STRUNG), SHOP))
                .isEmpty();
    }

    @Test
    public void visitsChangePlacesAndLoseNothing() {
        Job job = Jobs.flatTop();
        Job second = job.withVisits(visits -> visits.withNew(Visit.BLANK)).with(Reading.ACTION_BASS, mm("2.2"));
        assertThat(second.otherVisits()).containsExactly(job.visit());
        Job back = second.withVisits(visits -> visits.showing(0));
        assertThat(back.visit()).isEqualTo(job.visit());
        assertThat(back.otherVisits()).hasSize(1);
        assertThat(back.withVisits(visits -> visits.showing(0))).isEqualTo(second);
    }

    @Test
    public void gaugeLinesAreReadingsWithAUnit() {
        assertThat(GaugeLine.parse("2.41 mm").optional().orElseThrow().millimeters())
                .isEqualTo(2.41);
        assertThat(GaugeLine.parse("0.0950 in\r").optional()).isPresent();
        for (String bad : List.of("2.41", "3 kg", "\u0000\u0001", "x".repeat(5000), "2.41 mm 3 mm")) {
            assertThat(GaugeLine.parse(bad)).as(bad).isInstanceOf(Parsed.Bad.class);
        }
        assertThat(GaugeLine.isRemark("# action.bass")).isTrue();
        assertThat(GaugeLine.isRemark("2 mm")).isFalse();
    }

    @Test
    public void virtualInstrumentPlaysItsReadingsWithNoise() {
        VirtualInstrument instrument = new VirtualInstrument(Jobs.flatTop(), 5);
        assertThat(instrument.readings()).contains(Reading.ACTION_BASS).doesNotContain(Reading.BRIDGE_HEIGHT);
        List<Double> played = Stream.generate(() -> instrument.play(Reading.ACTION_BASS))
                .limit(400)
                .map(line -> GaugeLine.parse(line).optional().orElseThrow().millimeters())
                .toList();
        double mean = played.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
        assertThat(mean).isCloseTo(3.9, within(0.02));
        assertThat(played.stream().distinct().count()).isGreaterThan(5);
    }
}
