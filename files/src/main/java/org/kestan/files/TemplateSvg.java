package org.kestan.files;

import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.kestan.template.Mark;
import org.kestan.template.Mark.Point;
import org.kestan.template.Template;

/** A true-size template as SVG: a user unit is a millimetre, so that vector programs open it at its size. */
public final class TemplateSvg {

    private static final double MARGIN = 5;
    private static final double HEAD = 16;

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
        element("title", template.title());
        element("desc", template.how() + " " + ScaleBars.CHECK);
        words(new Mark.Words(new Point(MARGIN, MARGIN + 5), 5, template.title()));
        words(new Mark.Words(new Point(MARGIN, MARGIN + 10), 2.6, template.how()));
        words(new Mark.Words(new Point(MARGIN, barsTop), 2.2, ScaleBars.CHECK));
        group("template", template.marks(), MARGIN, MARGIN + HEAD);
        group("scale", ScaleBars.at(0, 0), MARGIN, barsTop);
        xml.writeEndElement();
        xml.writeEndDocument();
    }

    /** Every point is written where it lies on the sheet: no transforms for a reader to undo. */
    private void group(String id, List<Mark> marks, double right, double down) throws XMLStreamException {
        xml.writeStartElement("g");
        xml.writeAttribute("id", id);
        for (Mark mark : marks) {
            if (mark instanceof Mark.Path path) {
                path(path, right, down);
            } else if (mark instanceof Mark.Hole hole) {
                xml.writeEmptyElement("circle");
                xml.writeAttribute("id", hole.id());
                xml.writeAttribute("cx", number(hole.centre().x() + right));
                xml.writeAttribute("cy", number(hole.centre().y() + down));
                xml.writeAttribute("r", number(hole.radius()));
                xml.writeAttribute("stroke-width", "0.3");
            } else if (mark instanceof Mark.Words words) {
                words(new Mark.Words(
                        new Point(words.at().x() + right, words.at().y() + down), words.size(), words.text()));
            }
        }
        xml.writeEndElement();
    }

    private void path(Mark.Path path, double right, double down) throws XMLStreamException {
        List<String> points = new ArrayList<>();
        for (Point point : path.points()) {
            points.add(number(point.x() + right) + " " + number(point.y() + down));
        }
        xml.writeEmptyElement("path");
        xml.writeAttribute("id", path.id());
        xml.writeAttribute("d", points.stream().collect(Collectors.joining(" L", "M", path.closed() ? " Z" : "")));
        xml.writeAttribute("stroke-width", path.line() == Mark.Line.CUT ? "0.3" : "0.15");
        switch (path.line()) {
            case EDGE -> xml.writeAttribute("stroke-dasharray", "2 1");
            case CENTRE -> xml.writeAttribute("stroke-dasharray", "3 1 0.5 1");
            case HATCH -> xml.writeAttribute("stroke", "#a8201a");
            default -> {
                // A plain line.
            }
        }
    }

    private void words(Mark.Words words) throws XMLStreamException {
        xml.writeStartElement("text");
        xml.writeAttribute("x", number(words.at().x()));
        xml.writeAttribute("y", number(words.at().y()));
        xml.writeAttribute("font-size", number(words.size()));
        xml.writeAttribute("font-family", "Atkinson Hyperlegible Next, sans-serif");
        xml.writeAttribute("fill", "black");
        xml.writeAttribute("stroke", "none");
        xml.writeCharacters(words.text());
        xml.writeEndElement();
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
