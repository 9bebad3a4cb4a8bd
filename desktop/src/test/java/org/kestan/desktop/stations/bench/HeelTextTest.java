package org.kestan.desktop.stations.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.job.bench.HeelEntry;
import org.kestan.job.tree.UnknownKeys;
import org.kestan.repair.heel.FittingWatch;
import org.kestan.repair.heel.HeelAdvice;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class HeelTextTest {

    private static final HeelEntry PULLS = new HeelEntry.Pulls(Side.BASS, 120, 8, UnknownKeys.NONE);
    private static final HeelEntry PAPER = new HeelEntry.Paper(Side.TREBLE, UnknownKeys.NONE);
    private static final HeelEntry READ = read("");

    private static HeelEntry.Read read(String gap) {
        return new HeelEntry.Read(
                Optional.of(Length.ofText("7.5 mm")),
                Optional.of(Length.ofText("0.4 mm")),
                Optional.of(Side.BASS),
                gap.isEmpty() ? Optional.empty() : Optional.of(Length.ofText(gap)),
                Optional.empty(),
                Optional.empty(),
                UnknownKeys.NONE);
    }

    private static HeelAdvice advice(HeelAdvice.Word word, double left, Sides<Double> cap, List<Integer> suspect) {
        return new HeelAdvice(
                left,
                cap,
                120,
                new Sides<>(6, 8),
                new Sides<>(new int[] {20, 31}, new int[] {24, 36}),
                0.01,
                word,
                suspect);
    }

    private static FittingWatch watch(FittingWatch.Off pitch, FittingWatch.Off drift, FittingWatch.Off roll) {
        return new FittingWatch(axis(pitch), axis(drift), axis(roll));
    }

    private static FittingWatch.Axis axis(FittingWatch.Off off) {
        return new FittingWatch.Axis(OptionalDouble.empty(), OptionalDouble.empty(), 0.3, off);
    }

    /** Wood came off, and nothing was read since: fresh paper in between does not change that. */
    @DataProvider
    public Object[][] logs() {
        return new Object[][] {
            {List.of(), false},
            {List.of(PULLS), true},
            {List.of(PULLS, PAPER), true},
            {List.of(PULLS, READ), false},
            {List.of(READ, PULLS), true},
            {List.of(READ, PAPER), false},
        };
    }

    @Test(dataProvider = "logs")
    public void afterASetComesAReading(List<HeelEntry> log, boolean toRead) {
        assertThat(HeelText.isToRead(log)).isEqualTo(toRead);
    }

    @Test
    public void theLogHasTheNewestFirst() {
        List<String> said = HeelText.log(
                List.of(PULLS, PAPER, READ), advice(HeelAdvice.Word.PULL, 1, new Sides<>(0.2, 0.2), List.of(2)));
        assertThat(said)
                .containsExactly(
                        "projection 7.5 mm, drift 0.4 mm to the bass (doubtful: read it again)",
                        "    fresh paper, treble cheek",
                        "    8 pulls, bass cheek, 120 grit");
    }

    /**
     * A cap that is open by more than a feeler leaf says nothing about the neck, whatever else is off; 0.05 mm, common
     * practice.
     */
    @Test
    public void anOpenCapComesFirst() {
        FittingWatch off = watch(FittingWatch.Off.TRUE, FittingWatch.Off.DRIFT_BASS, FittingWatch.Off.TRUE);
        assertThat(HeelText.watched(List.of(read("0.06 mm")), off)).startsWith("The cap is open by 0.06 mm");
        assertThat(HeelText.watched(List.of(read("0.05 mm")), off))
                .startsWith(Wording.label(FittingWatch.Off.DRIFT_BASS) + ": ");
        // The last reading counts.
        assertThat(HeelText.watched(List.of(read("0.06 mm"), PULLS, read("0 mm")), off))
                .startsWith(Wording.label(FittingWatch.Off.DRIFT_BASS));
    }

    /** A twisted neck first, then its direction; two at most, since one thing is done at a time. */
    @Test
    public void whatIsOffIsSaidInTheOrderOfTheWork() {
        FittingWatch all =
                watch(FittingWatch.Off.PITCH_HIGH, FittingWatch.Off.DRIFT_TREBLE, FittingWatch.Off.ROLL_BASS);
        assertThat(HeelText.watched(List.of(READ), all).lines().toList())
                .hasSize(2)
                .satisfies(lines -> assertThat(lines.get(0)).startsWith(Wording.label(FittingWatch.Off.ROLL_BASS)))
                .satisfies(lines -> assertThat(lines.get(1)).startsWith(Wording.label(FittingWatch.Off.DRIFT_TREBLE)));
        FittingWatch none = watch(FittingWatch.Off.TRUE, FittingWatch.Off.TRUE, FittingWatch.Off.UNREAD);
        assertThat(HeelText.watched(List.of(READ), none)).isEqualTo("True in every way that was read.");
        assertThat(HeelText.watched(List.of(PULLS), none)).isEqualTo("Nothing is read yet.");
    }

    @Test
    public void aSetIsAdvisedAsOneDoesIt() {
        assertThat(HeelText.set(120, new Sides<>(8, 8))).isEqualTo("8 on each cheek, 120 grit");
        assertThat(HeelText.set(220, new Sides<>(6, 8))).isEqualTo("6 on the bass, 8 on the treble, 220 grit");
        HeelAdvice advice = advice(HeelAdvice.Word.PULL, 1, new Sides<>(0.2, 0.2), List.of());
        assertThat(HeelText.band(advice, Side.BASS)).isEqualTo("20 to 31");
        assertThat(HeelText.band(advice, Side.TREBLE)).isEqualTo("24 to 36");
    }

    /** Past the target it says how to get back: a shim as thick as the excess, and none if a cheek is short of it. */
    @Test
    public void whatIsOverCanBeGivenBack() {
        var numbers = Wording.in(BenchUnit.MILLIMETERS).numbers();
        Sides<Double> cap = new Sides<>(-0.3, 0.1);
        assertThat(HeelText.givenBack(advice(HeelAdvice.Word.OVER, -0.5, cap, List.of()), numbers))
                .contains(numbers.fineSides(new Sides<>(0.3, 0.0)))
                .contains("taller by " + numbers.fine(0.5));
        assertThat(HeelText.givenBack(advice(HeelAdvice.Word.PULL, 0.5, cap, List.of()), numbers))
                .isEmpty();
    }
}
