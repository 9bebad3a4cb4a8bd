package org.kestan.analysis.loads;

import java.util.ArrayList;
import java.util.List;
import org.kestan.base.standards.Family;
import org.kestan.job.Job;
import org.kestan.job.strings.StringSpec;

/**
 * The positions of a set's strings across the board, from the bass side: courses evenly spaced from outer to outer
 * string, with the strings of a course close together.
 *
 * @param across from the middle toward the treble side, mm, each string
 */
public record StringPlaces(List<Double> across) {

    private static final int USUAL_STRINGS = 6;
    private static final int COURSES_OF_A_MANDOLIN = 4;

    /** Takes an unmodifiable copy. */
    public StringPlaces {
        across = List.copyOf(across);
    }

    /**
     * Lays out a job's strings; six single ones if none are entered.
     *
     * @param spread from outer to outer string, mm, positive
     * @param apart between two strings of a course, mm
     */
    public static StringPlaces of(Job job, double spread, double apart) {
        return of(courses(job), spread, apart);
    }

    /**
     * Lays out courses.
     *
     * @param courses how many strings each has, from the bass side
     */
    public static StringPlaces of(List<Integer> courses, double spread, double apart) {
        double first = (courses.get(0) - 1) * apart / 2;
        double last = (courses.get(courses.size() - 1) - 1) * apart / 2;
        double from = -spread / 2 + first;
        double to = spread / 2 - last;
        List<Double> across = new ArrayList<>();
        for (int course = 0; course < courses.size(); course++) {
            double share = courses.size() == 1 ? 0.5 : (double) course / (courses.size() - 1);
            int strings = courses.get(course);
            for (int i = 0; i < strings; i++) {
                across.add(from + (to - from) * share + (i - (strings - 1) / 2.0) * apart);
            }
        }
        return new StringPlaces(across);
    }

    /** How many strings each course has, from the bass side: as entered, or else in pairs if the family has them. */
    public static List<Integer> courses(Job job) {
        List<StringSpec> strings = job.strings();
        List<Integer> courses = new ArrayList<>();
        if (strings.stream().anyMatch(string -> string.course().isPresent())) {
            for (int i = 0; i < strings.size(); i++) {
                boolean same = i > 0
                        && strings.get(i).course().isPresent()
                        && strings.get(i).course().equals(strings.get(i - 1).course());
                add(courses, same);
            }
            return courses;
        }
        int count = strings.isEmpty() ? USUAL_STRINGS : strings.size();
        boolean paired = count % 2 == 0
                && (job.family() == Family.TWELVE_STRING && count > USUAL_STRINGS
                        || job.family() == Family.MANDOLIN && count > COURSES_OF_A_MANDOLIN);
        for (int i = 0; i < count; i++) {
            add(courses, paired && i % 2 == 1);
        }
        return courses;
    }

    private static void add(List<Integer> courses, boolean toTheLast) {
        if (toTheLast) {
            int last = courses.size() - 1;
            courses.set(last, courses.get(last) + 1);
        } else {
            courses.add(1);
        }
    }

    /** A string's position between the outer two: 0 bass, 1 treble; in the middle if there is only one. */
    double share(int string) {
        double first = across.get(0);
        double whole = across.get(across.size() - 1) - first;
        return whole == 0 ? 0.5 : (across.get(string) - first) / whole;
    }
}
