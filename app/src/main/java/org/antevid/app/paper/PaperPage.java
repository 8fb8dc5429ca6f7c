package org.antevid.app.paper;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.antevid.app.sheet.Sheet;
import org.antevid.core.message.Message;
import org.antevid.words.PaperWords;
import org.antevid.words.Words;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** Headings, lines and tables that flow over as many sheets as they need. */
final class PaperPage {
    private static final String STYLE = """
            @page { size: %smm %smm; margin: 14mm 12mm 16mm 12mm; }
            body { font-family: Helvetica, Wide, sans-serif; font-size: 10.5pt; line-height: 1.25; color: #1d2a26; }
            h1 { font-size: 20pt; margin: 0 0 1mm 0; }
            h2 { font-size: 14pt; margin: 5mm 0 1mm 0; border-top: 0.6mm solid #1d2a26; padding-top: 2mm; }
            h3 { font-size: 10.5pt; margin: 3mm 0 0.5mm 0; }
            p { margin: 0 0 1mm 0; } ul { margin: 0; padding-left: 5mm; } li { margin: 0 0 0.7mm 0; }
            .s { color: #55625c; } .card { page-break-inside: avoid; }
            table { width: 100%%; border-collapse: collapse; page-break-inside: avoid; }
            td, th { text-align: left; vertical-align: bottom; border-bottom: 0.2mm solid #55625c; padding: 1.6mm 1mm; }
            td.line { height: 9mm; }
            """;

    private final Document page;
    private final Element body;
    private final Words words;

    PaperPage(Words words, Sheet paper) {
        this.words = words;
        try {
            page = DocumentBuilderFactory.newInstance().newDocumentBuilder().newDocument();
        } catch (ParserConfigurationException e) {
            throw new IllegalStateException(e);
        }
        Element html = page.createElement("html");
        page.appendChild(html);
        Element head = add(html, "head", "");
        add(head, "title", paper.title());
        add(head, "style", STYLE.formatted(paper.widthMm(), paper.heightMm()));
        body = add(html, "body", "");
    }

    Element body() {
        return body;
    }

    void title(String title, String beneath) {
        add(body, "h1", title);
        add(body, "p", beneath).setAttribute("class", "s");
    }

    void small(PaperWords says) {
        add(body, "p", words.say(Message.of(says))).setAttribute("class", "s");
    }

    /** What stays together on one sheet, under a heading. */
    Element block(PaperWords heading) {
        Element together = add(body, "div", "");
        together.setAttribute("class", "card");
        add(together, "h2", words.say(Message.of(heading)));
        return together;
    }

    Element table(Element in, List<PaperWords> heads) {
        Element table = add(in, "table", "");
        Element head = add(table, "tr", "");
        heads.forEach(w -> add(head, "th", words.say(Message.of(w))));
        return table;
    }

    /** @param as how its cells look; empty for the usual */
    static void row(Element table, String as, String... cells) {
        Element row = add(table, "tr", "");
        for (String cell : cells) {
            Element td = add(row, "td", cell);
            if (!as.isEmpty()) {
                td.setAttribute("class", as);
            }
        }
    }

    static void list(Element in, List<String> lines) {
        Element list = add(in, "ul", "");
        lines.forEach(l -> add(list, "li", l));
    }

    static Element add(Element to, String tag, String text) {
        Element e = to.getOwnerDocument().createElement(tag);
        if (!text.isEmpty()) {
            e.appendChild(to.getOwnerDocument().createTextNode(text));
        }
        to.appendChild(e);
        return e;
    }

    byte[] pdf() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            new PdfRendererBuilder()
                    .useFont(
                            () -> PDDocument.class.getResourceAsStream(
                                    "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf"),
                            "Wide")
                    .withW3cDocument(page, null)
                    .toStream(out)
                    .run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
