package org.kestan.repair.picture;

import java.util.List;
import java.util.Optional;
import org.kestan.base.sheet.Side;
import org.kestan.repair.drag.Handle;
import org.kestan.repair.picture.Picture.Point;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;

/**
 * A handle of the plan. Its height in its loupe is what {@link org.kestan.repair.drag.PlanDrag} takes: the action over
 * the crown, the saddle's crown or the fret line over the soundboard.
 *
 * @param at its place, in the loupe's coordinates
 */
public record Grip(Handle handle, Loupe loupe, Point at) {

    private static final double APART = 2.6;
    private static final double BEFORE_BRIDGE = 12;

    /** All handles; none if nothing is planned. */
    public static List<Grip> of(SideView view) {
        Optional<SideProfile> planned = view.outcome().profile();
        if (planned.isEmpty()) {
            return List.of();
        }
        SideProfile plan = planned.get();
        double fret = view.frets().at(view.marks().action());
        double saddle = plan.saddle();
        return List.of(
                new Grip(Handle.ACTION_BASS, Loupe.ACTION_FRET, new Point(-APART, plan.actionAt(Side.BASS, fret))),
                new Grip(Handle.ACTION_TREBLE, Loupe.ACTION_FRET, new Point(APART, plan.actionAt(Side.TREBLE, fret))),
                new Grip(
                        Handle.SADDLE_CROWN,
                        Loupe.BRIDGE,
                        new Point(0, (plan.stringAt(Side.BASS, saddle) + plan.stringAt(Side.TREBLE, saddle)) / 2)),
                new Grip(Handle.FRET_LINE, Loupe.BRIDGE, new Point(-BEFORE_BRIDGE, plan.projection())));
    }
}
