package org.antevid.app.tangle.web;

import java.util.List;
import java.util.stream.IntStream;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.tangle.beam.Bind;
import org.antevid.core.tangle.beam.BindSeverity;
import org.antevid.core.tangle.beam.Squeeze;
import org.antevid.core.tangle.beam.Support;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.Rest;
import org.antevid.core.tangle.picture.SideFigure;

/** A stem of the tangle seen from beside it, as screens draw it. */
final class SideViews {
    static final double EDGE_EVERY_M = 0.5;
    private static final double MARK_EVERY_M = 2;
    private static final int MANY_MARKS = 9;

    private SideViews() {}

    /** Which side of a stretch of the stem is squeezed, and how hard. */
    record EdgeView(
            double fromM,
            double toM,
            List<SideFigure.Point> top,
            List<SideFigure.Point> bottom,
            Squeeze squeeze,
            BindSeverity severity) {}

    /**
     * The stem seen from beside it, to scale: level distance from the butt and height above ground.
     *
     * @param rests where it touches, in the order of the stem's rests
     * @param marks places along it that are written beside it
     */
    record SideView(
            List<SideFigure.Point> outline,
            List<SideFigure.Point> rests,
            List<SideFigure.Point> hidden,
            List<SideMark> marks,
            double widthM,
            double heightM) {
        static SideView of(SideFigure f, List<Rest> rests, List<Member.Hidden> hidden) {
            List<SideFigure.Point> outline = f.outline(0, f.lengthM());
            return new SideView(
                    outline,
                    rests.stream()
                            .map(r -> r.side() == Support.Side.BELOW ? f.bottom(r.xM()) : f.top(r.xM()))
                            .toList(),
                    hidden.stream()
                            .flatMap(h -> f.outline(h.fromM(), Math.min(h.toM(), f.lengthM())).stream())
                            .toList(),
                    along(f),
                    outline.stream().mapToDouble(SideFigure.Point::alongM).max().orElse(0),
                    outline.stream()
                            .mapToDouble(SideFigure.Point::heightM)
                            .max()
                            .orElse(0));
        }
    }

    /** A place along the stem that is written beside it. */
    record SideMark(
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double xM, SideFigure.Point at) {}

    private static List<SideMark> along(SideFigure f) {
        double every = f.lengthM() > MANY_MARKS * MARK_EVERY_M ? 2 * MARK_EVERY_M : MARK_EVERY_M;
        return IntStream.rangeClosed(0, (int) (f.lengthM() / every))
                .mapToObj(i -> new SideMark(i * every, f.axis(i * every)))
                .toList();
    }

    static List<EdgeView> edges(Bind b, SideFigure f) {
        return b.cuts().stream()
                .map(c -> {
                    double from = c.xM() - EDGE_EVERY_M / 2;
                    double to = c.xM() + EDGE_EVERY_M / 2;
                    return new EdgeView(
                            from,
                            to,
                            List.of(f.top(from), f.top(to)),
                            List.of(f.bottom(from), f.bottom(to)),
                            c.section().squeeze(),
                            c.severity());
                })
                .toList();
    }
}
