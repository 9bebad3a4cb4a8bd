package org.kestan.week;

import java.time.LocalDate;
import java.util.Optional;
import org.kestan.base.standards.Standard;

/**
 * A part that the remaining work of a job needs.
 *
 * @param what its name as the job lists it; empty if nobody listed it and a way takes it
 * @param kind what kind of part a way takes, by the price the shop knows it by; empty if the job lists it
 * @param count how many, 1 or more
 * @param step the first step that may take it, by its id; empty if unknown
 * @param ordered whether it is ordered
 * @param arrives the day it is to arrive; empty if unknown
 */
public record PartNeed(
        String what,
        Optional<Standard> kind,
        int count,
        Optional<String> step,
        boolean ordered,
        Optional<LocalDate> arrives) {}
