package org.kestan.sheet;

/** The lengths that belong to the instrument itself, whatever its state. */
public enum Dimension implements Item {
    SCALE(
            "instrument.scale",
            "Scale length",
            300,
            900,
            "Twice the distance from the nut to fret 12; the saddle stands a little farther off.");

    private final Line line;

    Dimension(String path, String label, double least, double greatest, String hint) {
        line = new Line(path, label, hint, least, greatest, true, false, Fitting.ANY);
    }

    @Override
    public Line line() {
        return line;
    }
}
