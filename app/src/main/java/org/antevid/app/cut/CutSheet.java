package org.antevid.app.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.app.sheet.Sheet;
import org.antevid.core.card.CutStep;
import org.antevid.core.card.Passes;
import org.antevid.core.plan.CutPart;

/** The cut card on A5, read at arm's length: side view and stump to one scale, the measures, the order of the cuts. */
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
    private static final double STUMP_MM = 52;

    private final CutPart c;
    private final Sheet sheet;
    private final int scale;
    private final double mm;

    private CutSheet(CutPart card, String title) {
        this.c = card;
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

    static Sheet of(CutPart card, String job, String state, Optional<String> notProven) {
        CutSheet s = new CutSheet(card, job + ": cut card of " + card.stem());
        s.head(job, state, notProven);
        s.side(LEFT + 30, 62);
        s.stump(LEFT + 30, 113);
        double y = s.measures(78, 38);
        s.steps(Math.max(144, y + 4));
        s.foot();
        return s.sheet;
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
        words(LEFT, 15, 7, true, INK, Sheet.Align.LEFT, "Cut card " + c.stem());
        words(RIGHT, 15, 7, true, LAY, Sheet.Align.RIGHT, String.format(Locale.ROOT, "lay %03.0f", c.layDeg()));
        words(LEFT, 21, 3.6, true, INK, Sheet.Align.LEFT, c.school() + ", " + c.backCut() + ", bar " + Math.round(100 * c.barM()) + " cm: " + c.barReach());
        words(LEFT, 26, 3, false, MUTE, Sheet.Align.LEFT, job + ", " + state);
        notProven.ifPresent(w -> words(LEFT, 31, 3, true, KEEP, Sheet.Align.LEFT, cut(w, 92)));
        line(Sheet.Pen.line(INK, 0.4), LEFT, 33, RIGHT, 33);
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
        double mouth = Math.min(16, c.mouthM().map(m -> m * mm).orElse(16.0));
        double foot = c.slopingFromBelow() ? mouth : -mouth;
        double step = c.stepM() * mm;
        Sheet.Pen bark = Sheet.Pen.line(INK, 0.6);
        words(LEFT, 38, 3, true, INK, Sheet.Align.LEFT, "From the side");
        line(bark, back, floorY - 20, back, floorY + 12);
        line(bark, front, floorY - 20, front, floorY + Math.min(0, foot));
        line(bark, front, floorY + Math.max(0, foot), front, floorY + 12);
        area(Sheet.Pen.line(INK, 0.5).filled("#ffffff", 1), front, floorY + foot, apex, floorY, front, floorY);
        area(Sheet.Pen.line(LAY, 0.4).filled(LAY, 0.2), apex - thick, floorY - 3, apex, floorY - 3, apex, floorY + 3, apex - thick, floorY + 3);
        double to = c.strapLeft() ? back + c.strapM() * mm : back;
        line(Sheet.Pen.line(INK, 1.1), to, floorY - step, apex - thick, floorY - step);
        if (c.strapLeft()) {
            line(Sheet.Pen.line(INK, 0.6, 1.4, 1), back, floorY - step + 2.2, to, floorY - step + 2.2);
        }
        words(apex + 3, floorY + (c.slopingFromBelow() ? 5.4 : -2.6), 3.4, true, INK, Sheet.Align.LEFT, Math.round(c.faceDeg()) + " deg");
        line(Sheet.Pen.line(LAY, 0.9), front + 2, floorY - 16, front + 9, floorY - 16);
        area(Sheet.Pen.line(LAY, 0.2).filled(LAY, 1), front + 12, floorY - 16, front + 8, floorY - 18, front + 8, floorY - 14);
        double y = floorY + 15;
        line(Sheet.Pen.line(MUTE, 0.25), back, y, front, y);
        double[] marks = c.strapLeft() ? new double[] {back, to, apex - thick, apex, front} : new double[] {back, apex - thick, apex, front};
        String[] name = c.strapLeft() ? new String[] {"strap", "bored", "hinge", "notch"} : new String[] {"back cut", "hinge", "notch"};
        for (int i = 0; i < marks.length; i++) {
            line(Sheet.Pen.line(MUTE, 0.25), marks[i], y - 1, marks[i], y + 1);
            if (i < name.length) {
                words((marks[i] + marks[i + 1]) / 2, y + (i % 2 == 0 ? 4 : -1.6), 2.6, false, INK, Sheet.Align.MIDDLE, name[i]);
            }
        }
        words(LEFT, floorY + 22.5, 2.8, false, MUTE, Sheet.Align.LEFT, String.format(Locale.ROOT, "floor of the notch %.0f cm above ground, 1 : %d on A5", 100 * c.cutHeightM(), scale));
    }

    /** The stump from above, front to the right. */
    private void stump(double midX, double midY) {
        double a = c.dAlongM() * mm / 2;
        double b = c.dAcrossM() * mm / 2;
        sheet.stroke(oval(midX, midY, -a, a, a, b, a), true, Sheet.Pen.line(INK, 0.7).filled(WOOD, 0.7));
        double apex = a - c.depthM() * mm;
        sheet.stroke(oval(midX, midY, apex, a, a, b, a), true, Sheet.Pen.line(INK, 0.4).filled("#ffffff", 1));
        double left = c.hingeLeftM() * mm;
        double right = c.hingeRightM() * mm;
        double half = c.hingeLengthM() * mm / 2;
        area(Sheet.Pen.line(LAY, 0.5).filled(LAY, 0.25), midX + apex, midY - half, midX + apex, midY + half, midX + apex - right, midY + half, midX + apex - left, midY - half);
        if (c.strapLeft()) {
            sheet.stroke(oval(midX, midY, -a, -a + c.strapM() * mm, a, b, a), true, Sheet.Pen.line(INK, 0.4).filled("#a7997c", 1));
        }
        c.soundLeftM().ifPresent(l -> line(Sheet.Pen.line(KEEP, 0.7, 1, 0.8), midX + apex - 1, midY - half + l * mm, midX + apex - Math.max(left, right) + 1, midY - half + l * mm));
        c.soundRightM().ifPresent(r -> line(Sheet.Pen.line(KEEP, 0.7, 1, 0.8), midX + apex - 1, midY + half - r * mm, midX + apex - Math.max(left, right) + 1, midY + half - r * mm));
        int n = 1;
        for (CutPart.Pass p : c.passes()) {
            double x = midX + a - (p.throughFace() ? c.depthM() / 2 : (p.fromM() + p.toM()) / 2) * mm + (n - 2) * 4;
            double from = p.entry().equals("left") ? midY - b - 5 : midY + b + 5;
            double to = p.entry().equals("left") ? Math.min(midY + b, from + 5 + p.inM() * mm) : Math.max(midY - b, from - 5 - p.inM() * mm);
            line(Sheet.Pen.line(INK, 0.5, 1.6, 1), x, from, x, to);
            sheet.disc(new Sheet.Point(x, from), 2.2, Sheet.Pen.line(INK, 0.3).filled(INK, 1));
            words(x, from + 1.1, 3, true, "#ffffff", Sheet.Align.MIDDLE, String.valueOf(n++));
        }
        if (c.wedges() || c.keepOpen()) {
            double wx = -a + (c.strapLeft() ? c.strapM() : 0) * mm + 6;
            double wy = b * Math.sqrt(Math.max(0, 1 - wx * wx / (a * a)));
            for (int sign = -1; sign <= (c.wedges() ? 1 : -1); sign += 2) {
                area(Sheet.Pen.line(INK, 0.4).filled("#ffffff", 1), midX + wx - 1.6, midY + sign * (wy + 2), midX + wx + 1.6, midY + sign * (wy + 2), midX + wx, midY + sign * (wy - 7));
            }
        }
        for (CutPart.Way w : c.ways()) {
            double turn = Math.toRadians(w.relDeg());
            double fx = midX + (a + 3) * Math.cos(turn);
            double fy = midY + (b + 3) * Math.sin(turn);
            double tx = fx + 8 * Math.cos(turn);
            double ty = fy + 8 * Math.sin(turn);
            line(Sheet.Pen.line(ESCAPE, 1, 2.2, 1), fx, fy, tx, ty);
            words(tx, ty + (turn > 0 ? 4 : -1), 3.4, true, ESCAPE, Sheet.Align.MIDDLE, w.name() + (w.best() ? " first" : ""));
        }
        words(midX + apex - Math.max(left, right) - 1.5, midY + 1, 3, true, LAY, Sheet.Align.RIGHT, "hinge");
        words(midX + (apex + a) / 2, midY + 1, 2.8, false, INK, Sheet.Align.MIDDLE, "notch");
        words(LEFT, midY - b - 4, 3, true, INK, Sheet.Align.LEFT, "From above");
        words(midX, midY - b - 8.5, 2.6, false, MUTE, Sheet.Align.MIDDLE, "left side");
        words(midX, midY + b + 10, 2.6, false, MUTE, Sheet.Align.MIDDLE, "right side");
    }

    /** Part of the stump's outline between two distances from its middle along the lay. */
    private static List<Sheet.Point> oval(double midX, double midY, double fromX, double toX, double a, double b, double whole) {
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

    private double measures(double x, double top) {
        double y = top;
        words(x, y, 3.4, true, INK, Sheet.Align.LEFT, "Measures, to the safe side");
        y += 2;
        boolean outside = c.barkM().isPresent();
        for (CutPart.Said m : c.measures()) {
            line(Sheet.Pen.line("#d9d5c8", 0.25), x, y + 1, RIGHT, y + 1);
            y += 6.2;
            words(x, y - 0.4, 3, false, INK, Sheet.Align.LEFT, m.words() + (m.own() ? " *" : ""));
            words(RIGHT, y, 4.6, true, INK, Sheet.Align.RIGHT, m.metric());
            String under = m.outside().map(o -> "from the bark " + o).orElse("") + (m.rule().isPresent() ? (m.outside().isPresent() ? ", " : "") + "rule " + m.rule().get() : "");
            if (!under.isEmpty()) {
                y += 3.4;
                words(RIGHT, y, 2.6, false, MUTE, Sheet.Align.RIGHT, under);
            }
        }
        y += 5;
        words(x, y, 2.6, false, MUTE, Sheet.Align.LEFT, (outside ? String.format(Locale.ROOT, "wood inside %.0f mm of bark", 1000 * c.barkM().orElseThrow()) : "bark NOT looked at: counted as wood") + ", each +-5 mm");
        y += 3.6;
        words(x, y, 2.6, false, MUTE, Sheet.Align.LEFT, "* the leader's own");
        y += 5;
        words(x, y, 3, true, INK, Sheet.Align.LEFT, "Stand on the " + c.stand() + ":");
        y += 3.8;
        words(x, y, 2.8, false, INK, Sheet.Align.LEFT, c.standsBecause());
        y += 4.4;
        for (String part : wrapped(Passes.NEVER, 46)) {
            words(x, y, 2.6, false, KEEP, Sheet.Align.LEFT, part);
            y += 3.4;
        }
        if (c.overlapM().isPresent()) {
            words(x, y, 2.6, false, INK, Sheet.Align.LEFT, String.format(Locale.ROOT, "passes overlap by %.0f mm", Math.floor(1000 * c.overlapM().get())));
            y += 3.4;
        }
        return y;
    }

    private static List<String> wrapped(String text, int most) {
        List<String> lines = new ArrayList<>();
        StringBuilder at = new StringBuilder();
        for (String w : text.split(" ")) {
            if (at.length() + w.length() + 1 > most && at.length() > 0) {
                lines.add(at.toString());
                at.setLength(0);
            }
            at.append(at.length() == 0 ? "" : " ").append(w);
        }
        lines.add(at.toString());
        return lines;
    }

    private void steps(double top) {
        double y = top;
        line(Sheet.Pen.line(INK, 0.4), LEFT, y - 4, RIGHT, y - 4);
        int n = 1;
        double room = (H - 9 - y) / Math.max(1, c.steps().size() + c.help().size() * 0.9);
        double pitch = Math.min(4.4, room);
        double size = Math.min(2.9, pitch * 0.72);
        int most = (int) (248 / size / 0.92);
        for (CutStep s : c.steps()) {
            boolean cuts = s.kind() == CutStep.Kind.CUT;
            if (cuts) {
                words(LEFT + 3.2, y, size, true, INK, Sheet.Align.RIGHT, String.valueOf(n++));
            } else {
                double b = size * 0.75;
                area(Sheet.Pen.line(s.kind() == CutStep.Kind.SIGNAL ? LAY : INK, 0.25), LEFT + 3.2 - b, y - b, LEFT + 3.2, y - b, LEFT + 3.2, y, LEFT + 3.2 - b, y);
            }
            int room2 = s.measure().isEmpty() ? most : most - s.measure().length() - 4;
            words(LEFT + 5.4, y, size, cuts, s.kind() == CutStep.Kind.SIGNAL ? LAY : INK, Sheet.Align.LEFT, cut(s.words(), room2));
            words(RIGHT, y, size, true, INK, Sheet.Align.RIGHT, s.measure());
            y += pitch;
        }
        for (String h : c.help()) {
            words(LEFT, y, size * 0.94, false, MUTE, Sheet.Align.LEFT, cut(h, (int) (most * 1.04)));
            y += pitch * 0.9;
        }
    }

    private void foot() {
        words(LEFT, H - 4, 2.3, false, MUTE, Sheet.Align.LEFT, "Local code, the maker's limits and the qualified person on site outrank this card. It does not cover a moved root plate or a stem under tension.");
    }
}
