package org.kestan.cli;

import java.util.Locale;
import org.kestan.text.Audience;
import org.kestan.text.Wording;
import picocli.CommandLine.Option;

/** The audience of the sentences. */
final class AudienceOption {

    @Option(
            names = "--for",
            paramLabel = "WHO",
            converter = Converter.class,
            description = "${bundle:audience-option.who-the-sentences}")
    private Audience audience = Audience.BENCH;

    /** Accepts the names in lower case. */
    static final class Converter implements picocli.CommandLine.ITypeConverter<Audience> {
        @Override
        public Audience convert(String value) {
            return Audience.valueOf(value.toUpperCase(Locale.ROOT));
        }
    }

    Wording words() {
        return JobArgument.WORDS.to(audience);
    }
}
