package org.kestan.sheet;

/** The lengths that belong to the instrument itself, whatever its state. */
public enum Dimension implements Item {
    SCALE(
            "instrument.scale",
            "Scale length",
            300,
            900,
            "Twice the distance from the nut to fret 12; the saddle stands a little farther off.");

    private final String path;
    private final String label;
    private final double least;
    private final double greatest;
    private final String hint;

    Dimension(String path, String label, double least, double greatest, String hint) {
        this.path = path;
        this.label = label;
        this.least = least;
        this.greatest = greatest;
        this.hint = hint;
    }

    @Override
    public String path() {
        return path;
    }

    @Override
    public String label() {
        return label;
    }

    @Override
    public String hint() {
        return hint;
    }

    @Override
    public double least() {
        return least;
    }

    @Override
    public double greatest() {
        return greatest;
    }

    @Override
    public boolean mustBePositive() {
        return true;
    }

    @Override
    public boolean withFeelers() {
        return false;
    }

    @Override
    public Fitting fitting() {
        return Fitting.ANY;
    }
}
