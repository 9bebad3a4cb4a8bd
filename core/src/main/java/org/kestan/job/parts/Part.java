package org.kestan.job.parts;

import java.time.LocalDate;
import java.util.Optional;

/**
 * A part that a job needs.
 *
 * @param what what it is, by its generic name
 * @param need how many, 1 or more
 * @param price of one, in the shop's currency, 0 or more; empty if it is in the price of the work
 * @param ordered whether it is ordered
 * @param orderedOn the day it was ordered, empty if not recorded
 * @param arrives the day it is to arrive, empty if unknown
 * @param there whether it is in the drawer
 */
public record Part(
        String what,
        int need,
        Optional<Double> price,
        boolean ordered,
        Optional<LocalDate> orderedOn,
        Optional<LocalDate> arrives,
        boolean there) {

    /** One part, not ordered yet. */
    public static Part of(String what) {
        return new Part(what, 1, Optional.empty(), false, Optional.empty(), Optional.empty(), false);
    }

    /** Returns the same part by another name. */
    public Part withWhat(String next) {
        return new Part(next, need, price, ordered, orderedOn, arrives, there);
    }

    /** Returns another number of it. */
    public Part withNeed(int next) {
        return new Part(what, next, price, ordered, orderedOn, arrives, there);
    }

    /** Returns it at another price. */
    public Part withPrice(Optional<Double> next) {
        return new Part(what, need, next, ordered, orderedOn, arrives, there);
    }

    /** Returns it as ordered, or no longer so. */
    public Part withOrdered(boolean next, Optional<LocalDate> on) {
        return new Part(what, need, price, next, on, arrives, there);
    }

    /** Returns it with another day of arrival. */
    public Part withArrives(Optional<LocalDate> next) {
        return new Part(what, need, price, ordered, orderedOn, next, there);
    }

    /** Returns it as in the drawer, or not. */
    public Part withThere(boolean next) {
        return new Part(what, need, price, ordered, orderedOn, arrives, next);
    }

    /** Returns the cost of all of it; empty if it is included in the price of the work. */
    public Optional<Double> cost() {
        return price.map(each -> each * need);
    }
}
