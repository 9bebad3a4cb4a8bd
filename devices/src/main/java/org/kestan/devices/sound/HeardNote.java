package org.kestan.devices.sound;

/**
 * A note that was heard.
 *
 * @param at when it was struck, seconds from the beginning
 * @param frequency of its first partial, Hz
 * @param note the note it is nearest to, or the one that was expected
 * @param cents how far it lies above that, hundredths of a half step
 * @param halfWidth how far that may be wrong in nineteen cases of twenty, cents
 * @param inharmonicity B of its partials, {@code f(n) = n·f0·√(1 + B·n²)}; 0 or more
 * @param buzz how likely something rattles, 0 to 1
 */
public record HeardNote(
        double at, double frequency, String note, double cents, double halfWidth, double inharmonicity, double buzz) {}
