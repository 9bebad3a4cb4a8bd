package org.kestan.files.papers;

/** The logo at the head of a shop's papers. */
public final class Logo {

    /** The number of base64 letters in half a megabyte. */
    private static final int LONGEST = 700_000;

    private Logo() {}

    /** Returns whether a text is a picture that papers can show. */
    public static boolean isOne(String base64) {
        return base64.length() <= LONGEST && DataUriImage.logo(base64).isPresent();
    }
}
