package org.antevid.app.lay.web;

import java.util.Optional;
import org.antevid.app.reader.Speech;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.spread.SightMiss;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Side;
import org.antevid.core.retreat.WayOut;
import org.antevid.core.site.Site;

/**
 * The figures of a lay as they are read: in the reader's units, each rounded to its safe side.
 *
 * @param reach up
 * @param ring kept clear, up
 * @param practice up
 * @param mechanics up; empty without end downhill
 * @param thrown beyond the tip, up
 * @param slide up; empty where nothing stops it
 * @param butt up
 * @param swath to each side, up
 * @param off so much at the stump is said
 * @param missWhenOff at the tip, up
 * @param wayWide of what is cleared for a way out
 * @param standsGust down; empty while the lean is not known
 * @param holdGust at which the crew holds, down
 * @param reached by the cutter when it lands, down
 * @param reachedIfCleared the same on a cleared way
 * @param clear of butt and crown, up
 * @param leastAway by the rule of the house
 */
record LayFigures(
        String reach,
        String ring,
        String practice,
        Optional<String> mechanics,
        String thrown,
        Optional<String> slide,
        String butt,
        String swath,
        String off,
        String missWhenOff,
        String wayWide,
        Optional<String> standsGust,
        String holdGust,
        Optional<String> reached,
        Optional<String> reachedIfCleared,
        String clear,
        String leastAway) {
    static LayFigures of(LayPlan p, Site site) {
        double miss = SightMiss.of(
                        1000 * SightMiss.OFF_M,
                        Math.max(0.05, p.card().hingeLengthM()),
                        p.zone().lengthM())
                .missM();
        double practice = p.limits().exclusionLengths() * p.zone().lengthM();
        return new LayFigures(
                up(p.zone().designReachM()),
                show(Dimension.DISTANCE, p.zone().exclusionM(), Side.UP),
                show(Dimension.DISTANCE, practice, Side.UP),
                p.zone()
                        .slideM()
                        .map(s -> show(
                                Dimension.DISTANCE,
                                p.zone().lengthM() + p.zone().throwM() + s,
                                Side.UP)),
                up(p.zone().throwM()),
                p.zone().slideM().map(LayFigures::up),
                up(p.zone().buttZoneM()),
                up(p.zone().swathHalfM()),
                show(Dimension.SHORT, SightMiss.OFF_M, Side.NEAREST),
                show(Dimension.HEIGHT, miss, Side.UP),
                near(Dimension.LENGTH, WayOut.CORRIDOR_M),
                p.control().standsGustMs().map(g -> show(Dimension.SPEED, g, Side.DOWN)),
                show(Dimension.SPEED, p.gustLimitMs(site.today().designGustMs()), Side.DOWN),
                p.escape().reachedM().map(LayFigures::down),
                p.reachedIfClearedM().map(LayFigures::down),
                up(p.clearM()),
                near(Dimension.LENGTH, p.limits().leastAwayM()));
    }

    static String up(double metres) {
        return show(Dimension.LENGTH, metres, Side.UP);
    }

    static String down(double metres) {
        return show(Dimension.LENGTH, metres, Side.DOWN);
    }

    static String near(Dimension dimension, double metres) {
        return show(dimension, metres, Side.NEAREST);
    }

    private static String show(Dimension dimension, double value, Side side) {
        return Speech.words().show(new Arg.Amount(dimension, value, side));
    }
}
