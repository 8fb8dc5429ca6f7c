package org.antevid.app.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.app.sheet.Sheet;
import org.antevid.core.brief.CutPart;
import org.antevid.core.cutting.CutStep;
import org.antevid.core.cutting.Passes;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.words.PaperWords;
import org.antevid.words.Words;

/**
 * The cut card on both sides of A5, read at arm's length: in front side view and stump to one scale with the measures,
 * behind the order of the cuts and who signals what.
 */
final class CutSheet {
    private static final double W = 148;
    private static final double H = 210;
    private static final double LEFT = 8;
    private static final double RIGHT = W - 8;
    private static final String INK = "#1d2a26";
    private static final String MUTE = "#55625c";
    private static final String LAY = "#a3195b";
    private static final String KEEP = "#b3261e";
    private static final String ESCAPE = "#0b5cad";
    private static final String WOOD = "#d9d0bd";
    private static final int[] SCALES = {2, 4, 5, 8, 10, 12, 15, 20, 25, 30, 40, 50, 75, 100};
    private static final double STUMP_MM = 64;
    /** People measure with a tape in wet wood. */
    private static final double TAPE_OFF_M = 0.005;

    private final CutPart c;
    private final Words words;
    private final Sheet sheet;
    private final int scale;
    private final double mm;

    private CutSheet(CutPart card, Words words, String title) {
        this.c = card;
        this.words = words;
        this.sheet = new Sheet(W, H, title);
        double widest = Math.max(card.dAlongM(), card.dAcrossM());
        int chosen = SCALES[SCALES.length - 1];
        for (int s : SCALES) {
            if (1000 * widest / s <= STUMP_MM) {
                chosen = s;
                break;
            }
        }
        this.scale = chosen;
        this.mm = 1000.0 / chosen;
    }

    static List<Sheet> of(CutPart card, Words words, String job, String state, Optional<String> notProven) {
        CutSheet front = new CutSheet(card, words, title(words, PaperWords.CUT_CARD_TITLE, job, card));
        front.head(job, state, notProven);
        front.side(LEFT + 36, 74);
        front.stump(LEFT + 36, 148);
        front.measures(88, 39);
        front.foot();
        CutSheet behind = new CutSheet(card, words, title(words, PaperWords.ORDER_TITLE, job, card));
        behind.head(job, state, Optional.empty());
        behind.steps();
        behind.foot();
        return List.of(front.sheet, behind.sheet);
    }

    private static String title(Words words, PaperWords says, String job, CutPart card) {
        return words.say(Message.of(says).with("job", Arg.name(job)).with("stem", Arg.name(card.stem())));
    }

    private String say(PaperWords says) {
        return words.say(Message.of(says));
    }

    private String say(PaperWords says, String name, Arg arg) {
        return words.say(Message.of(says).with(name, arg));
    }

    private void words(double x, double y, double size, boolean bold, String colour, Sheet.Align align, String text) {
        sheet.words(new Sheet.Point(x, y), size, bold, colour, align, text);
    }

