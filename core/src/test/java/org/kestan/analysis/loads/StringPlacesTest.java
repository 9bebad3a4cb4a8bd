package org.kestan.analysis.loads;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.standards.Family;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.strings.Material;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.strings.StringSpec;
import org.kestan.job.terms.Lines;
import org.testng.annotations.Test;

public class StringPlacesTest {

    private static final double POUND_FORCE = 4.4482216;

    private static Job strung(int strings, Family family) {
        return Job.BLANK.with(Lines.FAMILY, family).withStrings(Collections.nCopies(strings, StringSpec.BLANK));
    }

    @Test
    public void aTwelveStringHasSixPlacesWithPairsTwoMillimetersApart() {
        List<Double> across =
                StringPlaces.of(strung(12, Family.TWELVE_STRING), 60, 2).across();
        assertThat(across).hasSize(12);
        assertThat(across.get(0)).isEqualTo(-30);
        assertThat(across.get(11)).isEqualTo(30);
        List<Double> middles = new ArrayList<>();
        for (int course = 0; course < 6; course++) {
            double first = across.get(2 * course);
            double second = across.get(2 * course + 1);
            assertThat(second - first).isCloseTo(2, within(1e-12));
            middles.add((first + second) / 2);
        }
        for (int course = 1; course < 6; course++) {
            assertThat(middles.get(course) - middles.get(course - 1)).isCloseTo(58.0 / 5, within(1e-9));
        }
    }

    @Test
    public void coursesAreAsSaidElseByTheFamily() {
        assertThat(StringPlaces.courses(strung(8, Family.MANDOLIN))).containsExactly(2, 2, 2, 2);
        assertThat(StringPlaces.courses(strung(4, Family.MANDOLIN))).containsExactly(1, 1, 1, 1);
        assertThat(StringPlaces.courses(strung(8, Family.STEEL))).hasSize(8);
        assertThat(StringPlaces.courses(Job.BLANK)).hasSize(6);
        List<StringSpec> said = new ArrayList<>();
        for (int course : new int[] {3, 3, 2, 1}) {
            said.add(StringSpec.BLANK.withCourse(Optional.of(course)));
        }
        assertThat(StringPlaces.courses(Job.BLANK.withStrings(said))).containsExactly(2, 1, 1);
    }

    /** A medium-light steel set, 12 to 53 on 25 1/2 in, pulls about 162 pounds in all: memory of string makers' tables. */
    @Test
    public void aMediumLightSetPullsAsTheTablesSay() {
        Job job = Jobs.put(Job.BLANK, Dimension.SCALE, 25.5 * 25.4)
                .withStrings(List.of(
                        StringSpec.of(Length.ofText("0.053 in"), true, "E2"),
                        StringSpec.of(Length.ofText("0.042 in"), true, "A2"),
                        StringSpec.of(Length.ofText("0.032 in"), true, "D3"),
                        StringSpec.of(Length.ofText("0.024 in"), true, "G3"),
                        StringSpec.of(Length.ofText("0.016 in"), false, "B3"),
                        StringSpec.of(Length.ofText("0.012 in"), false, "E4")));
        double pull = StringLoads.of(job, ShopStandards.DEFAULT).orElseThrow().total() / POUND_FORCE;
        assertThat(pull).isBetween(0.94 * 162, 1.06 * 162);
    }

    /** Nylon is about a seventh as dense as steel: at the same gauge and pitch it pulls a seventh as much. */
    @Test
    public void nylonPullsBySevenTimesLess() {
        Job steel = Jobs.put(Job.BLANK, Dimension.SCALE, 650)
                .withStrings(List.of(StringSpec.of(Length.ofText("0.028 in"), false, "E4")));
        Job nylon = steel.withStrings(List.of(steel.strings().get(0).withMaterial(Optional.of(Material.NYLON))));
        double ratio = StringLoads.of(steel, ShopStandards.DEFAULT)
                        .orElseThrow()
                        .total()
                / StringLoads.of(nylon, ShopStandards.DEFAULT).orElseThrow().total();
        assertThat(ratio).isCloseTo(7.85 / 1.14, within(1e-9));
        Job classical = steel.with(Lines.FAMILY, Family.CLASSICAL);
        assertThat(StringLoads.of(classical, ShopStandards.DEFAULT)
                        .orElseThrow()
                        .total())
                .isCloseTo(
                        StringLoads.of(nylon, ShopStandards.DEFAULT)
                                .orElseThrow()
                                .total(),
                        within(1e-9));
    }
}
