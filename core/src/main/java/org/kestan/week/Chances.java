package org.kestan.week;

import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.Arrays;
import java.util.Random;

/** When jobs are ready if the same order is carried out with working times longer or shorter than planned. */
public final class Chances {

    private final WeekProblem problem;
    private final int[][] ready;

    private Chances(WeekProblem problem, int[][] ready) {
        this.problem = problem;
        this.ready = ready;
    }

    static Chances of(WeekProblem problem, WeekOrder order, int draws, long seed) {
        Random random = new Random(seed);
        double spread = problem.calendar().shop().spread();
        int[][] ready = new int[problem.jobs().size()][draws];
        for (int draw = 0; draw < draws; draw++) {
            double[][] factors = problem.jobs().stream()
                    .map(job -> job.steps().stream()
                            .mapToDouble(step -> Math.exp(spread * random.nextGaussian() - spread * spread / 2))
                            .toArray())
                    .toArray(double[][]::new);
            int[] ends = SerialSchedule.of(problem, order, factors).ready();
            for (int job = 0; job < ends.length; job++) {
                ready[job][draw] = ends[job];
            }
        }
        for (int[] each : ready) {
            Arrays.sort(each);
        }
        return new Chances(problem, ready);
    }

    /**
     * The moment by which a job is ready with a chance.
     *
     * @param job its index
     * @param chance 0 to 1
     */
    public ZonedDateTime ready(int job, double chance) {
        int[] sorted = ready[job];
        int at = (int) Math.ceil(chance * sorted.length) - 1;
        return problem.calendar().at(sorted[Math.max(0, Math.min(sorted.length - 1, at))]);
    }

    /** The chance that a job is ready by the end of a day, 0 to 1. */
    public double by(int job, LocalDate day) {
        return by(job, problem.calendar().midnight(day.plusDays(1)));
    }

    /** The chance that a job is ready by a moment, 0 to 1. */
    public double by(int job, ZonedDateTime moment) {
        return by(job, problem.calendar().minute(moment.toInstant()));
    }

    private double by(int job, int end) {
        return Arrays.stream(ready[job]).filter(each -> each <= end).count() / (double) ready[job].length;
    }
}
