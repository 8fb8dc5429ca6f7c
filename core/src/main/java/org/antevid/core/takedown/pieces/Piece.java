package org.antevid.core.takedown.pieces;

import java.util.List;
import java.util.Optional;
import org.antevid.core.takedown.Finding;
import org.antevid.core.takedown.drop.FreeDrop;
import org.antevid.core.takedown.spar.Point;

/**
 * One piece and what it does on its way down.
 *
 * @param number its turn, from 1
 * @param lengthM from the cut to its farthest end
 * @param diameterM at the cut
 * @param massHighKg at its heavy end
 * @param com centre of mass, foot of the stem at nought: x east, y north, z up
 * @param from the cut, {@code to} its farthest end
 * @param tie the knot, {@code block} where the line turns, {@code brake} where it ends; empty without a line
 * @param drift how it is drawn across; empty where it is not
 * @param climber whoever cuts it; empty where nobody hangs on this tree for it
 * @param topping how its top goes over a hinge; empty where it does not
 * @param runs the same piece held, and let run one and two metres; none without a line
 * @param led what the line bends, led down the trunk and away from it; none without a line
 * @param longest longest piece above this cut that every link allows; empty where it is not limited by them
 * @param lowerBlockM height of a block at which the stem holds; empty where it does, or where none helps
 * @param raisedNm by how much it raises the moment of what stands
 * @param drop where it can end, if the line goes too
 */
public record Piece(
        int number,
        Cut cut,
        double lengthM,
        double diameterM,
        double massKg,
        double massHighKg,
        Point com,
        Point from,
        Point to,
        Optional<Point> tie,
        Optional<Point> block,
        Optional<Point> brake,
        Optional<Drift> drift,
        Optional<Climber> climber,
        Optional<Topping> topping,
        Loading loading,
        List<Run> runs,
        List<Led> led,
        Optional<Longest> longest,
        Optional<Double> lowerBlockM,
        Remains after,
        double raisedNm,
        FreeDrop drop,
        List<PieceRemark> remarks) {
    /**
     * @param faceM depth of the face, {@code hingeM} of the hinge
     * @param pushN it pushes the stem back with at most, as it lets go
     * @param trusted whether the hinge is relied on until it has gone over
     */
    public record Topping(double faceM, double hingeM, double pushN, boolean trusted) {}

    /** @param worst the link that is used most */
    public record Run(double runM, Optional<Link> worst, Optional<Double> roomM, boolean holds) {}

    /**
     * @param trunk down the trunk, else to a brake on another tree
     * @param worst section of the stem that is used most
     */
    public record Led(boolean trunk, Optional<Link> worst) {}

    /**
     * @param lengthM not rounded; empty: none is short enough
     * @param worst the link that limits it
     */
    public record Longest(Optional<Double> lengthM, Optional<Link> worst) {}

    public Piece {
        runs = List.copyOf(runs);
        led = List.copyOf(led);
        remarks = List.copyOf(remarks);
    }

    public Finding level() {
        return remarks.stream().map(PieceRemark::level).reduce(Finding.NONE, (a, b) -> a.compareTo(b) > 0 ? a : b);
    }
}
