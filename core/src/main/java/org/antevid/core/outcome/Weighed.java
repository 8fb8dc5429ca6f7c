package org.antevid.core.outcome;

import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.MassPart;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.WeighedBefore;

/**
 * A piece of a stem on a scale.
 *
 * @param fromM lower end along the stem from the ground; of a log alone, else 0
 * @param toM upper end; of a log alone, else 0
 * @param weightKg hanging free and still, hook and slings off it, 1..200000
 */
public record Weighed(MassPart part, double fromM, double toM, double weightKg, WeighedBy by) {
    private static final double LONGEST_M = 120;
    private static final double HEAVIEST_KG = 200_000;
    /** So far beside what was reckoned, the wrong piece or unit is likelier than the weight (judgement). */
    private static final double ODD = 2;

    private static final double MOST_BESIDE = 10;

    /** @throws RefusedInput for a log without length, and for a weight that is none */
    public Weighed {
        Require.within(weightKg, 1, HEAVIEST_KG, "weightKg");
        if (part == MassPart.STEM) {
            Require.within(fromM, 0, LONGEST_M, "fromM");
            Require.within(toM, 0, LONGEST_M, "toM");
            if (!(toM > fromM)) {
                throw new RefusedInput(
                        Message.of(Refusal.BELOW_LOWER_END).with("low", Arg.of(Dimension.HEIGHT, fromM)), "toM");
            }
        } else {
            fromM = 0;
            toM = 0;
        }
    }

    /**
     * @return what the same piece was reckoned at, from what was measured of the stem and nothing that was weighed
     *     before; empty while its diameter or height is not known
     */
    public Optional<Double> reckonedKg(StemReading stem) {
        StemReading bare = stem.weighed(WeighedBefore.NOTHING);
        return switch (part) {
            case STEM -> bare.logKg(fromM, toM);
            case CROWN -> bare.mass(StemMass.USUAL_CUT_M).map(StemMass::crownKg);
            case WHOLE -> bare.mass(StemMass.USUAL_CUT_M).map(StemMass::massKg);
        };
    }

    /**
     * @return weighed over reckoned
     * @throws RefusedInput more than ten times beside it: that is another piece, or another unit
     */
    public double ratio(double reckonedKg) {
        return Require.within(weightKg, reckonedKg / MOST_BESIDE, reckonedKg * MOST_BESIDE, "weightKg") / reckonedKg;
    }

    /** @return whether it lies so far beside what was reckoned that it is asked back */
    public boolean odd(double reckonedKg) {
        double ratio = weightKg / reckonedKg;
        return ratio > ODD || ratio < 1 / ODD;
    }
}
