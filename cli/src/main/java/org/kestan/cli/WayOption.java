package org.kestan.cli;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.kestan.base.expect.Expect;
import org.kestan.base.notation.Parsed;
import org.kestan.base.standards.FeelerSet;
import org.kestan.base.standards.ShopStandards;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** The ways of a plan, and the feeler leaves for its thicknesses. */
final class WayOption {

    @Option(
            names = "--way",
            paramLabel = "ID",
            required = true,
            split = ",",
            description = "${bundle:way-option.a-way-such}")
    private List<String> keys;

    @Option(names = "--leaves", paramLabel = "LEAVES", description = "${bundle:way-option.the-feeler-leaves}")
    private String leaves;

    @Spec(Spec.Target.MIXEE)
    private CommandSpec spec;

    List<Way> ways() {
        List<Way> ways = new ArrayList<>();
        for (String key : keys) {
            Optional<Way> way = WayCatalog.find(key.strip());
            if (way.isEmpty()) {
                throw new ParameterException(
                        spec.commandLine(),
                        CliText.text(
                                "way.no-such-way",
                                key,
                                WayCatalog.ALL.stream().map(Way::key).collect(Collectors.joining(", "))));
            }
            ways.add(way.get());
        }
        return ways;
    }

    /** Returns the standards with the leaves given on the command line. */
    ShopStandards withLeaves(ShopStandards shop) {
        if (leaves == null) {
            return shop;
        }
        Parsed<FeelerSet> parsed = FeelerSet.parse(leaves);
        if (parsed instanceof Parsed.Bad<FeelerSet> bad) {
            throw new ParameterException(
                    spec.commandLine(), "--leaves: " + JobArgument.WORDS.problem(bad.problem(), bad.accepted()));
        }
        return shop.withLeaves(parsed.optional().orElseThrow(Expect.present("valid value")));
    }
}
