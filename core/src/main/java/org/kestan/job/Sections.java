package org.kestan.job;

import java.util.List;
import java.util.Optional;
import org.kestan.job.bench.Bag;
import org.kestan.job.bench.BagSection;
import org.kestan.job.bench.DiaryEntry;
import org.kestan.job.bench.DiarySection;
import org.kestan.job.bench.FootFit;
import org.kestan.job.bench.FootFitSection;
import org.kestan.job.bench.HeelEntry;
import org.kestan.job.bench.HeelLogSection;
import org.kestan.job.bench.StepMark;
import org.kestan.job.bench.StepMarkSection;
import org.kestan.job.bench.Trim;
import org.kestan.job.bench.TrimSection;
import org.kestan.job.bench.Wait;
import org.kestan.job.bench.WaitSection;
import org.kestan.job.parts.Part;
import org.kestan.job.parts.PartsSection;
import org.kestan.job.pictures.Photo;
import org.kestan.job.pictures.PicturesSection;
import org.kestan.job.proof.Prediction;
import org.kestan.job.proof.PredictionSection;
import org.kestan.job.section.LinesSection;
import org.kestan.job.section.Section;
import org.kestan.job.section.Values;
import org.kestan.job.strings.StringSpec;
import org.kestan.job.strings.StringsSection;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Visits;
import org.kestan.job.visits.VisitsSection;
import org.kestan.job.ways.WaysSection;
import org.kestan.job.week.Pin;
import org.kestan.job.week.PinSection;
import org.kestan.job.week.PrioritySection;

/** The sections a job is made of. */
public final class Sections {

    /** The lasting properties of the instrument. */
    public static final Section<Values> INSTRUMENT = new LinesSection("instrument", Lines.OF_INSTRUMENT);

    /** The string set. */
    public static final Section<List<StringSpec>> STRINGS = new StringsSection("strings", "instrument.strings");

    /** The questions at intake. */
    public static final Section<Values> INTAKE = new LinesSection("intake", Lines.OF_INTAKE);

    /** The promise to the owner. */
    public static final Section<Values> PROMISE = new LinesSection("promised", Lines.OF_PROMISE);

    /** The parts it needs. */
    public static final Section<List<Part>> PARTS = new PartsSection();

    /** Steps pinned to a day. */
    public static final Section<List<Pin>> PINS = new PinSection();

    /** Its priority. */
    public static final Section<Optional<Integer>> PRIORITY = new PrioritySection();

    /** The visits. */
    public static final Section<Visits> VISITS = new VisitsSection();

    /** The targets. Whatever is left out stays as it is. */
    public static final Section<Values> TARGET = new LinesSection("target", Lines.OF_TARGET);

    /** The set wanted instead of the present one; empty if the present one stays. */
    public static final Section<List<StringSpec>> WANTED_STRINGS =
            new StringsSection("wanted-strings", "target.strings");

    /** The ways taken into the plan. */
    public static final Section<List<String>> WAYS = new WaysSection();

    /** The heel log. */
    public static final Section<List<HeelEntry>> HEEL_LOG = new HeelLogSection();

    /** The finished and skipped steps. */
    public static final Section<List<StepMark>> STEPS = new StepMarkSection();

    /** The waits that were started. */
    public static final Section<List<Wait>> WAITS = new WaitSection();

    /** The bagged parts. */
    public static final Section<List<Bag>> BAGS = new BagSection();

    /** Where the feet of a floating bridge touched. */
    public static final Section<List<FootFit>> FOOT_FIT = new FootFitSection();

    /** The heights of saddle or bridge during trimming. */
    public static final Section<List<Trim>> TRIMS = new TrimSection();

    /** The bench diary, which only grows. */
    public static final Section<List<DiaryEntry>> DIARY = new DiarySection();

    /** The sign-off. */
    public static final Section<Values> PROOF = new LinesSection("proof", Lines.OF_PROOF);

    /** The prediction for the work. */
    public static final Section<Optional<Prediction>> PREDICTION = new PredictionSection();

    /** The pictures. */
    public static final Section<List<Photo>> PHOTOS = new PicturesSection();

    /** All sections, in file order. */
    public static final List<Section<?>> ALL = List.of(
            INSTRUMENT,
            STRINGS,
            INTAKE,
            PROMISE,
            PARTS,
            PINS,
            PRIORITY,
            VISITS,
            TARGET,
            WANTED_STRINGS,
            WAYS,
            STEPS,
            WAITS,
            HEEL_LOG,
            FOOT_FIT,
            TRIMS,
            BAGS,
            DIARY,
            PROOF,
            PREDICTION,
            PHOTOS);

    private Sections() {}
}
