package org.kestan.repair.plan;

import java.util.List;
import java.util.Optional;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.correction.CorrectionSolver;
import org.kestan.analysis.correction.Drift;
import org.kestan.analysis.correction.Extension;
import org.kestan.analysis.loads.StringLoads;
import org.kestan.analysis.loads.StrungSetup;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.analysis.swing.FretCrowns;
import org.kestan.analysis.swing.Leveling;
import org.kestan.analysis.swing.StringClearance;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.lazy.Lazy;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.judgment.advice.Ways;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.Shim;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;

/**
 * The work plan for a job. If ways are taken, it carries them out; otherwise the neck is turned for whatever the
 * target asks. Each of its parts is computed once, when it is first requested.
 */
public final class WorkPlan {

    private final Ways judged;
    private final List<Way> ways;
    private final Optional<Setup> planned;
    private final Optional<HeelCut> heel;
    private final Optional<Extension> extension;

    private final Lazy<Optional<SaddlePlan>> saddle = Lazy.of(() -> SaddlePlan.of(this));
    private final Lazy<Optional<BridgePlan>> bridge = Lazy.of(() -> BridgePlan.of(this));
    private final Lazy<JointPlan> joint = Lazy.of(() -> JointPlan.of(this));
    private final Lazy<Optional<WedgePlan>> wedge = Lazy.of(() -> WedgePlan.of(this));
    private final Lazy<Optional<ProjectionPlan>> projection = Lazy.of(() -> ProjectionPlan.of(this));
    private final Lazy<Optional<Clearance>> clearance = Lazy.of(() -> Clearance.of(this));
    private final Lazy<Optional<Intonation>> intonation = Lazy.of(() -> Intonation.of(this));
    private final Lazy<Optional<ReplacementBridge>> replacement = Lazy.of(() -> ReplacementBridge.of(this));
    private final Lazy<Optional<StringLoads>> loads = Lazy.of(() -> StringLoads.of(job(), shop()));

    private WorkPlan(
            Ways judged,
            List<Way> ways,
            Optional<Setup> planned,
            Optional<HeelCut> heel,
            Optional<Extension> extension) {
        this.judged = judged;
        this.ways = List.copyOf(ways);
        this.planned = planned;
        this.heel = heel;
        this.extension = extension;
    }

    /** The plan of a job, with the ways it has taken. */
    public static WorkPlan of(Ways judged) {
        return of(judged, taken(judged.about().job()));
    }

