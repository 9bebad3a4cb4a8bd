package org.kestan.desktop.messages;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** Texts are in the bundle and nowhere else, and each of them is shown somewhere. */
public class MessagesTest {

    private static final Path SOURCES = Path.of("src", "main", "java");
    private static final Pattern KEY = Pattern.compile("Messages\\s*\\.message\\(\\s*\"([^\"]+)\"");
    private static final Pattern SENTENCE = Pattern.compile("\"[^\"]*\\p{L}+ \\p{Ll}+ \\p{Ll}+[^\"]*\"");

    private static String sources() {
        try (Stream<Path> files = Files.walk(SOURCES)) {
            StringBuilder all = new StringBuilder();
            for (Path file :
                    files.filter(each -> each.toString().endsWith(".java")).toList()) {
                all.append(Files.readString(file)).append('\n');
            }
            return all.toString();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    @Test
    public void everyKeyHasItsTextAndEveryTextIsUsed() {
        Set<String> used = new TreeSet<>();
        Matcher keys = KEY.matcher(sources());
        while (keys.find()) {
            used.add(keys.group(1));
        }
        assertThat(used).hasSizeGreaterThan(400);
        assertThat(Messages.keys()).containsExactlyInAnyOrderElementsOf(used);
    }

    @Test
    public void noSentenceStandsInCode() {
        List<String> found = sources()
                .lines()
                // Messages about programming errors, and the log, are not texts of the window.
                .filter(line -> !line.contains("Exception(")
                        && !line.contains("LOG.")
                        && !line.contains("log(")
                        && !line.contains("Expect.present("))
                .filter(line -> !line.strip().startsWith("*") && !line.strip().startsWith("/"))
                .filter(line -> SENTENCE.matcher(line).find())
                .toList();
        assertThat(found).isEmpty();
    }

    @Test
    public void argumentsStandInForTheirPlaces() {
        assertThat(Messages.message("ledger-transfers.written-to", "shop.zip"))
                .contains("shop.zip")
                .doesNotContain("{");
    }

    /** One kind of apostrophe, American spelling, and no blank text. */
    @Test
    public void textsFollowTheStyleGuide() {
        for (String key : Messages.keys()) {
            String text = Messages.message(key);
            assertThat(text)
                    .as(key)
                    .isNotBlank()
                    .doesNotContain("'")
                    .doesNotContainPattern("(?i)colour|centre|levell|judgement");
        }
    }
}
