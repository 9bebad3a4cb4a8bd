package org.kestan.ledger;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.kestan.files.results.JsonText;
import org.kestan.job.tree.Tree;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/** The contents of a ledger as JSON for other programs. */
public final class LedgerJson {

    private LedgerJson() {}

    /** Prints a list of jobs. */
    public static String list(List<JobCard> cards) {
        return JsonText.print(
                new Tree.Items(cards.stream().<Tree>map(LedgerJson::card).toList()));
    }

    private static Tree.Entries card(JobCard card) {
        Tree.Draft draft = new Tree.Draft()
                .put("id", Tree.text(card.id()))
                .put("name", Tree.text(card.name()))
                .put("owner", Tree.text(card.owner()))
                .put("station", Tree.text(card.station().key()))
                .put("waitsFor", Tree.text(Wording.in(BenchUnit.MILLIMETERS).say(card.waitsFor())))
                .put("shelf", Tree.text(card.shelf().key()))
                .put("createdAt", Tree.text(card.createdAt().toString()))
                .put("changedAt", Tree.text(card.changedAt().toString()));
        card.due().ifPresent(day -> draft.put("due", Tree.text(day.toString())));
        return draft.entries();
    }

    /** Prints a list of names. */
    public static String names(List<String> names) {
        return JsonText.print(new Tree.Items(names.stream().map(Tree::text).toList()));
    }

    /**
     * Prints what was restored.
     *
     * @param aside where the former content was moved; empty if there was none
     */
    public static String restored(Backups.Copy copy, Optional<Path> aside) {
        Tree.Draft draft = new Tree.Draft()
                .put("copy", Tree.text(copy.file().getFileName().toString()))
                .put("jobs", Tree.number(copy.jobs()));
        aside.ifPresent(
                file -> draft.put("putAside", Tree.text(file.getFileName().toString())));
        return JsonText.print(draft.entries());
    }

    /** Prints what was moved to another ledger. */
    public static String moved(LedgerMove move) {
        return JsonText.print(new Tree.Draft()
                .put("jobs", Tree.number(move.jobs()))
                .put("pictures", Tree.number(move.pictures()))
                .put("papers", Tree.number(move.papers()))
                .put(
                        "differs",
                        new Tree.Items(move.differs().stream().map(Tree::text).toList()))
                .entries());
    }
}
