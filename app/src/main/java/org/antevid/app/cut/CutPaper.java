package org.antevid.app.cut;

import java.util.ArrayList;
import java.util.List;
import org.antevid.app.sheet.Lettering;
import org.antevid.app.sheet.Sheet;
import org.antevid.core.brief.CutPart;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.words.PaperWords;
import org.antevid.words.Words;

/** One page of a cut card and what is drawn and written on it with. */
abstract class CutPaper {
    static final double W = 148;
    static final double H = 210;
    static final double LEFT = 8;
    static final double RIGHT = W - 8;
    static final String INK = "#1d2a26";
    static final String MUTE = "#55625c";
    static final String LAY = "#a3195b";
    static final String KEEP = "#b3261e";
    static final String ESCAPE = "#0b5cad";
    static final String WOOD = "#d9d0bd";

    final CutPart c;
    final Words words;
    final Sheet sheet;

    CutPaper(CutPart card, Words words, Sheet sheet) {
        this.c = card;
        this.words = words;
        this.sheet = sheet;
    }

    final String say(PaperWords says) {
        return words.say(Message.of(says));
    }

    final String say(PaperWords says, String name, Arg arg) {
        return words.say(Message.of(says).with(name, arg));
    }

    final void words(double x, double y, double size, boolean bold, String colour, Sheet.Align align, String text) {
        sheet.words(new Sheet.Point(x, y), size, bold, colour, align, text);
    }

    /** From the left, in smaller letters where it would not fit otherwise. */
    final void fitted(double x, double y, double size, boolean bold, String colour, String text) {
        double wide = Lettering.widthMm(text, size, bold);
        words(x, y, size * Math.min(1, (RIGHT - x) / wide), bold, colour, Sheet.Align.LEFT, text);
    }

    final void line(Sheet.Pen pen, double... xy) {
        List<Sheet.Point> points = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            points.add(new Sheet.Point(xy[i], xy[i + 1]));
        }
        sheet.stroke(points, false, pen);
    }

    final void area(Sheet.Pen pen, double... xy) {
        List<Sheet.Point> points = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            points.add(new Sheet.Point(xy[i], xy[i + 1]));
        }
        sheet.stroke(points, true, pen);
    }

    static Arg said(double metres) {
        return Arg.down(Dimension.SAWN, metres);
    }
}
