package org.kestan.desktop.widgets.field;

/** Something on the screen that can explain itself when asked. */
public interface Explainable {

    /** Returns what it is called. */
    String word();

    /** Returns what it is for and what is taken, in a few sentences. */
    String meaning();
}
