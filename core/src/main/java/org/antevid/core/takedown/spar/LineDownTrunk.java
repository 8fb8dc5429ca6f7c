package org.antevid.core.takedown.spar;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * What leading the line down the trunk takes off a weak section, against leading it straight away. Statics.
 *
 * @param reductionRel of the moment; empty where the line led away bends nothing
 */
public record LineDownTrunk(
        double momentAwayNm,
        double momentDownNm,
        double momentRedirectedNm,
        Optional<Double> reductionRel,
        List<Remarks.Told> remarks) {
    private static final double BENDS = 1.5;
    private static final Point UPRIGHT = new Point(0, 0, 1);

    /** Where the leg is led to that goes away, seen from the side the piece hangs on. */
    public enum Side {
        LOAD(1, 0),
        OPPOSITE(-1, 0),
        ACROSS(0, 1);

        private final double east;
        private final double north;

        Side(double east, double north) {
            this.east = east;
            this.north = north;
        }
    }

    /**
     * @param blockOffsetM block from the axis, on the side of the load
     * @param leadDeg led-away leg from straight down
     * @param trunkOffsetM line beside the trunk, from its axis
     */
    public record Rigged(
            double lineN,
            double swayFactor,
            double efficiency,
            double blockHeightM,
            double blockOffsetM,
            double sectionHeightM,
            double leadDeg,
            Side side,
            double redirectHeightM,
            double trunkOffsetM) {
        private Point away(Point from) {
            double a = Math.toRadians(leadDeg);
            return from.plus(new Point(side.east * Math.sin(a), side.north * Math.sin(a), -Math.cos(a)));
        }
    }

    /** @throws RefusedInput {@code SECTION_ABOVE_BLOCK}, {@code REDIRECT_ABOVE_BLOCK} */
    public static LineDownTrunk of(Rigged r) {
        if (r.sectionHeightM >= r.blockHeightM) {
            throw new RefusedInput(Refusal.SECTION_ABOVE_BLOCK, "section_height_m");
        }
        if (r.redirectHeightM >= r.blockHeightM) {
            throw new RefusedInput(Refusal.REDIRECT_ABOVE_BLOCK, "redirect_height_m");
        }
        Point block = new Point(r.blockOffsetM, 0, r.blockHeightM);
        Point turn = new Point(r.trunkOffsetM, 0, r.redirectHeightM);
        LinePath.Node piece = new LinePath.Node(block.plus(new Point(0, 0, -1)), false, 1);
        LinePath.Node aloft = new LinePath.Node(block, true, r.efficiency);
        LinePath.Node below = new LinePath.Node(turn, true, 1);
        double away = moment(r, List.of(piece, aloft, new LinePath.Node(r.away(block), false, 1)));
        double down = moment(r, List.of(piece, aloft, below));
        double redirected = moment(r, List.of(piece, aloft, below, new LinePath.Node(r.away(turn), false, 1)));
        return new LineDownTrunk(
                away,
                down,
                redirected,
                Optional.of(1 - down / away).filter(x -> away > 0),
                new Remarks()
                        .when(away >= BENDS * down && away > 0, Remark.LEAD_AWAY_BENDS)
                        .when(r.redirectHeightM > r.sectionHeightM, Remark.REDIRECT_ABOVE_WEAK_SECTION)
                        .told());
    }

    private static double moment(Rigged r, List<LinePath.Node> nodes) {
        LinePath line = new LinePath(r.lineN, nodes, r.swayFactor);
        return line.tensions().stream()
                .mapToDouble(legs -> SparLoad.at(r.sectionHeightM, UPRIGHT, line.onStem(legs))
                        .momentNm())
                .max()
                .orElse(0);
    }
}
