/**
 * The strings as springs: their mass, tension and pressure on the saddle, and the effect of pressing them to a fret on
 * the pitch (§3.14–3.16). Newtons, millimeters, hertz and cents. Wound strings are approximate.
 */
package org.kestan.base.strings;
