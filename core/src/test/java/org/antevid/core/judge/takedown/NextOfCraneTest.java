package org.antevid.core.judge.takedown;

import static org.antevid.core.takedown.picks.CraneSamples.CRANE;
import static org.antevid.core.takedown.picks.CraneSamples.LANDING;
import static org.antevid.core.takedown.picks.CraneSamples.LOOKED;
import static org.antevid.core.takedown.picks.CraneSamples.OAK;
import static org.antevid.core.takedown.picks.CraneSamples.OPEN;
import static org.antevid.core.takedown.picks.CraneSamples.pad;
import static org.antevid.core.takedown.picks.CraneSamples.plan;
import static org.antevid.core.takedown.picks.CraneSamples.setUp;
import static org.antevid.core.takedown.picks.CraneSamples.with;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.judge.takedown.NextOfCrane.Kind;
import org.antevid.core.message.Message;
import org.antevid.core.site.Spot;
import org.antevid.core.takedown.crane.PadPressure;
import org.antevid.core.takedown.picks.CranePlan;
import org.antevid.core.takedown.picks.CraneRemark;
import org.antevid.core.takedown.picks.Pad;
import org.antevid.core.takedown.picks.PickPlan;
import org.antevid.core.takedown.picks.SetUp;
import org.antevid.core.takedown.picks.Stands;
import org.antevid.core.takedown.picks.Weighing;
import org.junit.jupiter.api.Test;

class NextOfCraneTest {
    private static final SetUp IN_ORDER = setUp(CRANE, LANDING);

    private static SetUp other(List<Pad> pads, Stands stands, Optional<Double> slingN) {
        SetUp s = IN_ORDER;
        return with(s.chart(), true, s.at(), pads, s.landing(), stands, slingN);
    }

    private static NextOfCrane next(SetUp s, boolean changed, Weighing... readings) {
        return NextOfCrane.of(
                s, Optional.of(CranePlan.of(OAK, plan(Optional.empty()), s, OPEN, List.of(readings), 5)), changed);
    }

    private static Kind kind(SetUp s) {
        return next(s, true).kind();
    }

    @Test
    void whatIsMissingComesInTheOrderItIsPutUp() {
        SetUp s = IN_ORDER;
        assertThat(NextOfCrane.of(SetUp.NONE, Optional.empty(), false).kind()).isEqualTo(Kind.PUT_CRANE);
        assertThat(kind(with(s.chart(), true, Optional.empty(), List.of(), s.landing(), LOOKED, s.slingN())))
                .isEqualTo(Kind.PUT_CRANE);
        assertThat(kind(with(s.chart(), true, s.at(), s.pads(), Optional.empty(), LOOKED, s.slingN())))
                .isEqualTo(Kind.PUT_LANDING);
        assertThat(kind(with(Optional.empty(), false, s.at(), s.pads(), s.landing(), LOOKED, s.slingN())))
                .isEqualTo(Kind.LOAD_CHART);
        assertThat(kind(with(s.chart(), false, s.at(), s.pads(), s.landing(), LOOKED, s.slingN())))
                .isEqualTo(Kind.CONFIRM_CHART);
        assertThat(kind(s)).isEqualTo(Kind.KEEP);
        assertThat(next(s, false).kind()).isEqualTo(Kind.WHO_DOES_IT);
    }

    @Test
    void aPadThatIsOnlyTooSmallOrNotKnownIsNotMoved() {
        Pad good = pad(CRANE.at(45, 2.7));
        Optional<Double> none = Optional.empty();
        Pad unknown = new Pad(good.at(), Optional.empty(), 0.8, 0.3, none, none, none, Optional.of(false));
        Pad unasked = new Pad(good.at(), good.soil(), 0.8, 0.3, none, none, none, Optional.empty());
        Pad small = new Pad(
                good.at(),
                Optional.of(PadPressure.Soil.WET_LAWN_OR_SOFT_CLAY),
                0.3,
                0.3,
                none,
                none,
                none,
                Optional.of(false));
        Pad hollow = new Pad(good.at(), good.soil(), 0.8, 0.3, none, none, none, Optional.of(true));
        assertThat(firstPad(unknown)).isEqualTo(Kind.SAY_OF_PAD);
        assertThat(firstPad(unasked)).isEqualTo(Kind.SAY_OF_PAD);
        assertThat(firstPad(small)).isEqualTo(Kind.LARGER_PAD);
        assertThat(firstPad(hollow)).isEqualTo(Kind.MOVE_PAD);
    }

    private static Kind firstPad(Pad first) {
        List<Pad> pads = new ArrayList<>(IN_ORDER.pads());
        pads.set(0, first);
        NextOfCrane n = next(other(pads, LOOKED, IN_ORDER.slingN()), true);
        assertThat(n.number()).contains(1);
        assertThat(n.because()).isPresent();
        return n.kind();
    }

    /** A plan that is kept and stopped never reads: now see who does what. */
    @Test
    void whatStopsTheWholeSetUpIsSeenToBeforeWhoDoesIt() {
        Stands onIce = new Stands(Optional.of("x"), Optional.of(0.2), Optional.of(true));
        Optional<Message> because =
                next(other(IN_ORDER.pads(), onIce, IN_ORDER.slingN()), false).because();
        assertThat(because.map(Message::code)).contains(CraneRemark.ON_ICE);
        assertThat(next(other(IN_ORDER.pads(), onIce, IN_ORDER.slingN()), false).kind())
                .isEqualTo(Kind.SEE_TO_SET_UP);
        assertThat(next(other(IN_ORDER.pads(), LOOKED, Optional.empty()), false).kind())
                .isEqualTo(Kind.SEE_TO_SET_UP);
    }

    @Test
    void anOddReadingIsExplainedAndAPickThatStopsIsLookedAt() {
        CranePlan plan = CranePlan.of(OAK, plan(Optional.empty()), IN_ORDER, OPEN, List.of(), 5);
        assertThat(next(IN_ORDER, false, read(plan, 0, 1), read(plan, 1, 1), read(plan, 2, 2.6))
                        .kind())
                .isEqualTo(Kind.FIND_WHY);
        NextOfCrane far = next(setUp(CRANE, new Spot(5, 10)), false);
        assertThat(far.kind()).isEqualTo(Kind.LOOK_AT_PICK);
        assertThat(far.number()).isPresent();
    }

    private static Weighing read(CranePlan c, int i, double times) {
        PickPlan p = c.picks().get(i);
        double est = p.bestKg() / p.factor();
        return new Weighing(p.number(), p.group(), est, 70 + times * est, 70, true, Optional.empty());
    }
}
