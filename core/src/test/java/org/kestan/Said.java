package org.kestan;

import java.util.List;
import java.util.Optional;
import org.kestan.base.finding.Finding;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/** Findings as a person reads them, in millimeters. */
public final class Said {

    private static final Wording WORDS = Wording.in(BenchUnit.MILLIMETERS);

    private Said() {}

    /** Puts a finding into words. */
    public static String said(Finding finding) {
        return WORDS.say(finding);
    }

    /** Puts a finding into words if there is one. */
    public static String said(Optional<Finding> finding) {
        return finding.map(WORDS::say).orElse("");
    }

    /** Puts findings into words, one after another. */
    public static String said(List<Finding> findings) {
        return WORDS.say(findings);
    }
}
