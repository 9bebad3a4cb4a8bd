package org.kestan.practice.reckoning;

/**
 * The marks for a case, each 0 to 10.
 *
 * @param measuring by the share of the readings on the sheet that are as near as their tool can show
 * @param judging by what the ways taken come to on the truth, against the best ways there are
 * @param working by the action that was handed over, less one for each mishap and for each thing that is still wrong
 */
public record Marks(double measuring, double judging, double working) {

    /** The best mark. */
    public static final double MOST = 10;

    /** The skills. */
    public enum Skill {
        /** Reading the sheet. */
        MEASURING,
        /** Choosing a way. */
        JUDGING,
        /** Doing it. */
        WORKING
    }

    /** Returns the mark for a skill. */
    public double of(Skill skill) {
        return switch (skill) {
            case MEASURING -> measuring;
            case JUDGING -> judging;
            case WORKING -> working;
        };
    }

    /** Returns the mean of the marks. */
    public double mean() {
        return (measuring + judging + working) / 3;
    }
}
