package org.kestan.ledger;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import org.kestan.base.sheet.Side;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.sideview.SideProfile;

/**
 * An instrument's lines as a few numbers, enough for a thumbnail: heights over the soundboard in mm.
 *
 * @param joint position of the body joint, mm from the nut end
 * @param saddle position of the saddle, mm from the nut end
 * @param before fret line and bass string as measured
 * @param after the same as planned; empty without a plan
 */
public record LineSketch(double joint, double saddle, State before, Optional<State> after) {

    /**
     * One state.
     *
     * @param fretLineAtNut height of the fret line at the nut end
     * @param fretLineAtSaddle height of the fret line at the saddle
     * @param stringAtNut height of the bass string at the nut end
     * @param stringAtSaddle height of the bass string at the saddle
     */
    public record State(double fretLineAtNut, double fretLineAtSaddle, double stringAtNut, double stringAtSaddle) {

        private static State of(SideProfile profile, double saddle) {
            return new State(
                    profile.fretLineAt(0),
                    profile.fretLineAt(saddle),
                    profile.stringAt(Side.BASS, 0),
                    profile.stringAt(Side.BASS, saddle));
        }

        private DoubleStream numbers() {
            return DoubleStream.of(fretLineAtNut, fretLineAtSaddle, stringAtNut, stringAtSaddle);
        }
    }

    /** Sketches an analyzed job; empty while the strings are not known. */
    static Optional<LineSketch> of(JobAnalysis analysis) {
        return analysis.sideView()
                .flatMap(view -> view.measured()
                        .map(now -> new LineSketch(
                                view.joint(),
                                view.saddle(),
                                State.of(now, view.saddle()),
                                view.outcome().profile().map(plan -> State.of(plan, view.saddle())))));
    }

    /** Returns the numbers as text for a database. */
    public String text() {
        DoubleStream planned = after.map(State::numbers).orElse(DoubleStream.empty());
        return DoubleStream.concat(DoubleStream.of(joint, saddle), DoubleStream.concat(before.numbers(), planned))
                .mapToObj(number -> String.format(Locale.ROOT, "%.2f", number))
                .collect(Collectors.joining(" "));
    }

    /** Reads what {@link #text} wrote; empty for anything else. */
    public static Optional<LineSketch> read(String text) {
        String[] words = text.isEmpty() ? new String[0] : text.split(" ");
        if (words.length != 6 && words.length != 10) {
            return Optional.empty();
        }
        double[] numbers = new double[words.length];
        for (int i = 0; i < words.length; i++) {
            OptionalDouble number = number(words[i]);
            if (number.isEmpty()) {
                return Optional.empty();
            }
            numbers[i] = number.getAsDouble();
        }
        Optional<State> after = words.length == 10 ? Optional.of(state(numbers, 6)) : Optional.empty();
        return Optional.of(new LineSketch(numbers[0], numbers[1], state(numbers, 2), after));
    }

    private static State state(double[] numbers, int from) {
        return new State(numbers[from], numbers[from + 1], numbers[from + 2], numbers[from + 3]);
    }

    private static OptionalDouble number(String word) {
        try {
            return OptionalDouble.of(Double.parseDouble(word));
        } catch (NumberFormatException broken) {
            return OptionalDouble.empty();
        }
    }
}
