package org.kestan.overview;

import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.figures.DecidingFigures;
import org.kestan.analysis.figures.Figure;
import org.kestan.analysis.questions.Question;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.analysis.sheet.WithheldFigures;
import org.kestan.analysis.trajectory.Trajectory;
import org.kestan.analysis.uncertainty.NextGap;
import org.kestan.analysis.uncertainty.Uncertainty;
import org.kestan.base.finding.Fault;
import org.kestan.base.lazy.Lazy;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.advice.CloseCall;
import org.kestan.judgment.advice.DecidingCircumstance;
import org.kestan.judgment.advice.Recommendation;
import org.kestan.judgment.advice.SchoolPlan;
import org.kestan.judgment.advice.Ways;
import org.kestan.judgment.verdict.Gate;
import org.kestan.judgment.verdict.Verdict;
import org.kestan.judgment.way.Way;
import org.kestan.repair.holding.Growth;
import org.kestan.repair.holding.HoldingTime;
import org.kestan.repair.plan.PlanFigure;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.proof.Proof;
import org.kestan.repair.sideview.SideView;

/**
 * Everything that follows from a job in a shop: each part is computed once, when it is first requested. Immutable to
 * its readers and thread-safe, so slow parts may be requested off the window's thread.
 */
public final class JobAnalysis {

    /** As many as are edited and saved side by side. */
    private static final int REMEMBERED = 4;

    private static final Deque<Opened> LATEST = new ArrayDeque<>();

    private record Opened(Job job, ShopStandards shop, JobAnalysis analysis) {}

    private final SheetAnalysis sheetAnalysis;
    private final Lazy<List<Question>> questions;
    private final Lazy<List<Gate>> gates;
    private final Ways ways;
    private final Lazy<Recommendation> recommendation;
    private final Lazy<Optional<CloseCall>> close;
    private final Lazy<Growth> growth;
    private final Lazy<List<DecidingCircumstance>> changes;
    private final Lazy<List<SchoolPlan>> schools;
    private final Lazy<List<Question>> heldBack;
    private final Lazy<WorkPlan> plan;
    private final Lazy<List<Figure>> figures;
    private final Lazy<Optional<SideView>> sideView;
    private final Lazy<Spread> spread;
    private final Lazy<StringClearances> rooms;
    private final Lazy<Proof> proof;
    private final Lazy<List<Proof.Share>> shares;
    private final Lazy<Map<Station, Station.Progress>> progress;

    /**
     * How well the figures of a job are known.
     *
     * @param correction those of the plan as a correction
     * @param plan those of the plan
     * @param nextGap the fret where one more gap would help most; empty if none would
     */
    public record Spread(
            Uncertainty correction, Map<PlanFigure, Uncertainty.Estimate> plan, Optional<NextGap> nextGap) {

        /** No uncertainties known. */
        public static final Spread NONE = new Spread(new Uncertainty(Map.of()), Map.of(), Optional.empty());
    }

    private JobAnalysis(Job job, ShopStandards shop) {
        sheetAnalysis = SheetAnalysis.of(job, shop);
        questions = Lazy.of(sheetAnalysis::questions);
        gates = Lazy.of(() -> Verdict.of(sheetAnalysis, recommendation().sought()));
        ways = Ways.of(sheetAnalysis);
        recommendation = Lazy.of(() -> Recommendation.of(ways));
        growth = Lazy.of(() -> Growth.of(job, shop));
        close = Lazy.of(() -> CloseCall.of(recommendation(), sheetAnalysis));
        changes = Lazy.of(() -> DecidingCircumstance.of(recommendation(), sheetAnalysis));
        schools = Lazy.of(() -> SchoolPlan.of(sheetAnalysis));
        heldBack = Lazy.of(() -> WithheldFigures.by(sheetAnalysis, questions()));
        plan = Lazy.of(() -> !heldBack().isEmpty()
                ? WorkPlan.nothing(ways)
                : isPreview() ? WorkPlan.previewing(ways, recommendation().ways()) : WorkPlan.of(ways));
        figures = Lazy.of(() -> DecidingFigures.of(
                sheetAnalysis,
                new DecidingFigures.Planned(
                        plan().planned(), plan().heel(), !heldBack().isEmpty())));
        sideView = Lazy.of(() -> SideView.of(plan()));
        spread = Lazy.of(() -> new Spread(
                Uncertainty.of(sheetAnalysis, this::correctionByPlan),
                PlanFigure.of(plan()),
                NextGap.of(sheetAnalysis)));
        rooms = Lazy.of(() -> StringClearances.of(this));
        // For a visit that does not exist yet, the day does not matter.
        proof = Lazy.of(() -> Proof.of(ways, LocalDate.EPOCH));
        shares = Lazy.of(() -> proof().explain(ways, LocalDate.EPOCH));
        progress = Lazy.of(this::stations);
    }

    /**
     * Opens the analysis of a job, with a shop's standards for its kind of instrument. A request for the same job as
     * just before gets the same analysis, so what is shown need not be worked out again on saving.
     */
    public static JobAnalysis of(Job job, ShopStandards shop) {
        synchronized (LATEST) {
            for (Opened each : LATEST) {
                if (each.job == job && each.shop == shop) {
                    return each.analysis;
                }
            }
        }
        JobAnalysis analysis = new JobAnalysis(job, shop.of(job.kind()).charging(job.get(Lines.RATE)));
        synchronized (LATEST) {
            if (LATEST.size() == REMEMBERED) {
                LATEST.removeLast();
            }
            LATEST.addFirst(new Opened(job, shop, analysis));
        }
        return analysis;
    }

