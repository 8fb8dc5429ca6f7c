package org.antevid.core.takedown.pieces;

import java.util.Optional;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.rope.CatchPeak;
import org.antevid.core.takedown.rope.Fall;
import org.antevid.core.takedown.rope.LetRun;
import org.antevid.core.takedown.rope.Line;
import org.antevid.core.takedown.rope.Load;
import org.antevid.core.takedown.rope.Wraps;

/**
 * What a line does to what it hangs on.
 *
 * @param weightN while it hangs still
 * @param peakN in the line, {@code anchorN} on what it runs over, {@code brakeN} behind that
 * @param sinksM how far the piece comes down until the line holds it
 * @param wraps where the brake is slippery, {@code wrapsLeast} where it grips
 */
record Pull(
        double weightN, double peakN, double anchorN, double brakeN, double sinksM, Wraps wraps, double wrapsLeast) {
    static final double BRAKE_HEIGHT_M = 1;
    static final double LEAST_LEG_M = 0.1;

    private static final double MU_LOW = 0.1;
    private static final double MU_HIGH = 0.25;

    /** A second line that is tied on the other tree runs over nothing. */
    private static final double NO_BRAKE_N = 1;

    /** Before the cut, over its friction: whoever holds it is told so. */
    private static final Fall DRAWN_TIGHT = new Fall(Optional.of(0.0), Optional.empty(), 0);

    private static final double STRAIGHT_OUT_DEG = 90;

    /** @return of the line over the stem; empty where none is chosen */
    static Optional<Pull> first(Hung p, Gear gear, double runM) {
        double legBrake = gear.brakeDeg().isPresent()
                ? Math.hypot(gear.brakeAwayM(), p.blockM() - BRAKE_HEIGHT_M)
                : Math.max(LEAST_LEG_M, p.blockM() - BRAKE_HEIGHT_M);
        return gear.over(legBrake).map(line -> {
            Optional<Drift> across = p.drift();
            if (across.flatMap(Drift::held).isPresent()) {
                return takingOver(p, across.get(), line, gear);
            }
            Pull pull = runM > 0
                    ? run(p, runM, line, gear)
                    : caught(p, fall(p, gear), line, gear, leg(p.legM(), gear), p.swingDeg());
            return across.map(d -> pull.drawn(d.firstN(), line, gear)).orElse(pull);
        });
    }

    /** @return of the line on the other tree; empty where none is chosen, or nothing is drawn across */
    static Optional<Pull> second(Hung p, Gear gear) {
        return p.drift().flatMap(d -> gear.second().flatMap(s -> d.held()
                .map(h -> s.overFriction(h.lineM())
                        .map(line -> swung(p, h, line, gear).drawn(d.secondN(), line, gear)))
                .orElseGet(() -> s.line().map(x -> tied(d, gear)))));
    }

    private static Pull tied(Drift d, Gear gear) {
        return new Pull(d.secondN(), d.secondN(), 0, 0, 0, wraps(NO_BRAKE_N, gear, MU_LOW), 0);
    }

    private static Pull swung(Hung p, Drift.Held h, Line line, Gear gear) {
        double leg = Math.max(LEAST_LEG_M, h.lineM());
        return caught(p, DRAWN_TIGHT, line, gear, leg, Math.min(STRAIGHT_OUT_DEG, h.fromDownDeg()));
    }

    /** It comes to hang in this one alone, drawn and handled: no less than its weight, however far it was drawn. */
    private static Pull takingOver(Hung p, Drift d, Line line, Gear gear) {
        double up = line.efficiencyHigh();
        double peak = Math.max(d.firstN(), Drift.HANDLING * p.highKg() * StemMass.G);
        double hold = Math.max(1, up * peak);
        return new Pull(
                peak,
                peak,
                peak * (1 + up),
                peak * up,
                0,
                wraps(hold, gear, MU_LOW),
                wraps(hold, gear, MU_HIGH).wraps());
    }

    /** The pull across may be more than the weight, and lasts: the hand holds it all the way. */
    private Pull drawn(double acrossN, Line line, Gear gear) {
        double up = line.efficiencyHigh();
        double hold = Math.max(1, up * acrossN);
        Wraps over = wraps(hold, gear, MU_LOW);
        return new Pull(
                Math.max(weightN, acrossN),
                Math.max(peakN, acrossN),
                Math.max(anchorN, acrossN * (1 + up)),
                Math.max(brakeN, acrossN * up),
                sinksM,
                over.wraps() > wraps.wraps() ? over : wraps,
                Math.max(wrapsLeast, wraps(hold, gear, MU_HIGH).wraps()));
    }

    private static Pull caught(Hung p, Fall fall, Line line, Gear gear, double leg, double swingDeg) {
        double hold = hold(p, line);
        CatchPeak c = CatchPeak.of(
                load(p),
                fall,
                swingDeg > 0 ? new CatchPeak.Swing(swingDeg, Optional.of(leg)) : CatchPeak.Swing.NONE,
                line,
                leg);
        return new Pull(
                c.weightN(),
                c.peakN(),
                c.anchorN(),
                c.brakeN(),
                c.fallTotalM(),
                wraps(hold, gear, MU_LOW),
                wraps(hold, gear, MU_HIGH).wraps());
    }

    private static Pull run(Hung p, double runM, Line line, Gear gear) {
        LetRun r = LetRun.of(
                load(p),
                fall(p, gear),
                new LetRun.Brake(Optional.empty(), Optional.empty(), Optional.of(runM)),
                Optional.empty(),
                line,
                leg(p.legM(), gear));
        double up = line.efficiencyHigh();
        double hold = hold(p, line);
        return new Pull(
                p.highKg() * StemMass.G,
                r.peakN(),
                r.peakN() * (1 + up),
                r.peakN() * up,
                r.fallTotalM().orElseThrow(),
                wraps(hold, gear, MU_LOW),
                wraps(hold, gear, MU_HIGH).wraps());
    }

    private static Load load(Hung p) {
        return new Load(Math.min(p.massKg(), p.highKg()), Optional.of(p.highKg()));
    }

    private static Fall fall(Hung p, Gear gear) {
        return p.way().fallsIntoLine()
                ? new Fall(Optional.empty(), Optional.of(Math.max(0, p.com().z() - p.blockM())), gear.slackM())
                : new Fall(Optional.of(0.0), Optional.empty(), gear.slackM());
    }

    private static double leg(double m, Gear gear) {
        return Math.max(LEAST_LEG_M, m + gear.slackM());
    }

    private static double hold(Hung p, Line line) {
        return Math.max(1, line.efficiencyHigh() * p.highKg() * StemMass.G);
    }

    private static Wraps wraps(double holdN, Gear gear, double least) {
        return Wraps.of(
                holdN, gear.handN(), Optional.empty(), new Wraps.Friction(least, MU_HIGH), new Wraps.Friction(0, 0), 0);
    }
}
