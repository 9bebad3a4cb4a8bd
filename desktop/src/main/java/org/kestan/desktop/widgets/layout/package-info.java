/** Layouts shared by rooms: pages chosen by tabs, columns, cards, papers, pictures. */
package org.kestan.desktop.widgets.layout;
