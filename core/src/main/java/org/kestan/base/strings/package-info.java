/**
 * The strings as springs: their mass, tension and pull on the saddle, and what pressing them to a fret does to the pitch
 * (§3.14–3.16). Newtons, millimeters, hertz and cents. Wound strings are approximate.
 */
package org.kestan.base.strings;
