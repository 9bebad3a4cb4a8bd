package org.kestan.judgement.ways;

import java.util.List;
import org.kestan.ground.standards.Standard;
import org.kestan.job.terms.Lines;
import org.kestan.judgement.way.Case;

/** Slipping the back and pulling the neck with it. */
final class BackSlip extends CheapNeck {

    BackSlip() {
        super("back-slip", List.of(Standard.HOURS_BACK, Standard.PRICE_GLUE));
    }

    @Override
    boolean forMeaning(Case about) {
        return about.job().get(Lines.MEANING).isPresent();
    }
}
