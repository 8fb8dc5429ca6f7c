package org.antevid.app.cut;

import java.util.ArrayList;
import java.util.List;
import org.antevid.app.sheet.Sheet;
import org.antevid.core.brief.CutPart;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.words.PaperWords;
import org.antevid.words.Words;

/** The stump on paper, from the side and from above, to one scale. */
final class CutDrawing extends CutPaper {
    private static final int[] SCALES = {2, 4, 5, 8, 10, 12, 15, 20, 25, 30, 40, 50, 75, 100};
    private static final double STUMP_MM = 64;

    private final int scale;
    private final double mm;

    CutDrawing(CutPart card, Words words, Sheet sheet) {
        super(card, words, sheet);
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

    /** Side view: front on the right, the apex of the notch on the level of {@code floorY}. */
    void side(double midX, double floorY) {
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
    void stump(double midX, double midY) {
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
}
