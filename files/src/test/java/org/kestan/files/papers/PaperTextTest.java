package org.kestan.files.papers;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** The texts of the papers are in their bundle, and each of them is printed somewhere. */
public class PaperTextTest {

    private static final Pattern KEY = Pattern.compile(
            "\"((?:bag-labels|bench-card|claim-tag|owner-papers|sheet|template)[a-z-]*\\.[a-z0-9-]+)\"");
    private static final Pattern SENTENCE = Pattern.compile("\"[^\"<>{;]*\\p{L}+ \\p{Ll}+ \\p{Ll}+[^\"<>{;]*\"");

    @Test
    public void everyTextIsUsedAndNoSentenceStandsInCode() throws IOException {
        Set<String> used = new TreeSet<>();
        List<String> sentences = new ArrayList<>();
        try (Stream<Path> files = Files.list(Path.of("src", "main", "java", "org", "kestan", "files", "papers"))) {
            for (Path file : files.toList()) {
                for (String line : Files.readAllLines(file)) {
                    Matcher keys = KEY.matcher(line);
                    while (keys.find()) {
                        used.add(keys.group(1));
                    }
                    boolean remark =
                            line.strip().startsWith("*") || line.strip().startsWith("/");
                    if (!remark
                            && !line.contains("Exception(")
                            && SENTENCE.matcher(line).find()) {
                        sentences.add(line);
                    }
                }
            }
        }
        assertThat(sentences).isEmpty();
        assertThat(PaperText.keys()).isNotEmpty().isSubsetOf(used);
        used.stream().filter(key -> !key.endsWith(".pdf")).forEach(key -> {
            if (PaperText.keys().contains(key)) {
                assertThat(PaperText.text(key)).as(key).isNotBlank();
            }
        });
    }
}
