package org.antevid.app.lay.web;

import java.util.List;
import java.util.Optional;
import org.antevid.app.reader.Speech;
import org.antevid.core.lay.LayControl;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Site;

/**
 * Whether the hinge governs the lay, and what brings it over.
 *
 * @param reasons why control is not proven
 * @param sidePercent of what the hinge can hold aside
 * @param standsGustMs that hinge and means stand; empty while the lean is not known
 * @param holdGustMs at which the crew holds
 * @param needed pull, where it takes one
 */
record ControlView(
        boolean proven,
        boolean leanKnown,
        boolean measureLeanFirst,
        List<String> reasons,

        @Shown(in = Dimension.ANGLE, to = Side.NEAREST, unsigned = true)
        Optional<Double> biasDeg,

        Optional<Double> sigmaDeg,
        @Shown(in = Dimension.ANGLE, to = Side.UP) Optional<Double> within95Deg,
        Optional<Double> sidePercent,
        Optional<Double> neededN,
        @Shown(in = Dimension.SPEED, to = Side.DOWN) Optional<Double> standsGustMs,
        @Shown(in = Dimension.SPEED, to = Side.DOWN) double holdGustMs,
        Optional<String> needed,
        Optional<String> gives,
        Optional<StrapView> strap) {
    record StrapView(
            @Shown(in = Dimension.TIMES, to = Side.DOWN) Optional<Double> ratio,
            boolean holds,
            @Shown(in = Dimension.SHORT, to = Side.UP) Optional<Double> neededM) {}

    static ControlView of(LayPlan p, Site site) {
        LayControl c = p.control();
        return new ControlView(
                c.proven(),
                p.judged().isPresent(),
                c.asExpected(p.judged()),
                Speech.words().say(c.reasons()),
                c.biasDeg(),
                c.sigmaDeg(),
                c.within95Deg(),
                p.sideUse().map(u -> Rounding.up(100 * u, 0)),
                c.neededN().map(n -> Rounding.up(n, -1)),
                c.standsGustMs(),
                p.gustLimitMs(site.today().designGustMs()),
                c.neededN().filter(n -> n > 0).map(n -> Speech.words().show(Arg.up(Dimension.PULL, n))),
                p.choice().means().tensionN().map(n -> Speech.words().show(Arg.down(Dimension.PULL, n))),
                p.strap()
                        .map(s -> new StrapView(
                                s.ratio().map(r -> Rounding.down(r, 1)),
                                s.holds(),
                                s.neededM().map(n -> Rounding.up(n, 3)))));
    }
}
