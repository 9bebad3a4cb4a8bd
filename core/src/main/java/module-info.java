/** The computation: no files, no screens, no databases. */
@SuppressWarnings({"requires-automatic", "requires-transitive-automatic"})
module org.kestan.core {
    requires static transitive java.compiler;
    requires hipparchus.core;
    requires static io.soabase.recordbuilder.core;

    exports org.kestan.dossier;
    exports org.kestan.following.correction;
    exports org.kestan.following.figures;
    exports org.kestan.following.loads;
    exports org.kestan.following.neck;
    exports org.kestan.following.questions;
    exports org.kestan.following.reckoning;
    exports org.kestan.following.setup;
    exports org.kestan.following.swing;
    exports org.kestan.following.trajectory;
    exports org.kestan.following.uncertainty;
    exports org.kestan.ground.finding;
    exports org.kestan.ground.geometry;
    exports org.kestan.ground.lazy;
    exports org.kestan.ground.notation;
    exports org.kestan.ground.sheet;
    exports org.kestan.ground.standards;
    exports org.kestan.ground.strings;
    exports org.kestan.job;
    exports org.kestan.job.bench;
    exports org.kestan.job.gauge;
    exports org.kestan.job.pictures;
    exports org.kestan.job.section;
    exports org.kestan.job.strings;
    exports org.kestan.job.taking;
    exports org.kestan.job.terms;
    exports org.kestan.job.tree;
    exports org.kestan.job.visits;
    exports org.kestan.job.ways;
    exports org.kestan.judgement.advice;
    exports org.kestan.judgement.counter;
    exports org.kestan.judgement.kit;
    exports org.kestan.judgement.verdict;
    exports org.kestan.judgement.way;
    exports org.kestan.judgement.ways;
    exports org.kestan.words;
    exports org.kestan.work.heel;
    exports org.kestan.work.history;
    exports org.kestan.work.memory;
    exports org.kestan.work.moves;
    exports org.kestan.work.plan;
    exports org.kestan.work.sideview;
    exports org.kestan.work.steps;
    exports org.kestan.work.proof;
    exports org.kestan.job.proof;
    exports org.kestan.work.template;
}
