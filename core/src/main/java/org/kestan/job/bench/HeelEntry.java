package org.kestan.job.bench;

import java.util.Optional;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Side;
import org.kestan.job.tree.UnknownKeys;

/** One line of the heel log: a set of pulls, a fresh sheet of paper, or a reading. */
public sealed interface HeelEntry {

    /** What other programs store with it. */
    UnknownKeys foreign();

    /** The same with what other programs store with it. */
    HeelEntry with(UnknownKeys foreign);

    /**
     * Strips of paper drawn through the closed joint.
     *
     * @param cheek the cheek it took wood from
     * @param grit the paper's grit
     * @param pulls how many, above zero
     */
    record Pulls(Side cheek, int grit, int pulls, UnknownKeys foreign) implements HeelEntry {

        @Override
        public Pulls with(UnknownKeys next) {
            return new Pulls(cheek, grit, pulls, next);
        }
    }

    /**
     * A fresh sheet of paper.
     *
     * @param cheek the cheek it is for
     */
    record Paper(Side cheek, UnknownKeys foreign) implements HeelEntry {

        @Override
        public Paper with(UnknownKeys next) {
            return new Paper(cheek, next);
        }
    }

    /**
     * A reading with the neck dry in the joint.
     *
     * @param projection slack, as the sheet reads it
     * @param drift how far, at the bridge, the fretboard's middle lands from the bridge's
     * @param toward the side toward which it lands; none counts for nothing without it
     * @param gap the gap at the heel's cap
     * @param bassEdge height of the fretboard's bass edge over the bridge, by a straightedge along it
     * @param trebleEdge the same of its treble edge
     */
    record Read(
            Optional<Length> projection,
            Optional<Length> drift,
            Optional<Side> toward,
            Optional<Length> gap,
            Optional<Length> bassEdge,
            Optional<Length> trebleEdge,
            UnknownKeys foreign)
            implements HeelEntry {

        @Override
        public Read with(UnknownKeys next) {
            return new Read(projection, drift, toward, gap, bassEdge, trebleEdge, next);
        }
    }
}
