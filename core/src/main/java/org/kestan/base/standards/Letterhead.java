package org.kestan.base.standards;

/**
 * What a shop prints on its papers for owners, in its own words.
 *
 * @param name the shop's name
 * @param address its address, one line each
 * @param terms what an estimate is under
 * @param validDays for how many days an estimate holds, 0 or more
 * @param tax what comes on top of the prices
 * @param logo a PNG as base64 text; empty for none
 */
public record Letterhead(String name, String address, String terms, int validDays, SalesTax tax, String logo) {

    /** An empty letterhead; an estimate is valid for a month. */
    public static final Letterhead BLANK = new Letterhead("", "", "", 30, SalesTax.NONE, "");
}
