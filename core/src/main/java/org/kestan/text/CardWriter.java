package org.kestan.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.kestan.analysis.uncertainty.Uncertainty;
import org.kestan.base.finding.Keyed;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.Tolerances;
import org.kestan.job.Job;

/** Writes one card, row by row. The labels of its rows are texts, under the card's key and the row's. */
final class CardWriter {

    private final Keyed id;
    private final Job job;
    private final List<Card.Row> rows = new ArrayList<>();

    CardWriter(Keyed id, Job job) {
        this.id = id;
        this.job = job;
    }

    /** The text of a row, under the card's key; {@code {0}} is replaced by its values. */
    String words(String key, String... in) {
        return Placeholders.fill(Wording.text("card." + id.key() + "." + key), (Object[]) in);
    }

    CardWriter row(String key, String value, String remark) {
        return labeled(words(key), value, remark);
    }

    CardWriter labeled(String label, String value, String remark) {
        rows.add(new Card.Row(label, value, remark, ""));
        return this;
    }

    /** A row with the uncertainty of its length, and the reading that contributes most to it. */
    CardWriter known(String label, String value, Uncertainty.Estimate spread, String remark) {
        boolean shown = spread.expanded() >= Tolerances.SHOWN;
        rows.add(new Card.Row(
                label, shown ? Numbers.spread(value, spread.expanded()) : value, remark, shown ? source(spread) : ""));
        return this;
    }

    /** A row with the uncertainty of its angle, and the reading that contributes most to it. */
    CardWriter knownAngle(String label, String value, Uncertainty.Estimate spread, String remark) {
        boolean shown = spread.expanded() > 0;
        rows.add(new Card.Row(
                label,
                value + (shown ? Numbers.spread(Angle.ofRadians(spread.expanded())) : ""),
                remark,
                source(spread)));
        return this;
    }

    private String source(Uncertainty.Estimate estimate) {
        return estimate.dominating()
                .map(reading -> Wording.text(estimate.assumed() ? "plan.mostly-from-assumed" : "plan.mostly-from")
                        .replace("{0}", Wording.full(reading).toLowerCase(Locale.ROOT))
                        .replace("{1}", Wording.label(job.visit().tool(reading))))
                .orElse("");
    }

    Card card(String note) {
        return new Card(id, rows, note);
    }

    Card card() {
        return card("");
    }
}
