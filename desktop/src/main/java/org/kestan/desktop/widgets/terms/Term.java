package org.kestan.desktop.widgets.terms;

import org.kestan.desktop.messages.Messages;

/** A term of the trade and what it means here. */
public enum Term {
    ACTION(Messages.message("term.action"), Messages.message("term.height-from-a-frets")),
    BREAK_ANGLE(Messages.message("term.break-angle"), Messages.message("term.how-sharply-the-string")),
    BRIDGE(Messages.message("term.bridge"), Messages.message("term.its-thickness-at-the")),
    CHEEKS(Messages.message("term.cheeks"), Messages.message("term.the-two-faces-of")),
    EXTENSION(Messages.message("term.extension"), Messages.message("term.the-part-of-the")),
    FRET_LINE(Messages.message("term.fret-line"), Messages.message("term.the-line-of-a")),
    HEEL(Messages.message("term.heel"), Messages.message("term.its-height-runs-from")),
    HEEL_CUT(Messages.message("term.heel-cut"), Messages.message("term.what-goes-from-the")),
    LEVELLING(Messages.message("term.levelling"), Messages.message("term.what-comes-off-which")),
    NECK_PROFILE(Messages.message("term.neck-profile"), Messages.message("term.the-relief-fret-by")),
    NECK_PITCH(Messages.message("term.neck-pitch"), Messages.message("term.angle-between-fret-line")),
    NUT(Messages.message("term.nut"), Messages.message("term.string-over-fret-1")),
    PROJECTION(Messages.message("term.projection"), Messages.message("term.where-the-fret-line")),
    PROTRUSION(Messages.message("term.saddle-left"), Messages.message("term.how-far-the-saddle")),
    RELIEF(Messages.message("term.relief"), Messages.message("term.how-far-the-frets")),
    ROOM_TO_SWING(Messages.message("term.room-to-swing"), Messages.message("term.how-far-a-plucked")),
    SADDLE_DROP(Messages.message("term.saddle-drop"), Messages.message("term.what-the-saddle-crown")),
    SIDE_DRIFT(Messages.message("term.side-drift"), Messages.message("term.how-far-at-the")),
    SINK(Messages.message("term.sink"), Messages.message("term.slack-projection-minus-strung")),
    SUPPORT_HEIGHT(Messages.message("term.support-height"), Messages.message("term.soundboard-to-saddle-crown")),
    TAIL(Messages.message("term.behind-the-saddle"), Messages.message("term.where-the-strings-go"));

    private final String word;
    private final String meaning;

    Term(String word, String meaning) {
        this.word = word;
        this.meaning = meaning;
    }

    /** Returns the word. */
    public String word() {
        return word;
    }

    /** Returns what it means, in a sentence or two. */
    public String meaning() {
        return meaning;
    }
}
