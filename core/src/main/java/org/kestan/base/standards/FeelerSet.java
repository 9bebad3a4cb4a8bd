package org.kestan.base.standards;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.NotationFinding;
import org.kestan.base.notation.Parsed;

/**
 * The feeler leaves a shop owns, and how to stack them to a thickness.
 *
 * @param all each leaf once, as it is marked; one that is owned twice is there twice
 */
public record FeelerSet(List<Length> all) {

    /** A common set of 31, from memory. */
    public static final FeelerSet USUAL = parse(
                    "0.0015 in, 0.002 in, 0.0025 in, 0.003 in, 0.004 in, 0.005 in, 0.006 in,"
                            + " 0.007 in, 0.008 in, 0.009 in, 0.010 in, 0.011 in, 0.012 in, 0.013 in, 0.014 in, 0.015 in, 0.016 in,"
                            + " 0.017 in, 0.018 in, 0.019 in, 0.020 in, 0.021 in, 0.022 in, 0.023 in, 0.024 in, 0.025 in, 0.026 in,"
                            + " 0.028 in, 0.030 in, 0.032 in, 0.035 in")
            .optional()
            .orElseThrow(Expect.present("valid value"));

    /** The most leaves in a stack; more would be springy. */
    public static final int MOST = 5;

    /** Takes an unmodifiable copy, thinnest first. */
    public FeelerSet {
        all = all.stream()
                .sorted(Comparator.comparingDouble(Length::millimeters))
                .toList();
    }

    /**
     * A stack of leaves.
     *
     * @param leaves the leaves, thickest first; none if there is nothing to stack
     * @param error how much thicker the stack is than what was asked for, mm
     */
    public record Stack(List<Length> leaves, double error) {

        /** Takes an unmodifiable copy. */
        public Stack {
            leaves = List.copyOf(leaves);
        }

        /** Thickness of the stack, mm. */
        public double thickness() {
            return leaves.stream().mapToDouble(Length::millimeters).sum();
        }
    }

    /** Reads leaves separated by commas. */
    public static Parsed<FeelerSet> parse(String typed) {
        List<Length> leaves = new ArrayList<>();
        for (String each : typed.split(",")) {
            if (each.isBlank()) {
                continue;
            }
            Parsed<Length> leaf = Length.parse(each.strip());
            if (leaf instanceof Parsed.Bad<Length> bad) {
                return new Parsed.Bad<>(bad.problem(), NotationFinding.EACH_LEAF.of(new Quantity.Said(bad.accepted())));
            }
            Length length = leaf.optional().orElseThrow(Expect.present("valid value"));
            if (length.millimeters() <= 0) {
                return new Parsed.Bad<>(
                        NotationFinding.NO_LEAF.of(Quantity.text(each.strip())),
                        NotationFinding.THICKNESS_ABOVE_ZERO.of());
            }
            leaves.add(length);
        }
        return leaves.isEmpty()
                ? new Parsed.Bad<>(NotationFinding.NO_LEAVES.of(), NotationFinding.SOME_LEAVES.of())
                : new Parsed.Ok<>(new FeelerSet(leaves));
    }

    /** Returns the leaves in the form {@link #parse} reads. */
    public String text() {
        return all.stream().map(Length::text).collect(Collectors.joining(", "));
    }

    /**
     * Stacks a thickness: the fewest leaves that come within the tolerance, and among equals the closest; if no stack
     * of at most {@value #MOST} is within it, the closest of all.
     *
     * @param thickness mm; nothing or less stacks to no leaves
     * @param tolerance mm
     */
    public Stack stack(double thickness, double tolerance) {
        Stack best = new Stack(List.of(), -thickness);
        if (thickness <= tolerance) {
            return new Stack(List.of(), thickness > 0 ? -thickness : 0);
        }
        for (int count = 1; count <= Math.min(MOST, all.size()); count++) {
            Search search = new Search(thickness);
            search.choose(count, all.size(), new ArrayList<>(), 0);
            if (Math.abs(search.best.error()) < Math.abs(best.error()) - Tolerances.ARITHMETIC) {
                best = search.best;
            }
            if (Math.abs(best.error()) <= tolerance + Tolerances.ARITHMETIC) {
                return best;
            }
        }
        return best;
    }

    /** The closest stack with a number of leaves: all but the last are tried, the last is the one that fits best. */
    private final class Search {

        private final double wanted;
        private Stack best;

        Search(double wanted) {
            this.wanted = wanted;
            best = new Stack(List.of(), -wanted);
        }

        /** Chooses a number of further leaves, each thinner than the one before: those below an index. */
        void choose(int count, int under, List<Length> chosen, double sum) {
            if (count == 1) {
                int at = nearest(wanted - sum, under);
                if (at >= 0) {
                    List<Length> stack = new ArrayList<>(chosen);
                    stack.add(all.get(at));
                    offer(stack, sum + all.get(at).millimeters() - wanted);
                }
                return;
            }
            for (int i = under - 1; i >= count - 1; i--) {
                double next = all.get(i).millimeters();
                // If the thickest leaves left are too thin, or this one is far too thick, nothing better will come.
                if (sum + next > wanted + Math.abs(best.error())) {
                    continue;
                }
                if (sum + count * next < wanted - Math.abs(best.error())) {
                    break;
                }
                chosen.add(all.get(i));
                choose(count - 1, i, chosen, sum + next);
                chosen.remove(chosen.size() - 1);
            }
        }

        private void offer(List<Length> stack, double error) {
            if (Math.abs(error) < Math.abs(best.error()) - Tolerances.ARITHMETIC) {
                best = new Stack(stack, error);
            }
        }

        /** The leaf below an index that is closest to the remainder; -1 if there is none. */
        private int nearest(double rest, int under) {
            int low = 0;
            int high = under - 1;
            while (low < high) {
                int middle = (low + high) / 2;
                if (all.get(middle).millimeters() < rest) {
                    low = middle + 1;
                } else {
                    high = middle;
                }
            }
            boolean before = low > 0
                    && low < under
                    && Math.abs(all.get(low - 1).millimeters() - rest)
                            <= Math.abs(all.get(low).millimeters() - rest);
            return under == 0 ? -1 : before ? low - 1 : low;
        }
    }
}
