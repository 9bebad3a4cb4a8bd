package org.kestan.files.papers;

import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.kestan.repair.template.Template;
import org.kestan.repair.template.TemplateElement;
import org.kestan.repair.template.TemplateElement.Point;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/** A true-size template as SVG: one user unit is a millimeter, so that vector programs open it at its size. */
public final class TemplateSvg {

    private static final double MARGIN = 5;
    private static final double HEAD = 16;

    private static final Wording SAID = Wording.in(BenchUnit.MILLIMETERS);

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
        element("title", Wording.label(template));
        element("desc", Wording.more(template, "how") + " " + Wording.templateCheck());
        words(new Point(MARGIN, MARGIN + 5), 5, Wording.label(template));
        words(new Point(MARGIN, MARGIN + 10), 2.6, Wording.more(template, "how"));
        words(new Point(MARGIN, barsTop), 2.2, Wording.templateCheck());
        group("template", template.inks(), MARGIN, MARGIN + HEAD);
        group("scale", ScaleBars.at(0, 0), MARGIN, barsTop);
        xml.writeEndElement();
        xml.writeEndDocument();
    }

    /** All coordinates are absolute, with no transforms for a reader to apply. */
    private void group(String id, List<TemplateElement> inks, double right, double down) throws XMLStreamException {
        xml.writeStartElement("g");
        xml.writeAttribute("id", id);
        for (TemplateElement ink : inks) {
            ink.draw(new Pen(right, down));
        }
        xml.writeEndElement();
    }

    private void path(TemplateElement.Path path, double right, double down) throws XMLStreamException {
        List<String> points = new ArrayList<>();
        for (Point point : path.points()) {
            points.add(number(point.x() + right) + " " + number(point.y() + down));
        }
        xml.writeEmptyElement("path");
        xml.writeAttribute("id", path.id());
        xml.writeAttribute("d", points.stream().collect(Collectors.joining(" L", "M", path.closed() ? " Z" : "")));
        xml.writeAttribute("stroke-width", path.style() == TemplateElement.Style.CUT ? "0.3" : "0.15");
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
    private final class Pen implements TemplateElement.Pen<XMLStreamException> {

        private final double right;
        private final double down;

        Pen(double right, double down) {
            this.right = right;
            this.down = down;
        }

        @Override
        public void path(TemplateElement.Path path) throws XMLStreamException {
            TemplateSvg.this.path(path, right, down);
        }

        @Override
        public void hole(TemplateElement.Hole hole) throws XMLStreamException {
            Point center = hole.center().moved(right, down);
            xml.writeEmptyElement("circle");
            xml.writeAttribute("id", hole.id());
            xml.writeAttribute("cx", number(center.x()));
            xml.writeAttribute("cy", number(center.y()));
            xml.writeAttribute("r", number(hole.radius()));
            xml.writeAttribute("stroke-width", "0.3");
        }

        @Override
        public void words(TemplateElement.Words words) throws XMLStreamException {
            TemplateSvg.this.words(words.at().moved(right, down), words.size(), SAID.say(words.said()));
        }
    }

    private void element(String name, String text) throws XMLStreamException {
        xml.writeStartElement(name);
        xml.writeCharacters(text);
        xml.writeEndElement();
    }

    /** Micrometers are precise enough. */
    private static String number(double millimeters) {
        String text = String.format(Locale.ROOT, "%.4f", millimeters);
        return text.replaceAll("0+$", "").replaceAll("\\.$", "");
    }
}
