package org.antevid.app;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/** What comes out of a printer. */
final class OnPaper {
    /** Printers leave so much white, 5 mm. */
    private static final float EDGE_PT = 14;

    private record Low(int page, float y, String text) {}

    private OnPaper() {}

    /** @return the words that run off the paper at its right edge, or two lines written over each other at its foot */
    static List<String> spoiled(byte[] file) throws IOException {
        List<String> found = new ArrayList<>();
        try (PDDocument pdf = Loader.loadPDF(file)) {
            new PDFTextStripper() {
                private final List<Low> below = new ArrayList<>();

                @Override
                protected void writeString(String text, List<TextPosition> letters) {
                    TextPosition last = letters.get(letters.size() - 1);
                    if (last.getXDirAdj() + last.getWidthDirAdj() > last.getPageWidth() - EDGE_PT) {
                        found.add("off the edge: " + text);
                    }
                    below.stream()
                            .filter(o -> o.page == getCurrentPageNo()
                                    && Math.abs(o.y - last.getYDirAdj()) < last.getHeightDir()
                                    && o.y != last.getYDirAdj()
                                    && last.getYDirAdj() > last.getPageHeight() * 0.9)
                            .forEach(o -> found.add("over each other: " + o.text + " / " + text));
                    below.add(new Low(getCurrentPageNo(), last.getYDirAdj(), text));
                }
            }.getText(pdf);
        }
        return found;
    }
}
