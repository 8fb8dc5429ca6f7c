package org.antevid.app.sheet;

import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleFunction;
import org.antevid.core.site.Spot;

/** A map on a sheet: to a whole scale, north up, with its frame, its arrow and a bar to measure by. */
public final class MapFrame {
    private static final int[] SCALES = {100, 200, 250, 500, 750, 1000, 1500, 2000, 5000};
    private static final double[] BARS_M = {50, 20, 10, 5};
    private static final double LONGEST_BAR_MM = 50;
    private static final int PARTS = 5;
    private static final double PART_MM = 2;
    private static final String INK = "#1d2a26";

    private final Sheet sheet;
    private final Sheet.Rect room;
    private final Spot middle;
    private final int scale;

    /**
     * @param middle what lies in the middle of the room
     * @param wideM how much has to fit from west to east, metres
     * @param highM from south to north
     */
    public MapFrame(Sheet sheet, Sheet.Rect room, Spot middle, double wideM, double highM) {
        this.sheet = sheet;
        this.room = room;
        this.middle = middle;
        this.scale = Arrays.stream(SCALES)
                .filter(s -> wideM * 1000 / s <= room.widthMm() && highM * 1000 / s <= room.heightMm())
                .findFirst()
                .orElse(SCALES[SCALES.length - 1]);
    }

    /** @return metres on the ground for a metre on paper */
    public int scale() {
        return scale;
    }

    public double mmPerM() {
        return 1000.0 / scale;
    }

    public Sheet.Point at(Spot s) {
        return new Sheet.Point(
                room.x() + room.widthMm() / 2 + (s.eastM() - middle.eastM()) * mmPerM(),
                room.y() + room.heightMm() / 2 - (s.northM() - middle.northM()) * mmPerM());
    }

    public List<Sheet.Point> at(List<Spot> spots) {
        return spots.stream().map(this::at).toList();
    }

    /** Words beneath a spot, or above it; nothing where the spot is off the map. */
    public void label(Spot s, double downMm, double sizeMm, String colour, String text, boolean bold) {
        Sheet.Point p = at(s);
        boolean on = p.x() > room.x() + 1
                && p.x() < room.x() + room.widthMm() - 1
                && p.y() > room.y() + 2
                && p.y() < room.y() + room.heightMm() - 1;
        if (on) {
            sheet.words(new Sheet.Point(p.x(), p.y() + downMm), sizeMm, bold, colour, Sheet.Align.MIDDLE, text);
        }
    }

    /** What follows is cut off at the frame. */
    public void begin() {
        sheet.window(room);
    }

    /** Draws the frame and the arrow to the north. */
    public void end() {
        double x = room.x();
        double y = room.y();
        sheet.wholeSheet();
        sheet.stroke(
                List.of(
                        new Sheet.Point(x, y),
                        new Sheet.Point(x + room.widthMm(), y),
                        new Sheet.Point(x + room.widthMm(), y + room.heightMm()),
                        new Sheet.Point(x, y + room.heightMm())),
                true,
                Sheet.Pen.line(INK, 0.3));
        double n = x + 7;
        sheet.stroke(
                        List.of(
                                new Sheet.Point(n, y + 4),
                                new Sheet.Point(n + 2.4, y + 14),
                                new Sheet.Point(n, y + 12),
                                new Sheet.Point(n - 2.4, y + 14)),
                        true,
                        Sheet.Pen.line(INK, 0.2).filled(INK, 1))
                .words(new Sheet.Point(n, y + 18.5), 3.6, true, INK, Sheet.Align.MIDDLE, "N");
    }

    /**
     * The bar is as long as it says on paper: measure it before you measure with it.
     *
     * @param downMm beneath the frame
     * @param length metres as the reader says them
     * @param says what is said of the scale
     */
    public void bar(double downMm, DoubleFunction<String> length, String says) {
        double mostM = LONGEST_BAR_MM / mmPerM();
        double barM = Arrays.stream(BARS_M).filter(m -> m <= mostM).findFirst().orElse(BARS_M[BARS_M.length - 1]);
        double y = room.y() + room.heightMm() + downMm;
        double w = barM * mmPerM();
        for (int i = 0; i < PARTS; i++) {
            Sheet.Pen pen = Sheet.Pen.line(INK, 0.2).filled(i % 2 == 0 ? INK : "#ffffff", 1);
            double a = room.x() + w * i / PARTS;
            double b = room.x() + w * (i + 1) / PARTS;
            sheet.stroke(
                    List.of(
                            new Sheet.Point(a, y),
                            new Sheet.Point(b, y),
                            new Sheet.Point(b, y + PART_MM),
                            new Sheet.Point(a, y + PART_MM)),
                    true,
                    pen);
        }
        sheet.words(new Sheet.Point(room.x(), y - 1.4), 3, false, INK, Sheet.Align.LEFT, "0")
                .words(new Sheet.Point(room.x() + w, y - 1.4), 3, false, INK, Sheet.Align.MIDDLE, length.apply(barM))
                .words(new Sheet.Point(room.x() + w + 10, y + 1.8), 3.4, true, INK, Sheet.Align.LEFT, says);
    }
}
