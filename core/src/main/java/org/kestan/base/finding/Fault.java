package org.kestan.base.finding;

/**
 * Something that keeps a job from being read or solved, at its place.
 *
 * @param pointer JSON pointer of the place in the job file, empty for the whole
 * @param problem what is wrong
 * @param accepted what would be accepted
 */
public record Fault(String pointer, Finding problem, Finding accepted) {

    /** What is wrong where something that is needed was not said. */
    public interface Missing extends Finding.Kind {}

    /** Tells whether something is only not said, rather than wrong. */
    public boolean isMissing() {
        return problem.kind() instanceof Missing;
    }
}
