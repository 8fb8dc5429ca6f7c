package org.antevid.core.outcome;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;

/**
 * What may explain that a stem fell beside the predicted direction: each a possible share with its range, no verdict.
 *
 * @param shares of what was read on the stump, in the order they are looked for
 * @param rest what none of them explains
 * @param restShare the part of the miss that stays unexplained, 0..1; empty where the shares add up past it or to the
 *     other side
 * @param notRead what would tell more, had somebody read it
 */
public record Explanation(
        List<Share> shares,
        Share rest,
        @Shown(in = Dimension.SHARE, to = Side.NEAREST) Optional<Double> restShare,
        List<Message> notRead) {
    /** What turns a fall. */
    public enum Cause implements Code {
        /** The line at the bottom of the notch did not point to the lay (geometry). */
        NOTCH_LINE,
        /** The thicker end holds longer and draws to its side (judgement: five degrees for its own thickness). */
        HINGE_UNEVEN,
        /** A hinge shorter than planned yields more to what leans aside (mechanics: with the third power). */
        SIDE_LEAN,
        /** A gust across the lay turns what the hinge yields to (mechanics). */
        WIND,
        /** Fibres or a cut that let go before the face closed (mechanics: a stem that leans aside then swings on). */
        EARLY_LOSS,
        NOT_EXPLAINED
    }

    /** Whether what the stump shows points to where the stem fell. */
    public enum Says implements Code {
        AGREES,
        OTHER_WAY,
        /** Smaller than it is uncertain. */
        NOTHING,
        /** It was as planned, or there was nothing to turn it. */
        NO_SHARE
    }

    /**
     * @param named the cause as people say it
     * @param deg right positive
     * @param sigmaDeg one sigma, of the reading and of the rule
     * @param saying what it says of the miss, in words
     */
    public record Share(
            Cause cause,
            Message named,

            @Shown(in = Dimension.ANGLE, to = Side.NEAREST, unsigned = true)
            double deg,

            @Shown(in = Dimension.ANGLE, to = Side.UP) double sigmaDeg,
            Says says,
            Message saying) {
        private static Share of(Cause cause, double deg, double sigmaDeg, double missDeg) {
            Says says = Math.abs(deg) + sigmaDeg < NOT_SHOWN_DEG
                    ? Says.NO_SHARE
                    : Math.abs(deg) <= sigmaDeg
                            ? Says.NOTHING
                            : Math.signum(deg) == Math.signum(missDeg) ? Says.AGREES : Says.OTHER_WAY;
            return new Share(cause, Message.of(cause), deg, sigmaDeg, says, Message.of(says));
        }
    }

    /** What is shown as nought. */
    private static final double NOT_SHOWN_DEG = 0.05;

    private static final double UNEVEN_DEG = 5;
    /** The rule of the uneven hinge and of the yielding one hold to half of what they say (judgement). */
    private static final double RULE = 0.5;

    private static final double LEAST_HINGE_M = 0.001;

    /** What a share must be worth before it is asked for (judgement). */
    private static final double WORTH_ASKING_DEG = 0.5;

    public static Explanation of(Foreseen f, Deviation d, StumpReading s) {
        return of(f, d, s, Optional.empty());
    }

    /** @param gust as it fell, where an instrument told it */
    public static Explanation of(Foreseen f, Deviation d, StumpReading s, Optional<GustAtFall> gust) {
        List<Share> shares = new ArrayList<>();
        List<Cause> notRead = new ArrayList<>();
        s.notch()
                .lineDeg()
                .ifPresentOrElse(
                        line -> shares.add(Share.of(Cause.NOTCH_LINE, line, s.sigmaLineDeg(), d.missDeg())),
                        () -> notRead.add(Cause.NOTCH_LINE));
        uneven(s, d).ifPresentOrElse(shares::add, () -> notRead.add(Cause.HINGE_UNEVEN));
        f.yieldDeg().ifPresent(y -> s.hinge()
                .lengthM()
                .filter(found -> found > LEAST_HINGE_M)
                .ifPresentOrElse(found -> shares.add(yielding(f, y, found, d)), () -> notRead.add(Cause.SIDE_LEAN)));
        f.turns().ifPresent(t -> {
            gust.ifPresent(g -> {
                shares.add(Share.of(Cause.WIND, g.deg(t), g.sigmaDeg(t), d.missDeg()));
                if (g.across().isEmpty() && g.sigmaDeg(t) > WORTH_ASKING_DEG) {
                    notRead.add(Cause.WIND);
                }
            });
            if (s.letGoEarly()) {
                shares.add(early(t, d));
            } else if (!s.hingeLookedAt() && Math.abs(t.earlyDeg()) > WORTH_ASKING_DEG) {
                notRead.add(Cause.EARLY_LOSS);
            }
        });
        double explained = shares.stream().mapToDouble(Share::deg).sum();
        double rest = d.missDeg() - explained;
        double sigma = Math.sqrt(d.sigmaDeg() * d.sigmaDeg()
                + shares.stream().mapToDouble(x -> x.sigmaDeg * x.sigmaDeg).sum());
        return new Explanation(
                List.copyOf(shares),
                Share.of(Cause.NOT_EXPLAINED, rest, sigma, d.missDeg()),
                Optional.of(rest / d.missDeg()).filter(x -> x >= 0 && x <= 1),
                notRead.stream().map(Message::of).toList());
    }

    private static Optional<Share> uneven(StumpReading s, Deviation d) {
        return s.hinge().leftM().flatMap(left -> s.hinge()
                .rightM()
                .filter(right -> left + right > LEAST_HINGE_M)
                .map(right -> {
                    double thick = (left + right) / 2;
                    double deg = UNEVEN_DEG * (right - left) / thick;
                    double reading = UNEVEN_DEG * Math.sqrt(2) * s.sigmaM() / thick;
                    return Share.of(Cause.HINGE_UNEVEN, deg, Math.hypot(reading, RULE * deg), d.missDeg());
                }));
    }

    /** It let go anywhere between early and as planned: the middle of it, and the sigma of an even spread. */
    private static Share early(Turns t, Deviation d) {
        return Share.of(Cause.EARLY_LOSS, t.earlyDeg() / 2, Math.abs(t.earlyDeg()) / Math.sqrt(12), d.missDeg());
    }

    /** Drift goes with side moment over strength and the third power of the hinge's length. */
    private static Share yielding(Foreseen f, double yieldDeg, double foundM, Deviation d) {
        double deg = yieldDeg * (Math.pow(f.hingeLengthM() / foundM, 3) - 1);
        return Share.of(
                Cause.SIDE_LEAN, deg, RULE * Math.max(Math.abs(yieldDeg), Math.abs(yieldDeg + deg)), d.missDeg());
    }
}
