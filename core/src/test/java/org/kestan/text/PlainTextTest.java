package org.kestan.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.Test;

/** Texts from elsewhere, made harmless. */
public class PlainTextTest {

    @Test
    public void whatIsNotSeenBecomesABlank() {
        assertThat(PlainText.line("a\u0000b\u0007c\u0085d\u009fe\u2028f\u2029g\u202eh\u2066i\ufeffj\tk"))
                .isEqualTo("a b c d e f g h i j k");
        assertThat(PlainText.line("Grüße, 木の ½ 🎸 “so”")).isEqualTo("Grüße, 木の ½ 🎸 “so”");
    }

    @Test
    public void whatIsNoCharacterBecomesAMark() {
        assertThat(PlainText.line("a\ud800b\udc00c\ufffed\uffffe")).isEqualTo("a\ufffdb\ufffdc\ufffdd\ufffde");
    }

    @Test
    public void linesStayLines() {
        assertThat(PlainText.lines("one\ntwo\rthree\n")).isEqualTo("one\ntwo three\n");
        assertThat(PlainText.line("one\ntwo")).isEqualTo("one two");
    }
}
