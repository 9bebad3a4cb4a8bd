package org.kestan.judgment.ways;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.Standard;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.verdict.RodAdjustment;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Stage;
import org.kestan.judgment.way.TargetReset;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayFinding;
import org.kestan.judgment.way.WayTraits;

/** Planing and refretting the board, if no rod can set the relief. */
final class Refret extends Way {

    private static final Finding.Kind RIGHT = Finding.kind("way.refret.right", Distance.class);
    private static final Finding.Kind ROD_CAN = Finding.kind("way.refret.rod-can");
    private static final Finding.Kind SETS =
            Finding.kind("way.refret.sets", Distance.class, Distance.class, Distance.class, Said.class);
    private static final Finding.Kind BOARD_LEFT = Finding.kind("way.refret.board-left", Distance.class);
    private static final Finding.Kind TOO_THIN = Finding.kind("way.refret.too-thin", Distance.class);
    private static final Finding.Kind BOTH_CUTS = Finding.kind("way.refret.both-cuts", Distance.class, Distance.class);

    Refret() {
        super(WayTraits.of("refret", Stage.RELIEF, Role.MAIN)
                .irreversible()
                .costs(Standard.HOURS_REFRET, Standard.PRICE_FRET_SET, Standard.HOURS_NUT, Standard.PRICE_NUT)
                .does(Effect.PLANES_BOARD)
                .combinesWith(
                        Effect.SPENDS_SADDLE,
                        Effect.SPENDS_BRIDGE,
                        Effect.NEW_BRIDGE,
                        Effect.FITS_FLOATING_BRIDGE,
                        Effect.SHIMS_POCKET,
                        Effect.TURNS_NECK,
                        Effect.CUTS_HEEL)
                .mends(GateId.RELIEF, GateId.FRETBOARD));
    }

    /** If the relief has to be set and no rod can do it. */
    @Override
    public boolean worthTrying(JudgmentContext context, Setup measured) {
        RodAdjustment rod = RodAdjustment.at(measured, context.job(), context.shop());
        return context.job().visit().knowsRelief() && rod.needed() && !rod.can();
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        RodAdjustment rod = RodAdjustment.at(from, about.job(), about.shop());
        Distance now = Quantity.fine(from.reliefGap());
        if (!rod.needed()) {
            return noNeed(from, RIGHT.of(now));
        }
        if (rod.can()) {
            return noNeed(from, ROD_CAN.of());
        }
        Setup after = from.afterBoardPlaned(rod.aim());
        double planed = from.basis().fretsOverTop() - after.basis().fretsOverTop();
        List<Finding> reasons = new ArrayList<>();
        reasons.add(SETS.of(now, Quantity.fine(rod.aim()), Quantity.fine(planed), JudgmentContext.action(after)));
        thinnest(about, planed).ifPresent(reasons::add);
        bothCuts(about, from, after).ifPresent(reasons::add);
        Outcome can = can(after, reasons);
        return about.collectible() ? can.asNot(WayFinding.COLLECTIBLE_NOTHING_CUT.of()) : can;
    }

    /** How thick planing leaves the board at its thinnest. */
    private static Optional<Finding> thinnest(JudgmentContext about, double planed) {
        return about.job().get(Lines.BOARD_THICKNESS).orElse(List.of()).stream()
                .map(row -> Math.min(row.millimeters("bass"), row.millimeters("treble")) - planed)
                .min(Double::compare)
                .map(left -> (left < about.shop(Standard.BOARD_LEAST) ? TOO_THIN : BOARD_LEFT).of(Quantity.fine(left)));
    }

    /** The heel cut after that, and the heel cut with the relief as it is. */
    private static Optional<Finding> bothCuts(JudgmentContext about, Setup from, Setup planed) {
        return about.length(Reading.HEEL_HEIGHT).isEmpty()
                ? Optional.empty()
                : cut(about, planed).flatMap(then -> cut(about, from).map(otherwise -> BOTH_CUTS.of(then, otherwise)));
    }

    private static Optional<Distance> cut(JudgmentContext about, Setup from) {
        double heel = about.length(Reading.HEEL_HEIGHT).orElseThrow(Expect.present("heel height"));
        return TargetReset.by(TargetReset.chosen(about), about, from)
                .map(after -> Quantity.fine(
                        heel * after.rotation().minus(from.rotation()).tan()));
    }
}
