package org.kestan.practice.reckoning;

/**
 * Marks for a case, each 0 to 10.
 *
 * @param measuring by the share of the readings on the sheet that are as near as their tool can show
 * @param judging by what the ways taken come to on the truth, against the best ways there are
 * @param working by the action that was handed over, less one for each mishap and for each thing that is still wrong
 */
public record Marks(double measuring, double judging, double working) {

    /** The most a mark can be. */
    public static final double MOST = 10;

    /** What one practices. */
    public enum Skill {
        /** Reading the sheet. */
        MEASURING,
        /** Choosing a way. */
        JUDGING,
        /** Doing it. */
        WORKING
    }

    /** Returns one of them. */
    public double of(Skill skill) {
        return switch (skill) {
            case MEASURING -> measuring;
            case JUDGING -> judging;
            case WORKING -> working;
        };
    }

    /** Returns their mean. */
    public double mean() {
        return (measuring + judging + working) / 3;
    }
}
