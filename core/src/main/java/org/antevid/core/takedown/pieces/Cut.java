package org.antevid.core.takedown.pieces;

import java.util.Optional;
import org.antevid.core.quantity.Require;

/**
 * A cut on the figure and what becomes of all beyond it.
 *
 * @param limb the limb that is cut; empty: the stem
 * @param atM along the limb from the stem, or of the stem above ground
 * @param tieM where the line is tied, from the cut along the piece; empty: the usual place
 * @param blockM height of the block above ground; empty: the usual place below the cut
 * @param runM line the brake lets out, 0..20 m
 * @param towardDeg azimuth a top goes to over its hinge; empty: nobody said, and it may go any way
 */
public record Cut(
        Optional<String> limb,
        double atM,
        Way way,
        Optional<Double> tieM,
        Optional<Double> blockM,
        Optional<Double> runM,
        Optional<Double> towardDeg) {
    /** Let out where nobody says how much (judgement). */
    private static final double USUAL_RUN_M = 1;

    public Cut {
        Require.within(atM, 0, 120, "atM");
        tieM.ifPresent(t -> Require.within(t, 0, 60, "tieM"));
        blockM.ifPresent(b -> Require.within(b, 0, 120, "blockM"));
        runM.ifPresent(r -> Require.within(r, 0, 20, "runM"));
        towardDeg.ifPresent(d -> Require.within(d, -360, 720, "towardDeg"));
    }

    /** Nobody said where it goes. */
    public Cut(
            Optional<String> limb,
            double atM,
            Way way,
            Optional<Double> tieM,
            Optional<Double> blockM,
            Optional<Double> runM) {
        this(limb, atM, way, tieM, blockM, runM, Optional.empty());
    }

    /** @return azimuth it goes to over its hinge; empty of what is no top of a stem, and while nobody said */
    public Optional<Double> facingDeg() {
        return towardDeg.filter(d -> way == Way.TOPPED && limb.isEmpty());
    }

    /** @return line the brake lets out, metres; 0 where it holds */
    public double letsOutM() {
        return way == Way.LET_RUN ? runM.orElse(USUAL_RUN_M) : 0;
    }

    Cut at(double otherM) {
        return new Cut(limb, otherM, way, tieM, blockM, runM, towardDeg);
    }

    Cut blockAt(double otherM) {
        return new Cut(limb, atM, way, tieM, Optional.of(otherM), runM, towardDeg);
    }

    Cut by(Way other, Optional<Double> run) {
        return new Cut(limb, atM, other, tieM, blockM, run, towardDeg);
    }

    Cut toward(double deg) {
        return new Cut(limb, atM, way, tieM, blockM, runM, Optional.of(deg));
    }
}
