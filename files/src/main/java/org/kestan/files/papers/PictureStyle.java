package org.kestan.files.papers;

import java.awt.Color;
import java.util.Optional;
import org.kestan.repair.picture.Picture.Moment;
import org.kestan.repair.picture.Picture.Part;
import org.kestan.repair.picture.Picture.Shape;

/**
 * The style of a shape on paper, readable without color.
 *
 * @param fill empty for an open shape, or one that is only an outline
 * @param line color of the line
 * @param width of the line, in points of a page
 * @param dashed whether the line is broken: what is planned
 * @param hatched whether it is hatched: what goes
 */
record PictureStyle(Optional<Color> fill, Color line, float width, boolean dashed, boolean hatched) {

    private static final Color INK = new Color(0x16, 0x23, 0x2e);
    private static final Color GREEN = new Color(0x1b, 0x64, 0x40);
    private static final Color RED = new Color(0xa3, 0x1f, 0x1f);
    private static final Color EDGE = new Color(0x7d, 0x74, 0x63);
    private static final Color WOOD = new Color(0xf1, 0xeb, 0xdf);
    private static final Color DARK_WOOD = new Color(0xdd, 0xd2, 0xbd);
    private static final Color METAL = new Color(0xc9, 0xcf, 0xd4);
    private static final Color GLUE = new Color(0xe6, 0xb4, 0x4c);
    private static final Color PALE = new Color(0xfb, 0xf3, 0xdd);

    static PictureStyle of(Shape shape) {
        if (shape.moment() == Moment.AFTER && shape.part() != Part.WOOD_TO_REMOVE && shape.part() != Part.WOOD_TO_ADD) {
            boolean string = shape.part() == Part.STRING_BASS || shape.part() == Part.STRING_TREBLE;
            return new PictureStyle(Optional.empty(), GREEN, 1.1f, !(string && shape.closed()), false);
        }
        return switch (shape.part()) {
            case BODY, NECK, HEADSTOCK, HEEL -> filled(WOOD, EDGE);
            case SOUNDBOARD -> shape.closed() ? filled(WOOD, INK) : open(INK, 1);
            case BOARD -> shape.closed() ? filled(DARK_WOOD, INK) : open(INK, 1.4f);
            case BRIDGE, CAUL, OBSTACLE -> filled(DARK_WOOD, INK);
            case SADDLE, NUT, HEEL_CAP, PIN, PAPER -> filled(Color.WHITE, INK);
            case CROWN, BOLT -> shape.closed() ? filled(METAL, INK) : open(INK, 1.4f);
            case TOOL, BLADE, CLAMP -> filled(METAL, INK);
            case SHIM, LEAF -> filled(PALE, INK);
            case GLUE -> filled(GLUE, EDGE);
            case HOLE -> filled(Color.WHITE, INK);
            case DUST -> filled(EDGE, EDGE);
            case BAND -> filled(new Color(0xdc, 0xee, 0xe2), new Color(0xdc, 0xee, 0xe2));
            case WOOD_TO_REMOVE -> new PictureStyle(Optional.empty(), RED, 1, false, true);
            case WOOD_TO_ADD -> new PictureStyle(Optional.empty(), RED, 1, true, false);
            case OTHER_CHEEK, HEAT, MARK -> open(RED, 1);
            case STEAM -> open(new Color(0x2a, 0x5c, 0x8f), 1);
            case ARROW -> shape.closed() ? filled(INK, INK) : open(INK, 1.2f);
            case STRAIGHTEDGE ->
                shape.moment() == Moment.SLACK
                        ? filled(PALE, EDGE)
                        : new PictureStyle(Optional.empty(), EDGE, 0.8f, true, false);
            case FRET_LINE -> new PictureStyle(Optional.empty(), INK, 0.8f, true, false);
            case STRING_BASS, STRING_TREBLE -> shape.closed() ? filled(INK, INK) : open(INK, 0.9f);
            case FRET, SOUNDHOLE, CUTAWAY, TAILPIECE -> open(EDGE, 0.8f);
        };
    }

    private static PictureStyle filled(Color fill, Color line) {
        return new PictureStyle(Optional.of(fill), line, 0.7f, false, false);
    }

    private static PictureStyle open(Color line, float width) {
        return new PictureStyle(Optional.empty(), line, width, false, false);
    }
}
