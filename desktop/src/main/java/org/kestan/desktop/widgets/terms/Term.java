package org.kestan.desktop.widgets.terms;

/** A word of the trade and what it means here. */
public enum Term {
    ACTION(
            "Action",
            "Height from a fret\u2019s crown to the underside of the open string, normally at fret 12, bass and treble side."),
    BREAK_ANGLE(
            "Break angle",
            "How sharply the string bends over the saddle: the angle behind it and the angle in front, added up."),
    BRIDGE(
            "Bridge",
            "Its thickness at the saddle, or for a floating bridge its whole height. About 3/8 in is full; a large body sounds thin under 9/32 in; under 1/4 in it has already been cut (common practice)."),
    CHEEKS(
            "Cheeks",
            "The two faces of the heel that meet the body\u2019s sides. Wood goes from them to change the neck angle."),
    EXTENSION(
            "Extension",
            "The part of the fretboard past the body joint. Fall-away is how far its last fret lies below the fret line; negative when it rises."),
    FRET_LINE(
            "Fret line",
            "The line of a straightedge laid along the frets, from the crown of fret 1 to the crown of the joint fret, carried on to the bridge."),
    HEEL("Heel", "Its height runs from the underside of the fretboard, the pivot, down to the heel cap."),
    HEEL_CUT(
            "Heel cut",
            "What goes from the heel at its cap so that the neck turns about the underside of the fretboard. Nothing goes at the top, in proportion between."),
    LEVELLING(
            "Levelling",
            "What comes off which fret so that all crowns lie in one smooth line of the wanted relief, with the least taken off in all."),
    NECK_PROFILE(
            "Neck profile",
            "The relief fret by fret: gaps under a straightedge on the frets, or the strings\u2019 heights over them, and the curve through these."),
    NECK_PITCH("Neck pitch", "Angle between fret line and soundboard: positive is set back, then zero, then negative."),
    NUT(
            "Nut",
            "String over fret 1, open. Too high stiffens the playing and sharpens the first frets; lower than the frets, it buzzes."),
    PROJECTION(
            "Projection",
            "Where the fret line arrives at the bridge, as a height over the soundboard at the bridge\u2019s front edge. Read strung and slack."),
    PROTRUSION("Saddle left", "How far the saddle stands out of the bridge, bass and treble."),
    RELIEF("Relief", "How far the frets dip below a straight line held from a low fret to one near the body."),
    ROOM_TO_SWING(
            "Room to swing",
            "How far a plucked string stays clear of every higher fret, by its tension, the hand, the neck\u2019s curve and the action."),
    SADDLE_DROP(
            "Saddle drop",
            "What the saddle crown must come down against the fret line: by lowering the crown or by raising the fret line. Very nearly twice the change of action at fret 12."),
    SIDE_DRIFT(
            "Side drift",
            "How far, at the bridge, the fretboard\u2019s center line lands from the bridge\u2019s center, and toward which side."),
    SINK("Sink", "Slack projection minus strung projection: how far the body folds up under string load."),
    SUPPORT_HEIGHT(
            "Support height",
            "Soundboard to saddle crown: bridge thickness and protrusion together, or the whole height of a floating bridge."),
    TAIL(
            "Behind the saddle",
            "Where the strings go after the saddle: down into the bridge at the pins, or back to a tailpiece. It decides the break angle.");

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
