package org.antevid.app.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** One drawing, written as SVG and as PDF in its true size. */
class SheetTest {
    private static Sheet sheet() {
        return Sheet.a4Landscape("a lay & its <zones>")
                .window(new Sheet.Rect(10, 10, 100, 80))
                .stroke(
                        List.of(new Sheet.Point(10, 10), new Sheet.Point(60, 10), new Sheet.Point(60, 60)),
                        true,
                        Sheet.Pen.line("#b3261e", 0.6, 4, 1.6).filled("#9a6700", 0.1))
                .wholeSheet()
                .disc(new Sheet.Point(30, 30), 5, Sheet.Pen.line("#1d2a26", 0.3))
                .stroke(List.of(new Sheet.Point(1, 1)), false, Sheet.Pen.line("#000000", 1))
                .words(
                        new Sheet.Point(200, 40),
                        3.1,
                        true,
                        "#1d2a26",
                        Sheet.Align.RIGHT,
                        "lay 058°, −1.9° ≥ 2 → ok, Łukasz Žďárský Ελένη \u2603\uD83C\uDF33");
    }

    private static Document svg() throws Exception {
        return DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(SheetSvg.of(sheet()).getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void theSvgIsWellFormedAndOneUnitIsOneMillimetre() throws Exception {
        Element root = svg().getDocumentElement();
        assertThat(root.getAttribute("width")).isEqualTo("297.0mm");
        assertThat(root.getAttribute("viewBox")).isEqualTo("0 0 297.0 210.0");
        Element area = (Element) root.getElementsByTagName("polygon").item(0);
        assertThat(area.getAttribute("points")).startsWith("10.000,10.000 60.000,10.000");
        assertThat(area.getAttribute("stroke-dasharray")).isEqualTo("4.000 1.600");
        assertThat(((Element) area.getParentNode()).getAttribute("clip-path")).isEqualTo("url(#w0)");
        Element words = (Element) root.getElementsByTagName("text").item(0);
        assertThat(words.getAttribute("text-anchor")).isEqualTo("end");
        assertThat(words.getTextContent()).startsWith("lay 058°");
        assertThat(root.getElementsByTagName("title").item(0).getTextContent()).isEqualTo("a lay & its <zones>");
    }

    @Test
    void aSinglePointIsNoLine() throws Exception {
        assertThat(svg().getElementsByTagName("polyline").getLength()).isZero();
    }

    @Test
    void thePdfHasOnePageOfThatSizeAndSaysTheSame() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(SheetPdf.of(sheet()))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(pdf.getPage(0).getMediaBox().getWidth() / 72 * 25.4).isCloseTo(297, within(0.01));
            assertThat(pdf.getPage(0).getMediaBox().getHeight() / 72 * 25.4).isCloseTo(210, within(0.01));
            assertThat(pdf.getDocumentInformation().getTitle()).isEqualTo("a lay & its <zones>");
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text)
                    .contains("lay 058°")
                    .contains("≥ 2 → ok")
                    .as("any letter of the crew's names")
                    .contains("Łukasz Žďárský Ελένη")
                    .as("what the font has not is marked, not dropped")
                    .contains("?");
        }
    }
}
