/**
 * Texts for the results of the core: sentences for findings, names for terms, numbers in the unit in use, cards for
 * plans. All texts are in the bundle {@code text.properties} beside this package, so that another audience or language
 * needs nothing else. This package uses all of the core; nothing in the core uses it.
 */
package org.kestan.text;
