package org.kestan.cli;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.results.MemoryJson;
import org.kestan.files.standards.StandardsFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code kestan memory --ledger FILE}: prints what the shop has learned from its jobs, as JSON. */
@Command(name = "memory", description = "${bundle:memory-command.print-what-the}", mixinStandardHelpOptions = true)
final class MemoryCommand implements Callable<Integer> {

    @Mixin
    private LedgerOption option;

    @Option(
            names = "--standards",
            paramLabel = "FILE",
            description = "${bundle:memory-command.shop-standards-exported}")
    private Path standards;

    @Override
    public Integer call() {
        StandardsFile.Outcome shop = standards == null
                ? new StandardsFile.Outcome(ShopStandards.DEFAULT, List.of())
                : StandardsFile.read(standards);
        if (!shop.faults().isEmpty()) {
            return option.faulty(shop.faults());
        }
        return option.with(false, ledger -> {
            ledger.goBy(shop.standards());
            option.print(MemoryJson.print(ledger.memory()));
            return 0;
        });
    }
}
