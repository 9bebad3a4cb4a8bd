package org.kestan.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.ResourceBundle;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.kestan.base.finding.Finding;
import org.kestan.files.FileFinding;
import org.kestan.text.Wording;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The findings of files and ledger have texts: each kind has its own, with a place for each quantity it takes. */
public class SpokenTest {

    private static final ResourceBundle WORDS = ResourceBundle.getBundle("org.kestan.text.text", Locale.ROOT);

    @DataProvider
    public Object[][] kinds() {
        return Stream.<Finding.Kind[]>of(FileFinding.values(), PictureFinding.values(), LedgerFinding.values())
                .flatMap(Stream::of)
                .map(kind -> new Object[] {kind})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "kinds")
    public void everyKindHasItsWords(Finding.Kind kind) {
        String pattern = WORDS.getString(kind.key());
        for (int i = 0; i < kind.takes().size(); i++) {
            assertThat(pattern).contains("{" + i);
        }
        assertThat(Pattern.compile("\\{" + kind.takes().size()).matcher(pattern).find())
                .isFalse();
    }

    @Test
    public void ordersHaveTheirNames() {
        assertThat(Query.Order.values())
                .allSatisfy(order -> assertThat(Wording.label(order)).isNotBlank());
    }
}
