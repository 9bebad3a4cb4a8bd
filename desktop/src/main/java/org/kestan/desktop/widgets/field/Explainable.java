package org.kestan.desktop.widgets.field;

/** Something on the screen that can explain itself when asked. */
public interface Explainable {

    /** Returns its name. */
    String word();

    /** Returns what it is for and what can be entered, in a few sentences. */
    String meaning();
}
