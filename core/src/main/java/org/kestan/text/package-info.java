/**
 * Words for what the core found: findings into sentences, terms into names, numbers into the unit in use, plans into cards.
 * Every word lies in the bundle {@code text.properties} beside this package, so that another audience or language needs
 * nothing else. Knows all of the core; nothing of the core knows it.
 */
package org.kestan.text;