    /** An empty plan. */
    public static WorkPlan nothing(Ways judged) {
        return new WorkPlan(judged, List.of(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** The plan for ways that are not taken; without any, nothing is planned. */
    public static WorkPlan previewing(Ways judged, List<Way> ways) {
        return ways.isEmpty() ? nothing(judged) : of(judged, ways);
    }

    /**
     * The plan of a job with some ways. A neck way that the verdict does not call for is still planned to the target,
     * since whoever asks for it has a reason; one that does not fit the joint is not.
     */
    public static WorkPlan of(Ways judged, List<Way> taken) {
        SheetAnalysis sheetAnalysis = judged.about().sheetAnalysis();
        boolean fits = taken.stream().allMatch(way -> way.fitsJoint(sheetAnalysis.job()));
        boolean byTarget = taken.isEmpty() || fits && any(taken, Effect.CUTS_HEEL);
        Optional<Setup> target = byTarget
                ? sheetAnalysis
                        .correction()
                        .map(Correction::planned)
                        .map(after -> taken.isEmpty()
                                ? after
                                : after.afterCrownTilted(Drift.crown(sheetAnalysis.job(), after.basis())))
                : Optional.empty();
        Optional<Setup> planned = taken.isEmpty()
                ? target
                : judged.combined(taken).predicted().map(StrungSetup::setup).or(() -> target);
        boolean turned = taken.isEmpty() || any(taken, Effect.TURNS_NECK);
        return new WorkPlan(
                judged,
                taken,
                planned,
                byTarget ? planned.flatMap(setup -> heel(sheetAnalysis, taken, setup)) : Optional.empty(),
                turned
                        ? planned.flatMap(setup -> CorrectionSolver.extension(
                                sheetAnalysis.job(),
                                sheetAnalysis.measured().orElseThrow(Expect.present("measured setup")),
                                setup,
                                sheetAnalysis.standards()))
                        : Optional.empty());
    }

    private static Optional<HeelCut> heel(SheetAnalysis sheetAnalysis, List<Way> taken, Setup planned) {
        Setup relieved =
                relieved(sheetAnalysis.measured().orElseThrow(Expect.present("measured setup")), planned, taken);
        double drop = Sides.mean(relieved.crown()) - Sides.mean(planned.crown());
        double rise = planned.supportHeight() - relieved.supportHeight();
        return CorrectionSolver.heel(sheetAnalysis.job(), planned.basis(), planned.rotation(), drop + rise);
    }

    /** The setup once the relief is as planned, by the rod or on the board, and everything else as measured. */
    private static Setup relieved(Setup measured, Setup planned, List<Way> taken) {
        if (planned.reliefGap() == measured.reliefGap()) {
            return measured;
        }
        return any(taken, Effect.PLANES_BOARD)
                ? measured.afterBoardPlaned(planned.reliefGap())
                : measured.afterRelief(planned.reliefGap());
    }

    /**
     * How much comes off the frets after everything else (§3.23); empty if single frets were not read, or nothing has
     * to.
     */
    public Optional<Leveling> leveling() {
        return planned.filter(setup -> FretCrowns.areRead(setup, job()))
                .map(setup -> {
                    double fall = extension().map(Extension::fall).orElse(FretCrowns.fall(job()));
                    return StringClearance.of(sheetAnalysis(), setup, fall, StringClearance.hand(job()))
                            .map(StringClearance::leveling)
                            .orElseGet(() -> StringClearance.leveling(
                                    sheetAnalysis(), setup, FretCrowns.of(setup, job(), fall), fall));
                })
                .filter(each -> each.off().stream().anyMatch(off -> off.off() >= Tolerances.SHOWN));
    }

    /** Returns the setup once the relief is right and everything else as measured; empty if nothing is planned. */
    Optional<Setup> relieved() {
        return planned.map(after -> relieved(measured().orElseThrow(Expect.present("measured setup")), after, ways));
    }

    /** Returns the plan as a correction at neck and heel; empty if nothing is planned. */
    public Optional<Correction> correction() {
        return planned.map(after -> new Correction(
                sheetAnalysis().trajectory().orElseThrow(Expect.present("complete sheet")),
                relieved().orElseThrow(Expect.present("relieved setup")),
                after,
                sheetAnalysis()
                        .trajectory()
                        .orElseThrow(Expect.present("complete sheet"))
                        .sinkTaken(shop()),
                heel,
                extension,
                sheetAnalysis().assumed()));
    }

    private static boolean any(List<Way> ways, Effect effect) {
        return ways.stream().anyMatch(way -> way.has(effect));
    }

    /** Returns what follows from the job before anything is judged. */
    public SheetAnalysis sheetAnalysis() {
        return judged.about().sheetAnalysis();
    }

    /** Returns the job. */
    public Job job() {
        return sheetAnalysis().job();
    }

    /** Returns the shop's standards. */
    public ShopStandards shop() {
        return sheetAnalysis().standards();
    }

    /** Returns the ways taken, in working order; none for a plan by the target alone. */
    public List<Way> ways() {
        return ways;
    }

    /** Returns the setup as measured; empty if the sheet is not complete enough. */
    public Optional<Setup> measured() {
        return sheetAnalysis().measured();
    }

    /** Returns the resulting setup; empty if the sheet or the target is not complete enough. */
    public Optional<Setup> planned() {
        return planned;
    }

    /** Returns the heel cut; empty if no wood is removed, or the heel was not read. */
    public Optional<HeelCut> heel() {
        return heel;
    }

    /** Returns the fretboard past the joint; empty if the neck stays, or it was not read. */
    public Optional<Extension> extension() {
        return extension;
    }

    /** Returns the plan for the saddle; empty for a floating bridge or if nothing is planned. */
    public Optional<SaddlePlan> saddle() {
        return saddle.get();
    }

    /** Returns the plan for the bridge; empty if nothing is planned. */
    public Optional<BridgePlan> bridge() {
        return bridge.get();
    }

    /** Returns the plan for the neck joint. */
    public JointPlan joint() {
        return joint.get();
    }

    /** Returns the wedge under the extension; empty if the neck stays or the extension was not read. */
    public Optional<WedgePlan> wedge() {
        return wedge.get();
    }

    /** Returns what the straightedge must show; empty if nothing is planned. */
    public Optional<ProjectionPlan> projection() {
        return projection.get();
    }

    /** Returns the clearance over an obstacle; empty if there is none, or nothing is planned. */
    public Optional<Clearance> clearance() {
        return clearance.get();
    }

    /** Returns the effect of the work on intonation; empty if nothing is planned. */
    public Optional<Intonation> intonation() {
        return intonation.get();
    }

    /** Returns the replacement bridge compared with the present one; empty if none was read. */
    public Optional<ReplacementBridge> replacement() {
        return replacement.get();
    }

    /** Returns the strings at pitch; empty if none is known. */
    Optional<StringLoads> loads() {
        return loads.get();
    }

    /** Returns a setup of this instrument with the strings it will then have. */
    StrungSetup strung(Setup setup) {
        return StrungSetup.of(setup, job(), shop(), loads());
    }

    /** Returns the stock pocket shims, each with its result. */
    List<Shim> shims() {
        return judged.shims();
    }

    /** Returns whether the neck is planned to the whole target, so that the cards of the correction apply. */
    public boolean isCorrection() {
        return planned.isPresent() && (ways.isEmpty() || heel.isPresent());
    }

    /** Returns whether one of the ways taken has an effect on the instrument. */
    public boolean has(Effect effect) {
        return any(ways, effect);
    }

    /** Returns whether the neck is turned: by a way, or by the target if no way is taken. */
    public boolean turnsNeck() {
        return ways.isEmpty() || has(Effect.TURNS_NECK);
    }

    /** Returns the ways a job has taken, without invalid keys. */
    public static List<Way> taken(Job job) {
        return job.section(Sections.WAYS).stream()
                .flatMap(key -> WayCatalog.find(key).stream())
                .distinct()
                .toList();
    }

    /**
     * Returns a job with other ways taken. If the neck is cut and the job does not say how much saddle to leave, the
     * shop's school of projection decides, and the job's target records it, so that the plan has a single source.
     */
    public static Job take(Ways judged, List<Way> ways) {
        Job job = taking(judged.about().job(), ways);
        boolean bySchool = any(ways, Effect.CUTS_HEEL) && job.get(Aim.SADDLE).isEmpty();
        double now = judged.about()
                .measured()
                .flatMap(Setup::protrusion)
                .map(Sides::mean)
                .orElse(0.0);
        return of(judged, ways)
                .planned()
                .filter(planned -> bySchool)
                .flatMap(Setup::protrusion)
                .filter(out -> Math.abs(Sides.mean(out) - now) > Tolerances.SAME)
                .map(out -> job.with(Aim.SADDLE, Length.toMicrometer(Sides.mean(out))))
                .orElse(job);
    }

    /** Returns a job with other ways taken; without any, it is planned by its target alone. */
    public static Job taking(Job job, List<Way> ways) {
        return job.with(Sections.WAYS, ways.stream().map(Way::key).toList());
    }
}
