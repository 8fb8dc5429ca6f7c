package org.antevid.app.sheet;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;

/**
 * A sheet as a PDF page in its true size, with the fonts every reader has; other letters bring a font of many along.
 */
public final class SheetPdf {
    private static final double POINTS_PER_MM = 72 / 25.4;
    /** A circle in four curves. */
    private static final double CURVE = 0.5522848;

    private final Sheet sheet;
    private final PDPageContentStream page;
    private final PDFont plain = new PDType1Font(Standard14Fonts.FontName.HELVETICA);
    private final PDFont bold = new PDType1Font(Standard14Fonts.FontName.HELVETICA_BOLD);

    private final Letters letters;

    private SheetPdf(Sheet sheet, PDPageContentStream page, Letters letters) {
        this.sheet = sheet;
        this.page = page;
        this.letters = letters;
    }

    public static byte[] of(Sheet sheet) {
        return of(List.of(sheet));
    }

    /** @param sheets a page each, the first gives the title */
    public static byte[] of(List<Sheet> sheets) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(sheets.get(0).title());
            Letters letters = letters(document);
            for (Sheet sheet : sheets) {
                PDPage paper = new PDPage(new PDRectangle(
                        (float) (sheet.widthMm() * POINTS_PER_MM), (float) (sheet.heightMm() * POINTS_PER_MM)));
                document.addPage(paper);
                try (PDPageContentStream page = new PDPageContentStream(document, paper)) {
                    new SheetPdf(sheet, page, letters).draw();
                }
            }
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void draw() throws IOException {
        boolean open = false;
        for (Sheet.Item item : sheet.items()) {
            if (item instanceof Sheet.Window w) {
                if (open) {
                    page.restoreGraphicsState();
                }
                open = w.rect().isPresent();
                if (open) {
                    Sheet.Rect r = w.rect().get();
                    page.saveGraphicsState();
                    page.addRect(x(r.x()), y(r.y() + r.heightMm()), points(r.widthMm()), points(r.heightMm()));
                    page.clip();
                }
            } else if (item instanceof Sheet.Stroke s) {
                path(s);
                paint(s.pen(), () -> path(s), s.closed());
            } else if (item instanceof Sheet.Disc d) {
                circle(d);
                paint(d.pen(), () -> circle(d), true);
            } else if (item instanceof Sheet.Words w) {
                words(w);
            }
        }
        if (open) {
            page.restoreGraphicsState();
        }
    }

    /** Draws a path again. */
    @FunctionalInterface
    private interface Path {
        void draw() throws IOException;
    }

    /** The path stands ready; it is filled, drawn again and stroked. */
    private void paint(Sheet.Pen pen, Path again, boolean area) throws IOException {
        boolean fills = pen.fill().isPresent() && area;
        if (fills) {
            PDExtendedGraphicsState opacity = new PDExtendedGraphicsState();
            opacity.setNonStrokingAlphaConstant((float) pen.fill().get().opacity());
            page.saveGraphicsState();
            page.setGraphicsStateParameters(opacity);
            page.setNonStrokingColor(Color.decode(pen.fill().get().colour()));
            page.fill();
            page.restoreGraphicsState();
            again.draw();
        }
        float[] dash = new float[pen.dashMm().size()];
        for (int i = 0; i < dash.length; i++) {
            dash[i] = points(pen.dashMm().get(i));
        }
        page.setLineDashPattern(dash, 0);
        page.setStrokingColor(Color.decode(pen.colour()));
        page.setLineWidth(points(Math.max(0.05, pen.widthMm())));
        if (pen.widthMm() > 0) {
            page.stroke();
        } else {
            page.saveGraphicsState();
            page.clip();
            page.restoreGraphicsState();
        }
    }

    private void path(Sheet.Stroke s) throws IOException {
        page.moveTo(x(s.points().get(0).x()), y(s.points().get(0).y()));
        for (Sheet.Point p : s.points().subList(1, s.points().size())) {
            page.lineTo(x(p.x()), y(p.y()));
        }
        if (s.closed()) {
            page.closePath();
        }
    }

    private void circle(Sheet.Disc d) throws IOException {
        double cx = d.centre().x();
        double cy = d.centre().y();
        double r = d.radiusMm();
        double k = CURVE * r;
        page.moveTo(x(cx + r), y(cy));
        page.curveTo(x(cx + r), y(cy + k), x(cx + k), y(cy + r), x(cx), y(cy + r));
        page.curveTo(x(cx - k), y(cy + r), x(cx - r), y(cy + k), x(cx - r), y(cy));
        page.curveTo(x(cx - r), y(cy - k), x(cx - k), y(cy - r), x(cx), y(cy - r));
        page.curveTo(x(cx + k), y(cy - r), x(cx + r), y(cy - k), x(cx + r), y(cy));
        page.closePath();
    }

    private void words(Sheet.Words w) throws IOException {
        boolean latin = w.text().codePoints().allMatch(Lettering::latin);
        PDFont font = !latin ? letters.get() : w.bold() ? bold : plain;
        String text = latin ? w.text() : printable(w.text(), font);
        double size = w.heightMm() * POINTS_PER_MM;
        double width = font.getStringWidth(text) / 1000 * size;
        double back =
                switch (w.align()) {
                    case LEFT -> 0;
                    case MIDDLE -> width / 2;
                    case RIGHT -> width;
                };
        page.beginText();
        page.setFont(font, (float) size);
        page.setNonStrokingColor(Color.decode(w.colour()));
        if (!latin && w.bold()) {
            // the wide font comes in one weight: a thin outline makes it heavier
            page.setRenderingMode(RenderingMode.FILL_STROKE);
            page.setStrokingColor(Color.decode(w.colour()));
            page.setLineWidth((float) (size / 30));
        }
        page.newLineAtOffset((float) (x(w.at().x()) - back), y(w.at().y()));
        page.showText(text);
        page.setRenderingMode(RenderingMode.FILL);
        page.endText();
    }

    /** What not even the wide font has is marked, never dropped silently. */
    private static String printable(String text, PDFont font) {
        StringBuilder s = new StringBuilder();
        text.codePoints().forEach(c -> s.appendCodePoint(writes(font, c) ? c : '?'));
        return s.toString();
    }

    private static boolean writes(PDFont font, int c) {
        try {
            font.encode(new String(Character.toChars(c)));
            return true;
        } catch (IOException | IllegalArgumentException e) {
            return false;
        }
    }

    /** A font of many letters, put into the file only where something is written in it. */
    @FunctionalInterface
    private interface Letters {
        PDFont get() throws IOException;
    }

    private static Letters letters(PDDocument document) {
        PDFont[] loaded = new PDFont[1];
        return () -> {
            if (loaded[0] == null) {
                try (InputStream in = PDDocument.class.getResourceAsStream(
                        "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf")) {
                    loaded[0] = PDType0Font.load(document, in);
                }
            }
            return loaded[0];
        };
    }

    private static float points(double mm) {
        return (float) (mm * POINTS_PER_MM);
    }

    private float x(double mm) {
        return points(mm);
    }

    private float y(double mm) {
        return points(sheet.heightMm() - mm);
    }
}
