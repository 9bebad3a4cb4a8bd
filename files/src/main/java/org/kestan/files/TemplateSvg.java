package org.kestan.files;

import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.kestan.words.BenchUnit;
import org.kestan.words.Words;
import org.kestan.work.template.Ink;
import org.kestan.work.template.Ink.Point;
import org.kestan.work.template.Template;

/** A true-size template as SVG: a user unit is a millimetre, so that vector programs open it at its size. */
public final class TemplateSvg {

    private static final double MARGIN = 5;
    private static final double HEAD = 16;

    private static final Words SAID = Words.in(BenchUnit.MILLIMETRES);

    private final XMLStreamWriter xml;

    private TemplateSvg(XMLStreamWriter xml) {
        this.xml = xml;
    }

    /** Writes a template with its scale bars. */
    public static String write(Template template) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(text);
            new TemplateSvg(xml).draw(template);
            xml.close();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException("a string can always be written to", impossible);
        }
        return text.toString();
    }

    private void draw(Template template) throws XMLStreamException {
        double barsTop = MARGIN + HEAD + template.height() + 6;
        double width = Math.max(template.width(), ScaleBars.IMPERIAL + 14) + 2 * MARGIN;
        double height = barsTop + ScaleBars.HEIGHT + MARGIN;
        xml.writeStartDocument("UTF-8", "1.0");
        xml.writeStartElement("svg");
        xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
        xml.writeAttribute("width", number(width) + "mm");
        xml.writeAttribute("height", number(height) + "mm");
        xml.writeAttribute("viewBox", "0 0 " + number(width) + " " + number(height));
        xml.writeAttribute("fill", "none");
        xml.writeAttribute("stroke", "black");
        element("title", Words.label(template));
        element("desc", Words.more(template, "how") + " " + Words.templateCheck());
        words(new Point(MARGIN, MARGIN + 5), 5, Words.label(template));
        words(new Point(MARGIN, MARGIN + 10), 2.6, Words.more(template, "how"));
        words(new Point(MARGIN, barsTop), 2.2, Words.templateCheck());
        group("template", template.inks(), MARGIN, MARGIN + HEAD);
        group("scale", ScaleBars.at(0, 0), MARGIN, barsTop);
        xml.writeEndElement();
        xml.writeEndDocument();
    }

    /** Every point is written where it lies on the sheet: no transforms for a reader to undo. */
    private void group(String id, List<Ink> inks, double right, double down) throws XMLStreamException {
        xml.writeStartElement("g");
        xml.writeAttribute("id", id);
        for (Ink ink : inks) {
            ink.draw(new Pen(right, down));
        }
        xml.writeEndElement();
    }

    private void path(Ink.Path path, double right, double down) throws XMLStreamException {
        List<String> points = new ArrayList<>();
        for (Point point : path.points()) {
            points.add(number(point.x() + right) + " " + number(point.y() + down));
        }
        xml.writeEmptyElement("path");
        xml.writeAttribute("id", path.id());
        xml.writeAttribute("d", points.stream().collect(Collectors.joining(" L", "M", path.closed() ? " Z" : "")));
        xml.writeAttribute("stroke-width", path.style() == Ink.Style.CUT ? "0.3" : "0.15");
        switch (path.style()) {
            case EDGE -> xml.writeAttribute("stroke-dasharray", "2 1");
            case CENTRE -> xml.writeAttribute("stroke-dasharray", "3 1 0.5 1");
            case HATCH -> xml.writeAttribute("stroke", "#a8201a");
            default -> {
                // A plain line.
            }
        }
    }

    private void words(Point at, double size, String text) throws XMLStreamException {
        xml.writeStartElement("text");
        xml.writeAttribute("x", number(at.x()));
        xml.writeAttribute("y", number(at.y()));
        xml.writeAttribute("font-size", number(size));
        xml.writeAttribute("font-family", "Atkinson Hyperlegible Next, sans-serif");
        xml.writeAttribute("fill", "black");
        xml.writeAttribute("stroke", "none");
        xml.writeCharacters(text);
        xml.writeEndElement();
    }

    /** Draws with the upper left corner of a group at a place. */
    private final class Pen implements Ink.Pen<XMLStreamException> {

        private final double right;
        private final double down;

        Pen(double right, double down) {
            this.right = right;
            this.down = down;
        }

        @Override
        public void path(Ink.Path path) throws XMLStreamException {
            TemplateSvg.this.path(path, right, down);
        }

        @Override
        public void hole(Ink.Hole hole) throws XMLStreamException {
            Point centre = hole.centre().moved(right, down);
            xml.writeEmptyElement("circle");
            xml.writeAttribute("id", hole.id());
            xml.writeAttribute("cx", number(centre.x()));
            xml.writeAttribute("cy", number(centre.y()));
            xml.writeAttribute("r", number(hole.radius()));
            xml.writeAttribute("stroke-width", "0.3");
        }

        @Override
        public void words(Ink.Words words) throws XMLStreamException {
            TemplateSvg.this.words(words.at().moved(right, down), words.size(), SAID.say(words.said()));
        }
    }

    private void element(String name, String text) throws XMLStreamException {
        xml.writeStartElement(name);
        xml.writeCharacters(text);
        xml.writeEndElement();
    }

    /** Micrometres are plenty. */
    private static String number(double millimetres) {
        String text = String.format(Locale.ROOT, "%.4f", millimetres);
        return text.replaceAll("0+$", "").replaceAll("\\.$", "");
    }
}
