package org.kestan.job.bench;

import java.util.Optional;
import org.kestan.base.sheet.Side;

/**
 * A part that was taken off and bagged.
 *
 * @param part what it is
 * @param side which side it belongs to, empty if it has none
 * @param place where the bag is kept; empty if not recorded
 * @param back whether the part is on the instrument again
 */
public record Bag(String part, Optional<Side> side, String place, boolean back) {}