    private Optional<Correction> correctionByPlan(SheetAnalysis as) {
        return WorkPlan.of(Ways.of(as), plan().ways()).correction();
    }

    private Map<Station, Station.Progress> stations() {
        Map<Station, Station.Progress> all = new EnumMap<>(Station.class);
        for (Station station : Station.values()) {
            all.put(station, station.progress(this));
        }
        return all;
    }

    /** Returns the job. */
    public Job job() {
        return sheetAnalysis.job();
    }

    /** Returns the shop's standards. */
    public ShopStandards shop() {
        return sheetAnalysis.standards();
    }

    /** Returns what follows from the job before anything is judged. */
    public SheetAnalysis sheetAnalysis() {
        return sheetAnalysis;
    }

    /** Returns the instrument as measured; empty if a reading it needs is missing or impossible. */
    public Optional<Trajectory> trajectory() {
        return sheetAnalysis.trajectory();
    }

    /** Returns the setup as measured; empty if there is no trajectory. */
    public Optional<Setup> measured() {
        return sheetAnalysis.measured();
    }

    /** Returns what has to change; empty if there is no trajectory or no target for the action. */
    public Optional<Correction> correction() {
        return sheetAnalysis.correction();
    }

    /** Returns what prevents trajectory or correction from being worked out, each with its place. */
    public List<Fault> faults() {
        return sheetAnalysis.faults();
    }

    /** Returns every path for which a default was used. */
    public List<String> assumed() {
        return sheetAnalysis.assumed();
    }

    /** Returns the default used for an empty line, mm; empty if there is none. */
    public OptionalDouble standIn(LengthLine line) {
        return sheetAnalysis.standIn(line);
    }

    /** Returns the readings that look implausible. */
    public List<Question> questions() {
        return questions.get();
    }

    /** Returns the gates, all of them and in order. */
    public List<Gate> gates() {
        return gates.get();
    }

    /** Returns the ways, each judged when it is first requested. */
    public Ways ways() {
        return ways;
    }

    /** Returns the recommendation. */
    public Recommendation recommendation() {
        return recommendation.get();
    }

    /** Returns what the recommendation depends on if it is close; empty if it is not. */
    public Optional<CloseCall> close() {
        return close.get();
    }

    /**
     * Returns how long the instrument holds after some ways.
     *
     * @param after the setup they lead to
     * @param cost what they cost
     * @param today the day to assume if the sheet has none
     */
    public HoldingTime holds(Setup after, Collection<Way> by, double cost, LocalDate today) {
        LocalDate day = job().visit().get(Lines.TAKEN_ON).orElse(today);
        return HoldingTime.of(job(), shop(), growth.get(), after, by, cost, day);
    }

    /** Returns the circumstances that would change the recommendation. */
    public List<DecidingCircumstance> changes() {
        return changes.get();
    }

    /** Returns the results of the schools of projection; none for a floating bridge. */
    public List<SchoolPlan> schools() {
        return schools.get();
    }

    /**
     * Returns the questions that have to be answered before anything is planned: readings outside their plausible
     * range, read only once, on which the plan depends.
     */
    public List<Question> heldBack() {
        return heldBack.get();
    }

    /** Returns whether no way is taken yet, so that the plan previews the recommended one. */
    public boolean isPreview() {
        return WorkPlan.taken(job()).isEmpty();
    }

    /**
     * Returns the plan: of the ways taken, or of the recommended ones if there are none. Nothing is planned while a
     * reading it depends on is in question.
     */
    public WorkPlan plan() {
        return plan.get();
    }

    /** Returns the deciding figures, as measured and as planned. */
    public List<Figure> figures() {
        return figures.get();
    }

    /** Returns the side elevation; empty until scale and joint fret are known. */
    public Optional<SideView> sideView() {
        return sideView.get();
    }

    /** Returns the room the strings have, now and after each stage of the work. */
    public StringClearances room() {
        return rooms.get();
    }

    /** Returns how well the figures are known. This takes longer than the rest, so call it off the window's thread. */
    public Spread spread() {
        return spread.get();
    }

    /** Returns whether {@link #spread} has been worked out. */
    public boolean spreadIsKnown() {
        return spread.isKnown();
    }

    /** Returns the work compared with its prediction. */
    public Proof proof() {
        return proof.get();
    }

    /** Returns what explains a miss of the action, as far as anything does. */
    public List<Proof.Share> shares() {
        return shares.get();
    }

    /** Returns the state of a station. */
    public Station.Progress progress(Station station) {
        return progress.get().get(station);
    }

    /** Returns the first station that is not done; the last one if all are, or if the work was signed off. */
    public Station station() {
        if (progress(Station.PROOF).stage() == Station.Stage.DONE) {
            return Station.PROOF;
        }
        for (Station station : Station.values()) {
            if (progress(station).stage() != Station.Stage.DONE) {
                return station;
            }
        }
        return Station.values()[Station.values().length - 1];
    }
}
