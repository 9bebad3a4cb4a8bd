package org.kestan.job;

import java.util.Optional;
import org.kestan.notation.Length;

/**
 * One string of the set, from the bass side.
 *
 * @param gauge its diameter as it is sold; empty when not said
 * @param wound whether it is wound
 * @param pitch the note it is tuned to, such as E2; empty when not said
 */
public record StringSpec(Optional<Length> gauge, boolean wound, String pitch) {}
