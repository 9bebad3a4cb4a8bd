package org.kestan.cli;

import java.util.concurrent.Callable;
import org.kestan.files.MemoryJson;
import org.kestan.ground.standards.ShopStandards;
import org.kestan.work.memory.Memory;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** {@code kestan memory --ledger FILE}: prints what the shop has learnt from its jobs, as JSON. */
@Command(
        name = "memory",
        description = "Print what the jobs of a ledger teach: sink, prediction error, hours, rates, joint release.",
        mixinStandardHelpOptions = true)
final class MemoryCommand implements Callable<Integer> {

    @Mixin
    private LedgerOption option;

    @Override
    public Integer call() {
        return option.with(false, ledger -> {
            ledger.goBy(ShopStandards.DEFAULT);
            option.print(MemoryJson.print(Memory.of(ledger.lessons(), ShopStandards.DEFAULT)));
            return 0;
        });
    }
}
