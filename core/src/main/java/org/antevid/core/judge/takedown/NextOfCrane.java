package org.antevid.core.judge.takedown;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.judge.Severity;
import org.antevid.core.message.Message;
import org.antevid.core.takedown.Finding;
import org.antevid.core.takedown.picks.CranePlan;
import org.antevid.core.takedown.picks.CraneRemark;
import org.antevid.core.takedown.picks.PadCheck;
import org.antevid.core.takedown.picks.SetUp;

/**
 * The one thing to do next for whoever sets up a crane: what is missing, then what stops it, then to keep it, then who
 * does what. While anything stops it, it is never who does what.
 *
 * @param number of the pad or the pick it is about; empty: it is about neither
 * @param because what stands against it, said of that pad or pick
 */
public record NextOfCrane(Kind kind, Optional<Integer> number, Optional<Message> because) {
    /** What is done. */
    public enum Kind {
        PUT_CRANE,
        PUT_LANDING,
        LOAD_CHART,
        /** Somebody looks at the machine: it stands in the configuration of its chart. */
        CONFIRM_CHART,
        /** The ground under the pad bears it if more of it is loaded. */
        LARGER_PAD,
        /** A word about the ground, the edge or a hollow is missing. */
        SAY_OF_PAD,
        MOVE_PAD,
        /** A reading was odd; somebody finds out why. */
        FIND_WHY,
        /** Something of the machine, its way in or its slings. */
        SEE_TO_SET_UP,
        LOOK_AT_PICK,
        KEEP,
        WHO_DOES_IT
    }

    private static final Set<CraneRemark> ASKED =
            EnumSet.of(CraneRemark.GROUND_NOT_KNOWN, CraneRemark.EDGE_NOT_MEASURED, CraneRemark.VOID_NOT_ASKED);

    private static NextOfCrane of(Kind kind) {
        return new NextOfCrane(kind, Optional.empty(), Optional.empty());
    }

    /**
     * @param plan what the set-up comes to; empty while no pieces are planned
     * @param changed it is not the one that is kept
     */
    public static NextOfCrane of(SetUp setUp, Optional<CranePlan> plan, boolean changed) {
        if (setUp.at().isEmpty()) {
            return of(Kind.PUT_CRANE);
        }
        if (setUp.landing().isEmpty()) {
            return of(Kind.PUT_LANDING);
        }
        if (plan.filter(p -> p.remarks().contains(CraneRemark.NO_CHART)).isPresent()) {
            return of(Kind.LOAD_CHART);
        }
        if (setUp.chart().isPresent() && !setUp.confirmed()) {
            return of(Kind.CONFIRM_CHART);
        }
        return plan.flatMap(NextOfCrane::against).orElseGet(() -> of(changed ? Kind.KEEP : Kind.WHO_DOES_IT));
    }

    /** What stands against it: where it stands, then itself, then what it lifts. */
    private static Optional<NextOfCrane> against(CranePlan p) {
        return p.pads().stream()
                .filter(pad -> pad.level().compareTo(Finding.CAUTION) > 0)
                .findFirst()
                .map(NextOfCrane::pad)
                .or(() -> p.remarks().stream()
                        .filter(r -> r.level() == Finding.STOP)
                        .findFirst()
                        .map(r -> new NextOfCrane(
                                r == CraneRemark.ODD_READING ? Kind.FIND_WHY : Kind.SEE_TO_SET_UP,
                                Optional.empty(),
                                Optional.of(CranePicks.said(r, p)))))
                .or(() -> CranePicks.matters(p).stream()
                        .filter(m -> Severity.of(m.remark().level()) == Severity.STOP)
                        .findFirst()
                        .map(m -> new NextOfCrane(
                                Kind.LOOK_AT_PICK, Optional.of(m.picks().get(0)), Optional.of(m.says()))));
    }

    /** A place that cannot be stood on is left; what is only too small or not known is mended where it is. */
    private static NextOfCrane pad(PadCheck pad) {
        return pad.remarks().stream()
                .filter(r -> r.level() == Finding.STOP && !ASKED.contains(r))
                .findFirst()
                .map(r -> about(pad, r == CraneRemark.GROUND_OVER ? Kind.LARGER_PAD : Kind.MOVE_PAD, r))
                .orElseGet(() -> about(
                        pad,
                        Kind.SAY_OF_PAD,
                        pad.remarks().stream()
                                .filter(r -> r.level() == pad.level())
                                .findFirst()
                                .orElseThrow()));
    }

    private static NextOfCrane about(PadCheck pad, Kind kind, CraneRemark r) {
        return new NextOfCrane(kind, Optional.of(pad.number()), Optional.of(CranePicks.said(r, pad)));
    }
}
