package org.kestan.files.papers;

/** The logo at the head of a shop's papers. */
public final class Logo {

    /** As many letters as half a megabyte takes in base64. */
    private static final int LONGEST = 700_000;

    private Logo() {}

    /** Tells whether a text is a picture that papers can show. */
    public static boolean isOne(String base64) {
        return base64.length() <= LONGEST && DataUriImage.logo(base64).isPresent();
    }
}
