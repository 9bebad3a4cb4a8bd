package org.kestan.repair.template;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Count;
import org.kestan.base.finding.Quantity.Plain;
import org.kestan.base.finding.Quantity.Term;
import org.kestan.base.finding.Quantity.Turn;

/** Texts printed on templates. Plain numbers are millimeters. */
public enum TemplateFinding implements Finding.Kind {
    CHEEK(Term.class),
    ONE_CHEEK,
    OTHER_CHEEK,
    OFF(Plain.class),
    DEPTH(Plain.class),
    WIDENED(Plain.class),
    STRING(Count.class),
    BASS,
    TREBLE,
    JOINT_NOTHING,
    WEDGE_END(Plain.class),
    NUT_END,
    BRIDGE_END,
    SHIM_TOWARD_BRIDGE(Turn.class, Plain.class),
    SHIM_TOWARD_NUT(Turn.class, Plain.class),
    BRIDGE_LINE(Plain.class, Plain.class, Plain.class),
    METRIC_BAR,
    INCH_BAR;

    private final List<Class<?>> takes;

    TemplateFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
