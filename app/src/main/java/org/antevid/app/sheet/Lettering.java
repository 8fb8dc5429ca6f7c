package org.antevid.app.sheet;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;

/** How wide words come out on paper, so that none runs off its edge. */
public final class Lettering {
    private static final PDFont PLAIN = new PDType1Font(Standard14Fonts.FontName.HELVETICA);
    private static final PDFont BOLD = new PDType1Font(Standard14Fonts.FontName.HELVETICA_BOLD);
    private static final char WIDEST = 'W';

    private Lettering() {}

    /** @return whether the fonts that every reader has write it */
    static boolean latin(int c) {
        return c >= 32 && c < 127 || c >= 160 && c < 256;
    }

    /**
     * @param heightMm of the letters, as {@link Sheet#words} takes it
     * @return millimetres; a letter of another font counts as the widest, so that it comes out narrower
     */
    public static double widthMm(String text, double heightMm, boolean bold) {
        StringBuilder known = new StringBuilder();
        text.codePoints().forEach(c -> known.appendCodePoint(latin(c) ? c : WIDEST));
        try {
            return (bold ? BOLD : PLAIN).getStringWidth(known.toString()) / 1000 * heightMm;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @return the words in lines of at most this width; a single word that is wider stands on a line of its own */
    public static List<String> wrapped(String text, double heightMm, boolean bold, double mostMm) {
        List<String> lines = new ArrayList<>();
        String at = "";
        for (String w : text.split(" ", 0)) {
            String longer = at.isEmpty() ? w : at + " " + w;
            if (!at.isEmpty() && widthMm(longer, heightMm, bold) > mostMm) {
                lines.add(at);
                longer = w;
            }
            at = longer;
        }
        lines.add(at);
        return lines;
    }
}
