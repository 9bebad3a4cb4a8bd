/** What a shop's own jobs teach: how far bodies fold, how far predictions miss, how long ways take, what a pull takes off. */
package org.kestan.repair.memory;
