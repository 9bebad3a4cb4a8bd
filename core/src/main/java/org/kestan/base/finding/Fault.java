package org.kestan.base.finding;

/**
 * An error, with its place, that prevents a job from being read or solved.
 *
 * @param pointer JSON pointer of the place in the job file, empty for the whole
 * @param problem what is wrong
 * @param accepted what would be accepted
 */
public record Fault(String pointer, Finding problem, Finding accepted) {

    /** The problem if a required value is missing. */
    public interface Missing extends Finding.Kind {}

    /** Returns whether something is only missing, rather than wrong. */
    public boolean isMissing() {
        return problem.kind() instanceof Missing;
    }
}
