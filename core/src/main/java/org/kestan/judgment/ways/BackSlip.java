package org.kestan.judgment.ways;

import java.util.List;
import org.kestan.base.standards.Standard;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.way.JudgmentContext;

/** Slipping the back and pulling the neck with it. */
final class BackSlip extends LastResortNeckWay {

    BackSlip() {
        super("back-slip", List.of(Standard.HOURS_BACK, Standard.PRICE_GLUE));
    }

    @Override
    boolean forMeaning(JudgmentContext about) {
        return about.job().get(Lines.MEANING).isPresent();
    }
}
