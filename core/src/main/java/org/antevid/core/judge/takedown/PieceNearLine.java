package org.antevid.core.judge.takedown;

import static org.antevid.core.judge.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.site.VoltageClass;
import org.antevid.core.takedown.crane.LineDistance;
import org.antevid.core.takedown.pieces.Piece;

/**
 * Nobody works a tree and no piece of it swings nearer to a live line than its distance. How high the line hangs is not
 * on the plan: level distance counts, and a line nobody asked about as the worst. Local code.
 */
public final class PieceNearLine implements Rule {
    /** A conductor sways so far (judgement). */
    private static final double SWAY_M = 1;

    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().takenDown().stream()
                .flatMap(t -> s.stem(t.label()).stream().flatMap(f -> s.site().features().stream()
                        .filter(Feature::live)
                        .flatMap(line -> near(t, f.reading().at(), line))));
    }

    private static Stream<Finding> near(Situation.TakenDown t, Spot foot, Feature line) {
        VoltageClass voltage = line.detail().voltage().orElse(VoltageClass.NOT_KNOWN);
        double needed = LineDistance.clearanceM(voltage);
        List<Integer> pieces = new ArrayList<>();
        double least = Double.MAX_VALUE;
        for (Piece p : t.plan().coming()) {
            double away = Math.max(0, away(p, foot, line) - SWAY_M);
            if (away < needed) {
                pieces.add(p.number());
                least = Math.min(least, away);
            }
        }
        return pieces.isEmpty()
                ? Stream.empty()
                : Stream.of(Finding.of(RuleId.PIECE_NEAR_LINE, STOP, t.label(), line.id())
                        .with("count", Arg.count(pieces.size()))
                        .with(
                                "pieces",
                                Arg.several(pieces.stream().map(Arg::count).toList()))
                        .with("line", Arg.name(line.name()))
                        .with("away", Arg.down(Dimension.LENGTH, least))
                        .with("needed", Arg.up(Dimension.LENGTH, needed))
                        .with("asked", Arg.flag(voltage != VoltageClass.NOT_KNOWN)));
    }

    /** Whoever cuts hangs where the piece begins; it turns about its knot as far as it is long. */
    private static double away(Piece p, Spot foot, Feature line) {
        Spot cut =
                new Spot(foot.eastM() + p.from().x(), foot.northM() + p.from().y());
        Spot end = new Spot(foot.eastM() + p.to().x(), foot.northM() + p.to().y());
        double lies = line.shape().distanceTo(Shape.line(List.of(cut, cut.at(0, 0.01), end)));
        return p.cut().way().roped() ? Math.min(lies, line.shape().distanceTo(cut) - p.lengthM()) : lies;
    }
}
