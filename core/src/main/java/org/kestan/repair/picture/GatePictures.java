package org.kestan.repair.picture;

import java.util.List;
import org.kestan.judgment.verdict.GateId;
import org.kestan.repair.picture.Picture.Frame;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;

/** The pictures of the gates: what each looks at, as it is now. */
public final class GatePictures {

    private static final double UNREAD_HEEL = 92;
    private static final double OVER = 14;

    private GatePictures() {}

    /** The place of the instrument a gate is about. */
    public static Picture of(GateId gate, SideView view) {
        SideView now = view.withoutPlan();
        return switch (gate) {
            case RELIEF -> seen(Loupe.NECK, now);
            case NUT -> seen(Loupe.FIRST_FRET, now);
            case ACTION -> seen(Loupe.ACTION_FRET, now);
            case SADDLE, BREAK_ANGLE, BRIDGE -> seen(Loupe.BRIDGE, now);
            case PITCH -> part(now, -190, 90, -60, 24);
            case FRETBOARD -> part(now, now.joint() - 60, now.fretboardEnd() + 45, -25, OVER * 1.4);
            case CLEARANCE -> part(now, now.fretboardEnd() - 10, now.saddle() + 30, -25, bridge(now) + OVER);
            case SOUNDNESS -> part(now, now.joint() - 20, now.saddle() + 60, -heel(now), bridge(now) + OVER);
            case NECK_PITCH -> part(now, now.joint() - 160, now.saddle() + 30, -heel(now) - 4, bridge(now) + OVER);
            case WORTH -> WholePicture.of(now);
        };
    }

    private static Picture seen(Loupe loupe, SideView view) {
        return LoupePictures.of(loupe, view, List.of());
    }

    private static double heel(SideView view) {
        return view.heelHeight().orElse(UNREAD_HEEL);
    }

    private static double bridge(SideView view) {
        return view.measured().map(SideProfile::bridgeTop).orElse(10.0);
    }

    private static Picture part(SideView view, double left, double right, double bottom, double top) {
        Picture whole = WholePicture.of(view);
        return new Picture(whole.shapes(), new Frame(left, bottom, right, top), 1);
    }
}
