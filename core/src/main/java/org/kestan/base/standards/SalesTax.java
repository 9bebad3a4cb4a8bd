package org.kestan.base.standards;

/**
 * The tax on top of a shop's prices.
 *
 * @param percent percent, 0 or more; 0 for none
 * @param name its name on the shop's papers; empty for just "tax"
 * @param number the shop's tax number; empty to state none
 * @param partsOnly whether it is on parts only, not on work
 */
public record SalesTax(double percent, String name, String number, boolean partsOnly) {

    /** No tax. */
    public static final SalesTax NONE = new SalesTax(0, "", "", false);

    /** Returns the tax on work and parts of these prices. */
    public double on(double work, double parts) {
        return (partsOnly ? parts : work + parts) * percent / 100;
    }
}
