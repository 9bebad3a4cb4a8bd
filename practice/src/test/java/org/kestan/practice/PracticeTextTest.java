package org.kestan.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.kestan.base.finding.Keyed;
import org.kestan.practice.drills.Drill;
import org.kestan.practice.reckoning.Marks;
import org.kestan.practice.reckoning.Reckoning;
import org.kestan.practice.reckoning.Slip;
import org.kestan.practice.text.PracticeText;
import org.kestan.practice.work.Mishap;
import org.kestan.practice.work.Operation;
import org.kestan.practice.work.Refusal;
import org.kestan.simulator.cases.InstrumentFault;
import org.kestan.simulator.cases.Level;
import org.kestan.simulator.cases.PracticeFamily;
import org.kestan.simulator.tools.SimulatedTool;
import org.kestan.simulator.tools.Spot;
import org.testng.annotations.Test;

public class PracticeTextTest {

    /** Every term has its text, and no texts are left over. */
    @Test
    public void everyTermHasItsWordsAndNoneAreLeftOver() {
        Set<String> said = new TreeSet<>();
        Stream.of(
                        Level.values(),
                        PracticeFamily.values(),
                        SimulatedTool.values(),
                        Spot.values(),
                        Operation.values(),
                        Refusal.values(),
                        Mishap.values(),
                        Slip.values(),
                        Drill.values(),
                        InstrumentFault.values())
                .flatMap(Arrays::stream)
                .map(Keyed.class::cast)
                .forEach(term -> said.add(PracticeText.label(term)));
        Arrays.stream(Marks.Skill.values()).map(PracticeText::label).forEach(said::add);
        Arrays.stream(Reckoning.Owner.values()).map(PracticeText::says).forEach(said::add);
        for (InstrumentFault fault : InstrumentFault.values()) {
            said.add(PracticeText.says(fault));
            said.add(PracticeText.sees(fault, false));
            said.add(PracticeText.sees(fault, true));
        }
        for (SimulatedTool tool : SimulatedTool.values()) {
            for (double shown : new double[] {0, 1}) {
                said.add(PracticeText.shows(tool, shown, "%.3f"::formatted));
            }
        }
        said.removeAll(Set.of("0.000", "1.000"));
        assertThat(said).contains("at pitch", "1.0 half steps down", "0 %", "1.00°", "nothing is loose");
        said.removeAll(Set.of("1.00°", "1 %", "1.0 N"));
        assertThat(said).allMatch(text -> !text.isBlank() && !text.contains("'"));
        // The name of a case is put together.
        assertThat(said).hasSize(PracticeText.keys().size() - 1);
    }
}
