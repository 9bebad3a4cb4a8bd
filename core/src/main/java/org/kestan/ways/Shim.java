package org.kestan.ways;

import org.kestan.setup.Setup;

/**
 * A stock pocket shim.
 *
 * @param degrees its angle; positive with the thick end toward the bridge, which sets the neck back
 * @param after the set-up with it in the pocket
 */
public record Shim(double degrees, Setup after) {}
