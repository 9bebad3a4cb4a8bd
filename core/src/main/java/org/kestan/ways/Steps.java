package org.kestan.ways;

import java.util.Optional;
import org.kestan.setup.Setup;

/** Takes any of the ways from any set-up. */
final class Steps {

    private static final String SHEET_FIRST = "The sheet does not say yet: nut, action and bridge come first.";

    private final ConditionSteps condition;
    private final StringSteps strings;
    private final BridgeSteps bridge;
    private final NeckSteps neck;

    Steps(Case about) {
        condition = new ConditionSteps(about);
        strings = new StringSteps(about);
        bridge = new BridgeSteps(about);
        neck = new NeckSteps(about);
    }

    /** Takes a way; from nothing where the sheet does not say how the instrument stands. */
    Outcome take(WayId id, Optional<Setup> from) {
        return switch (id) {
            case LEAVE -> condition.leave(from);
            case CONDITION -> condition.condition(from);
            case REGLUE_BRIDGE -> condition.reglue(from);
            case MEND_FIRST -> condition.mend(from);
            default -> from.map(setup -> geometry(id, setup)).orElseGet(() -> Outcome.unknown(id, SHEET_FIRST));
        };
    }

    private Outcome geometry(WayId id, Setup from) {
        return switch (id) {
            case TUNE_DOWN -> condition.tuneDown(from);
            case TRUSS_ROD -> strings.rod(from);
            case NUT -> strings.nut(from);
            case SADDLE -> strings.saddle(from);
            case PIN_RAMPS -> bridge.ramps(from);
            case SHAVE_BRIDGE -> bridge.shave(from);
            case NEW_BRIDGE -> bridge.newBridge(from);
            case FLOATING_BRIDGE -> bridge.floating(from);
            case POCKET_SHIM -> neck.shim(from);
            case HEEL_SANDING -> neck.sanding(from);
            case NECK_RESET -> neck.reset(from);
            case BACK_SLIP -> neck.backSlip(from);
            case SAW_AND_BOLT -> neck.sawAndBolt(from);
            case SLIDE -> strings.slide(from);
            default -> throw new IllegalArgumentException("taken before: " + id);
        };
    }
}
