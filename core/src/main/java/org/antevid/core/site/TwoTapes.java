package org.antevid.core.site;

import java.util.List;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * A place from two tapes out of two known points. There are two such places, one on either side of the line between the
 * points; the person says which. Horizontal metres. Source: geometry.
 *
 * @param places one or two places, first the one to the right of the line from {@code a} to {@code b}
 * @param sigmaM one sigma of the place in the worse direction, where each tape has 0.1 m
 */
public record TwoTapes(List<Spot> places, double sigmaM) {
    private static final double TAPE_SIGMA_M = 0.1;

    /** @throws RefusedInput {@code TAPES_DO_NOT_MEET}, naming by how much */
    public static TwoTapes of(Spot a, double fromAM, Spot b, double fromBM) {
        Require.within(fromAM, 0.1, 300, "fromAM");
        Require.within(fromBM, 0.1, 300, "fromBM");
        double apart = a.distanceTo(b);
        if (apart < 0.1) {
            throw new RefusedInput(Refusal.SAME_POINT, "b");
        }
        double over = Math.max(apart - fromAM - fromBM, Math.abs(fromAM - fromBM) - apart);
        if (over > TAPE_SIGMA_M * 2) {
            throw new RefusedInput(
                    Message.of(Refusal.TAPES_DO_NOT_MEET)
                            .with("miss", Arg.up(Dimension.LENGTH, over))
                            .with("apart", Arg.of(Dimension.LENGTH, apart)),
                    "fromBM");
        }
        double along = (apart * apart + fromAM * fromAM - fromBM * fromBM) / (2 * apart);
        double across = Math.sqrt(Math.max(0, fromAM * fromAM - along * along));
        double bearing = a.bearingTo(b);
        Spot foot = a.at(bearing, along);
        double cut = Math.max(0.02, across * apart / (fromAM * fromBM));
        double sigma = TAPE_SIGMA_M / cut;
        return across < 0.05
                ? new TwoTapes(List.of(foot), sigma)
                : new TwoTapes(List.of(foot.at(bearing + 90, across), foot.at(bearing - 90, across)), sigma);
    }

    /** Offset from a line: {@code alongM} from its start, {@code rightM} to the right of it (left negative). */
    public static Spot offset(Spot from, Spot to, double alongM, double rightM) {
        Require.within(alongM, -300, 300, "alongM");
        Require.within(rightM, -300, 300, "rightM");
        if (from.distanceTo(to) < 0.1) {
            throw new RefusedInput(Refusal.SAME_POINT, "to");
        }
        double bearing = from.bearingTo(to);
        return from.at(bearing, alongM).at(bearing + 90, rightM);
    }
}
