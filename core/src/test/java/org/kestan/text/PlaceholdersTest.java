package org.kestan.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.Test;

public class PlaceholdersTest {

    @Test
    public void placesAreFilledByNumber() {
        assertThat(Placeholders.fill("{1} of {0}, {1}", "three", 2)).isEqualTo("2 of three, 2");
        assertThat(Placeholders.fill("no place", "unused")).isEqualTo("no place");
    }

    /** An owner may write braces, a backslash or a dollar sign: they are text. */
    @Test
    public void whatIsFilledInIsNotReadAgain() {
        assertThat(Placeholders.fill("{0} is {1}", "Guitar {1}", "$5 \\ {0}")).isEqualTo("Guitar {1} is $5 \\ {0}");
    }

    @Test
    public void aPlaceWithoutAnArgumentStays() {
        assertThat(Placeholders.fill("{0} and {1}", "one")).isEqualTo("one and {1}");
    }
}
