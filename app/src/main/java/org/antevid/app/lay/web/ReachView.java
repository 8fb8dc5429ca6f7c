package org.antevid.app.lay.web;

import java.util.List;
import java.util.Optional;
import org.antevid.app.reader.Speech;
import org.antevid.core.lay.FallZone;
import org.antevid.core.lay.KeepOutRing;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Spot;

/**
 * How far it reaches and what is kept clear. Metres, rounded up.
 *
 * @param slideM of the stem downhill; empty where nothing stops it
 * @param exclusionM the keep-out ring
 */
record ReachView(
        @Shown(in = Dimension.LENGTH, to = Side.UP) double reachM,
        @Shown(in = Dimension.LENGTH, to = Side.UP) double throwM,
        @Shown(in = Dimension.LENGTH, to = Side.UP) Optional<Double> slideM,
        @Shown(in = Dimension.LENGTH, to = Side.UP) double buttZoneM,
        @Shown(in = Dimension.LENGTH, to = Side.UP) double swathHalfM,
        @Shown(in = Dimension.DISTANCE, to = Side.UP) double exclusionM,
        RingView ring,
        FanView fan,
        Spot tip,
        double slopeAlongDeg) {
    /**
     * Practice and mechanics of the keep-out ring.
     *
     * @param mechanicsM empty: without end downhill
     * @param decides which of them is the larger, in words
     * @param open directions in which it has no end
     */
    record RingView(
            @Shown(in = Dimension.DISTANCE, to = Side.UP) double practiceM,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) Optional<Double> mechanicsM,
            String decides,
            Optional<FallZone.Open> open) {}

    /** Where it may fall, by its spread. */
    record FanView(double radiusM, double fromDeg, double toDeg, boolean wholeCircle, List<Spot> outline) {}

    static ReachView of(LayPlan p) {
        FallZone zone = p.zone();
        KeepOutRing ring = p.ring();
        return new ReachView(
                Rounding.up(zone.designReachM(), 1),
                Rounding.up(zone.throwM(), 1),
                zone.slideM().map(s -> Rounding.up(s, 1)),
                Rounding.up(zone.buttZoneM(), 1),
                Rounding.up(zone.swathHalfM(), 1),
                Rounding.up(zone.exclusionM(), 0),
                new RingView(ring.practiceM(), ring.mechanicsM(), Speech.words().term(ring.decides()), zone.open()),
                new FanView(
                        p.fan().radiusM(),
                        p.fan().fromDeg(),
                        p.fan().toDeg(),
                        p.fan().wholeCircle(),
                        p.fanOutline()),
                zone.tip(),
                zone.slopeAlongDeg());
    }
}
