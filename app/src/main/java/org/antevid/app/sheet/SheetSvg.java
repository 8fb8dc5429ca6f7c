package org.antevid.app.sheet;

import java.io.StringWriter;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** A sheet as SVG in its true size: one unit is one millimetre. */
public final class SheetSvg {
    private SheetSvg() {}

    public static String of(Sheet sheet) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter x = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            x.writeStartDocument("UTF-8", "1.0");
            x.writeStartElement("svg");
            x.writeDefaultNamespace("http://www.w3.org/2000/svg");
            x.writeAttribute("width", sheet.widthMm() + "mm");
            x.writeAttribute("height", sheet.heightMm() + "mm");
            x.writeAttribute("viewBox", "0 0 " + sheet.widthMm() + " " + sheet.heightMm());
            x.writeAttribute("font-family", "'Atkinson Hyperlegible Next', 'Helvetica', 'Arial', sans-serif");
            x.writeStartElement("title");
            x.writeCharacters(sheet.title());
            x.writeEndElement();
            int windows = 0;
            boolean open = false;
            for (Sheet.Item item : sheet.items()) {
                if (item instanceof Sheet.Window w) {
                    if (open) {
                        x.writeEndElement();
                    }
                    open = w.rect().isPresent();
                    if (open) {
                        window(x, w.rect().get(), "w" + windows++);
                    }
                } else {
                    item(x, item);
                }
            }
            if (open) {
                x.writeEndElement();
            }
            x.writeEndElement();
            x.writeEndDocument();
            x.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException(e);
        }
        return text.toString();
    }

    private static void window(XMLStreamWriter x, Sheet.Rect r, String id) throws XMLStreamException {
        x.writeStartElement("clipPath");
        x.writeAttribute("id", id);
        x.writeEmptyElement("rect");
        x.writeAttribute("x", n(r.x()));
        x.writeAttribute("y", n(r.y()));
        x.writeAttribute("width", n(r.widthMm()));
        x.writeAttribute("height", n(r.heightMm()));
        x.writeEndElement();
        x.writeStartElement("g");
        x.writeAttribute("clip-path", "url(#" + id + ")");
    }

    private static void item(XMLStreamWriter x, Sheet.Item item) throws XMLStreamException {
        if (item instanceof Sheet.Stroke s) {
            x.writeEmptyElement(s.closed() ? "polygon" : "polyline");
            x.writeAttribute(
                    "points",
                    s.points().stream().map(p -> n(p.x()) + "," + n(p.y())).collect(Collectors.joining(" ")));
            pen(x, s.pen());
        } else if (item instanceof Sheet.Disc d) {
            x.writeEmptyElement("circle");
            x.writeAttribute("cx", n(d.centre().x()));
            x.writeAttribute("cy", n(d.centre().y()));
            x.writeAttribute("r", n(d.radiusMm()));
            pen(x, d.pen());
        } else if (item instanceof Sheet.Words w) {
            x.writeStartElement("text");
            x.writeAttribute("x", n(w.at().x()));
            x.writeAttribute("y", n(w.at().y()));
            x.writeAttribute("font-size", n(w.heightMm()));
            x.writeAttribute("fill", w.colour());
            if (w.bold()) {
                x.writeAttribute("font-weight", "700");
            }
            x.writeAttribute("text-anchor", w.align().anchor());
            x.writeCharacters(w.text());
            x.writeEndElement();
        }
    }

    private static void pen(XMLStreamWriter x, Sheet.Pen p) throws XMLStreamException {
        x.writeAttribute("fill", p.fill().map(Sheet.Fill::colour).orElse("none"));
        if (p.fill().isPresent()) {
            x.writeAttribute("fill-opacity", n(p.fill().get().opacity()));
        }
        x.writeAttribute("stroke", p.widthMm() > 0 ? p.colour() : "none");
        x.writeAttribute("stroke-width", n(p.widthMm()));
        if (!p.dashMm().isEmpty()) {
            x.writeAttribute(
                    "stroke-dasharray", p.dashMm().stream().map(SheetSvg::n).collect(Collectors.joining(" ")));
        }
    }

    private static String n(double v) {
        return String.format(Locale.ROOT, "%.3f", v);
    }
}
