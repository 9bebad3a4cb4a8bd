package org.kestan.desktop.widgets.elevation;

import java.util.List;
import java.util.stream.Stream;
import org.kestan.base.sheet.Side;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;

/**
 * From the instrument's millimeters to pixels.
 *
 * @param left pixel of the nut end
 * @param baseline pixel row of the soundboard plane
 * @param along pixels per mm along the instrument
 * @param heightFactor how much heights over the soundboard are exaggerated against the length
 * @param heelFactor how much the heel is shrunk against the length, 1 for true proportion
 * @param wedgeFactor how much the wedge's thickness is exaggerated against the heel
 */
record ViewScale(
        double left, double baseline, double along, double heightFactor, double heelFactor, double wedgeFactor) {

    static final double SIDE_MARGIN = 34;
    static final double TOP_MARGIN = 32;

    /** The heel has at least this share of the height, or what its true proportion takes. */
    private static final double HEEL_SHARE = 0.4;

    /** Millimeters drawn in front of the nut end. */
    private static final double BEFORE_NUT = 14;

    /** Millimeters drawn behind the end of the strings. */
    private static final double BEHIND = 42;

    /** Millimeters of body drawn below the soundboard where the heel was not read. */
    private static final double BODY_DEPTH = 60;

    /** The wedge's thickness is exaggerated up to about this many pixels. */
    private static final double WEDGE_PIXELS = 40;

    private static final List<Double> WEDGE_FACTORS = List.of(20.0, 15.0, 10.0, 8.0, 5.0, 4.0, 3.0, 2.0, 1.0);

    /**
     * The scale at which a view fits into a space.
     *
     * @param candidates set-ups drawn beside what the view has
     * @param below pixels kept free under the drawing
     * @param asked the height factor wanted, 0 for the largest that fits
     */
    static ViewScale fit(
            SideView view, List<SideProfile> candidates, double width, double height, double below, double asked) {
        double length = view.end().position() + BEHIND + BEFORE_NUT;
        double along = Math.max(0.05, (width - 2 * SIDE_MARGIN) / length);
        double left = SIDE_MARGIN + BEFORE_NUT * along;
        double room = Math.max(30, height - TOP_MARGIN - below);
        double top = highest(view, candidates);
        double under = lowest(view, candidates);
        double depth = view.heelHeight().orElse(BODY_DEPTH);
        double leastHeel = Math.min(depth * along, room * HEEL_SHARE);
        double factor = ElevationView.FACTORS.stream()
                .filter(each -> asked <= 0 || each <= asked)
                .filter(each -> top * each * along + Math.max(leastHeel, under * each * along) <= room)
                .findFirst()
                .orElse(Math.min(1, (room - leastHeel) / Math.max(1, top * along)));
        // What the heights leave goes to the heel, up to its true proportion; the rest is shared out over and under.
        double heelFactor = Math.min(1, (room - top * factor * along) / (depth * along));
        double drawn = Math.max(depth * along * heelFactor, under * factor * along);
        double baseline = TOP_MARGIN + top * factor * along + Math.max(0, room - top * factor * along - drawn) / 2;
        double heel = depth * along * heelFactor;
        double wedge = view.outcome().heel().map(cut -> Math.abs(cut.atCap())).orElse(0.0) * along * heelFactor;
        double widest = Math.min(WEDGE_PIXELS, Math.max(8, heel * 0.6));
        double wedgeFactor = WEDGE_FACTORS.stream()
                .filter(each -> wedge * each <= widest)
                .findFirst()
                .orElse(1.0);
        return new ViewScale(left, baseline, along, factor, heelFactor, wedgeFactor);
    }

    private static double highest(SideView view, List<SideProfile> candidates) {
        double bridge = Math.max(view.end().height(), 12);
        return profiles(view, candidates)
                .flatMap(profile -> Stream.of(Side.values())
                        .flatMap(side -> Stream.of(profile.stringAt(side, 0), profile.stringAt(side, view.saddle()))))
                .reduce(bridge, Math::max);
    }

    private static double lowest(SideView view, List<SideProfile> candidates) {
        return -profiles(view, candidates)
                .map(profile -> profile.crownAt(0) - profile.fretsOverTop())
                .reduce(0.0, Math::min);
    }

    private static Stream<SideProfile> profiles(SideView view, List<SideProfile> candidates) {
        return Stream.of(view.measured().stream(), view.outcome().profile().stream(), candidates.stream())
                .flatMap(each -> each);
    }

    /** Pixel column of a position along the instrument. */
    double x(double millimeters) {
        return left + millimeters * along;
    }

    /** Pixel row of a height over the soundboard. */
    double y(double height) {
        return baseline - height * along * heightFactor;
    }

    /** Pixel row of a depth below the pivot of the heel. */
    double depth(double millimeters) {
        return baseline + millimeters * along * heelFactor;
    }

    /** Pixels of a wedge thickness at the heel. */
    double wedge(double millimeters) {
        return millimeters * along * heelFactor * wedgeFactor;
    }

    /** Position along the instrument of a pixel column, mm. */
    double positionAt(double x) {
        return (x - left) / along;
    }

    /** Height over the soundboard of a pixel row, mm. */
    double heightAt(double y) {
        return (baseline - y) / (along * heightFactor);
    }
}
