package org.antevid.app.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.app.sheet.Lettering;
import org.antevid.app.sheet.Sheet;
import org.antevid.core.brief.CutPart;
import org.antevid.core.cutting.CutStep;
import org.antevid.core.cutting.Passes;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.words.PaperWords;
import org.antevid.words.Words;

/**
 * The cut card on both sides of A5, read at arm's length: in front side view and stump to one scale with the measures,
 * behind the order of the cuts and who signals what.
 */
final class CutSheet extends CutPaper {
    /** People measure with a tape in wet wood. */
    private static final double TAPE_OFF_M = 0.005;

    /** Beneath it a briefing writes on each page which one it is. */
    private static final double FOOT = H - 15;

    private static final double STEP_MM = 3.5;
    private static final double MARK_MM = 5.6;

    private CutSheet(CutPart card, Words words, String title) {
        super(card, words, new Sheet(W, H, title));
    }

    /** @param under what stands under its heading: of which job, and which state of it */
    static List<Sheet> of(CutPart card, Words words, String job, String under, Optional<String> notProven) {
        CutSheet front = new CutSheet(card, words, title(words, PaperWords.CUT_CARD_TITLE, job, card));
        front.head(under, notProven);
        CutDrawing drawing = new CutDrawing(card, words, front.sheet);
        drawing.side(LEFT + 36, 74);
        drawing.stump(LEFT + 36, 148);
        front.measures(88, 39);
        front.foot();
        CutSheet behind = new CutSheet(card, words, title(words, PaperWords.ORDER_TITLE, job, card));
        behind.head(under, Optional.empty());
        behind.steps();
        behind.foot();
        return List.of(front.sheet, behind.sheet);
    }

    private static String title(Words words, PaperWords says, String job, CutPart card) {
        return words.say(Message.of(says).with("job", Arg.name(job)).with("stem", Arg.name(card.stem())));
    }

    private void head(String under, Optional<String> notProven) {
        words(LEFT, 15, 7, true, INK, Sheet.Align.LEFT, say(PaperWords.CUT_CARD, "stem", Arg.name(c.stem())));
        words(RIGHT, 15, 7, true, LAY, Sheet.Align.RIGHT, say(PaperWords.LAY, "lay", Arg.azimuth(c.layDeg())));
        fitted(
                LEFT,
                21,
                3.6,
                true,
                INK,
                words.say(Message.of(PaperWords.HOW)
                        .with("school", Arg.term(c.school()))
                        .with("back", Arg.term(c.backCut()))
                        .with("bar", Arg.of(Dimension.REACH, c.barM()))
                        .with("reach", Arg.term(c.barReach()))));
        fitted(LEFT, 26, 3, false, MUTE, under);
        notProven.ifPresent(w -> fitted(LEFT, 31, 3, true, KEEP, w));
        line(Sheet.Pen.line(INK, 0.4), LEFT, 33, RIGHT, 33);
    }

    private void measures(double x, double top) {
        double y = top;
        words(x, y, 3.4, true, INK, Sheet.Align.LEFT, say(PaperWords.SAFE_SIDE));
        y += 2;
        for (CutPart.CardMeasure m : c.measures()) {
            line(Sheet.Pen.line("#d9d5c8", 0.25), x, y + 1, RIGHT, y + 1);
            y += 6.2;
            words(x, y, 5, true, INK, Sheet.Align.LEFT, words.show(m.shown()));
            words(
                    RIGHT,
                    y,
                    2.8,
                    false,
                    MUTE,
                    Sheet.Align.RIGHT,
                    m.outside().map(o -> say(PaperWords.FROM_BARK, "length", o)).orElse(""));
            y += 3.7;
            fitted(
                    x,
                    y,
                    3,
                    false,
                    INK,
                    m.rule()
                            .map(r -> words.say(Message.of(PaperWords.OWN_MEASURE)
                                    .with("measure", Arg.term(m.key()))
                                    .with("rule", r)))
                            .orElseGet(() -> words.term(m.key())));
            y += 0.8;
        }
        y += 5;
        fitted(
                x,
                y,
                2.8,
                false,
                MUTE,
                words.say(Message.of(c.barkM().isPresent() ? PaperWords.INSIDE_BARK : PaperWords.BARK_NOT_LOOKED)
                        .with("bark", c.barkM().map(CutSheet::said))
                        .with("off", Arg.of(Dimension.SAWN, TAPE_OFF_M))));
        y += 6;
        words(x, y, 3.6, true, INK, Sheet.Align.LEFT, say(PaperWords.STAND_ON, "side", Arg.term(c.stand())));
        y += 3.8;
        y = lines(x, y, INK, words.say(c.standsBecause())) + 0.6;
        y = lines(x, y, KEEP, words.say(Passes.NEVER));
        if (c.overlapM().isPresent()) {
            fitted(
                    x,
                    y,
                    3,
                    false,
                    INK,
                    say(PaperWords.OVERLAP, "length", said(c.overlapM().get())));
        }
    }

