package org.kestan.sheet;

/** Where on the instrument a line of the sheet belongs, from the nut to the tail. */
public enum Place {
    NUT("Nut"),
    RELIEF("Relief"),
    ACTION("Action"),
    HEEL("Heel and joint"),
    EXTENSION("Extension"),
    BRIDGE("Bridge, saddle"),
    PROJECTION("Projection"),
    TAIL("Past the saddle");

    private final String title;

    Place(String title) {
        this.title = title;
    }

    /** Returns the title of the place. */
    public String title() {
        return title;
    }
}
