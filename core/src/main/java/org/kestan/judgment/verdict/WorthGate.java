package org.kestan.judgment.verdict;

import java.util.Optional;
import org.kestan.base.finding.Quantity;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;

/** The last gate: whether the repair is worth it. */
final class WorthGate {

    private WorthGate() {}

    /** Whether the repair that would be done is worth its price (§5). */
    static Gate of(Job job, ShopStandards shop, Optional<RepairPrice> repair) {
        Optional<Double> value = job.get(Lines.VALUE);
        if (value.isEmpty()) {
            return job.collectible()
                    ? Gate.of(GateId.WORTH, GateState.WARN, GateFinding.WORTH_COLLECTIBLE.of())
                    : Gate.of(GateId.WORTH, GateState.UNKNOWN, GateFinding.SAY_VALUE.of());
        }
        Gate judged = repair.map(price -> judged(job, shop, price, value.get()))
                .orElseGet(() -> Gate.of(GateId.WORTH, GateState.UNKNOWN, GateFinding.WORTH_NOT_KNOWN.of()));
        Gate said = job.collectible() && judged.state() != GateState.UNKNOWN
                ? judged.atLeastWarning().also(GateFinding.WORTH_COLLECTIBLE.of())
                : judged;
        return said.with(GateNumber.VALUE, new Quantity.Money(value.get()))
                .with(GateNumber.RESET_COST, new Quantity.Money(shop.cost(ShopStandards.RESET)));
    }

    private static Gate judged(Job job, ShopStandards shop, RepairPrice price, double value) {
        boolean not = value < price.cost();
        boolean ask = value < shop.get(Standard.WORTH_RATIO) * price.cost();
        Quantity.Money cost = new Quantity.Money(price.cost());
        Gate gate;
        if (price.cost() == 0) {
            gate = Gate.of(GateId.WORTH, GateState.PASS, GateFinding.WORTH_NOTHING_TO_PAY.of());
        } else if (job.get(Lines.DO_IT_ANYWAY).isPresent()) {
            gate = Gate.of(GateId.WORTH, not ? GateState.WARN : GateState.PASS, GateFinding.WORTH_ANYWAY.of(cost));
        } else {
            GateFinding kind = not ? GateFinding.WORTH_NOT : ask ? GateFinding.WORTH_ASK : GateFinding.WORTH;
            gate = Gate.of(
                    GateId.WORTH,
                    not ? GateState.STOP : ask ? GateState.WARN : GateState.PASS,
                    kind.of(new Quantity.Hours(price.hours()), cost, new Quantity.Money(value)));
        }
        return gate.with(GateNumber.COST, cost);
    }
}