    private void line(Sheet.Pen pen, double... xy) {
        List<Sheet.Point> points = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            points.add(new Sheet.Point(xy[i], xy[i + 1]));
        }
        sheet.stroke(points, false, pen);
    }

    private void area(Sheet.Pen pen, double... xy) {
        List<Sheet.Point> points = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            points.add(new Sheet.Point(xy[i], xy[i + 1]));
        }
        sheet.stroke(points, true, pen);
    }

    private void head(String job, String state, Optional<String> notProven) {
        words(LEFT, 15, 7, true, INK, Sheet.Align.LEFT, say(PaperWords.CUT_CARD, "stem", Arg.name(c.stem())));
        words(RIGHT, 15, 7, true, LAY, Sheet.Align.RIGHT, say(PaperWords.LAY, "lay", Arg.azimuth(c.layDeg())));
        words(
                LEFT,
                21,
                3.6,
                true,
                INK,
                Sheet.Align.LEFT,
                words.say(Message.of(PaperWords.HOW)
                        .with("school", Arg.term(c.school()))
                        .with("back", Arg.term(c.backCut()))
                        .with("bar", Arg.of(Dimension.REACH, c.barM()))
                        .with("reach", Arg.term(c.barReach()))));
        words(LEFT, 26, 3, false, MUTE, Sheet.Align.LEFT, job + ", " + state);
        notProven.ifPresent(w -> words(LEFT, 31, 3, true, KEEP, Sheet.Align.LEFT, cut(w, 92)));
        line(Sheet.Pen.line(INK, 0.4), LEFT, 33, RIGHT, 33);
    }

    private static Arg said(double metres) {
        return Arg.down(Dimension.SAWN, metres);
    }

    private static String cut(String text, int most) {
        return text.length() > most ? text.substring(0, most - 1) + "." : text;
    }

    /** Side view: front on the right, the apex of the notch on the level of {@code floorY}. */
    private void side(double midX, double floorY) {
        double half = c.dAlongM() * mm / 2;
        double front = midX + half;
        double back = midX - half;
        double apex = front - c.depthM() * mm;
        double thick = Math.max(c.hingeLeftM(), c.hingeRightM()) * mm;
        double mouth = Math.min(26, c.mouthM().map(m -> m * mm).orElse(26.0));
        double foot = c.slopingFromBelow() ? mouth : -mouth;
        double step = c.stepM() * mm;
        Sheet.Pen bark = Sheet.Pen.line(INK, 0.6);
        words(LEFT, 39, 3.4, true, INK, Sheet.Align.LEFT, say(PaperWords.FROM_THE_SIDE));
        line(bark, back, floorY - 30, back, floorY + 12);
        line(bark, front, floorY - 30, front, floorY + Math.min(0, foot));
        line(bark, front, floorY + Math.max(0, foot), front, floorY + 12);
        area(Sheet.Pen.line(INK, 0.5).filled("#ffffff", 1), front, floorY + foot, apex, floorY, front, floorY);
        area(
                Sheet.Pen.line(LAY, 0.4).filled(LAY, 0.2),
                apex - thick,
                floorY - 3,
                apex,
                floorY - 3,
                apex,
                floorY + 3,
                apex - thick,
                floorY + 3);
        double to = c.strapLeft() ? back + c.strapM() * mm : back;
        line(Sheet.Pen.line(INK, 1.1), to, floorY - step, apex - thick, floorY - step);
        if (c.strapLeft()) {
            line(Sheet.Pen.line(INK, 0.6, 1.4, 1), back, floorY - step + 2.2, to, floorY - step + 2.2);
        }
        words(
                apex + 4,
                floorY + (c.slopingFromBelow() ? 6 : -2.6),
                4,
                true,
                INK,
                Sheet.Align.LEFT,
                Math.round(c.faceDeg()) + "°");
        line(Sheet.Pen.line(LAY, 0.9), front + 1, floorY - 24, front + 5, floorY - 24);
        area(
                Sheet.Pen.line(LAY, 0.2).filled(LAY, 1),
                front + 8,
                floorY - 24,
                front + 4.4,
                floorY - 26,
                front + 4.4,
                floorY - 22);
        double y = floorY + 15;
        line(Sheet.Pen.line(MUTE, 0.25), back, y, front, y);
        double[] marks = c.strapLeft()
                ? new double[] {back, to, apex - thick, apex, front}
                : new double[] {back, apex - thick, apex, front};
        String[] name = c.strapLeft()
                ? new String[] {
                    say(PaperWords.STRAP), say(PaperWords.BORED), say(PaperWords.HINGE), say(PaperWords.NOTCH)
                }
                : new String[] {say(PaperWords.BACK_CUT), say(PaperWords.HINGE), say(PaperWords.NOTCH)};
        for (int i = 0; i < marks.length; i++) {
            line(Sheet.Pen.line(MUTE, 0.25), marks[i], y - 1, marks[i], y + 1);
            if (i < name.length) {
                words(
                        (marks[i] + marks[i + 1]) / 2,
                        y + (i % 2 == 0 ? 4.4 : -1.8),
                        3,
                        false,
                        INK,
                        Sheet.Align.MIDDLE,
                        name[i]);
            }
        }
        words(
                LEFT,
                floorY + 25,
                2.8,
                false,
                MUTE,
                Sheet.Align.LEFT,
                words.say(Message.of(PaperWords.FLOOR)
                        .with("height", said(c.cutHeightM()))
                        .with("scale", Arg.count(scale))));
    }

    /** The stump from above, front to the right. */
    private void stump(double midX, double midY) {
        double a = c.dAlongM() * mm / 2;
        double b = c.dAcrossM() * mm / 2;
        sheet.stroke(
                oval(midX, midY, -a, a, b, a), true, Sheet.Pen.line(INK, 0.7).filled(WOOD, 0.7));
        double apex = a - c.depthM() * mm;
        sheet.stroke(
                oval(midX, midY, apex, a, b, a), true, Sheet.Pen.line(INK, 0.4).filled("#ffffff", 1));
        double left = c.hingeLeftM() * mm;
        double right = c.hingeRightM() * mm;
        double half = c.hingeLengthM() * mm / 2;
        area(
                Sheet.Pen.line(LAY, 0.5).filled(LAY, 0.25),
                midX + apex,
                midY - half,
                midX + apex,
                midY + half,
                midX + apex - right,
                midY + half,
                midX + apex - left,
                midY - half);
        if (c.strapLeft()) {
            sheet.stroke(
                    oval(midX, midY, -a, -a + c.strapM() * mm, b, a),
                    true,
                    Sheet.Pen.line(INK, 0.4).filled("#a7997c", 1));
        }
        c.soundLeftM()
                .ifPresent(l -> line(
                        Sheet.Pen.line(KEEP, 0.7, 1, 0.8),
                        midX + apex - 1,
                        midY - half + l * mm,
                        midX + apex - Math.max(left, right) + 1,
                        midY - half + l * mm));
        c.soundRightM()
                .ifPresent(r -> line(
                        Sheet.Pen.line(KEEP, 0.7, 1, 0.8),
                        midX + apex - 1,
                        midY + half - r * mm,
                        midX + apex - Math.max(left, right) + 1,
                        midY + half - r * mm));
        if (c.walls().size() >= 3) {
            sheet.stroke(
                    c.walls().stream()
                            .map(w -> {
                                double turn = Math.toRadians(w.relDeg());
                                return new Sheet.Point(
                                        midX + Math.max(0, a - w.soundM() * mm) * Math.cos(turn),
                                        midY + Math.max(0, b - w.soundM() * mm) * Math.sin(turn));
                            })
                            .toList(),
                    true,
                    Sheet.Pen.line(KEEP, 0.5, 1, 0.8).filled("#ffffff", 0.6));
        }
        int n = 1;
        for (CutPart.Pass p : c.passes()) {
            double x = midX + a - (p.throughFace() ? c.depthM() / 2 : (p.fromM() + p.toM()) / 2) * mm + (n - 2) * 4;
            double from = p.entry() == EscapeRoutes.Side.LEFT ? midY - b - 5 : midY + b + 5;
            double to = p.entry() == EscapeRoutes.Side.LEFT
                    ? Math.min(midY + b, from + 5 + p.inM() * mm)
                    : Math.max(midY - b, from - 5 - p.inM() * mm);
            line(Sheet.Pen.line(INK, 0.5, 1.6, 1), x, from, x, to);
            sheet.disc(new Sheet.Point(x, from), 2.2, Sheet.Pen.line(INK, 0.3).filled(INK, 1));
            words(x, from + 1.1, 3, true, "#ffffff", Sheet.Align.MIDDLE, String.valueOf(n++));
        }
        if (c.wedges() || c.keepOpen()) {
            double wx = -a + (c.strapLeft() ? c.strapM() : 0) * mm + 6;
            double wy = b * Math.sqrt(Math.max(0, 1 - wx * wx / (a * a)));
            for (int sign = -1; sign <= (c.wedges() ? 1 : -1); sign += 2) {
                area(
                        Sheet.Pen.line(INK, 0.4).filled("#ffffff", 1),
                        midX + wx - 1.6,
                        midY + sign * (wy + 2),
                        midX + wx + 1.6,
                        midY + sign * (wy + 2),
                        midX + wx,
                        midY + sign * (wy - 7));
            }
        }
        for (CutPart.Way w : c.ways()) {
            double turn = Math.toRadians(w.relDeg());
            double fx = midX + (a + 3) * Math.cos(turn);
            double fy = midY + (b + 3) * Math.sin(turn);
            double tx = fx + 8 * Math.cos(turn);
            double ty = fy + 8 * Math.sin(turn);
            line(Sheet.Pen.line(ESCAPE, 1, 2.2, 1), fx, fy, tx, ty);
            words(
                    Math.max(LEFT, tx - 3),
                    ty + (turn > 0 ? 4.4 : -1.4),
                    3.6,
                    true,
                    ESCAPE,
                    Sheet.Align.LEFT,
                    w.best() ? say(PaperWords.FIRST, "way", Arg.name(w.name())) : w.name());
        }
        words(
                midX + apex - Math.max(left, right) - 1.5,
                midY + 1,
                3,
                true,
                LAY,
                Sheet.Align.RIGHT,
                say(PaperWords.HINGE));
        words(midX + (apex + a) / 2, midY + 1, 2.8, false, INK, Sheet.Align.MIDDLE, say(PaperWords.NOTCH));
        words(LEFT, midY - b - 10, 3.4, true, INK, Sheet.Align.LEFT, say(PaperWords.FROM_ABOVE));
        words(midX + 18, midY - b - 4, 2.8, false, MUTE, Sheet.Align.MIDDLE, say(PaperWords.LEFT_SIDE));
        words(midX + 18, midY + b + 7, 2.8, false, MUTE, Sheet.Align.MIDDLE, say(PaperWords.RIGHT_SIDE));
    }

    /** Part of the stump's outline between two distances from its middle along the lay. */
    private static List<Sheet.Point> oval(double midX, double midY, double fromX, double toX, double b, double whole) {
        List<Sheet.Point> up = new ArrayList<>();
        List<Sheet.Point> down = new ArrayList<>();
        int steps = 40;
        for (int i = 0; i <= steps; i++) {
            double x = fromX + (toX - fromX) * (1 - Math.cos(Math.PI * i / steps)) / 2;
            double y = b * Math.sqrt(Math.max(0, 1 - x * x / (whole * whole)));
            up.add(new Sheet.Point(midX + x, midY - y));
            down.add(0, new Sheet.Point(midX + x, midY + y));
        }
        up.addAll(down);
        return up;
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
            words(
                    x,
                    y,
                    3,
                    false,
                    INK,
                    Sheet.Align.LEFT,
                    m.rule()
                            .map(r -> words.say(Message.of(PaperWords.OWN_MEASURE)
                                    .with("measure", Arg.term(m.key()))
                                    .with("rule", r)))
                            .orElseGet(() -> words.term(m.key())));
            y += 0.8;
        }
        y += 5;
        words(
                x,
                y,
                2.8,
                false,
                MUTE,
                Sheet.Align.LEFT,
                words.say(Message.of(c.barkM().isPresent() ? PaperWords.INSIDE_BARK : PaperWords.BARK_NOT_LOOKED)
                        .with("bark", c.barkM().map(CutSheet::said))
                        .with("off", Arg.of(Dimension.SAWN, TAPE_OFF_M))));
        y += 6;
        words(x, y, 3.6, true, INK, Sheet.Align.LEFT, say(PaperWords.STAND_ON, "side", Arg.term(c.stand())));
        y += 3.8;
        words(x, y, 3, false, INK, Sheet.Align.LEFT, words.say(c.standsBecause()));
        y += 4.4;
        for (String part : wrapped(words.say(Passes.NEVER), 36)) {
            words(x, y, 3, false, KEEP, Sheet.Align.LEFT, part);
            y += 3.8;
        }
        if (c.overlapM().isPresent()) {
            words(
                    x,
                    y,
                    3,
                    false,
                    INK,
                    Sheet.Align.LEFT,
                    say(PaperWords.OVERLAP, "length", said(c.overlapM().get())));
        }
    }

    private static List<String> wrapped(String text, int most) {
        List<String> lines = new ArrayList<>();
        StringBuilder at = new StringBuilder();
        for (String w : text.split(" ", 0)) {
            if (at.length() + w.length() + 1 > most && at.length() > 0) {
                lines.add(at.toString());
                at.setLength(0);
            }
            at.append(at.length() == 0 ? "" : " ").append(w);
        }
        lines.add(at.toString());
        return lines;
    }

    /** Cuts numbered and bold, checks and signals as boxes to tick; larger when there are few. */
    private void steps() {
        List<Line> lines = new ArrayList<>();
        int n = 1;
        for (CutStep s : c.steps()) {
            boolean cuts = s.kind() == CutStep.Kind.CUT;
            List<String> parts = wrapped(
                    words.say(Message.of(PaperWords.STEP)
                            .with("step", Arg.said(s.says()))
                            .with(
                                    "measures",
                                    s.measures().isEmpty() ? Optional.empty() : Optional.of(commas(s.measures())))),
                    cuts ? 80 : 86);
            for (int i = 0; i < parts.size(); i++) {
                lines.add(new Line(
                        i > 0 ? "" : cuts ? String.valueOf(n++) : "box",
                        parts.get(i),
                        cuts,
                        s.kind() == CutStep.Kind.SIGNAL ? LAY : INK));
            }
        }
        for (Message h : c.help()) {
            List<String> parts = wrapped(words.say(h), 86);
            for (int i = 0; i < parts.size(); i++) {
                lines.add(new Line(i == 0 ? "-" : "", parts.get(i), false, MUTE));
            }
        }
        double pitch = Math.min(5.4, (H - 12 - 40) / lines.size());
        double size = Math.min(3.5, pitch * 0.74);
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
            words(LEFT + 5.6, y, size, l.bold, l.colour, Sheet.Align.LEFT, l.words);
            y += pitch;
        }
    }

    private static Arg commas(List<Message> measures) {
        return Arg.several(measures.stream().map(Arg::said).toList());
    }

    private record Line(String mark, String words, boolean bold, String colour) {}

    private void foot() {
        words(LEFT, H - 7.6, 2.5, false, MUTE, Sheet.Align.LEFT, say(PaperWords.LOCAL_CODE));
        words(LEFT, H - 4.4, 2.5, false, MUTE, Sheet.Align.LEFT, say(PaperWords.NOT_COVERED));
    }
}
