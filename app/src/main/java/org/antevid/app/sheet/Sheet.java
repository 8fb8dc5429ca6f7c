package org.antevid.app.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A sheet of paper: lines, areas, discs and words in millimetres from its upper left corner, x to the right, y down.
 * What it shows is worked out by who draws on it; this only keeps it until it is written.
 */
public final class Sheet {
    private final double widthMm;
    private final double heightMm;
    private final String title;
    private final List<Item> items = new ArrayList<>();

    public Sheet(double widthMm, double heightMm, String title) {
        this.widthMm = widthMm;
        this.heightMm = heightMm;
        this.title = title;
    }

    /** A4 lying. */
    public static Sheet a4Landscape(String title) {
        return new Sheet(297, 210, title);
    }

    /**
     * @param dashMm dash and gap; empty for a solid line
     * @param fill with its opacity 0..1
     */
    public record Pen(String colour, double widthMm, List<Double> dashMm, Optional<Fill> fill) {
        public static Pen line(String colour, double widthMm, double... dashMm) {
            return new Pen(
                    colour, widthMm, java.util.Arrays.stream(dashMm).boxed().toList(), Optional.empty());
        }

        public Pen filled(String with, double opacity) {
            return new Pen(colour, widthMm, dashMm, Optional.of(new Fill(with, opacity)));
        }
    }

    public record Fill(String colour, double opacity) {}

    public record Point(double x, double y) {}

    /** Where the given point lies of the words. */
    public enum Align {
        LEFT("start"),
        MIDDLE("middle"),
        RIGHT("end");

        private final String anchor;

        Align(String anchor) {
            this.anchor = anchor;
        }

        /** @return as SVG calls it */
        String anchor() {
            return anchor;
        }
    }

    /** What is on the sheet, in the order it is drawn. */
    public sealed interface Item permits Stroke, Disc, Words, Window {}

    public record Stroke(List<Point> points, boolean closed, Pen pen) implements Item {}

    public record Disc(Point centre, double radiusMm, Pen pen) implements Item {}

    public record Words(Point at, double heightMm, boolean bold, String colour, Align align, String text)
            implements Item {}

    /** What follows is cut off outside this rectangle; an empty one ends that. */
    public record Window(Optional<Rect> rect) implements Item {}

    public record Rect(double x, double y, double widthMm, double heightMm) {}

    public Sheet stroke(List<Point> points, boolean closed, Pen pen) {
        if (points.size() >= 2) {
            items.add(new Stroke(List.copyOf(points), closed, pen));
        }
        return this;
    }

    public Sheet disc(Point centre, double radiusMm, Pen pen) {
        items.add(new Disc(centre, radiusMm, pen));
        return this;
    }

    public Sheet words(Point at, double heightMm, boolean bold, String colour, Align align, String text) {
        items.add(new Words(at, heightMm, bold, colour, align, text));
        return this;
    }

    public Sheet window(Rect rect) {
        items.add(new Window(Optional.of(rect)));
        return this;
    }

    public Sheet wholeSheet() {
        items.add(new Window(Optional.empty()));
        return this;
    }

    public double widthMm() {
        return widthMm;
    }

    public double heightMm() {
        return heightMm;
    }

    public String title() {
        return title;
    }

    public List<Item> items() {
        return List.copyOf(items);
    }
}
