/** Pitches and rattles heard in a recording or at a microphone. */
package org.kestan.devices.sound;
