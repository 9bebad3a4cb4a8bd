package org.kestan.sheet;

/**
 * What there is to say of one length on the sheet. Lengths in mm.
 *
 * @param path path of the value in the job file, keys joined by dots, such as {@code survey.action.bass}
 * @param label the label beside the field, without its place
 * @param hint one line on where to put the tool and how to read it
 * @param least least plausible value; a lesser one is questioned, not refused
 * @param greatest greatest plausible value; a greater one is questioned, not refused
 * @param mustBePositive whether the arithmetic has no meaning unless the value is above zero
 * @param withFeelers whether it is read or set with feelers, finer than a rule can show
 * @param fitting the fitting that the line is for
 */
public record Line(
        String path,
        String label,
        String hint,
        double least,
        double greatest,
        boolean mustBePositive,
        boolean withFeelers,
        Fitting fitting) {}
