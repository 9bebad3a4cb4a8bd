package org.kestan.job;

/**
 * Something that keeps a job from being read or solved, at its place.
 *
 * @param pointer JSON pointer of the place in the job file, empty for the whole
 * @param problem what is wrong, a short clause without a full stop
 * @param accepted what would be accepted
 */
public record Fault(String pointer, String problem, String accepted) {

    private static final String MISSING = "is missing";

    /** A fault for something that is needed and not said. */
    public static Fault missing(String pointer, String what, String accepted) {
        return new Fault(pointer, what + " " + MISSING, accepted);
    }

    /** Tells whether something is only not said, rather than wrong. */
    public boolean isMissing() {
        return problem.endsWith(MISSING);
    }

    /** Returns the fault in one line: {@code /survey/action/bass: … (accepted: …)}. */
    public String line() {
        String place = pointer.isEmpty() ? "/" : pointer;
        return oneLine(place + ": " + problem + "; accepted: " + accepted);
    }

    private static String oneLine(String text) {
        return text.replaceAll("\\p{Cntrl}+", " ");
    }
}
