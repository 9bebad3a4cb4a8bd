package org.kestan.simulator;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.kestan.base.sheet.Side;
import org.kestan.simulator.cases.CaseGenerator;
import org.kestan.simulator.cases.Chance;
import org.kestan.simulator.cases.Level;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.cases.PracticeFamily;
import org.kestan.simulator.elastic.Equilibrium;
import org.kestan.simulator.elastic.State;
import org.kestan.simulator.instrument.VirtualInstrument;
import org.kestan.simulator.tools.Frame;
import org.kestan.simulator.tools.Placement;
import org.kestan.simulator.tools.SimulatedTool;
import org.kestan.simulator.tools.Spot;
import org.testng.annotations.Test;

public class ThreeDimensionsTest {

    private static VirtualInstrument made(int seed, PracticeFamily kind) {
        return CaseGenerator.of(seed, Level.EASY, kind).instrument();
    }

    /** The rise of an arc over its chord: R − √(R² − v²), elementary geometry. */
    @Test
    public void theMiddleOfABoardStandsHigherByItsRadius() {
        VirtualInstrument flatTop = made(3, PracticeFamily.FLAT_TOP);
        State slack = Equilibrium.slack(flatTop);
        for (int fret : new int[] {1, 7, 14}) {
            double share = flatTop.frets().at(fret) / flatTop.saddleAt();
            double half = ((flatTop.neck().widthNut() - 7) * (1 - share)
                            + flatTop.bridge().spread() * share)
                    / 2;
            double radius = flatTop.neck().radius();
            assertThat(slack.crownInTheMiddle(fret)
                            - (slack.crown(fret, Side.BASS) + slack.crown(fret, Side.TREBLE)) / 2)
                    .isCloseTo(radius - Math.sqrt(radius * radius - half * half), within(1e-9))
                    .isGreaterThan(0.3);
        }
        State flat = Equilibrium.slack(made(3, PracticeFamily.CLASSICAL));
        assertThat(flat.crownInTheMiddle(5))
                .isCloseTo((flat.crown(5, Side.BASS) + flat.crown(5, Side.TREBLE)) / 2, within(1e-12));
    }

    /** A straightedge along the middle reads higher than along the edges, and the board widens toward the bridge. */
    @Test
    public void aStraightedgeAlongTheMiddleReadsHigher() {
        for (int seed = 1; seed <= 20; seed++) {
            VirtualInstrument flatTop = made(seed, PracticeFamily.FLAT_TOP);
            State slack = Equilibrium.slack(flatTop);
            double edges = new Placement(Spot.PROJECTION, 0, Side.BASS).truth(slack);
            double middle = new Placement(Spot.PROJECTION_MIDDLE, 0, Side.BASS).truth(slack);
            assertThat(middle - edges).as("seed " + seed).isBetween(0.3, 2.5);
        }
    }

    /** Rolled, the board lies higher on one side all along; twisted, at the nut alone. */
    @Test
    public void rollAndTwistLiftAnEdge() {
        VirtualInstrument one = made(5, PracticeFamily.FLAT_TOP);
        State slack = Equilibrium.slack(one);
        double atJoint = slack.plane(one.jointAt(), Side.BASS) - slack.plane(one.jointAt(), Side.TREBLE);
        double atNut = slack.plane(0, Side.BASS) - slack.plane(0, Side.TREBLE);
        assertThat(atJoint).isCloseTo(one.heel().roll(), within(1e-9));
        assertThat(atNut).isCloseTo(one.heel().roll() + one.neck().twist(), within(1e-9));
    }

    /** A swollen top carries the saddle up with it, and the action over fret 12 by its share of the way. */
    @Test
    public void aSwollenTopRaisesTheAction() {
        VirtualInstrument one = made(5, PracticeFamily.FLAT_TOP).withSwell(0);
        VirtualInstrument damp = one.withSwell(0.3);
        double raised = new Frame(damp).over(Equilibrium.strung(damp), 12, Side.BASS)
                - new Frame(one).over(Equilibrium.strung(one), 12, Side.BASS);
        assertThat(raised).isCloseTo(0.3 * one.frets().at(12) / one.saddleAt(), within(0.02));
    }

    /** Neighboring seeds are unrelated: faults are spread as by chance. */
    @Test
    public void neighboringSeedsAreIndependent() {
        List<String> first = new ArrayList<>();
        double before = 0;
        double product = 0;
        double squares = 0;
        for (int seed = 0; seed < 400; seed++) {
            PracticeCase given = CaseGenerator.of(seed, Level.EASY, PracticeFamily.FLAT_TOP);
            first.add(given.faults().get(0).key());
            double draw = Chance.of(seed).nextGaussian();
            product += before * draw;
            squares += draw * draw;
            before = draw;
        }
        // Eleven faults, 400 draws: 36 of each on the average, four standard deviations of a binomial 23.
        assertThat(first.stream().distinct().count()).isEqualTo(11);
        for (String fault : first.stream().distinct().toList()) {
            assertThat(first.stream().filter(fault::equals).count()).as(fault).isBetween(13L, 59L);
        }
        assertThat(Math.abs(product / squares)).isLessThan(0.2);
    }

    @Test
    public void theNearestPlaceOfAToolIsFound() {
        VirtualInstrument one = made(5, PracticeFamily.FLAT_TOP);
        for (int fret : new int[] {1, 12, one.lastFret()}) {
            assertThat(Placement.nearest(SimulatedTool.FEELER, one, one.frets().at(fret) + 1, Side.TREBLE))
                    .contains(new Placement(Spot.OVER_FRET, fret, Side.TREBLE));
        }
        assertThat(Placement.nearest(SimulatedTool.STRAIGHTEDGE, one, 0, Side.BASS)
                        .orElseThrow()
                        .spot())
                .isEqualTo(Spot.PROJECTION);
        assertThat(Placement.nearest(SimulatedTool.TAPE, one, one.jointAt(), Side.BASS)
                        .orElseThrow()
                        .spot())
                .isEqualTo(Spot.JOINT_TO_SADDLE);
    }
}