    /** @return where the next line stands */
    private double lines(double x, double top, String colour, String text) {
        double y = top;
        for (String part : Lettering.wrapped(text, 3, false, RIGHT - x)) {
            words(x, y, 3, false, colour, Sheet.Align.LEFT, part);
            y += 3.8;
        }
        return y;
    }

    private static List<String> inLine(String text, boolean bold) {
        return Lettering.wrapped(text, STEP_MM, bold, RIGHT - LEFT - MARK_MM);
    }

    /** Cuts numbered and bold, checks and signals as boxes to tick; larger when there are few. */
    private void steps() {
        List<Line> lines = new ArrayList<>();
        int n = 1;
        for (CutStep s : c.steps()) {
            boolean cuts = s.kind() == CutStep.Kind.CUT;
            List<String> parts = inLine(
                    words.say(Message.of(PaperWords.STEP)
                            .with("step", Arg.said(s.says()))
                            .with(
                                    "measures",
                                    s.measures().isEmpty() ? Optional.empty() : Optional.of(commas(s.measures())))),
                    cuts);
            for (int i = 0; i < parts.size(); i++) {
                lines.add(new Line(
                        i > 0 ? "" : cuts ? String.valueOf(n++) : "box",
                        parts.get(i),
                        cuts,
                        s.kind() == CutStep.Kind.SIGNAL ? LAY : INK));
            }
        }
        for (Message h : c.help()) {
            List<String> parts = inLine(words.say(h), false);
            for (int i = 0; i < parts.size(); i++) {
                lines.add(new Line(i == 0 ? "-" : "", parts.get(i), false, MUTE));
            }
        }
        double pitch = Math.min(5.4, (FOOT - 6 - 40) / lines.size());
        double size = Math.min(STEP_MM, pitch * 0.74);
        double y = 40;
        for (Line l : lines) {
            if (l.mark.equals("box")) {
                double b = size * 0.8;
                area(
                        Sheet.Pen.line(l.colour, 0.3),
                        LEFT + 3.4 - b,
                        y - b,
                        LEFT + 3.4,
                        y - b,
                        LEFT + 3.4,
                        y,
                        LEFT + 3.4 - b,
                        y);
            } else {
                words(LEFT + 3.4, y, size, true, l.colour, Sheet.Align.RIGHT, l.mark);
            }
            words(LEFT + MARK_MM, y, size, l.bold, l.colour, Sheet.Align.LEFT, l.words);
            y += pitch;
        }
    }

    private static Arg commas(List<Message> measures) {
        return Arg.several(measures.stream().map(Arg::said).toList());
    }

    private record Line(String mark, String words, boolean bold, String colour) {}

    private void foot() {
        words(LEFT, FOOT, 2.5, false, MUTE, Sheet.Align.LEFT, say(PaperWords.LOCAL_CODE));
        words(LEFT, FOOT + 3.2, 2.5, false, MUTE, Sheet.Align.LEFT, say(PaperWords.NOT_COVERED));
    }
}
