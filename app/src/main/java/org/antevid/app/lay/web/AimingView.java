package org.antevid.app.lay.web;

import java.util.List;
import java.util.Optional;
import org.antevid.app.reader.Speech;
import org.antevid.core.lay.Landmark;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.spread.SightMiss;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;

/**
 * How the lay is sighted.
 *
 * @param correction offered for the drift that is expected; never applied by itself
 * @param offM at the stump that nobody sees; {@code missM} at the tip from it
 * @param hingeOffFor1mMissM error at the hinge that misses by a metre
 */
record AimingView(
        Optional<CorrectionView> correction,
        @Shown(in = Dimension.SHORT, to = Side.NEAREST) double offM,
        @Shown(in = Dimension.HEIGHT, to = Side.UP) double missM,
        @Shown(in = Dimension.SHORT, to = Side.DOWN) double hingeOffFor1mMissM,
        List<SightView> landmarks) {
    /** @param aimDeg to sight at so that it lies on its lay */
    record CorrectionView(
            @Shown(in = Dimension.ANGLE, to = Side.UP) double correctDeg,
            EscapeRoutes.Side side,
            @Shown(in = Dimension.ANGLE, to = Side.NEAREST) double aimDeg) {}

    record SightView(String words, Spot at, double distanceM, String away, double offM) {}

    static AimingView of(LayPlan p, Site site) {
        SightMiss miss = p.sightMiss();
        return new AimingView(
                p.aim().map(a -> new CorrectionView(a.correctDeg(), a.side(), a.aimDeg())),
                SightMiss.OFF_M,
                miss.missM(),
                miss.mmFor1mMiss() / 1000,
                Landmark.ahead(
                                p.stem().at(),
                                p.choice().layDeg(),
                                site,
                                p.stem().label())
                        .stream()
                        .map(l -> new SightView(
                                Speech.words().say(l.says()),
                                l.at(),
                                l.distanceM(),
                                Speech.words().show(Arg.of(Dimension.DISTANCE, l.distanceM())),
                                l.offM()))
                        .toList());
    }
}
